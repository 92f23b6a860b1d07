<!-- The board's room: a clock as tall as the screen, a column for cards, a dock. All sizes grow with the screen. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';

const { t } = useI18n();
</script>

<template>
  <main class="board">
    <h1 class="only-heard">{{ t('board.title') }}</h1>
    <div class="clock"><slot name="clock" /></div>
    <div class="column">
      <div class="top"><slot name="top" /></div>
      <div class="middle"><slot /></div>
      <slot name="dock" />
    </div>
  </main>
</template>

<style scoped>
.board {
  /* One unit is a pixel of a 1280 by 800 screen, whatever the projector shows. */
  --u: calc(min(100vh, 62.5vw) / 800);
  height: 100vh;
  overflow: hidden;
  display: flex;
  justify-content: center;
  gap: calc(var(--u) * 48);
  padding: calc(var(--u) * 24) calc(var(--u) * 28);
  background: linear-gradient(110deg, #eef2e6, var(--paper) 50%, #fdebda);
}
.clock {
  flex: none;
  width: calc(var(--u) * 752);
  height: calc(var(--u) * 752);
  align-self: center;
}
.column {
  flex: none;
  width: calc(var(--u) * 420);
  display: flex;
  flex-direction: column;
  gap: calc(var(--u) * 16);
  min-height: 0;
}
.top {
  flex: none;
  height: calc(var(--u) * 84);
}
.middle {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
  gap: calc(var(--u) * 18);
}
@media (max-aspect-ratio: 11/10) {
  .board {
    --u: calc(100vw / 820);
    flex-direction: column;
    align-items: center;
    height: auto;
    min-height: 100vh;
    overflow: visible;
  }
}
</style>
