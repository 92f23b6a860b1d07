<!-- The board's clock with the lenses that lie on it; its hands geared, or unhooked. -->
<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../../contract/index.ts';
import type { Hand } from '../../../core/clock/index.ts';
import type { Scene } from '../../../core/demonstrations/index.ts';
import { roomAt, type Lens } from '../../../core/face/index.ts';
import GearedClock from '../../clock/GearedClock.vue';
import UnhookedClock from '../../clock/UnhookedClock.vue';
import { useStageStore } from '../../stores/stage.ts';
import PencilMarks from '../demonstrations/PencilMarks.vue';
import LensDial from '../lenses/LensDial.vue';
import LensRim from '../lenses/LensRim.vue';
import { useSecondHand } from './useSecondHand.ts';

const {
  settings,
  which = 'first',
  lenses,
  handsOn = true,
  scene,
  still = false,
} = defineProps<{
  settings: Settings;
  /** The clock of the board, or the one beside it. */
  which?: 'first' | 'second';
  lenses: readonly Lens[];
  /** Off: the face alone. */
  handsOn?: boolean;
  /** What a demonstration shows at this moment; the clock is then not to be turned by hand. */
  scene?: Scene | undefined;
  /** The clock is not to be turned by hand. */
  still?: boolean;
}>();
const { t } = useI18n();
const stage = useStageStore();
const clock = useTemplateRef('clock');

const has = (lens: Lens): boolean => lenses.includes(lens);
const only = computed((): Hand | undefined => {
  if (has('hour-hand-alone')) return 'hour';
  return has('minute-hand-alone') ? 'minute' : undefined;
});
const free = computed(() => (which === 'first' ? stage.free.angles : undefined));
const shown = computed(() => scene?.minutes ?? (which === 'first' ? stage.minutes : stage.second));
const turn = (minutes: number): void => {
  if (which === 'first') stage.minutes = minutes;
  else stage.second = minutes;
};
/** Where each hand is, in unwrapped minutes: the same on a geared clock. */
const hourAt = computed(() => (free.value === undefined ? shown.value : free.value.hour * 2));
const minuteAt = computed(() => (free.value === undefined ? shown.value : free.value.minute / 6));
const hasHands = computed(() => handsOn && (scene === undefined || scene.hands.length > 0));
/** Without hands on the face a lens would say where they are. */
const onFace = computed(() =>
  handsOn ? lenses : lenses.filter((lens) => lens === 'minute-numbers' || lens === 'quarters'),
);
/** What stands round the rim needs room, in face units. */
const RIM_ROOM = 20;
const around = computed(() =>
  onFace.value.includes('minute-numbers') || onFace.value.includes('minute-trail') || scene?.count !== undefined
    ? RIM_ROOM
    : 0,
);
const seconds = useSecondHand(() => stage.secondHand && scene === undefined);
const door = computed(() => (onFace.value.includes('hours-room') ? roomAt(hourAt.value).hour : undefined));
const label = computed(() => {
  if (free.value !== undefined) return t('board.unhookedClock');
  return t(which === 'first' ? 'board.clock' : 'board.secondClock');
});
defineExpose({
  stepBy: (step: number) => clock.value?.stepBy(step),
  turnTo: (target: number, ms: number, from?: number) => clock.value?.turnTo(target, ms, from),
});
</script>

<template>
  <UnhookedClock
    v-if="free"
    :angles="free"
    :conventions="settings"
    :label="label"
    :around="around"
    :only="only"
    :door="door"
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
    :label="label"
    :around="around"
    :only="only"
    :seconds="scene?.seconds ?? seconds"
    :door="door"
    :fingers="2"
    @update:model-value="turn"
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
      <slot />
    </template>
  </GearedClock>
</template>
