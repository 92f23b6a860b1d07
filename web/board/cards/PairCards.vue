<!-- The whole times of two clocks side by side, each behind its cover. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { DialTime } from '../../../core/clock/index.ts';
import type { Conventions } from '../../../core/conventions/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import CoverCard from './CoverCard.vue';

const { times, conventions, opened } = defineProps<{
  times: readonly DialTime[];
  conventions: Conventions;
  opened: readonly boolean[];
}>();
const emit = defineEmits<{ open: [which: number] }>();
const { t } = useI18n();
const words = useClockWords(() => conventions);
</script>

<template>
  <div class="pair child-type">
    <CoverCard
      v-for="(time, which) in times"
      :key="which"
      tone="whole"
      :open="opened[which]!"
      :label="t(which === 0 ? 'board.openLeft' : 'board.openRight')"
      @open="emit('open', which)"
    >
      <strong>{{ words.written(time) }}</strong>
      <span>{{ words.said(time) }}</span>
    </CoverCard>
  </div>
</template>

<style scoped>
.pair {
  height: 100%;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: calc(var(--u) * 16);
}
strong {
  font-size: calc(var(--u) * 68);
  line-height: 1.1;
}
span {
  font-size: calc(var(--u) * 26);
  line-height: 1.25;
}
</style>
