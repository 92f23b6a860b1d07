<!-- A round on the spot: from a part of the lesson, as a surprise, or at times the teacher picks. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { mdiPlay, mdiShuffleVariant } from '@mdi/js';
import type { Lesson, RoundSource } from '../../../contract/index.ts';
import { MOST_PICKED_TIMES, ROUND_TASKS, isRoundItem, type RoundTask } from '../../../core/rounds/index.ts';
import AnyTime from '../../clock/AnyTime.vue';
import TimeRings from '../../clock/TimeRings.vue';
import { RINGED_GROUPS } from '../../clock/useRingPages.ts';
import { usePickedTimes } from '../../clock/usePickedTimes.ts';
import { useClassroomStore } from '../../stores/classroom.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import { usePlanWords } from '../../words/usePlanWords.ts';
import { useGroupsMet } from '../tools/useGroupsMet.ts';
import TrayBox from '../trays/TrayBox.vue';

const { lesson } = defineProps<{ lesson: Lesson }>();
const emit = defineEmits<{ begin: [source: RoundSource] }>();
const { t } = useI18n();
const classroom = useClassroomStore();
const plan = usePlanWords();
const clock = useClockWords(() => classroom.classroom!.settings);

const parts = computed(() =>
  lesson.segments.flatMap((segment, at) => {
    const count = segment.items.filter(isRoundItem).length;
    return count === 0 ? [] : [{ at, count, title: plan.segment(segment.kind) }];
  }),
);
const tasks = ref<readonly RoundTask[]>(['set']);
/** Several kinds are asked in turn; one at least is. */
const toggle = (task: RoundTask): void => {
  const next = ROUND_TASKS.filter((other) => (other === task) !== tasks.value.includes(other));
  if (next.length > 0) tasks.value = next;
};
const groups = useGroupsMet(() => lesson);
const ringGroups = computed(() => groups.value.filter((group) => RINGED_GROUPS.includes(group)));
const { picked, isFull, pick, pickAll, ringed, beside } = usePickedTimes(() => ringGroups.value, MOST_PICKED_TIMES);
</script>

<template>
  <TrayBox class="round-tray" :title="t('roundTray.title')">
    <div class="row">
      <v-btn
        v-for="part in parts"
        :key="part.at"
        variant="tonal"
        :height="36"
        :prepend-icon="mdiPlay"
        :data-part="part.at"
        @click="emit('begin', { what: 'segment', at: part.at })"
      >
        {{ t('roundTray.part', { title: part.title, count: part.count }) }}
      </v-btn>
    </div>
    <div class="tasks" role="group" :aria-label="t('roundTray.task')">
      <button
        v-for="choice in ROUND_TASKS"
        :key="choice"
        type="button"
        :aria-pressed="tasks.includes(choice)"
        :class="{ on: tasks.includes(choice) }"
        :data-task="choice"
        @click="toggle(choice)"
      >
        {{ t(`roundTray.tasks.${choice}`) }}
      </button>
    </div>
    <div class="pick">
      <TimeRings
        class="rings"
        :times="ringed"
        :label="t('roundTray.times')"
        :centre="String(picked.length)"
        @pick="pick"
      />
      <div class="alls">
        <button
          v-for="group in ringGroups"
          :key="group"
          type="button"
          class="all"
          :data-all="group"
          @click="pickAll(group)"
        >
          {{ t(`roundTray.all.${group}`) }}
        </button>
      </div>
    </div>
    <AnyTime v-if="!isFull" :act="t('anyTime.add')" @pick="pick" />
    <p v-else class="quiet" role="status">{{ t('roundTray.full', { count: picked.length }) }}</p>
    <ul v-if="beside.length > 0" class="row beside">
      <li v-for="time in beside" :key="time">
        <button
          type="button"
          class="all on time-type"
          :aria-label="t('roundTray.letGo', { time: clock.written(time) })"
          @click="pick(time)"
        >
          {{ clock.written(time) }}
        </button>
      </li>
    </ul>
    <div class="row end">
      <v-btn
        variant="text"
        :height="36"
        :prepend-icon="mdiShuffleVariant"
        @click="emit('begin', { what: 'surprise', tasks: [...tasks] })"
      >
        {{ t('roundTray.surprise') }}
      </v-btn>
      <v-btn
        :height="36"
        :prepend-icon="mdiPlay"
        :disabled="picked.length === 0"
        @click="emit('begin', { what: 'times', tasks: [...tasks], times: [...picked] })"
      >
        {{ t('roundTray.begin', { count: picked.length }, picked.length) }}
      </v-btn>
    </div>
  </TrayBox>
</template>

<style scoped>
.round-tray {
  display: flex;
  flex-direction: column;
  gap: 5px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.row.end {
  justify-content: space-between;
}
.tasks {
  display: grid;
  grid-template-columns: repeat(5, minmax(0, 1fr));
  gap: 2px;
}
.tasks button {
  min-height: 44px;
  padding: 2px 3px;
  border-radius: var(--corner);
  font-size: 14px;
  line-height: 1.15;
  font-weight: 600;
}
.tasks button:hover {
  background: var(--plum-tint);
}
.tasks button.on {
  background: var(--plum-chosen);
  color: var(--plum-deep);
  box-shadow: inset 0 0 0 2px var(--plum);
}
.all {
  min-height: 36px;
  padding: 0 10px;
  border-radius: 22px;
  color: var(--plum);
  font-weight: 600;
}
.all:hover,
.all.on {
  background: var(--plum-chosen);
}
.pick {
  flex: 1;
  min-height: 150px;
  display: flex;
  gap: 8px;
}
.rings {
  flex: 1;
  min-width: 0;
  min-height: 0;
}
.alls {
  flex: none;
  display: grid;
  align-content: center;
  justify-items: start;
  gap: 4px;
}
</style>
