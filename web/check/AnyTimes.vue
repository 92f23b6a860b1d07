<!-- Times that were asked without Hoppel's paper: on a slate, aloud, on paper clocks. -->
<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { DialTime } from '../../core/clock/index.ts';
import { seedFromText, seededRng, shuffled } from '../../core/common/index.ts';
import type { Item, ItemKind } from '../../core/items/index.ts';
import { suits } from '../../core/making/index.ts';
import { groupsOf, lessonsMet, timesMet } from '../../core/planning/index.ts';
import TimeRings from '../clock/TimeRings.vue';
import { usePickedTimes } from '../clock/usePickedTimes.ts';
import PillRow from '../look/PillRow.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';

const emit = defineEmits<{ begin: [items: Item[]] }>();
const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);
const KINDS = ['read', 'write-digital', 'draw', 'set'] as const satisfies readonly ItemKind[];
const MOST = 12;
const USUAL = 6;
const kind = ref<(typeof KINDS)[number]>('read');
const isOpen = ref(false);
/** It opens at the foot of the page: it comes into sight with its button. */
const opened = useTemplateRef('opened');
watch(opened, (section) => section?.scrollIntoView({ block: 'nearest' }));

const groups = computed(() => {
  const { lessons } = store.classroom!;
  const met = groupsOf(lessonsMet(lessons, store.lesson?.number ?? 1));
  return met.length === 0 ? (['oclock'] as const) : met;
});
const picking = usePickedTimes(() => groups.value, MOST);
picking.add(shuffled(seededRng(seedFromText(store.classroom!.today)), timesMet(groups.value)).slice(0, USUAL));
/** Hands that lie on each other cannot be drawn: that time is written. */
const itemOf = (time: DialTime): Item => ({
  kind: suits(kind.value, time) ? kind.value : 'write-digital',
  shown: time,
});
</script>

<template>
  <v-btn v-if="!isOpen" variant="tonal" :height="48" @click="isOpen = true">{{ t('check.anyTimes') }}</v-btn>
  <section v-else ref="opened" class="any" :aria-label="t('check.anyTimes')">
    <h2 class="title-column">{{ t('check.anyTimes') }}</h2>
    <PillRow
      name="kind"
      :label="t('check.anyKind')"
      :choices="KINDS.map((key) => ({ key, label: t(`sheets.anyKinds.${key}`) }))"
      :on="[kind]"
      @choose="(key) => (kind = key)"
    />
    <div class="times">
      <TimeRings
        :times="picking.ringed.value"
        :label="t('check.anyWhich')"
        :centre="String(picking.picked.value.length)"
        class="rings"
        @pick="picking.pick"
      />
      <div>
        <p class="child-type picked">{{ picking.picked.value.map((time) => clock.written(time)).join('  ') }}</p>
        <v-btn
          :height="48"
          :disabled="picking.picked.value.length === 0"
          @click="emit('begin', picking.picked.value.map(itemOf))"
          >{{ t('check.anyBegin', { count: picking.picked.value.length }, picking.picked.value.length) }}</v-btn
        >
      </div>
    </div>
  </section>
</template>

<style scoped>
.any {
  display: grid;
  gap: 10px;
  justify-self: stretch;
}
.times {
  display: flex;
  flex-wrap: wrap;
  gap: 24px;
  align-items: center;
}
.rings {
  width: 280px;
}
.picked {
  max-width: 260px;
  margin-bottom: 12px;
  font-size: 18px;
  line-height: 28px;
  word-spacing: 8px;
}
</style>
