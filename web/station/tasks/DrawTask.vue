<!-- Draw the hands with a finger on an empty face. What is kept are the strokes themselves. -->
<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { normaliseAngle } from '../../../core/clock/index.ts';
import { DRAWN_REACH, type Answer } from '../../../core/items/index.ts';
import { pointAt } from '../../../core/face/index.ts';
import { MOST_POINTS, MOST_STROKES, pointsIn, strokePath, type Stroke } from '../../../core/strokes/index.ts';
import ClockDial from '../../clock/ClockDial.vue';
import ClockHands from '../../clock/ClockHands.vue';
import { roomOf, useFace } from '../../clock/useFace.ts';
import HelpLight from '../../clock/HelpLight.vue';
import type { TaskProps } from './task.ts';
import { usePencil } from '../../clock/usePencil.ts';

const { item, open, light, shown, understood } = defineProps<TaskProps<'draw'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const face = useFace();
const room = computed(() => roomOf(face.value.outline) + 6);
const svg = useTemplateRef('svg');

const strokes = computed((): readonly Stroke[] => (answer.value?.kind === 'strokes' ? answer.value.strokes : []));
/** Points this sheet still has room for. */
const left = computed(() => MOST_POINTS - pointsIn(strokes.value));
const keep = (next: readonly Stroke[]): void => {
  answer.value = next.length === 0 ? undefined : { kind: 'strokes', strokes: next };
};
const { now, ms, down, move, up } = usePencil({
  svg,
  open: () => open && strokes.value.length < MOST_STROKES && left.value > 0,
  room: () => left.value,
  done: (stroke) => keep([...strokes.value, stroke]),
});
/** By keys: a dashed line from the middle is turned and made short or long, and drawn with Enter. */
const MARK = 6;
const aim = ref({ angle: 0, long: false });
const hasKeys = ref(false);
const KEYS: Readonly<Record<string, () => void>> = {
  ArrowRight: () => (aim.value = { ...aim.value, angle: normaliseAngle(aim.value.angle + MARK) }),
  ArrowLeft: () => (aim.value = { ...aim.value, angle: normaliseAngle(aim.value.angle - MARK) }),
  ArrowUp: () => (aim.value = { ...aim.value, long: true }),
  ArrowDown: () => (aim.value = { ...aim.value, long: false }),
};
const reach = computed(() => (aim.value.long ? DRAWN_REACH.minute : DRAWN_REACH.hour));
const POINTS = 20;
const drawAim = (): void => {
  const began = ms();
  keep([
    ...strokes.value,
    Array.from({ length: POINTS + 1 }, (_, i) => ({
      ...pointAt(aim.value.angle, (reach.value * i) / POINTS),
      ms: began + i,
    })),
  ]);
};
const key = (event: KeyboardEvent): void => {
  if (!open) return;
  // Two lines are a clock: Enter then goes on, as everywhere.
  const isDrawing = event.key === 'Enter' && strokes.value.length < 2;
  const act = isDrawing ? drawAim : KEYS[event.key];
  if (act === undefined) return;
  event.preventDefault();
  event.stopPropagation();
  hasKeys.value = true;
  act();
};
const end = computed(() => pointAt(aim.value.angle, reach.value));
defineExpose({ undo: () => keep(strokes.value.slice(0, -1)) });
</script>

<template>
  <div class="sheet">
    <svg
      ref="svg"
      :viewBox="`${-room} ${-room} ${2 * room} ${2 * room}`"
      class="draw"
      role="application"
      tabindex="0"
      :aria-label="t('station.pad')"
      :aria-description="t('station.padKeys')"
      :data-strokes="strokes.length"
      @pointerdown="down"
      @pointermove="move"
      @pointerup="up"
      @pointercancel="up"
      @keydown="key"
      @blur="hasKeys = false"
    >
      <ClockDial :lit="light.numeral"><HelpLight :light="light" /></ClockDial>
      <g class="pencil" :class="{ faded: shown, pale: understood }">
        <path v-for="(stroke, i) in strokes" :key="i" :d="strokePath(stroke)" />
        <path v-if="now.length > 0" :d="strokePath(now)" />
      </g>
      <!-- What was understood: thin, so that the child's own lines are seen beside it. -->
      <g v-if="understood" class="understood" :data-understood="understood.length">
        <path
          v-for="(hand, i) in understood"
          :key="i"
          :d="`M0 0V${-hand.reach}`"
          :transform="`rotate(${hand.angle})`"
        />
      </g>
      <line v-if="open && hasKeys && strokes.length < 2" x1="0" y1="0" :x2="end.x" :y2="end.y" class="aim" />
      <circle r="2.4" class="middle" />
      <ClockHands v-if="shown" :minutes="item.shown" class="shown" />
    </svg>
  </div>
</template>

<style scoped>
.sheet {
  width: 100%;
  height: 100%;
  container-type: size;
  display: grid;
  place-items: center;
}
.draw {
  display: block;
  width: min(100cqw, 100cqh);
  height: min(100cqw, 100cqh);
  touch-action: none;
  cursor: crosshair;
}
.draw:focus {
  outline: none;
}
.draw:focus-visible {
  border-radius: 50%;
  outline: 4px solid var(--plum);
}
.pencil path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4.2;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.pencil.faded {
  opacity: 0.25;
}
.pencil.pale {
  opacity: 0.4;
}
.understood path {
  stroke: var(--plum);
  stroke-width: 2.8;
  stroke-linecap: round;
}
.aim {
  stroke: var(--plum);
  stroke-width: 3;
  stroke-dasharray: 5 4;
  stroke-linecap: round;
}
.middle {
  fill: var(--ink);
}
.shown {
  animation: come 1.2s ease-out;
}
@keyframes come {
  from {
    opacity: 0;
  }
}
</style>
