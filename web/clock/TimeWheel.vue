<!-- The o'clock ring of the time wheel: a brick a time, where the hour hand points to it. Colour tells how it went. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { OCLOCK_TIMES, handAngles, hourOf } from '../../core/clock/index.ts';
import type { TimeResult } from '../../core/diagnosis/index.ts';
import { pointAt, ringBrickPath } from '../../core/face/index.ts';

const { results, centre, caption } = defineProps<{
  results: readonly TimeResult[];
  /** The number in the middle, and what it counts. */
  centre: number;
  caption: string;
}>();
const { t } = useI18n();

/** Radii and gap of the bricks without their round corners, which a line of `CORNER` adds all round. */
const CORNER = 5;
const INNER = 52 + CORNER / 2;
const OUTER = 100 - CORNER / 2;
const GAP = 3 + CORNER;
/** Share right at which a brick takes the next darker moss; the darkest is white on green. */
const shade = (share: number): string =>
  share >= 0.9 ? 'moss-7' : share >= 0.75 ? 'moss-6' : share >= 0.6 ? 'moss-4' : 'moss-2';

const bricks = computed(() =>
  OCLOCK_TIMES.map((time) => {
    const angle = handAngles(time).hour;
    const result = results.find((candidate) => candidate.time === time);
    const asked = result !== undefined && result.children > 0;
    return {
      time,
      hour: hourOf(time),
      path: ringBrickPath(angle - 15, angle + 15, INNER, OUTER, GAP),
      at: pointAt(angle, (INNER + OUTER) / 2),
      shade: asked ? shade(result.childrenRight / result.children) : 'none',
      label: asked
        ? t('class.timeWent', { hour: hourOf(time), right: result.childrenRight, children: result.children })
        : t('class.timeNotAsked', { hour: hourOf(time) }),
    };
  }),
);
</script>

<template>
  <svg viewBox="-102 -102 204 204" class="wheel" role="list" :aria-label="t('class.wheel')">
    <g v-for="brick in bricks" :key="brick.time" role="listitem" :aria-label="brick.label" :class="brick.shade">
      <title>{{ brick.label }}</title>
      <path :d="brick.path" class="brick" :stroke-width="CORNER" />
      <text :x="brick.at.x" :y="brick.at.y" class="numeral">{{ brick.hour }}</text>
    </g>
    <text y="-7" class="centre">{{ centre }}</text>
    <text y="17" class="caption">{{ caption }}</text>
  </svg>
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
  fill: var(--ink);
}
.caption {
  font:
    400 13px 'Atkinson Hyperlegible Next',
    sans-serif;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--quiet);
}
</style>
