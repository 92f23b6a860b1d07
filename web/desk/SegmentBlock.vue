<!-- One segment of the run: what happens, who does it, its exact times. Its grip moves it, its lower edge makes it longer. -->
<script setup lang="ts">
import {
  mdiAccountVoice,
  mdiClose,
  mdiDragVertical,
  mdiEyeOutline,
  mdiHandBackRightOutline,
  mdiHistory,
  mdiLightbulbOutline,
  mdiPencilOutline,
  mdiPresentation,
  mdiSprout,
  mdiTablet,
  mdiWeatherSunsetUp,
} from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Segment } from '../../contract/index.ts';
import type { SegmentKind } from '../../core/planning/index.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import SegmentClocks from './SegmentClocks.vue';
import { useResize } from './useResize.ts';

const { segment, lessonKey, minutePx, locked, faded } = defineProps<{
  segment: Segment;
  lessonKey: string;
  minutePx: number;
  /** The lesson is past: nothing of it changes. */
  locked: boolean;
  /** Other times have faded more since these were planned. */
  faded: boolean;
}>();
const emit = defineEmits<{ board: []; times: []; shift: [steps: number]; resize: [minutes: number]; drop: [] }>();
const { t } = useI18n();
const words = usePlanWords();

const ICONS: Record<SegmentKind, string> = {
  'warm-up': mdiWeatherSunsetUp,
  purpose: mdiLightbulbOutline,
  show: mdiEyeOutline,
  together: mdiAccountVoice,
  'show-me': mdiHandBackRightOutline,
  alone: mdiTablet,
  ticket: mdiPencilOutline,
  close: mdiSprout,
};
/** Gap between two blocks on the ruler, in pixels. */
const GAP = 4;

const resize = useResize({
  minutes: () => segment.minutes,
  minutePx: () => minutePx,
  done: (minutes) => emit('resize', minutes),
});
const minutes = resize.minutes;
const title = computed(() => words.segment(segment.kind));
const text = computed(() => words.text(lessonKey, segment));
const height = computed(() => minutes.value * minutePx - GAP);
/** A low block has one row: its clocks stand beside the title. With a little more room the words are left out, then one line of them. */
const short = computed(() => height.value < 66);
const snug = computed(() => !short.value && height.value < 96);
const tight = computed(() => !short.value && height.value < 126);
/** Screen pixels the clocks may take: beside the board button, or in a row of their own under it; and one of them. */
const clocksPx = computed(() => (short.value ? (faded ? 116 : 156) : snug.value ? 238 : 316));
const clockPx = computed(() =>
  short.value ? height.value - 16 : height.value - (snug.value ? 46 : tight.value ? 66 : 84),
);
const shiftKey = (event: KeyboardEvent): void => {
  const steps = { ArrowUp: -1, ArrowDown: 1 }[event.key];
  if (steps === undefined) return;
  event.preventDefault();
  emit('shift', steps);
};
</script>

<template>
  <li
    class="block"
    :class="{ short, snug, tight, held: resize.held.value }"
    :style="{ height: `${height}px`, marginBottom: `${GAP}px` }"
  >
    <div class="line">
      <button
        v-if="!locked"
        type="button"
        class="grip"
        :aria-label="t('desk.grip', { segment: title })"
        @keydown="shiftKey"
      >
        <v-icon :icon="ICONS[segment.kind]" size="20" class="icon" />
        <v-icon :icon="mdiDragVertical" size="22" class="dots" />
      </button>
      <v-icon v-else :icon="ICONS[segment.kind]" size="20" class="icon still" />
      <h3 class="title-item">{{ title }}</h3>
      <span v-if="!short" class="quiet">{{ words.who(segment.kind) }}</span>
      <p v-if="short && segment.times.length === 0" class="quiet inline">{{ text }}</p>
      <SegmentClocks
        v-if="short && segment.times.length > 0"
        :segment="segment"
        :wide="clocksPx"
        :high="clockPx"
        @click="emit('times')"
      />
      <button
        v-if="faded"
        type="button"
        class="faded"
        :aria-label="t('desk.fadedMore')"
        :title="t('desk.fadedMore')"
        @click="emit('times')"
      >
        <v-icon :icon="mdiHistory" size="20" />
      </button>
      <span class="quiet minutes" :class="{ beside: short && segment.times.length > 0 }">{{
        t('desk.minutes', { count: minutes })
      }}</span>
      <button
        v-if="!locked"
        type="button"
        class="drop"
        :aria-label="t('desk.drop', { segment: title })"
        @click="emit('drop')"
      >
        <v-icon :icon="mdiClose" size="18" />
      </button>
    </div>
    <template v-if="!short">
      <p v-if="!snug || segment.times.length === 0" class="text" :class="{ beside: segment.times.length > 0 }">
        {{ text }}
      </p>
      <SegmentClocks
        v-if="segment.times.length > 0"
        :segment="segment"
        :wide="clocksPx"
        :high="clockPx"
        @click="emit('times')"
      />
    </template>
    <button
      v-if="segment.times.length > 0"
      type="button"
      class="to-board"
      :aria-label="t('desk.boardFor', { segment: title })"
      @click="emit('board')"
    >
      <v-icon :icon="mdiPresentation" size="20" />
      <span v-if="!short">{{ t('desk.board') }}</span>
    </button>
    <div
      v-if="!locked"
      class="edge"
      role="slider"
      tabindex="0"
      aria-orientation="vertical"
      :aria-label="t('desk.lengthOf', { segment: title })"
      aria-valuemin="1"
      aria-valuemax="30"
      :aria-valuenow="minutes"
      :aria-valuetext="t('desk.minutes', { count: minutes })"
      @pointerdown="resize.down"
      @pointermove="resize.moved"
      @pointerup="resize.up"
      @pointercancel="resize.up"
      @keydown="resize.key"
    />
  </li>
