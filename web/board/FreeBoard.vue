<!-- The board outside a round: a clock to turn, cards to open, and the times of a segment to step through. -->
<script setup lang="ts">
import {
  mdiArrowLeft,
  mdiArrowRight,
  mdiClockTimeTwelveOutline,
  mdiEyeOffOutline,
  mdiFullscreen,
  mdiHomeOutline,
} from '@mdi/js';
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Lesson, Settings } from '../../contract/index.ts';
import { timeOf, turnNearestTo, turnOnTo, wrapToDial } from '../../core/clock/index.ts';
import { readingOrder } from '../../core/wording/index.ts';
import GearedClock from '../clock/GearedClock.vue';
import StoneRow from '../shell/StoneRow.vue';
import BoardDock, { type DockAct } from './BoardDock.vue';
import BoardLayout from './BoardLayout.vue';
import RoundReady from './RoundReady.vue';
import SnapMenu from './SnapMenu.vue';
import TimeCards, { type CardPart } from './TimeCards.vue';
import { toggleFullscreen } from './fullscreen.ts';
import { useBoardKeys } from './useBoardKeys.ts';

const { settings, lesson, segmentIndex } = defineProps<{
  settings: Settings;
  lesson: Lesson | undefined;
  segmentIndex: number;
}>();
const emit = defineEmits<{ round: []; leave: []; snap: [minutes: Settings['snap']] }>();
const { t } = useI18n();
const clock = useTemplateRef('clock');

const segment = computed(() => lesson?.segments[segmentIndex]);
const times = computed(() => segment.value?.times ?? []);
const isRound = computed(() => segment.value?.kind === 'show-me');
const index = ref(0);
const minutes = ref<number>(times.value[0] ?? 0);
const opened = ref<ReadonlySet<CardPart>>(new Set());
/** What the hands show, on the way too: a card never says anything else. */
const time = computed(() => wrapToDial(minutes.value));

const cover = (): void => {
  opened.value = new Set();
};
const open = (part: CardPart): void => {
  opened.value = new Set([...opened.value, part]);
};
/** A turn of one hour takes this long, so that an eye can follow both hands; a longer way goes faster. */
const TURN_MS = 1600;
const goTo = (place: number): void => {
  const next = times.value[place];
  if (next === undefined) return;
  index.value = place;
  cover();
  // Clockwise, as time goes.
  void clock.value?.turnTo(turnOnTo(minutes.value, next), TURN_MS);
};
watch(
  () => [lesson?.id, segmentIndex],
  () => {
    index.value = 0;
    minutes.value = times.value[0] ?? 0;
    cover();
  },
);

const next = (): void => {
  if (isRound.value) {
    emit('round');
    return;
  }
  const closed = readingOrder(settings).find((part) => !opened.value.has(part));
  if (closed !== undefined) open(closed);
  else if (index.value + 1 < times.value.length) goTo(index.value + 1);
};
const back = (): void => {
  if (opened.value.size > 0) cover();
  else if (index.value > 0) goTo(index.value - 1);
};
const toTwelve = (): void => {
  cover();
  void clock.value?.turnTo(turnNearestTo(minutes.value, timeOf(12)), TURN_MS);
};
useBoardKeys(() => ({
  step: (by) => clock.value?.stepBy(by),
  keys: {
    ' ': next,
    Backspace: back,
    '0': toTwelve,
    '1': () => open('hour'),
    '2': () => open('minute'),
    '3': () => open('whole'),
    c: cover,
    f: toggleFullscreen,
    Escape: () => emit('leave'),
  },
}));
const acts = computed((): DockAct[] => [
  { key: 'leave', icon: mdiHomeOutline, label: t('board.leave'), act: () => emit('leave') },
  { key: 'cover', icon: mdiEyeOffOutline, label: t('board.coverAll'), act: cover },
  { key: 'twelve', icon: mdiClockTimeTwelveOutline, label: t('board.toTwelve'), act: toTwelve },
  { key: 'full', icon: mdiFullscreen, label: t('board.fullscreen'), act: toggleFullscreen },
  { key: 'back', icon: mdiArrowLeft, label: t('board.previousTime'), act: back },
  { key: 'next', icon: mdiArrowRight, label: t('board.nextTime'), act: next, main: true },
]);
</script>

<template>
  <BoardLayout>
    <template #clock>
      <GearedClock
        ref="clock"
        v-model="minutes"
        :snap="settings.snap"
        :conventions="settings"
        :label="t('board.clock')"
      />
    </template>
    <template #top>
      <StoneRow
        v-if="times.length > 0"
        :count="times.length"
        :index="index"
        :label="t('board.timeOf', { number: index + 1, count: times.length })"
        class="stones"
      />
      <p v-else class="hint child-type">{{ t('board.freeHint') }}</p>
    </template>
    <RoundReady v-if="isRound" :count="times.length" @start="emit('round')" />
    <TimeCards v-else :time="time" :conventions="settings" :opened="opened" @open="open" />
    <template #dock>
      <BoardDock :acts="acts"><SnapMenu :snap="settings.snap" @choose="(snap) => emit('snap', snap)" /></BoardDock>
    </template>
  </BoardLayout>
</template>

<style scoped>
.stones {
  height: 100%;
  width: 100%;
}
.hint {
  height: 100%;
  display: grid;
  place-items: center;
  font-size: calc(var(--u) * 20);
  color: var(--quiet);
}
</style>
