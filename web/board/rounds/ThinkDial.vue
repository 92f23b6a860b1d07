<!-- A ring that fills clockwise from 12 while there is time to think, and the seconds that are left. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { arcPath } from '../../../core/face/index.ts';

const { passed, seconds } = defineProps<{
  /** 0..1 */
  passed: number;
  /** How long there is. */
  seconds: number;
}>();
const { t } = useI18n();
const left = computed(() => Math.ceil(seconds * (1 - passed)));
const arc = computed(() => arcPath(0, passed * 360, 88));
</script>

<template>
  <div class="think" role="timer" :aria-label="t('round.thinkLeft', { count: seconds })">
    <svg viewBox="-100 -100 200 200">
      <circle r="88" class="groove" />
      <path v-if="passed > 0" :d="arc" class="arc" />
      <text class="left">{{ left }}</text>
    </svg>
    <p class="child-type">
      <slot>{{ t('round.think') }}</slot>
    </p>
  </div>
</template>

<style scoped>
.think {
  display: grid;
  justify-items: center;
  gap: calc(var(--u) * 8);
}
svg {
  width: calc(var(--u) * 220);
}
.groove,
.arc {
  fill: none;
  stroke-width: 14;
}
.groove {
  stroke: var(--sand);
}
.arc {
  stroke: var(--plum);
  stroke-linecap: round;
}
.left {
  font:
    700 64px 'Andika',
    sans-serif;
  text-anchor: middle;
  dominant-baseline: central;
  fill: var(--drawn);
}
p {
  font-size: calc(var(--u) * 34);
  line-height: 1.3;
}
</style>
