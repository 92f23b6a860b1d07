<!-- The answer to what a class is asked, behind covers: hour, minutes and whole time, or the one thing there is to see. -->
<script setup lang="ts">
import { computed } from 'vue';
import type { Settings } from '../../../contract/index.ts';
import { revealSteps, revealedParts, timeAsked, type RoundItem } from '../../../core/rounds/index.ts';
import { readingOrder, type StepPart } from '../../../core/wording/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import OneAnswer from '../cards/OneAnswer.vue';
import TimeCards from '../cards/TimeCards.vue';

const { item, settings, revealed, ask, say } = defineProps<{
  item: RoundItem;
  settings: Settings;
  /** How many are open. */
  revealed: number;
  ask: string;
  /** What the teacher says of what is open. */
  say: string;
  /** Smaller, for less room. */
  compact: boolean;
}>();
/** All up to one are to be opened, in the reading order. */
const emit = defineEmits<{ open: [upTo: number] }>();
const words = useClockWords(() => settings);
const steps = computed(() => revealSteps(item));
const time = computed(() => timeAsked(item));
const opened = computed((): ReadonlySet<StepPart> => new Set(revealedParts(item, revealed, settings)));
const openCard = (part: StepPart): void =>
  emit('open', Math.min(steps.value, readingOrder(settings).indexOf(part) + 1));
</script>

<template>
  <OneAnswer
    v-if="steps === 1"
    :ask="ask"
    :answer="say"
    :written="item.kind === 'choose-clock' || item.kind === 'set-hour-hand' ? words.written(item.shown) : ''"
    :open="revealed > 0"
    @open="emit('open', 1)"
  />
  <TimeCards
    v-else-if="time !== undefined"
    :time="time"
    :conventions="settings"
    :opened="opened"
    :compact="compact"
    @open="openCard"
  />
</template>
