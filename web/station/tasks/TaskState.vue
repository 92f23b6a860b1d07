<!-- What is now that the answer is in: right, or look up, or watch. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { TaskStatus } from './task.ts';

defineProps<{ status: TaskStatus }>();
const { t } = useI18n();
</script>

<template>
  <p class="state" :class="status" role="status">
    <svg v-if="status === 'right'" width="96" height="96" viewBox="0 0 96 96" aria-hidden="true">
      <ellipse class="rock" cx="48" cy="52" rx="42" ry="32" />
      <path class="tick" d="M30 52l13 13 24-26" />
    </svg>
    <svg v-else width="96" height="96" viewBox="0 0 24 24" aria-hidden="true">
      <path class="eye" d="M2 12s3.6-6 10-6 10 6 10 6-3.6 6-10 6S2 12 2 12z" />
      <circle class="pupil" cx="12" cy="11" r="3" />
    </svg>
    {{ t(status === 'right' ? 'station.right' : status === 'waiting' ? 'station.lookUp' : 'station.watch') }}
  </p>
</template>

<style scoped>
.state {
  display: grid;
  justify-items: center;
  text-align: center;
  gap: 8px;
  font-size: var(--done-type, 28px);
  font-weight: 700;
}
.state svg {
  width: var(--ear);
  max-width: 96px;
  height: auto;
}
.rock {
  fill: var(--moss-7);
}
.tick {
  fill: none;
  stroke: #fff;
  stroke-width: 8;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.eye {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
}
.pupil {
  fill: var(--ink);
}
</style>
