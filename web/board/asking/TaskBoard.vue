<!--
  Tasks that children do by themselves, looked at together: each as a child sees it, and what was asked for only once it is opened.
-->
<script setup lang="ts">
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Lesson, RoundSource, Settings } from '../../../contract/index.ts';
import { revealSteps, revealedParts, roundPhrase, type RoundItem } from '../../../core/rounds/index.ts';
import { useStageStore } from '../../stores/stage.ts';
import JudgedClock from '../../clock/JudgedClock.vue';
import BoardFrame from '../stage/BoardFrame.vue';
import AnswerCards from './AnswerCards.vue';
import ChooseClocks from './ChooseClocks.vue';
import TaskCard from './TaskCard.vue';
import { useAsked } from './useAsked.ts';

const { settings, lesson, items } = defineProps<{
  settings: Settings;
  lesson: Lesson;
  /** One at least. */
  items: readonly RoundItem[];
}>();
/** `past`: behind the last task. */
const emit = defineEmits<{ round: [source: RoundSource]; leave: []; past: []; snap: [minutes: Settings['snap']] }>();
const { t } = useI18n();
const stage = useStageStore();
const clock = useTemplateRef('clock');

const at = ref(0);
/** Is the answer there to be opened? A clock to be read is: its hands are the task. */
const isOut = ref(false);
const revealed = ref(0);
const item = computed(() => items[Math.min(at.value, items.length - 1)]!);
const {
  words,
  time,
  said,
  plain,
  ask,
  handsAnswer,
  room: roomOf,
} = useAsked(
  () => item.value,
  () => settings,
);

/** The answer turns the hands for the last hour up to the time. */
const REVEAL_MS = 1800;
const goTo = (place: number): void => {
  at.value = place;
  isOut.value = false;
  revealed.value = 0;
  stage.free.angles = undefined;
  stage.minutes = time.value;
};
watch(
  () => items,
  () => goTo(0),
  { immediate: true },
);
const bringOut = (): void => {
  isOut.value = true;
  if (handsAnswer.value) void clock.value?.turnTo(time.value, REVEAL_MS, time.value - 60);
  else revealed.value = 1;
};
const open = (upTo: number): void => {
  revealed.value = Math.max(revealed.value, upTo);
};
const next = (): void => {
  if (!isOut.value) bringOut();
  else if (revealed.value < revealSteps(item.value)) open(revealed.value + 1);
  else if (at.value + 1 < items.length) goTo(at.value + 1);
  else emit('past');
};
const back = (): void => {
  if (isOut.value) goTo(at.value);
  else if (at.value > 0) goTo(at.value - 1);
};
const cover = (): void => goTo(at.value);

const say = computed(() => {
  const place = { phase: isOut.value ? ('reveal' as const) : ('ask' as const), revealed: revealed.value };
  return words.phrase(roundPhrase(item.value, place, settings));
});
const view = computed(() => ({
  mode: 'clock' as const,
  title: plain.value,
  place: { index: at.value, count: items.length },
  say: say.value,
  opened: [...revealedParts(item.value, revealed.value, settings)],
}));
const room = computed(() => roomOf(isOut.value, say.value));
const stones = computed(() => ({
  count: items.length,
  index: at.value,
  label: t('round.item', { number: at.value + 1, count: items.length }),
}));
</script>

<template>
  <BoardFrame
    ref="clock"
    :settings="settings"
    :lesson="lesson"
    :view="view"
    :keys="{ c: cover }"
    :acts="{ cover }"
    :room="room"
    :stones="stones"
    :back="t('board.previousTask')"
    :next="t('board.nextTask')"
    :data-task="item.kind"
    :data-open="revealed"
    @leave="emit('leave')"
    @back="back"
    @next="next"
    @step="(by) => isOut && clock?.stepBy(by)"
    @round="(source) => emit('round', source)"
    @snap="(snap) => emit('snap', snap)"
    @cover="cover"
  >
    <template v-if="item.kind === 'choose-clock'" #clock>
      <ChooseClocks :options="item.options" :time="time" :shown="revealed > 0" />
    </template>
    <template v-else-if="item.kind === 'judge-clock'" #clock>
      <JudgedClock :picture="item.clock" :label="t('judge.clock')" />
    </template>
    <AnswerCards
      v-if="isOut || !handsAnswer"
      :item="item"
      :settings="settings"
      :revealed="revealed"
      :ask="ask"
      :say="say"
      :compact="stage.lenses.includes('magnifier')"
      @open="(upTo) => ((isOut = true), open(upTo))"
    />
    <TaskCard v-else :ask="plain" :said="said" />
  </BoardFrame>
</template>
