<!-- The times of a segment as small clocks; pressed, why these and another instead. What does not fit is counted. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Segment } from '../../contract/index.ts';
import { onlyHandOf } from '../../core/items/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import { usePlanWords } from '../words/usePlanWords.ts';

const { segment, wide, high } = defineProps<{
  segment: Segment;
  /** Screen pixels there are for all of them, and for one. */
  wide: number;
  high: number;
}>();
const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);
const words = usePlanWords();

const GAP = 6;
const SMALLEST = 22;
const LARGEST = 42;
const px = computed(() => Math.max(SMALLEST, Math.min(LARGEST, high, Math.floor(wide / segment.times.length) - GAP)));
const fitting = computed(() => Math.floor(wide / (px.value + GAP)));
const shown = computed(() =>
  segment.times.slice(0, segment.times.length > fitting.value ? fitting.value - 1 : undefined),
);
const left = computed(() => segment.times.length - shown.value.length);
const only = (place: number): 'hour' | undefined => onlyHandOf(segment.items[place]);
</script>

<template>
  <button type="button" class="clocks" :aria-label="t('desk.timesOf', { segment: words.segment(segment.kind) })">
    <SmallClock v-for="(time, i) in shown" :key="i" :time="time" :px="px" :only="only(i)" :label="clock.said(time)" />
    <span v-if="left > 0" class="left">{{ t('desk.moreTimes', { count: left }) }}</span>
  </button>
</template>

<style scoped>
.clocks {
  display: flex;
  align-items: center;
  gap: 6px;
  margin-left: 36px;
  border-radius: 999px;
}
.clocks:hover {
  background: var(--plum-tint);
}
.left {
  color: var(--quiet);
  font-size: 14px;
  padding-right: 8px;
  white-space: nowrap;
}
</style>
