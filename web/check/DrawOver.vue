<!-- A face to draw a child's hands over on, as they stand on its paper. -->
<script setup lang="ts">
import { mdiUndo } from '@mdi/js';
import { computed, shallowRef, useTemplateRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Answer } from '../../core/items/index.ts';
import { MOST_POINTS, MOST_STROKES, pointsIn, strokePath, type Stroke } from '../../core/strokes/index.ts';
import ClockDial from '../clock/ClockDial.vue';
import { roomOf, useFace } from '../clock/useFace.ts';
import { usePencil } from '../clock/usePencil.ts';

const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const face = useFace();
const room = computed(() => roomOf(face.value.outline) + 6);
const svg = useTemplateRef('svg');
const strokes = shallowRef<readonly Stroke[]>([]);
watch(strokes, (all) => (answer.value = all.length === 0 ? undefined : { kind: 'strokes', strokes: all }));
const left = computed(() => MOST_POINTS - pointsIn(strokes.value));
const { now, down, move, up } = usePencil({
  svg,
  open: () => strokes.value.length < MOST_STROKES && left.value > 0,
  room: () => left.value,
  done: (stroke) => (strokes.value = [...strokes.value, stroke]),
});
</script>

<template>
  <div class="over">
    <svg
      ref="svg"
      :viewBox="`${-room} ${-room} ${2 * room} ${2 * room}`"
      role="img"
      :aria-label="t('check.drawLabel')"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="up"
      @pointercancel="up"
    >
      <ClockDial />
      <path v-for="(stroke, i) in strokes" :key="i" :d="strokePath(stroke)" class="line" />
      <path v-if="now.length > 0" :d="strokePath(now)" class="line" />
      <circle r="2.4" />
    </svg>
    <button
      type="button"
      :disabled="strokes.length === 0"
      :aria-label="t('check.lineBack')"
      @click="strokes = strokes.slice(0, -1)"
    >
      <v-icon :icon="mdiUndo" size="22" />
    </button>
  </div>
</template>

<style scoped>
.over {
  position: relative;
}
svg {
  display: block;
  width: 100%;
  height: 100%;
  touch-action: none;
  cursor: crosshair;
}
.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4.2;
  stroke-linecap: round;
  stroke-linejoin: round;
}
button {
  position: absolute;
  right: -52px;
  bottom: 0;
  width: 48px;
  height: 48px;
  border-radius: 50%;
  color: var(--plum);
}
button:disabled {
  color: var(--quiet);
}
</style>
