<!-- How a quick quiz is to be: which times, how many, how long to think. -->
<script setup lang="ts">
import { mdiPlay } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { timeOf } from '../../../core/clock/index.ts';
import { TIMES_OF_GROUP, TIME_GROUPS, type TimeGroup } from '../../../core/sets/index.ts';
import PillRow from '../../look/PillRow.vue';
import type { QuizWishes } from './useQuiz.ts';

const { met, written } = defineProps<{
  /** Groups the class has met: those are mixed at first. */
  met: readonly TimeGroup[];
  written: (time: (typeof TIMES_OF_GROUP)['oclock'][number]) => string;
}>();
const emit = defineEmits<{ begin: [wishes: QuizWishes] }>();
const { t } = useI18n();
const SECONDS = [3, 5, 10, 15, 20, 30] as const;
const COUNTS = [6, 10, 12, 20, 40] as const;
const GROUPS = TIME_GROUPS.filter((group) => group !== 'minutes');
const groups = ref<readonly TimeGroup[]>(met.filter((group) => group !== 'minutes'));
const count = ref<number>(10);
const seconds = ref<number>(10);
/** One group at least. */
const toggle = (group: TimeGroup): void => {
  const next = GROUPS.filter((other) => (other === group) !== groups.value.includes(other));
  if (next.length > 0) groups.value = next;
};
/** A time of each kind, as its name. */
const example = (group: TimeGroup): string =>
  written(TIMES_OF_GROUP[group].find((time) => time >= timeOf(3)) ?? timeOf(3));
</script>

<template>
  <section class="quiz-set-up">
    <PillRow
      name="group"
      :label="t('quiz.times')"
      :choices="GROUPS.map((key) => ({ key, label: example(key) }))"
      :on="groups"
      @choose="toggle"
    />
    <h3 class="title-item">{{ t('quiz.think') }}</h3>
    <PillRow
      name="seconds"
      :label="t('quiz.think')"
      :choices="SECONDS.map((key) => ({ key, label: t('roundPlan.seconds', { count: key }) }))"
      :on="[seconds]"
      @choose="(one) => (seconds = one)"
    />
    <h3 class="title-item">{{ t('quiz.count') }}</h3>
    <PillRow
      name="count"
      :label="t('quiz.count')"
      :choices="COUNTS.map((key) => ({ key, label: String(key) }))"
      :on="[count]"
      @choose="(one) => (count = one)"
    />
    <v-btn :height="56" :prepend-icon="mdiPlay" class="begin" @click="emit('begin', { groups, count, seconds })">{{
      t('quiz.begin')
    }}</v-btn>
    <p class="quiet">{{ t('quiz.nothingNoted') }}</p>
  </section>
</template>

<style scoped>
.quiz-set-up {
  display: grid;
  gap: calc(var(--u) * 12);
  align-content: center;
  flex: 1;
  min-height: 0;
  overflow: auto;
}
.begin {
  justify-self: start;
  margin-top: 8px;
}
</style>
