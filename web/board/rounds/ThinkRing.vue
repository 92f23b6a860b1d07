<!-- Time to think, by the clock of the server: a ring that fills, and says when it is over. -->
<script setup lang="ts">
import { onScopeDispose, ref } from 'vue';
import ThinkDial from './ThinkDial.vue';

const { began, seconds } = defineProps<{
  /** When thinking began, milliseconds on this machine's clock. */
  began: number;
  /** How long there is. */
  seconds: number;
}>();
const emit = defineEmits<{ over: [] }>();
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
</script>

<template>
  <ThinkDial :passed="passed" :seconds="seconds" />
</template>
