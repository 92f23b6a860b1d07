<!-- Time to think, as a ring that fills clockwise from 12. -->
<script setup lang="ts">
import { computed, onScopeDispose, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { arcPath } from '../../../core/face/index.ts';

const { began, seconds } = defineProps<{
  /** When thinking began, milliseconds on this machine's clock. */
  began: number;
  /** How long there is. */
  seconds: number;
}>();
const emit = defineEmits<{ over: [] }>();
const { t } = useI18n();

const passed = ref(0);
let over = false;
let frame = 0;
const tick = (): void => {
  passed.value = Math.min(1, Math.max(0, (Date.now() - began) / (seconds * 1000)));
  if (passed.value === 1 && !over) {
    over = true;
    emit('over');
  } else if (!over) frame = requestAnimationFrame(tick);
};
tick();
onScopeDispose(() => cancelAnimationFrame(frame));
const left = computed(() => Math.ceil(seconds * (1 - passed.value)));
const arc = computed(() => arcPath(0, passed.value * 360, 88));
</script>

<template>
  <div class="think" role="timer" :aria-label="t('round.thinkLeft', { count: seconds })">
    <svg viewBox="-100 -100 200 200">
      <circle r="88" class="groove" />
      <path v-if="passed > 0" :d="arc" class="arc" />
      <text class="left">{{ left }}</text>
    </svg>
    <p class="child-type">{{ t('round.think') }}</p>
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
  fill: var(--ink);
}
p {
  font-size: calc(var(--u) * 34);
  line-height: 1.3;
}
</style>
