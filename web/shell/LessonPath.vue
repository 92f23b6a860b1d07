<!-- The path: a stone a lesson, joined by hops. Done ones are mossy, the hare sits on today's, a check is ticket-shaped. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import type { Classroom } from '../../contract/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import HareFigure from './HareFigure.vue';

const { classroom } = defineProps<{ classroom: Classroom }>();
const { t, d } = useI18n();
const store = useClassroomStore();
const route = useRoute();

/** Width a stone takes; today's takes more. In units of the path's own drawing, stretched to the room there is. */
const STONE = 50;
const TODAY = 78;
/** Height above the ground of the stones' middle, wavering a little, as stepping stones do. */
const WAVER = [1, 0, 3, 0, 4, 2, 0, 4, 2, 0];

const stones = computed(() => {
  const current = store.lesson;
  let x = 0;
  return classroom.lessons.map((lesson, i) => {
    const isNow = lesson.id === current?.id;
    const width = isNow ? TODAY : STONE;
    const middle = x + width / 2;
    x += width;
    const state = isNow
      ? lesson.day === classroom.today
        ? 'today'
        : 'next'
      : lesson.day < classroom.today
        ? 'done'
        : 'ahead';
    // "Tue 24" in either English; the built-in format turns it round in one of them.
    const day = `${d(new Date(`${lesson.day}T00:00:00Z`), 'weekday')} ${Number(lesson.day.slice(-2))}`;
    return {
      lesson,
      isNow,
      state,
      day,
      middle,
      end: x,
      y: 70 + WAVER[i % WAVER.length]!,
      label: t(`stone.${lesson.kind}`, { number: lesson.number, title: t(`lessons.${lesson.key}.title`), day }),
    };
  });
});
const width = computed(() => stones.value.at(-1)?.end ?? STONE);
const hops = computed(() =>
  stones.value.slice(1).map((stone, i) => {
    const before = stones.value[i]!;
    const from = before.middle + (before.isNow ? 16 : 7);
    const to = stone.middle - (stone.isNow ? 22 : 7);
    // A hop ends on the back of the hare, not on the stone it sits on.
    const [y0, y1] = [before.isNow ? 44 : before.y - 14, stone.isNow ? 40 : stone.y - 14];
    return {
      d: `M${from} ${y0}Q${(from + to) / 2} ${Math.min(y0, y1) - 30} ${to} ${y1}`,
      behind: stone.state === 'done' || stone.isNow,
    };
  }),
);
/** A stone's outline round its middle; a check has the notched sides of a ticket. */
const outline = (kind: 'lesson' | 'check', big: boolean): string =>
  kind === 'lesson'
    ? big
      ? 'M-26 1C-26-13-15-19 1-19S26-11 26 2 14 18-1 18-26 14-26 1Z'
      : 'M-15 2C-15-7-9-11 1-11S15-6 15 2 8 11-1 11-15 10-15 2Z'
    : big
      ? 'M-26-17H26V-6A6 6 0 0 0 26 6V17H-26V6A6 6 0 0 0-26-6Z'
      : 'M-16-11H16V-4A4 4 0 0 0 16 4V11H-16V4A4 4 0 0 0-16-4Z';
</script>

<template>
  <nav class="path" :aria-label="t('app.path')">
    <svg :viewBox="`0 0 ${width} 108`" preserveAspectRatio="xMidYMax meet">
      <path v-for="(hop, i) in hops" :key="i" :d="hop.d" class="hop" :class="{ behind: hop.behind }" />
      <router-link
        v-for="stone in stones"
        :key="stone.lesson.id"
        v-slot="{ href, navigate }"
        custom
        :to="stone.isNow ? { name: 'desk' } : { name: 'lesson', params: { number: stone.lesson.number } }"
      >
        <a
          :href="href"
          class="stone"
          :class="[stone.state, { here: String(stone.lesson.number) === route.params['number'] }]"
          :aria-label="`${stone.label}, ${t(`stone.${stone.state}`)}`"
          :aria-current="stone.state === 'today' ? 'date' : undefined"
          @click="navigate"
        >
          <rect :x="stone.middle - 24" y="34" width="48" height="74" class="hit" />
          <g :transform="`translate(${stone.middle} ${stone.y})`">
            <path :d="outline(stone.lesson.kind, stone.isNow)" class="rock" />
            <text class="number">{{ stone.lesson.number }}</text>
          </g>
          <text :x="stone.middle" y="101" class="day">{{ stone.day }}</text>
          <svg v-if="stone.isNow" :x="stone.middle - 22" y="9" width="46" height="46"><HareFigure :px="46" /></svg>
        </a>
      </router-link>
    </svg>
  </nav>
</template>

<style scoped>
.path {
  display: flex;
  align-items: flex-end;
  justify-content: center;
}
.path > svg {
  width: 100%;
  height: 108px;
  overflow: visible;
}
.hop {
  fill: none;
  stroke: var(--pebble);
  stroke-width: 1.8;
  stroke-dasharray: 0.1 5;
  stroke-linecap: round;
}
.hop.behind {
  stroke: var(--moss-6);
  stroke-width: 2.2;
  stroke-dasharray: none;
}
.stone {
  outline: none;
}
.hit {
  fill: transparent;
}
.rock {
  stroke-width: 1.6;
  stroke-linejoin: round;
}
.done .rock {
  fill: var(--moss-7);
  stroke: var(--moss-7);
}
.ahead .rock {
  fill: var(--raised);
  stroke: var(--pebble);
}
.today .rock {
  fill: var(--sun);
  stroke: var(--sun);
}
.next .rock {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 2.2;
}
.here .rock {
  stroke: var(--plum);
  stroke-width: 3.5;
}
.stone:hover .rock {
  stroke: var(--plum);
}
.stone:focus-visible .rock {
  stroke: var(--plum);
  stroke-width: 4;
}
.number {
  font:
    700 14px 'Atkinson Hyperlegible Next',
    sans-serif;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--ink);
}
.done .number {
  fill: #fff;
}
.ahead .number {
  font-weight: 600;
}
.today .number,
.next .number {
  font-size: 20px;
}
.day {
  font:
    400 13px 'Atkinson Hyperlegible Next',
    sans-serif;
  text-anchor: middle;
  fill: var(--quiet);
}
.today .day,
.next .day {
  font-weight: 700;
  fill: var(--ink);
}
</style>
