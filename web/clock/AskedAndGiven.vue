<!-- What was asked and what was made of it, side by side: the clock, and the clock, writing or drawing that came back. -->
<script setup lang="ts">
import { mdiArrowRightThin } from '@mdi/js';
import { computed } from 'vue';
import type { Conventions } from '../../core/conventions/index.ts';
import { answeredTime, asGiven, type ReadAnswer } from '../../core/answers/index.ts';
import { onlyHandOf, timeOfItem, type Item } from '../../core/items/index.ts';
import { describeAnswer, describeItem } from '../../core/reporting/index.ts';
import AnswerLook from './AnswerLook.vue';
import SmallClock from './SmallClock.vue';

const { item, read, conventions } = defineProps<{ item: Item; read: ReadAnswer; conventions: Conventions }>();

/** Answers that are clocks, or hours of one; and those that look as they were drawn or written. What was said in words stands beside. */
const CLOCKS: ReadonlySet<ReadAnswer['kind']> = new Set(['time', 'hands', 'hour', 'hour-angle']);
const LOOKS: ReadonlySet<ReadAnswer['kind']> = new Set(['drawing', 'writing']);

const shown = computed(() => timeOfItem(item));
const only = computed(() => onlyHandOf(item));
const clock = computed(() => (CLOCKS.has(read.kind) ? answeredTime(read) : undefined));
const look = computed(() => (LOOKS.has(read.kind) || item.kind === 'choose-clock' ? asGiven(read) : undefined));
</script>

<template>
  <span class="clocks">
    <SmallClock
      v-if="shown !== undefined"
      :time="shown"
      :px="40"
      :only="only"
      :label="describeItem(item, conventions)"
    />
    <template v-if="clock !== undefined || look">
      <v-icon :icon="mdiArrowRightThin" size="16" aria-hidden="true" />
      <SmallClock
        v-if="clock !== undefined"
        :time="clock"
        :px="40"
        :only="only"
        :label="describeAnswer(item, read, conventions)"
      />
      <AnswerLook v-else-if="look" :item="item" :answer="look" :conventions="conventions" :px="40" class="given" />
    </template>
  </span>
</template>

<style scoped>
.clocks {
  display: flex;
  align-items: center;
  gap: 2px;
}
.given {
  font-size: 14px;
  max-width: 58px;
}
</style>
