<!-- A round on the spot: from a part of the lesson, as a surprise, or at times the teacher picks. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { mdiPlay, mdiShuffleVariant } from '@mdi/js';
import type { Lesson, RoundSource } from '../../../contract/index.ts';
import type { DialTime } from '../../../core/clock/index.ts';
import { groupsOf, lessonsMet } from '../../../core/planning/index.ts';
import { ROUND_TASKS, isRoundItem, type RoundTask } from '../../../core/rounds/index.ts';
import { TIMES_OF_GROUP, type TimeGroup } from '../../../core/sets/index.ts';
import TimeRings from '../../clock/TimeRings.vue';
import { useClassroomStore } from '../../stores/classroom.ts';
import { usePlanWords } from '../../words/usePlanWords.ts';
import TrayBox from '../trays/TrayBox.vue';

const { lesson } = defineProps<{ lesson: Lesson }>();
const emit = defineEmits<{ begin: [source: RoundSource] }>();
const { t } = useI18n();
const classroom = useClassroomStore();
const plan = usePlanWords();

/** The most times one can pick: what a class has patience for. */
const MOST = 12;
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
const picked = ref<readonly DialTime[]>([]);
/** O'clock and half past always; quarters once the class has met them. */
const groups = computed((): TimeGroup[] => {
  const met = groupsOf(lessonsMet(classroom.classroom?.lessons ?? [], lesson.number));
  return ['oclock', 'half-past', ...(['quarter-past', 'quarter-to'] as const).filter((group) => met.includes(group))];
});
const times = computed(() =>
  groups.value.flatMap((group) =>
    TIMES_OF_GROUP[group].map((time) => ({
      time,
      look: picked.value.includes(time) ? ('picked' as const) : ('open' as const),
    })),
  ),
);
const pick = (time: DialTime): void => {
  if (picked.value.includes(time)) picked.value = picked.value.filter((other) => other !== time);
  else if (picked.value.length < MOST) picked.value = [...picked.value, time];
};
</script>

<template>
  <TrayBox class="round-tray" :title="t('roundTray.title')">
    <div class="row">
      <v-btn
        v-for="part in parts"
        :key="part.at"
        variant="tonal"
        :height="48"
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
    <TimeRings
      class="rings"
      :times="times"
      :label="t('roundTray.times')"
      :centre="String(picked.length)"
      @pick="pick"
    />
    <div class="row end">
      <v-btn
        variant="text"
        :height="48"
        :prepend-icon="mdiShuffleVariant"
        @click="emit('begin', { what: 'surprise', tasks: [...tasks] })"
      >
        {{ t('roundTray.surprise') }}
      </v-btn>
      <v-btn
        :height="48"
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
  gap: 8px;
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
  grid-template-columns: repeat(auto-fit, minmax(54px, auto));
  gap: 2px;
}
.tasks button {
  min-height: 52px;
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
.rings {
  flex: 1;
  min-height: 200px;
}
</style>
