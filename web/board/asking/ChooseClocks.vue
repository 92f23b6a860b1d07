<!-- Several clocks, one of which shows the time: lettered, so that a class can say which. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { DialTime } from '../../../core/clock/index.ts';
import { showsTime, type ClockPicture } from '../../../core/items/index.ts';
import JudgedClock from '../../clock/JudgedClock.vue';

const { options, time, shown } = defineProps<{
  options: readonly ClockPicture[];
  time: DialTime;
  /** The right one is pointed out. */
  shown: boolean;
}>();
const { t } = useI18n();
const LETTERS = 'ABCDEFGH';
</script>

<template>
  <ol class="choices" :class="{ many: options.length > 4 }">
    <li
      v-for="(picture, i) in options"
      :key="i"
      :class="{ right: shown && showsTime(picture, time), other: shown && !showsTime(picture, time) }"
    >
      <span class="letter child-type">{{ LETTERS[i] }}</span>
      <JudgedClock :picture="picture" :label="t('round.choice', { letter: LETTERS[i] })" />
    </li>
  </ol>
</template>

<style scoped>
.choices {
  width: 100%;
  height: 100%;
  display: grid;
  grid-template-columns: 1fr 1fr;
  grid-auto-rows: minmax(0, 1fr);
  gap: calc(var(--u) * 12);
}
.choices.many {
  grid-template-columns: 1fr 1fr 1fr;
}
li {
  position: relative;
  min-height: 0;
  padding: calc(var(--u) * 8);
  border-radius: var(--corner-board);
  transition: opacity 0.3s;
}
/* A third one stands in the middle below. */
li:nth-child(3):last-child {
  grid-column: 1 / -1;
  justify-self: center;
  width: calc(50% - var(--u) * 6);
}
li.right {
  background: var(--moss-2);
  box-shadow: 0 0 0 calc(var(--u) * 5) var(--moss-6);
}
li.other {
  opacity: 0.35;
}
.letter {
  position: absolute;
  left: calc(var(--u) * 12);
  top: calc(var(--u) * 4);
  font-size: calc(var(--u) * 44);
  line-height: 1;
  font-weight: 700;
}
</style>
