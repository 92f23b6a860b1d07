<!-- The time wheel with results: a brick a time, where the hour hand points to it. Colour tells how it went; two rings at once. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { handAngles, hourOf, isOclock } from '../../core/clock/index.ts';
import type { TimeResult } from '../../core/diagnosis/index.ts';
import { RING_GAP, pointAt, ringBrickPath, ringsOnFace } from '../../core/face/index.ts';
import { TIMES_OF_GROUP, groupOfTime, type TimeGroup } from '../../core/sets/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import RingPages from './RingPages.vue';
import { RINGED_GROUPS, useRingPages } from './useRingPages.ts';

const { results, always, centre, caption } = defineProps<{
  results: readonly TimeResult[];
  /** Rings that are there though none of their times was asked yet. */
  always: readonly TimeGroup[];
  /** The number in the middle, and what it counts. */
  centre: number;
  caption: string;
}>();
const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);

const groups = computed(() =>
  RINGED_GROUPS.filter((group) => always.includes(group) || results.some(({ time }) => groupOfTime(time) === group)),
);
const { page, turn, names, rings } = useRingPages(() => groups.value.flatMap((group) => TIMES_OF_GROUP[group]));

/** Round corners: a line of so many face units all round a brick. */
const CORNER = 4;
/** A ring by itself is as deep as two. */
const ALONE = { inner: 52, outer: 100 };
/** Share right at which a brick takes the next darker moss; the darkest is white on green. */
const shade = (share: number): string =>
  share >= 0.9 ? 'moss-7' : share >= 0.75 ? 'moss-6' : share >= 0.6 ? 'moss-4' : 'moss-2';

const bricks = computed(() =>
  rings.value.flatMap((group, ring) => {
    const { inner, outer } = rings.value.length === 1 ? ALONE : ringsOnFace(rings.value.length)[ring]!;
    return TIMES_OF_GROUP[group].map((time) => {
      const angle = handAngles(time).hour;
      const result = results.find((candidate) => candidate.time === time);
      const asked = result !== undefined && result.children > 0;
      return {
        time,
        text: isOclock(time) ? String(hourOf(time)) : clock.written(time),
        path: ringBrickPath(angle - 15, angle + 15, inner + CORNER / 2, outer - CORNER / 2, RING_GAP + CORNER),
        at: pointAt(angle, (inner + outer) / 2),
        shade: asked ? shade(result.childrenRight / result.children) : 'none',
        label: asked
          ? t('class.timeWent', { time: clock.said(time), right: result.childrenRight, children: result.children })
          : t('class.timeNotAsked', { time: clock.said(time) }),
      };
    });
  }),
);
</script>

<template>
  <div>
    <RingPages :names="names" :page="page" :label="t('class.wheel')" @turn="turn" />
    <svg viewBox="-102 -102 204 204" class="wheel" role="list" :aria-label="t('class.wheel')">
      <g v-for="brick in bricks" :key="brick.time" role="listitem" :aria-label="brick.label" :class="brick.shade">
        <title>{{ brick.label }}</title>
        <path :d="brick.path" class="brick" :stroke-width="CORNER" />
        <text
          :x="brick.at.x"
          :y="brick.at.y"
          class="numeral"
          :class="{ long: brick.text.length > 2, narrow: rings.length > 1 }"
        >
          {{ brick.text }}
        </text>
      </g>
      <text y="-7" class="centre">{{ centre }}</text>
      <text y="17" class="caption">{{ caption }}</text>
    </svg>
  </div>
</template>

<style scoped>
.wheel {
  display: block;
}
.brick {
  stroke-linejoin: round;
  fill: var(--raised);
  stroke: var(--raised);
}
.numeral {
  font:
    700 19px 'Andika',
    sans-serif;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--ink);
}
.numeral.narrow {
  font-size: 15px;
}
.numeral.long {
  font-size: 10.5px;
}
.none .brick {
  fill: var(--sand);
  stroke: var(--sand);
}
.none .numeral {
  fill: var(--quiet);
}
.moss-2 .brick {
  fill: var(--moss-2);
  stroke: var(--moss-2);
}
.moss-4 .brick {
  fill: var(--moss-4);
  stroke: var(--moss-4);
}
.moss-6 .brick {
  fill: var(--moss-6);
  stroke: var(--moss-6);
}
.moss-7 .brick {
  fill: var(--moss-7);
  stroke: var(--moss-7);
}
.moss-6 .numeral,
.moss-7 .numeral {
  fill: #fff;
}
.centre {
  font:
    700 30px 'Andika',
    sans-serif;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--drawn);
}
.caption {
  font:
    400 13px 'Atkinson Hyperlegible Next',
    sans-serif;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--drawn-quiet);
}
</style>
