<!-- The board's clock, what stands beside it and runs under it; the column's content is given. -->
<script lang="ts">
/** What stands in a board's room. */
export interface Room {
  /** No clock: the column is as wide as the screen. */
  readonly wide?: boolean;
  /** Off: the face alone. */
  readonly handsOn?: boolean;
  /** What a demonstration shows at this moment; the clock is then not to be turned by hand. */
  readonly scene?: Scene | undefined;
  /** The clock is not to be turned by hand. */
  readonly still?: boolean;
  /** May two clocks stand side by side? */
  readonly pair?: boolean;
  /** Lenses that belong to what is asked. */
  readonly also?: readonly Lens[];
  /** The teacher's sentence; on the board when that was chosen. */
  readonly say?: string;
  /** Questions of reading that are answered so far, where a clock is read; they stand there when that was chosen. */
  readonly questions?: number | undefined;
}
</script>
<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import type { Settings } from '../../../contract/index.ts';
import { dayTime, turnOnToDay } from '../../../core/clock/index.ts';
import type { Scene } from '../../../core/demonstrations/index.ts';
import type { Lens } from '../../../core/face/index.ts';
import { provideFace } from '../../clock/useFace.ts';
import { useClassroomStore } from '../../stores/classroom.ts';
import { useStageStore } from '../../stores/stage.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import BoardClock from './BoardClock.vue';
import BoardLayout from './BoardLayout.vue';
import QuestionList from './QuestionList.vue';
import SayLine from './SayLine.vue';
import DayStrip from '../lenses/DayStrip.vue';
import TipMagnifier from '../lenses/TipMagnifier.vue';

const {
  settings,
  wide = false,
  handsOn = true,
  scene,
  still = false,
  pair = false,
  also = [],
  say = '',
  questions,
} = defineProps<{ settings: Settings } & Room>();
const stage = useStageStore();
const classroom = useClassroomStore();
const words = useClockWords(() => settings);
const clock = useTemplateRef('clock');

/** Lenses of the teacher's, of the demonstration and of the task, each once. */
const lenses = computed((): readonly Lens[] => [...new Set([...stage.lenses, ...(scene?.lenses ?? []), ...also])]);
const has = (lens: Lens): boolean => lenses.value.includes(lens);
const shape = computed(() => {
  if (wide) return 'wide';
  if (pair && has('two-clocks')) return 'pair';
  return has('day-strip') ? 'strip' : 'one';
});
provideFace(() => ({
  ...settings,
  numerals: has('other-face') ? stage.otherNumerals : settings.numerals,
  outline: stage.outline ?? settings.outline,
}));
const hasMagnifier = computed(
  () => !wide && has('magnifier') && handsOn && (scene?.hands.length ?? 1) > 0 && stage.tray === undefined,
);

/** A way through the day is long: it is shown in the time two turns take. */
const DAY_MS = 2600;
const goThroughDay = (at: number): void => void clock.value?.turnTo(turnOnToDay(stage.minutes, dayTime(at)), DAY_MS);
defineExpose({
  stepBy: (step: number) => clock.value?.stepBy(step),
  turnTo: (target: number, ms: number, from?: number) => clock.value?.turnTo(target, ms, from),
});
</script>

<template>
  <BoardLayout :shape="shape" :class="{ 'no-colours': has('no-colours') }" :data-lenses="lenses.join(' ')">
    <template #clock>
      <slot name="clock">
        <BoardClock ref="clock" :settings="settings" :lenses="lenses" :hands-on="handsOn" :scene="scene" :still="still">
          <slot name="over" />
        </BoardClock>
      </slot>
    </template>
    <template #second><BoardClock which="second" :settings="settings" :lenses="lenses" /></template>
    <template #top><slot name="top" /></template>
    <TipMagnifier
      v-if="hasMagnifier"
      :minutes="scene?.minutes ?? stage.minutes"
      :free="stage.free.angles"
      :lenses="lenses"
    />
    <slot />
    <QuestionList
      v-if="stage.hasQuestions && questions !== undefined && stage.tray === undefined"
      :settings="settings"
      :at="questions"
    />
    <SayLine v-if="stage.sayOnBoard && say" :say="say" />
    <template #dock><slot name="dock" /></template>
    <template #strip>
      <DayStrip
        :minutes="scene?.minutes ?? stage.minutes"
        :routine="classroom.classroom?.day.routine ?? []"
        :written="words.written"
        @go="goThroughDay"
      />
    </template>
  </BoardLayout>
</template>

<style scoped>
.no-colours {
  --hour-hand: var(--ink);
  --minute-hand: var(--ink);
  --hour-text: var(--ink);
  --minute-text: var(--ink);
}
</style>
