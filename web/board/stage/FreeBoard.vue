<!-- The board outside a round: a clock to turn, cards to open, and the times of a segment to step through. -->
<script setup lang="ts">
import { mdiAccountMultipleOutline } from '@mdi/js';
import { computed, useTemplateRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Lesson, RoundSource, Settings } from '../../../contract/index.ts';
import { inSchoolDay, timeOf, turnNearestTo, turnOnTo, wrapToDial } from '../../../core/clock/index.ts';
import { contrastOf } from '../../../core/activities/index.ts';
import { isHourAlone } from '../../../core/items/index.ts';
import { sentenceOfCards } from '../../../core/rounds/index.ts';
import { readingOrder } from '../../../core/wording/index.ts';
import { useClassroomStore } from '../../stores/classroom.ts';
import { useStageStore, type Card } from '../../stores/stage.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import { usePlanWords } from '../../words/usePlanWords.ts';
import BoardFrame from './BoardFrame.vue';
import type { Aimed } from './aimed.ts';
import PairCards from '../cards/PairCards.vue';
import TimeCards from '../cards/TimeCards.vue';
import UnhookedCard from '../cards/UnhookedCard.vue';
import RoundReady from '../rounds/RoundReady.vue';

const { settings, lesson, roundLesson, segmentIndex, aimed } = defineProps<{
  settings: Settings;
  lesson: Lesson | undefined;
  /** The lesson a round can be taken from: today's on a plain board. */
  roundLesson: Lesson | undefined;
  segmentIndex: number;
  /** What shows a reason, then its times: for a small group, or for whoever is there. */
  aimed?: Aimed | undefined;
}>();
/** `past`: behind the last time. */
const emit = defineEmits<{
  round: [source: RoundSource];
  leave: [];
  past: [];
  snap: [minutes: Settings['snap']];
  group: [];
}>();
const { t } = useI18n();
const store = useClassroomStore();
const stage = useStageStore();
const words = useClockWords(() => settings);
const plan = usePlanWords();
const clock = useTemplateRef('clock');

const segment = computed(() => lesson?.segments[segmentIndex]);
const times = computed(() =>
  aimed === undefined ? (segment.value?.times ?? []) : [aimed.contrast[0], ...aimed.times],
);
const isRound = computed(() => aimed === undefined && segment.value?.kind === 'show-me');
const isPair = computed(() => stage.lenses.includes('two-clocks') && !stage.free.angles);
/**
 * What the hands show, on the way too: an open card never says anything else. Under covers only the hour matters, for how wide
 * the cards are: while hands are turned nothing has to be drawn anew.
 */
const time = computed(() => wrapToDial(stage.opened.size > 0 ? stage.minutes : Math.floor(stage.minutes / 60) * 60));

const cover = (): void => {
  stage.opened = new Set();
};
const open = (card: Card): void => {
  stage.opened = new Set([...stage.opened, card]);
};
/** A turn of one hour takes this long, so that an eye can follow both hands; a longer way goes faster. */
const TURN_MS = 1600;
/** It begins with the two times that part right from wrong, side by side; the lens stays. */
const showReason = (): void => {
  if (aimed === undefined) return;
  stage.lenses = stage.place === 0 ? [aimed.lens, 'two-clocks'] : [aimed.lens];
  if (stage.place === 0) stage.second = aimed.contrast[1];
};
const goTo = (place: number): void => {
  const next = times.value[place];
  if (next === undefined) return;
  stage.place = place;
  cover();
  stage.second = contrastOf(next);
  showReason();
  // Clockwise, as time goes.
  void clock.value?.turnTo(turnOnTo(stage.minutes, next), TURN_MS);
};
const start = (): void => {
  stage.place = 0;
  stage.minutes = times.value[0] === undefined ? 0 : inSchoolDay(times.value[0]);
  stage.second = contrastOf(stage.time);
  cover();
  showReason();
  if (aimed !== undefined) return;
  // A lesson about the hour hand begins with that hand alone.
  const items = segment.value?.items ?? [];
  if (items.length > 0 && items.every(({ kind }) => isHourAlone(kind))) stage.lenses = ['hour-hand-alone'];
};
// Coming back from a demonstration, everything is where it was.
watch(
  () => `${lesson?.id} ${segmentIndex} ${aimed?.key}`,
  (list) => {
    if (stage.started === list) return;
    stage.started = list;
    start();
  },
  { immediate: true },
);

