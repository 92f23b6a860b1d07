<!-- A reason: the clock that was shown, what was made of it, and the children it holds for. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { z } from 'zod';
import type { Child, Reason } from '../../contract/index.ts';
import { ruleText, teacherSentence } from '../../core/reporting/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import NameChip from '../people/NameChip.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';

const { reason, childIds } = defineProps<{ reason: z.infer<typeof Reason>; childIds: readonly number[] }>();
const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);

const children = computed(() =>
  childIds.flatMap((id): Child[] => {
    const child = store.childById.get(id);
    return child === undefined ? [] : [child];
  }),
);
const name = computed(() => teacherSentence(ruleText(reason.rule, 'name'), store.classroom!.settings));
const first = computed(() => reason.fitting[0]!);
const readAs = computed(() => {
  if (first.value.kind === 'set')
    return t('desk.setAs', { time: clock.written(first.value.shown), first: clock.written(first.value.answered) });
  const second = reason.fitting.find(({ kind, shown }) => kind === 'read' && shown !== first.value.shown);
  if (second === undefined) return t('desk.readAs', { first: clock.written(first.value.answered) });
  return t('desk.readAsTwo', {
    first: clock.written(first.value.answered),
    time: clock.written(second.shown),
    second: clock.written(second.answered),
  });
});
</script>

<template>
  <article class="reason">
    <SmallClock :time="first.shown" :px="46" :label="clock.said(first.shown)" />
    <div>
      <h3 class="title-item">{{ name }}</h3>
      <p class="quiet">{{ readAs }}</p>
      <ul>
        <li v-for="child in children" :key="child.id">
          <router-link :to="{ name: 'child', params: { childId: child.id } }"><NameChip :child="child" /></router-link>
        </li>
      </ul>
    </div>
  </article>
</template>

<style scoped>
.reason {
  display: flex;
  gap: 12px;
  margin-bottom: 16px;
}
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin-top: 5px;
}
a {
  color: var(--ink);
}
</style>
