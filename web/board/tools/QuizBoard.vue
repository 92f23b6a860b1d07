<!-- The quick quiz: one clock after another is read aloud, the answer opens by itself, and so does the next. Nothing is noted. -->
<script setup lang="ts">
import { mdiPause, mdiPlay } from '@mdi/js';
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Lesson, Settings } from '../../../contract/index.ts';
import { STEP_PARTS } from '../../../core/wording/index.ts';
import { useStageStore } from '../../stores/stage.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import TimeCards from '../cards/TimeCards.vue';
import ThinkDial from '../rounds/ThinkDial.vue';
import BoardFrame from '../stage/BoardFrame.vue';
import QuizSetUp from './QuizSetUp.vue';
import { useGroupsMet } from './useGroupsMet.ts';
import { useQuiz } from './useQuiz.ts';

const { settings, lesson } = defineProps<{
  settings: Settings;
  /** The lesson of now: what was met until then is mixed at first. */
  lesson: Lesson | undefined;
}>();
const { t } = useI18n();
const stage = useStageStore();
const words = useClockWords(() => settings);
const met = useGroupsMet(() => lesson);
const quiz = useQuiz();
watch(quiz.time, (time) => time !== undefined && (stage.minutes = time), { immediate: true });

const isRunning = computed(() => quiz.phase.value === 'think' || quiz.phase.value === 'answer');
const ask = computed(() => words.phrase({ key: 'clock.ask.read', values: {} }));
const say = computed(() =>
  quiz.phase.value === 'answer' && quiz.time.value !== undefined
    ? words.phrase({ key: 'clock.steps.whole', values: { said: words.said(quiz.time.value) } })
    : ask.value,
);
const toggle = (): void => {
  if (isRunning.value) quiz.toggle();
};
const next = (): void => {
  if (isRunning.value) quiz.goOn();
};
const keys = { ' ': toggle };
const acts = { play: toggle, stop: stage.toClock };
const view = computed(() => ({
  mode: 'clock' as const,
  title: t('show.quiz'),
  place: isRunning.value ? { index: quiz.at.value, count: quiz.times.value.length } : null,
  say: say.value,
}));
const stones = computed(() =>
  isRunning.value && quiz.times.value.length <= 20
    ? {
        count: quiz.times.value.length,
        index: quiz.at.value,
        label: t('round.item', { number: quiz.at.value + 1, count: quiz.times.value.length }),
      }
    : undefined,
);
const extra = computed(() => [
  {
    key: 'pause',
    icon: quiz.paused.value ? mdiPlay : mdiPause,
    label: t(quiz.paused.value ? 'quiz.goOn' : 'quiz.pause'),
    act: toggle,
  },
]);
</script>

<template>
  <BoardFrame
    :settings="settings"
    :view="view"
    :trays="['lenses', 'show', 'clock']"
    :extra="extra"
    :keys="keys"
    :acts="acts"
    :room="{ say, still: true, handsOn: quiz.phase.value !== 'ready' }"
    :stones="stones"
    :title="t('show.quiz')"
    :back="t('board.previousTime')"
    :next="t('board.nextTime')"
    data-activity="quiz"
    :data-phase="quiz.phase.value"
    :data-paused="quiz.paused.value"
    over-clock
    @back="quiz.back()"
    @next="next"
  >
    <QuizSetUp v-if="quiz.phase.value === 'ready'" :met="met" :written="words.written" @begin="quiz.begin" />
    <template v-else-if="quiz.phase.value === 'think'">
      <p class="ask child-type">{{ ask }}</p>
      <div class="stage">
        <ThinkDial :passed="quiz.passed.value" :seconds="quiz.seconds.value">{{
          t(quiz.paused.value ? 'quiz.paused' : 'round.think')
        }}</ThinkDial>
      </div>
    </template>
    <TimeCards
      v-else-if="quiz.phase.value === 'answer'"
      :time="quiz.time.value!"
      :conventions="settings"
      :opened="new Set(STEP_PARTS)"
      still
    />
    <section v-else class="over">
      <h2 class="title-page">{{ t('quiz.over', { count: quiz.times.value.length }) }}</h2>
      <v-btn :height="56" @click="quiz.again()">{{ t('quiz.again') }}</v-btn>
      <v-btn variant="text" :height="48" @click="stage.toClock()">{{ t('remote.stop') }}</v-btn>
    </section>
  </BoardFrame>
</template>

<style scoped>
.ask {
  font-size: calc(var(--u) * 46);
  line-height: 1.2;
  font-weight: 700;
  text-align: center;
}
.stage {
  flex: 1;
  display: grid;
  place-items: center;
}
.over {
  flex: 1;
  display: grid;
  align-content: center;
  justify-items: start;
  gap: 16px;
}
</style>