/** The cards there are, in the order they are opened; two clocks have the whole time of each. */
const cards = computed((): readonly Card[] => {
  if (stage.free.angles) return ['whole'];
  return isPair.value ? ['whole', 'second'] : readingOrder(settings);
});
const beginRound = (): void => emit('round', { what: 'segment', at: segmentIndex });
const next = (): void => {
  if (isRound.value) {
    beginRound();
    return;
  }
  const closed = cards.value.find((card) => !stage.opened.has(card));
  if (closed !== undefined) open(closed);
  else if (stage.place + 1 < times.value.length) goTo(stage.place + 1);
  else if (aimed !== undefined) emit('leave');
  else if (segment.value !== undefined) emit('past');
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
  const step = stage.openParts.size === 0 ? undefined : sentenceOfCards(time.value, [...stage.openParts], settings);
  const ask = stage.lenses.includes('hour-hand-alone') ? 'clock.ask.hour-hand' : 'clock.ask.read';
  return words.phrase(step ?? { key: ask, values: {} });
});
const title = computed(() => {
  if (aimed !== undefined) return t(aimed.groupId === undefined ? 'board.title' : 'smallGroup.title');
  return segment.value === undefined ? t('board.title') : plan.segment(segment.value.kind);
});
const view = computed(() => ({
  mode: 'clock' as const,
  title: title.value,
  place: times.value.length > 0 ? { index: stage.place, count: times.value.length } : null,
  say: say.value,
}));
const keys = {
  '0': toTwelve,
  '1': () => open(isPair.value ? 'whole' : 'hour'),
  '2': () => open(isPair.value ? 'second' : 'minute'),
  '3': () => open('whole'),
  c: cover,
  u: stage.unhook,
  a: () => (stage.hasQuestions = !stage.hasQuestions),
  j: () => toGroup(),
};
/** Small groups have a key of their own, where another one's turn may be. */
const hasGroup = computed(() => (store.classroom?.groups.length ?? 0) > (aimed?.groupId === undefined ? 0 : 1));
const toGroup = (): void => {
  if (hasGroup.value) emit('group');
};
const extra = computed(() =>
  hasGroup.value ? [{ key: 'group', icon: mdiAccountMultipleOutline, label: t('smallGroup.key'), act: toGroup }] : [],
);
const acts = { cover, 'to-twelve': toTwelve };
const stones = computed(() =>
  times.value.length > 0
    ? {
        count: times.value.length,
        index: stage.place,
        label: t('board.timeOf', { number: stage.place + 1, count: times.value.length }),
      }
    : undefined,
);
</script>

<template>
  <BoardFrame
    ref="clock"
    :settings="settings"
    :lesson="roundLesson"
    :view="view"
    :keys="keys"
    :extra="extra"
    :data-group="aimed?.groupId"
    :acts="acts"
    :room="{ say, pair: true, questions: isPair || stage.free.angles || isRound ? undefined : stage.openParts.size }"
    :stones="stones"
    :back="t('board.previousTime')"
    :next="t('board.nextTime')"
    @leave="emit('leave')"
    @back="back"
    @next="next"
    @step="(by) => clock?.stepBy(by)"
    @round="(source) => emit('round', source)"
    @snap="(snap) => emit('snap', snap)"
    @cover="cover"
    @twelve="toTwelve"
  >
    <template #top>
      <p class="hint child-type">{{ t('board.freeHint') }}</p>
    </template>
    <UnhookedCard
      v-if="stage.free.angles"
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
      :opened="[stage.opened.has('whole'), stage.opened.has('second')]"
      @open="(which) => open(which === 0 ? 'whole' : 'second')"
    />
    <TimeCards
      v-else
      :time="time"
      :conventions="settings"
      :opened="stage.openParts"
      :compact="stage.lenses.includes('magnifier') || stage.hasQuestions"
      @open="open"
    />
  </BoardFrame>
</template>

<style scoped>
.hint {
  height: 100%;
  display: grid;
  place-items: center;
  font-size: calc(var(--u) * 20);
  color: var(--quiet);
}
</style>
