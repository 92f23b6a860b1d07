<!-- One segment of the run: what happens, who does it, its exact times as small clocks. -->
<script setup lang="ts">
import {
  mdiAccountVoice,
  mdiEyeOutline,
  mdiHandBackRightOutline,
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
import SmallClock from '../clock/SmallClock.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../stores/useClockWords.ts';

const { segment, lessonKey, minutePx } = defineProps<{ segment: Segment; lessonKey: string; minutePx: number }>();
const emit = defineEmits<{ board: [] }>();
const { t, te } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);

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

const title = computed(() => t(`segments.${segment.kind}.title`));
const text = computed(() => {
  const own = `segmentsOf.${lessonKey}.${segment.kind}`;
  return t(te(own, 'en-US') ? own : `segments.${segment.kind}.text`, clock.hands.value);
});
/** A short block has one row: its clocks stand beside the title. */
const short = computed(() => segment.minutes <= 2);
const clockPx = computed(() => (short.value || segment.minutes === 3 ? 34 : segment.minutes === 4 ? 38 : 42));
</script>

<template>
  <li
    class="block"
    :class="{ short, snug: segment.minutes === 3 }"
    :style="{ height: `${segment.minutes * minutePx - GAP}px`, top: `${segment.startsAt * minutePx + GAP / 2}px` }"
  >
    <div class="line">
      <v-icon :icon="ICONS[segment.kind]" size="20" class="icon" />
      <h3 class="title-item">{{ title }}</h3>
      <span v-if="!short" class="quiet">{{ t(`segments.${segment.kind}.who`) }}</span>
      <p v-if="short && segment.times.length === 0" class="quiet inline">{{ text }}</p>
      <span v-if="short" class="clocks">
        <SmallClock v-for="(time, i) in segment.times" :key="i" :time="time" :px="clockPx" :label="clock.said(time)" />
      </span>
      <span class="quiet minutes" :class="{ beside: segment.times.length > 0 }">{{
        t('desk.minutes', { count: segment.minutes })
      }}</span>
    </div>
    <template v-if="!short">
      <p v-if="segment.minutes > 3 || segment.times.length === 0" class="text">{{ text }}</p>
      <div v-if="segment.times.length > 0" class="clocks">
        <SmallClock v-for="(time, i) in segment.times" :key="i" :time="time" :px="clockPx" :label="clock.said(time)" />
      </div>
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
  </li>
</template>

<style scoped>
ol {
  position: relative;
}
.block {
  position: absolute;
  left: 52px;
  right: 0;
  overflow: hidden;
  background: var(--sand-light);
  border-radius: var(--corner);
  padding: 10px 14px;
  transition: background 0.12s;
}
.block:hover,
.block:focus-within {
  background: var(--raised);
  box-shadow: inset 0 0 0 2px var(--plum);
}
.block.short {
  padding: 0 14px;
  display: grid;
  align-items: center;
}
.block.snug {
  padding: 6px 14px;
}
.line {
  display: flex;
  align-items: center;
  gap: 10px;
  min-width: 0;
}
.icon {
  color: var(--quiet);
  flex: none;
}
.line > .quiet:not(.minutes) {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.minutes {
  margin-left: auto;
  white-space: nowrap;
}
.short .minutes.beside {
  margin-right: 34px;
}
.text {
  margin: 2px 0 4px 30px;
}
.clocks {
  display: flex;
  gap: 8px;
  margin-left: 30px;
}
.block:not(.short, .snug) .clocks {
  margin-top: 6px;
}
.snug .clocks {
  margin-top: 2px;
}
.short .clocks {
  margin-left: 12px;
  gap: 8px;
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
.short .to-board {
  bottom: 5px;
  right: 4px;
}
.to-board:hover {
  background: var(--plum-tint);
}
</style>
