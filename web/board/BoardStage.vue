<!-- The board's clock with everything that lies on it, stands beside it or runs under it; the column's content is given. -->
<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../contract/index.ts';
import { dayTime, turnOnToDay, type Hand } from '../../core/clock/index.ts';
import type { Scene } from '../../core/demonstrations/index.ts';
import { roomAt, type Lens } from '../../core/face/index.ts';
import GearedClock from '../clock/GearedClock.vue';
import UnhookedClock from '../clock/UnhookedClock.vue';
import { provideFace } from '../clock/useFace.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useStageStore } from '../stores/stage.ts';
import { useClockWords } from '../stores/useClockWords.ts';
import BoardLayout from './BoardLayout.vue';
import SayLine from './SayLine.vue';
import PencilMarks from './demonstrations/PencilMarks.vue';
import DayStrip from './lenses/DayStrip.vue';
import LensDial from './lenses/LensDial.vue';
import LensRim from './lenses/LensRim.vue';
import TipMagnifier from './lenses/TipMagnifier.vue';
import { useSecondHand } from './useSecondHand.ts';

const {
  settings,
  handsOn = true,
  scene,
  still = false,
  pair = false,
  say = '',
} = defineProps<{
  settings: Settings;
  /** Off: the face alone. */
  handsOn?: boolean;
  /** What a demonstration shows at this moment; the clock is then not to be turned by hand. */
  scene?: Scene | undefined;
  /** The clock is not to be turned by hand. */
  still?: boolean;
  /** May two clocks stand side by side? */
  pair?: boolean;
  /** The teacher's sentence; on the board when that was chosen. */
  say?: string;
}>();
const minutes = defineModel<number>({ required: true });
const { t } = useI18n();
const stage = useStageStore();
const classroom = useClassroomStore();
const words = useClockWords(() => settings);
const clock = useTemplateRef('clock');

/** Lenses of the teacher's and of the demonstration, each once. */
const lenses = computed((): readonly Lens[] => [...new Set([...stage.lenses, ...(scene?.lenses ?? [])])]);
const has = (lens: Lens): boolean => lenses.value.includes(lens);
const shape = computed(() => (pair && has('two-clocks') ? 'pair' : has('day-strip') ? 'strip' : 'one'));
provideFace(() => ({
  ...settings,
  numerals: has('other-face') ? stage.otherNumerals : settings.numerals,
  outline: stage.outline ?? settings.outline,
}));

const only = computed((): Hand | undefined => {
  if (has('hour-hand-alone')) return 'hour';
  return has('minute-hand-alone') ? 'minute' : undefined;
});
const shown = computed(() => scene?.minutes ?? minutes.value);
const hourAt = computed(() => (stage.free.angles === undefined ? shown.value : stage.free.angles.hour * 2));
const minuteAt = computed(() => (stage.free.angles === undefined ? shown.value : stage.free.angles.minute / 6));
const hasHands = computed(() => handsOn && (scene === undefined || scene.hands.length > 0));
/** Without hands on the face a lens would say where they are. */
const onFace = computed(() =>
  handsOn ? lenses.value : lenses.value.filter((lens) => lens === 'minute-numbers' || lens === 'quarters'),
);
const RIM_ROOM = 20;
const around = computed(() =>
  onFace.value.includes('minute-numbers') || onFace.value.includes('minute-trail') || scene?.count !== undefined
    ? RIM_ROOM
    : 0,
);
const seconds = useSecondHand(() => stage.secondHand && scene === undefined);
const door = (at: number): number | undefined => (onFace.value.includes('hours-room') ? roomAt(at).hour : undefined);

/** A way through the day is long: it is shown in the time two turns take. */
const DAY_MS = 2600;
const goThroughDay = (at: number): void => void clock.value?.turnTo(turnOnToDay(minutes.value, dayTime(at)), DAY_MS);
defineExpose({
  stepBy: (step: number) => clock.value?.stepBy(step),
  turnTo: (target: number, ms: number, from?: number) => clock.value?.turnTo(target, ms, from),
});
</script>

<template>
  <BoardLayout :shape="shape" :class="{ 'no-colours': has('no-colours') }" :data-lenses="lenses.join(' ')">
    <template #clock>
      <slot name="clock">
        <UnhookedClock
          v-if="stage.free.angles"
          :angles="stage.free.angles"
          :conventions="settings"
          :label="t('board.unhookedClock')"
          :around="around"
          :only="only"
          :door="door(hourAt)"
          @turn="stage.turnFree"
        >
          <template #dial><LensDial :lenses="onFace" :hour-at="hourAt" :minute-at="minuteAt" /></template>
          <template #over><LensRim :lenses="onFace" :hour-at="hourAt" :minute-at="minuteAt" /></template>
        </UnhookedClock>
        <GearedClock
          v-else
          ref="clock"
          :model-value="shown"
          :hands-on="hasHands"
          :disabled="still || scene !== undefined"
          :snap="settings.snap"
          :conventions="settings"
          :label="t('board.clock')"
          :around="around"
          :only="only"
          :seconds="scene?.seconds ?? seconds"
          :door="door(hourAt)"
          :fingers="2"
          @update:model-value="minutes = $event"
        >
          <template #dial>
            <LensDial
              :lenses="onFace"
              :hour-at="hourAt"
              :minute-at="minuteAt"
              :fold="scene?.fold"
              :since="scene?.trailSince"
            />
          </template>
          <template #over>
            <LensRim
              :lenses="onFace"
              :hour-at="hourAt"
              :minute-at="minuteAt"
              :since="scene?.trailSince"
              :count="scene?.seconds === undefined ? undefined : scene.count"
            />
            <PencilMarks v-if="scene?.marks" :marks="scene.marks" />
            <slot name="over" />
          </template>
        </GearedClock>
      </slot>
    </template>
    <template #second>
      <GearedClock
        v-model="stage.second"
        :snap="settings.snap"
        :conventions="settings"
        :label="t('board.secondClock')"
        :around="around"
        :only="only"
        :door="door(stage.second)"
        :fingers="2"
      >
        <template #dial><LensDial :lenses="onFace" :hour-at="stage.second" :minute-at="stage.second" /></template>
        <template #over><LensRim :lenses="onFace" :hour-at="stage.second" :minute-at="stage.second" /></template>
      </GearedClock>
    </template>
    <template #top><slot name="top" /></template>
    <TipMagnifier
      v-if="has('magnifier') && hasHands && !stage.tray"
      :minutes="shown"
      :free="stage.free.angles"
      :lenses="lenses"
    />
    <slot />
    <SayLine v-if="stage.sayOnBoard && say" :say="say" />
    <template #dock><slot name="dock" /></template>
    <template #strip>
      <DayStrip
        :minutes="shown"
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
