<!-- The board outside a round: a clock to turn, cards to open, and the times of a segment to step through. -->
<script setup lang="ts">
import { computed, useTemplateRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Lesson, RoundSource, Settings } from '../../../contract/index.ts';
import { inSchoolDay, timeOf, turnNearestTo, turnOnTo, wrapToDial } from '../../../core/clock/index.ts';
import { contrastOf } from '../../../core/activities/index.ts';
import { sentenceOfCards } from '../../../core/rounds/index.ts';
import { readingOrder, type StepPart } from '../../../core/wording/index.ts';
import StoneRow from '../../shell/StoneRow.vue';
import { useStageStore } from '../../stores/stage.ts';
import { useClockWords } from '../../stores/useClockWords.ts';
import { usePlanWords } from '../../stores/usePlanWords.ts';
import BoardDock from '../trays/BoardDock.vue';
import BoardStage from './BoardStage.vue';
import BoardTray from '../trays/BoardTray.vue';
import PairCards from '../cards/PairCards.vue';
import TimeCards from '../cards/TimeCards.vue';
import UnhookedCard from '../cards/UnhookedCard.vue';
import RoundReady from '../rounds/RoundReady.vue';
import { useStageMode } from './useStageMode.ts';

const { settings, lesson, segmentIndex } = defineProps<{
  settings: Settings;
  lesson: Lesson | undefined;
  segmentIndex: number;
}>();
const emit = defineEmits<{ round: [source: RoundSource]; leave: []; snap: [minutes: Settings['snap']] }>();
const { t } = useI18n();
const stage = useStageStore();
const words = useClockWords(() => settings);
const plan = usePlanWords();
const clock = useTemplateRef('clock');

const segment = computed(() => lesson?.segments[segmentIndex]);
const times = computed(() => segment.value?.times ?? []);
const isRound = computed(() => segment.value?.kind === 'show-me');
const isPair = computed(() => stage.lenses.includes('two-clocks') && !stage.free.angles);
/**
 * What the hands show, on the way too: an open card never says anything else. Under covers only the hour matters, for how wide
 * the cards are: while hands are turned nothing has to be drawn anew.
 */
const time = computed(() => wrapToDial(stage.opened.size > 0 ? stage.minutes : Math.floor(stage.minutes / 60) * 60));

const cover = (): void => {
  stage.opened = new Set();
};
const open = (part: StepPart): void => {
  stage.opened = new Set([...stage.opened, part]);
};
/** A turn of one hour takes this long, so that an eye can follow both hands; a longer way goes faster. */
const TURN_MS = 1600;
const goTo = (place: number): void => {
  const next = times.value[place];
  if (next === undefined) return;
  stage.place = place;
  cover();
  stage.second = contrastOf(next);
  // Clockwise, as time goes.
  void clock.value?.turnTo(turnOnTo(stage.minutes, next), TURN_MS);
};
const start = (): void => {
  stage.place = 0;
  stage.minutes = times.value[0] === undefined ? 0 : inSchoolDay(times.value[0]);
  stage.second = contrastOf(stage.time);
  cover();
  // A lesson about the hour hand begins with that hand alone.
  const items = segment.value?.items ?? [];
  if (items.length > 0 && items.every(({ kind }) => kind === 'hour-hand')) stage.lenses = ['hour-hand-alone'];
};
// Coming back from a demonstration, everything is where it was.
watch(
  () => `${lesson?.id} ${segmentIndex}`,
  (list) => {
    if (stage.started === list) return;
    stage.started = list;
    start();
  },
  { immediate: true },
);

/** With two clocks there are two cards, the whole time of each: the second is kept as the minutes'. */
const parts = computed((): readonly StepPart[] => (isPair.value ? ['whole', 'minute'] : readingOrder(settings)));
const beginRound = (): void => emit('round', { what: 'segment', at: segmentIndex });
const next = (): void => {
  if (isRound.value) {
    beginRound();
    return;
  }
  const closed = stage.free.angles
    ? (['whole'] as const).find((part) => !stage.opened.has(part))
    : parts.value.find((part) => !stage.opened.has(part));
  if (closed !== undefined) open(closed);
  else if (stage.place + 1 < times.value.length) goTo(stage.place + 1);
};
const back = (): void => {
  if (stage.opened.size > 0) cover();
  else if (stage.place > 0) goTo(stage.place - 1);
};
const toTwelve = (): void => {
  cover();
  stage.free.angles = undefined;
  void clock.value?.turnTo(turnNearestTo(stage.minutes, timeOf(12)), TURN_MS);
};

const say = computed(() => {
  if (stage.free.angles) return words.phrase({ key: 'clock.ask.possible', values: {} });
  const step = stage.opened.size === 0 ? undefined : sentenceOfCards(time.value, [...stage.opened], settings);
  const ask = stage.lenses.includes('hour-hand-alone') ? 'clock.ask.hour-hand' : 'clock.ask.read';
  return words.phrase(step ?? { key: ask, values: {} });
});
useStageMode({
  pair: true,
  leave: () => emit('leave'),
  step: (by) => clock.value?.stepBy(by),
  keys: () => ({
    ' ': next,
    Backspace: back,
    '0': toTwelve,
    '1': () => open(parts.value[0] === 'whole' ? 'whole' : 'hour'),
    '2': () => open('minute'),
    '3': () => open('whole'),
    c: cover,
    u: stage.unhook,
  }),
  acts: () => ({ next, back, cover, 'to-twelve': toTwelve }),
  view: () => ({
    mode: 'clock',
    title: segment.value === undefined ? t('board.title') : plan.segment(segment.value.kind),
    place: times.value.length > 0 ? { index: stage.place, count: times.value.length } : null,
    say: say.value,
  }),
});
</script>

<template>
  <BoardStage ref="clock" :settings="settings" :say="say" pair>
    <template #top>
      <StoneRow
        v-if="times.length > 0"
        :count="times.length"
        :index="stage.place"
        :label="t('board.timeOf', { number: stage.place + 1, count: times.length })"
        class="stones"
      />
      <p v-else class="hint child-type">{{ t('board.freeHint') }}</p>
    </template>
    <BoardTray
      v-if="stage.tray"
      :settings="settings"
      :lesson="lesson"
      pair
      @round="(source) => emit('round', source)"
      @snap="(snap) => emit('snap', snap)"
      @cover="cover"
      @twelve="toTwelve"
    />
    <UnhookedCard
      v-else-if="stage.free.angles"
      :angles="stage.free.angles"
      :conventions="settings"
      :open="stage.opened.has('whole')"
      @open="open('whole')"
    />
    <RoundReady v-else-if="isRound" :count="times.length" @start="beginRound" />
    <PairCards
      v-else-if="isPair"
      :times="[time, wrapToDial(stage.second)]"
      :conventions="settings"
      :opened="[stage.opened.has('whole'), stage.opened.has('minute')]"
      @open="(which) => open(which === 0 ? 'whole' : 'minute')"
    />
    <TimeCards
      v-else
      :time="time"
      :conventions="settings"
      :opened="stage.opened"
      :compact="stage.lenses.includes('magnifier')"
      @open="open"
    />
    <template #dock>
      <BoardDock
        :trays="lesson ? ['lenses', 'show', 'round', 'clock'] : ['lenses', 'show', 'clock']"
        :back="t('board.previousTime')"
        :next="t('board.nextTime')"
        @leave="emit('leave')"
        @back="back"
        @next="next"
      />
    </template>
  </BoardStage>
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
