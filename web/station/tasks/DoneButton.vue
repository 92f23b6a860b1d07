<!-- Hands in what was set or drawn: a hop onto the stone. It stands there before there is something to hand in, and says so. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';

defineProps<{ isReady: boolean }>();
const { t } = useI18n();
</script>

<template>
  <button type="button" class="done" :aria-disabled="!isReady">
    <svg width="104" height="72" viewBox="0 0 104 72" aria-hidden="true">
      <path class="hop" d="M12 52C26 22 40 8 58 8s26 14 30 34M66 30 88 46 94 20" />
      <ellipse cx="86" cy="62" rx="15" ry="6" />
    </svg>
    {{ t('station.done') }}
  </button>
</template>

<style scoped>
.done {
  flex: none;
  width: var(--done);
  min-width: var(--done-least, 150px);
  aspect-ratio: 1;
  border-radius: 50%;
  background: var(--plum);
  color: #fff;
  font-weight: 700;
  font-size: var(--done-type, 28px);
  line-height: 1.2;
  display: grid;
  place-content: center;
  justify-items: center;
  gap: 6px;
  box-shadow: var(--shadow);
}
.done[aria-disabled='true'] {
  opacity: 0.35;
  box-shadow: none;
}
.done:focus-visible {
  outline-color: #fff;
  outline-offset: -10px;
}
.done svg {
  fill: #fff;
  max-width: 60%;
  height: auto;
  justify-self: center;
}
.hop {
  fill: none;
  stroke: #fff;
  stroke-width: 8;
  stroke-linecap: round;
  stroke-linejoin: round;
}
</style>
