<!-- One stone of the path, or its edge where it is folded. Draws and tells what was pressed. -->
<script setup lang="ts">
import HareFigure from '../look/HareFigure.vue';

const { kind, isNow, shown } = defineProps<{
  number: number;
  kind: 'lesson' | 'check';
  /** `open`: its day is past, and nothing is known of it. */
  state: 'done' | 'open' | 'left-out' | 'today' | 'next' | 'ahead';
  isNow: boolean;
  /** At full size; folded otherwise. */
  shown: boolean;
  /** Screen pixels there are, and height of the stone's middle. */
  wide: number;
  y: number;
  day: string;
  label: string;
  /** Its lesson is on the desk. */
  here: boolean;
  tabStop: boolean;
  href: string;
}>();
const emit = defineEmits<{ open: []; look: []; key: [event: KeyboardEvent] }>();

/** A stone's outline round its middle; a check has the notched sides of a ticket. */
const outline = (): string =>
  kind === 'lesson'
    ? isNow
      ? 'M-26 1C-26-13-15-19 1-19S26-11 26 2 14 18-1 18-26 14-26 1Z'
      : 'M-15 2C-15-7-9-11 1-11S15-6 15 2 8 11-1 11-15 10-15 2Z'
    : isNow
      ? 'M-26-17H26V-6A6 6 0 0 0 26 6V17H-26V6A6 6 0 0 0-26-6Z'
      : 'M-16-11H16V-4A4 4 0 0 0 16 4V11H-16V4A4 4 0 0 0-16-4Z';
/** A plain click opens the lesson here; one with a key of the browser's opens it as the browser does. */
const click = (event: MouseEvent): void => {
  if (event.metaKey || event.ctrlKey || event.shiftKey) return;
  event.preventDefault();
  if (shown) emit('open');
  else emit('look');
};
</script>

<template>
  <a
    :href="href"
    class="stone"
    :class="[state, { here }]"
    :tabindex="tabStop ? 0 : -1"
    :aria-label="label"
    :aria-current="state === 'today' ? 'date' : undefined"
    :title="label"
    draggable="false"
    @click="click"
    @keydown="emit('key', $event)"
  >
    <svg :width="wide" height="108" aria-hidden="true">
      <template v-if="shown">
        <g :transform="`translate(${wide / 2} ${y})`">
          <path :d="outline()" class="rock" />
          <text class="number">{{ number }}</text>
        </g>
        <text :x="wide / 2" y="101" class="day">{{ day }}</text>
        <svg v-if="isNow" :x="wide / 2 - 22" y="9" width="46" height="46"><HareFigure :px="46" /></svg>
      </template>
      <rect v-else x="1.5" :y="y - 11" :width="wide - 3" height="22" rx="2.5" class="rock" />
    </svg>
  </a>
</template>

<style scoped>
.stone {
  display: block;
  height: 108px;
  outline: none;
}
svg {
  display: block;
  overflow: visible;
}
.rock {
  stroke-width: 1.6;
  stroke-linejoin: round;
}
.done .rock {
  fill: var(--moss-7);
  stroke: var(--moss-7);
}
.open .rock {
  fill: var(--raised);
  stroke: var(--moss-7);
  stroke-dasharray: 3.5 2.5;
}
.left-out .rock {
  fill: var(--sand);
  stroke: var(--pebble);
}
.left-out .number {
  text-decoration: line-through;
  fill: var(--quiet);
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
  fill: var(--drawn-quiet);
}
.today .day,
.next .day {
  font-weight: 700;
  fill: var(--drawn);
}
</style>
