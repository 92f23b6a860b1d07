<!-- "Show!", after three, two, one where that was chosen. -->
<script setup lang="ts">
import { onScopeDispose, ref } from 'vue';
import { useI18n } from 'vue-i18n';

const { began, countdown } = defineProps<{
  /** When this began, milliseconds on this machine's clock. */
  began: number;
  countdown: boolean;
}>();
const { t } = useI18n();
const COUNTS = 3;
/** What is left to count; 0 is "show". */
const left = ref(0);
const timer = ref<ReturnType<typeof setTimeout>>();
const tick = (): void => {
  const passed = Math.max(0, (Date.now() - began) / 1000);
  left.value = countdown ? Math.max(0, Math.ceil(COUNTS - passed)) : 0;
  if (left.value > 0) timer.value = setTimeout(tick, 100);
};
tick();
onScopeDispose(() => clearTimeout(timer.value));
</script>

<template>
  <p class="show child-type" role="timer" :data-left="left">{{ left > 0 ? left : t('round.show') }}</p>
</template>

<style scoped>
.show {
  font-size: calc(var(--u) * 110);
  font-weight: 700;
  color: var(--plum);
  line-height: 1;
}
</style>
