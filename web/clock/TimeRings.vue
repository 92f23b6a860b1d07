<!-- Rings of times to pick from: one for each kind of time, a brick where the hour hand points; two rings at once, to be read and tapped. -->
<script lang="ts">
/** A time on the rings: to be picked, picked, against a rule, or there already and not to be picked. */
export interface RingTime {
  readonly time: DialTime;
  readonly look: 'open' | 'picked' | 'breaks' | 'current';
}
</script>
<script setup lang="ts">
import { computed } from 'vue';
import { handAngles, hourOf, type DialTime } from '../../core/clock/index.ts';
import { RING_GAP, pointAt, ringBrickPath, ringsOnFace } from '../../core/face/index.ts';
import { groupOfTime } from '../../core/sets/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import RingPages from './RingPages.vue';
import { useRingPages } from './useRingPages.ts';

const { times, label, centre } = defineProps<{
  times: readonly RingTime[];
  label: string;
  /** What stands in the middle. */
  centre: string;
}>();
const emit = defineEmits<{ pick: [time: DialTime] }>();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);

const { page, turn, names, rings } = useRingPages(
  () => times.map(({ time }) => time),
  () => times.find(({ look }) => look === 'current')?.time,
);
const bricks = computed(() => {
  return rings.value.flatMap((group, ring) => {
    const { inner, outer } = ringsOnFace(rings.value.length)[ring]!;
    return times
      .filter(({ time }) => groupOfTime(time) === group)
      .map(({ time, look }) => {
        const angle = handAngles(time).hour;
        return {
          time,
          look,
          path: ringBrickPath(angle - 15, angle + 15, inner, outer, RING_GAP),
          at: pointAt(angle, (inner + outer) / 2),
          text: time % 60 === 0 ? String(hourOf(time)) : clock.written(time),
        };
      });
  });
});
const pick = ({ time, look }: RingTime): void => {
  if (look !== 'current') emit('pick', time);
};
</script>

<template>
  <div class="time-rings">
    <RingPages :names="names" :page="page" :label="label" @turn="turn" />
    <svg viewBox="-102 -102 204 204" role="group" :aria-label="label">
      <g
        v-for="brick in bricks"
        :key="brick.time"
        role="button"
        tabindex="0"
        :aria-label="clock.said(brick.time)"
        :aria-pressed="brick.look === 'picked'"
        class="brick"
        :class="brick.look"
        :aria-disabled="brick.look === 'current'"
        @click="pick(brick)"
        @keydown.enter.prevent="pick(brick)"
        @keydown.space.prevent="pick(brick)"
      >
        <path :d="brick.path" />
        <text :x="brick.at.x" :y="brick.at.y" :class="{ small: brick.text.length > 2 }">{{ brick.text }}</text>
      </g>
      <text y="0" class="centre">{{ centre }}</text>
    </svg>
  </div>
</template>

<style scoped>
.time-rings {
  display: flex;
  flex-direction: column;
  gap: 4px;
}
svg {
  display: block;
  width: 100%;
  flex: 0 1 auto;
  min-height: 0;
}
.brick {
  cursor: pointer;
}
.brick path {
  fill: var(--plum-chosen);
}
.brick.breaks path {
  fill: var(--raised);
  stroke: var(--pebble);
  stroke-width: 0.8;
  stroke-dasharray: 2.5 2;
}
.brick:hover path,
.brick:focus-visible path {
  stroke: var(--plum);
  stroke-width: 2.4;
  stroke-dasharray: none;
}
.brick:focus {
  outline: none;
}
.brick.current {
  cursor: default;
}
.brick.current path {
  fill: var(--sand);
  stroke: none;
}
.brick.current text {
  fill: var(--quiet);
}
.brick.picked path {
  fill: var(--plum);
}
.brick.picked text {
  fill: #fff;
}
text {
  font:
    700 14px 'Andika',
    sans-serif;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--ink);
  pointer-events: none;
}
text.small {
  font-size: 9.5px;
}
.centre {
  fill: var(--drawn);
  font-size: 17px;
}
</style>
