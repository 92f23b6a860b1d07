<!-- Dots and lines as a pencil draws them on a face, and the pencil at the end of the line. In face units. -->
<script setup lang="ts">
import { computed } from 'vue';
import { pencilLine, pencilPoint, type PencilMark } from '../../../core/demonstrations/index.ts';

const { marks } = defineProps<{ marks: readonly PencilMark[] }>();
const drawn = computed(() =>
  marks.map((mark) => ({
    ...mark,
    at: pencilPoint(mark),
    path: mark.kind === 'line' ? pencilLine(mark.hand, mark.angle, mark.share) : '',
  })),
);
/** The one that is being drawn has the pencil. */
const pencil = computed(() => drawn.value.find(({ share }) => share < 1)?.at);
</script>

<template>
  <g class="pencil-marks">
    <template v-for="(mark, i) in drawn" :key="i">
      <circle v-if="mark.kind === 'dot'" :cx="mark.at.x" :cy="mark.at.y" :r="2.6 * mark.share" :class="mark.hand" />
      <path v-else :d="mark.path" class="line" :class="mark.hand" />
    </template>
    <g v-if="pencil" :transform="`translate(${pencil.x} ${pencil.y}) rotate(32)`" class="pencil">
      <path d="M0 0 3.4-8 3.4-46-3.4-46-3.4-8Z" class="wood" />
      <path d="M0 0 3.4-8-3.4-8Z" class="cut" />
      <path d="M0 0 1.3-3-1.3-3Z" class="lead" />
    </g>
  </g>
</template>

<style scoped>
circle {
  fill: var(--ink);
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-linecap: round;
  stroke-linejoin: round;
}
.line.hour {
  stroke-width: 3.8;
}
.line.minute {
  stroke-width: 2.4;
}
.wood {
  fill: var(--plum);
}
.cut {
  fill: var(--sand);
}
.lead {
  fill: var(--ink);
}
</style>
