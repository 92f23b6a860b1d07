<!-- What a task is about, small: its time, or the clock that is to be judged as it is. -->
<script setup lang="ts">
import { timeAsked, type RoundItem } from '../../../core/rounds/index.ts';
import JudgedClock from '../../clock/JudgedClock.vue';
import SmallClock from '../../clock/SmallClock.vue';

const {
  item,
  px,
  label = '',
} = defineProps<{
  item: RoundItem;
  /** Its width and height, in pixels. */
  px: number;
  /** Nothing where it is said beside it. */
  label?: string;
}>();
const time = timeAsked(item);
</script>

<template>
  <SmallClock v-if="time !== undefined" :time="time" :px="px" :label="label" :aria-hidden="label === ''" />
  <JudgedClock
    v-else-if="item.kind === 'judge-clock'"
    :picture="item.clock"
    :label="label"
    :aria-hidden="label === ''"
    :style="{ width: `${px}px`, height: `${px}px` }"
  />
</template>
