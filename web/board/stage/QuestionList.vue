<!-- The questions a child asks itself while it reads a clock, the one of now lit. -->
<script setup lang="ts">
import { computed } from 'vue';
import type { Settings } from '../../../contract/index.ts';
import { readingQuestions } from '../../../core/wording/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';

const { settings, at } = defineProps<{
  settings: Settings;
  /** How many are answered. */
  at: number;
}>();
const words = useClockWords(() => settings);
const questions = computed(() => readingQuestions(settings).map(({ question }) => words.phrase(question)));
</script>

<template>
  <ol class="questions child-type">
    <li
      v-for="(question, i) in questions"
      :key="i"
      :class="{ now: i === at, answered: i < at }"
      :aria-current="i === at ? 'step' : undefined"
    >
      {{ question }}
    </li>
  </ol>
</template>

<style scoped>
.questions {
  flex: none;
  display: grid;
  gap: calc(var(--u) * 4);
  font-size: calc(var(--u) * 23);
  line-height: 1.2;
}
li {
  padding: calc(var(--u) * 6) calc(var(--u) * 14);
  border-radius: var(--corner);
  text-wrap: balance;
}
.answered {
  color: var(--quiet);
}
.now {
  background: var(--sun);
  color: var(--ink);
  font-weight: 700;
}
</style>