</template>

<style scoped>
.block {
  position: relative;
  background: var(--sand-light);
  border-radius: var(--corner);
  padding: 9px 14px 9px 8px;
  transition: background 0.12s;
}
.block:hover,
.block:focus-within,
.block.held {
  background: var(--raised);
  box-shadow: inset 0 0 0 2px var(--plum);
}
.block.short {
  padding: 0 14px 0 8px;
  display: grid;
  align-items: center;
}
.block.snug {
  padding-top: 5px;
}
.line {
  display: flex;
  align-items: center;
  gap: 8px;
  min-width: 0;
}
.grip {
  position: relative;
  flex: none;
  width: 28px;
  height: 32px;
  display: grid;
  place-items: center;
  cursor: grab;
  touch-action: none;
}
.still {
  margin: 0 4px;
}
.icon {
  color: var(--quiet);
  flex: none;
}
.dots {
  position: absolute;
  color: var(--plum);
  opacity: 0;
}
.block:hover .dots,
.grip:focus-visible .dots {
  opacity: 1;
}
.block:hover .grip .icon,
.grip:focus-visible .icon {
  opacity: 0;
}
.line > .quiet:not(.minutes) {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
h3 {
  white-space: nowrap;
}
.minutes {
  margin-left: auto;
  white-space: nowrap;
}
.short .minutes.beside {
  margin-right: 34px;
}
.faded {
  flex: none;
  width: 32px;
  height: 32px;
  display: grid;
  place-items: center;
  border-radius: 50%;
  background: var(--plum-tint);
  color: var(--plum);
}
.drop {
  position: absolute;
  right: -11px;
  top: -11px;
  width: 26px;
  height: 26px;
  border-radius: 50%;
  display: grid;
  place-items: center;
  background: var(--raised);
  box-shadow: var(--shadow);
  color: var(--plum);
  opacity: 0;
  z-index: 1;
}
.block:hover .drop,
.drop:focus-visible {
  opacity: 1;
}
.text {
  margin: 1px 0 2px 36px;
  overflow: hidden;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}
.block:not(.short, .snug) .text.beside {
  margin-right: 84px;
}
.tight .text {
  -webkit-line-clamp: 1;
}
.short .clocks {
  margin-left: 8px;
}
.block:not(.short, .snug, .tight) .clocks {
  margin-top: 4px;
}
.to-board {
  position: absolute;
  right: 6px;
  bottom: 2px;
  min-height: 40px;
  min-width: 40px;
  padding: 0 8px;
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 6px;
  border-radius: 10px;
  color: var(--plum);
  font-weight: 600;
}
.block:not(.short, .snug) .to-board {
  bottom: auto;
  top: 32px;
}
.short .to-board {
  bottom: 50%;
  translate: 0 50%;
  right: 4px;
}
.to-board:hover {
  background: var(--plum-tint);
}
.edge {
  position: absolute;
  left: 50%;
  bottom: -7px;
  width: 72px;
  height: 14px;
  translate: -50% 0;
  cursor: ns-resize;
  touch-action: none;
  z-index: 1;
}
.edge::after {
  content: '';
  position: absolute;
  inset: 4px 13px;
  border-radius: 3px;
  background: var(--plum);
  opacity: 0;
}
.block:hover .edge::after,
.edge:focus-visible::after,
.held .edge::after {
  opacity: 1;
}
/* A finger does not hover. */
@media (hover: none) and (pointer: coarse) {
  .drop,
  .edge::after {
    opacity: 1;
  }
}
</style>
