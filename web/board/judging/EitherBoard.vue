<!--
  A question with two answers: can a clock be so, can digits be so, six or seven, which of two lengths. The class votes by hands, the
  teacher enters how many, then the answer is opened and says why.
-->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { v4 as newId } from 'uuid';
import type { Lesson, Settings } from '../../../contract/index.ts';
import { seedFromText, seededRng } from '../../../core/common/index.ts';
import { eithersOf, type EitherKind } from '../../../core/activities/index.ts';
import { TIMES_OF_GROUP } from '../../../core/sets/index.ts';
import { useClassroomStore } from '../../stores/classroom.ts';
import { useStageStore } from '../../stores/stage.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import BoardFrame from '../stage/BoardFrame.vue';
import AnswerCover from '../cards/AnswerCover.vue';
import JudgedClock from '../../clock/JudgedClock.vue';
import { useGroupsMet } from '../tools/useGroupsMet.ts';
import VoteCount from './VoteCount.vue';

const { settings, kind, lesson } = defineProps<{
  settings: Settings;
  kind: EitherKind;
  /** The lesson of now: clocks are about times met until then. */
  lesson: Lesson | undefined;
}>();
const { t } = useI18n();
const stage = useStageStore();
const classroom = useClassroomStore();
const words = useClockWords(() => settings);
const met = useGroupsMet(() => lesson);

const questions = eithersOf(
  kind,
  seededRng(seedFromText(newId())),
  met.value.flatMap((group) => TIMES_OF_GROUP[group]),
  settings,
);
const index = ref(0);
const open = ref(false);
const votes = ref(questions.map((): [number, number] => [0, 0]));
const children = computed(() => classroom.classroom?.children.length ?? 0);
const question = computed(() => questions[index.value]!);
const picture = computed(() => question.value.picture);
const ask = computed(() => words.phrase(question.value.ask));
const answer = computed(() => words.phrase(question.value.because));

const next = (): void => {
  if (!open.value) open.value = true;
  else if (index.value + 1 < questions.length) {
    index.value += 1;
    open.value = false;
  } else stage.toClock();
};
const back = (): void => {
  if (open.value) open.value = false;
  else index.value = Math.max(0, index.value - 1);
};
const PLACES = [0, 1] as const;
const vote = (place: 0 | 1, by: number): void => {
  const now = votes.value[index.value]!;
  const most = children.value - now[place === 0 ? 1 : 0];
  now[place] = Math.min(most, Math.max(0, now[place] + by));
};
const keys = { '+': () => vote(0, 1), '-': () => vote(1, 1) };
const acts = { stop: stage.toClock };
const view = computed(() => ({
  mode: 'voting' as const,
  title: t(`show.${kind}`),
  place: { index: index.value, count: questions.length },
  say: open.value ? answer.value : ask.value,
}));
const stones = computed(() => ({
  count: questions.length,
  index: index.value,
  label: t('judge.place', { number: index.value + 1, count: questions.length }),
}));
</script>

<template>
  <BoardFrame
    :settings="settings"
    :view="view"
    :trays="['show']"
    :keys="keys"
    :acts="acts"
    :stones="stones"
    :back="t('round.back')"
    :next="t('board.nextTime')"
    :data-activity="kind"
    :data-right="question.right"
    over-clock
    @back="back"
    @next="next"
  >
    <template #clock>
      <JudgedClock v-if="picture.kind === 'clock'" :picture="picture.clock" :label="t('judge.clock')" />
      <p v-else-if="picture.kind === 'digits'" class="display child-type">
        <span>{{ picture.text }}</span>
      </p>
      <figure v-else class="deed child-type">
        <img :src="`/pictures/${picture.picture}.svg`" alt="" draggable="false" />
        <figcaption>{{ words.phrase(picture.name) }}</figcaption>
      </figure>
    </template>
    <p class="ask child-type">{{ ask }}</p>
    <div class="votes">
      <VoteCount
        v-for="place in PLACES"
        :key="place"
        :name="words.phrase(question.choices[place])"
        :count="votes[index]![place]"
        :of="children"
        :shortcut="place === 0 ? '+' : '-'"
        :right="open && question.right === place"
        @change="(by) => vote(place, by)"
      />
    </div>
    <AnswerCover :said="answer" :open="open" @open="open = true" />
  </BoardFrame>
</template>

<style scoped>
.display,
.deed {
  width: 100%;
  height: 100%;
  display: grid;
  place-content: center;
  justify-items: center;
  gap: calc(var(--u) * 20);
}
.display span {
  padding: calc(var(--u) * 30) calc(var(--u) * 60);
  border-radius: var(--corner-board);
  background: var(--ink);
  color: var(--paper);
  font-size: calc(var(--u) * 190);
  line-height: 1.1;
  font-weight: 700;
}
.deed img {
  width: calc(var(--u) * 330);
  height: calc(var(--u) * 330);
}
.deed figcaption {
  font-size: calc(var(--u) * 54);
  line-height: 1.15;
  font-weight: 700;
  text-align: center;
  text-wrap: balance;
}
.ask {
  font-size: calc(var(--u) * 44);
  line-height: 1.15;
  font-weight: 700;
  text-align: center;
  text-wrap: balance;
}
.votes {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: calc(var(--u) * 16);
}
</style>
