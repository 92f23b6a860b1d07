<!-- Can a clock look like this? What its unhooked hands say, behind a cover. -->
<script setup lang="ts">
import { computed } from 'vue';
import type { HandAngles } from '../../../core/clock/index.ts';
import { faultsOf, pictureOf } from '../../../core/items/index.ts';
import type { Conventions } from '../../../core/conventions/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import OneAnswer from './OneAnswer.vue';

const { angles, conventions, open } = defineProps<{ angles: HandAngles; conventions: Conventions; open: boolean }>();
const emit = defineEmits<{ open: [] }>();
const words = useClockWords(() => conventions);
const answer = computed(() => {
  const [fault] = faultsOf(pictureOf(angles));
  return words.phrase({ key: fault === undefined ? 'clock.possible' : `clock.faults.${fault}`, values: {} });
});
</script>

<template>
  <OneAnswer
    :ask="words.phrase({ key: 'clock.ask.possible', values: {} })"
    :answer="answer"
    :open="open"
    @open="emit('open')"
  />
</template>
