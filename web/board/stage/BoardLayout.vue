<!-- The board's room: a clock as tall as the screen, a column for cards, a dock. All sizes grow with the screen. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';

const { shape = 'one' } = defineProps<{
  /** One clock; one clock over a strip across the foot; two clocks over a row; or no clock, the column as wide as the screen. */
  shape?: 'one' | 'strip' | 'pair' | 'wide';
}>();
const { t } = useI18n();
</script>

<template>
  <main class="board" :class="shape">
    <h1 class="only-heard">{{ t('board.title') }}</h1>
    <div v-if="shape !== 'wide'" class="clock"><slot name="clock" /></div>
    <div v-if="shape === 'pair'" class="clock"><slot name="second" /></div>
    <div class="column">
      <div class="top"><slot name="top" /></div>
      <div class="middle"><slot /></div>
      <slot name="dock" />
    </div>
    <div v-if="shape === 'strip'" class="foot"><slot name="strip" /></div>
  </main>
</template>

<style scoped>
.board {
  /* One unit is a pixel of a 1280 by 800 screen, whatever the projector shows. */
  --board-u: calc(min(100vh - var(--bar), 62.5vw) / 800);
  --u: var(--board-u);
  --clock: calc(var(--board-u) * 752);
  height: calc(100vh - var(--bar));
  overflow: hidden;
  display: grid;
  grid-template: minmax(0, 1fr) / var(--clock) calc(var(--u) * 420);
  justify-content: center;
  align-items: center;
  gap: calc(var(--u) * 16) calc(var(--u) * 48);
  padding: calc(var(--u) * 24) calc(var(--u) * 28);
  background: linear-gradient(110deg, #eef2e6, var(--paper) 50%, #fdebda);
}
.board.strip {
  --clock: calc(var(--board-u) * 660);
  grid-template: minmax(0, 1fr) calc(var(--u) * 76) / var(--clock) calc(var(--u) * 516);
}
.board.pair {
  --clock: calc(var(--board-u) * 588);
  grid-template: minmax(0, 1fr) calc(var(--u) * 148) / var(--clock) var(--clock);
}
.board.wide {
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
}
.wide .column > :deep(.dock) {
  align-self: flex-end;
  width: calc(var(--u) * 420);
}
.clock {
  width: var(--clock);
  height: var(--clock);
}
.column {
  align-self: stretch;
  display: flex;
  flex-direction: column;
  gap: calc(var(--u) * 16);
  min-height: 0;
}
.foot {
  grid-column: 1 / -1;
  height: 100%;
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
.pair .column {
  grid-column: 1 / -1;
  flex-direction: row;
  align-items: center;
}
.pair .top {
  flex: 0 1 calc(var(--u) * 260);
}
.pair .middle {
  height: 100%;
}
.pair .column > :deep(.dock) {
  flex: 0 1 calc(var(--u) * 420);
}
@media (max-aspect-ratio: 11/10) {
  .board.one {
    --board-u: calc(100vw / 820);
    grid-template: auto auto / var(--clock);
    height: auto;
    min-height: calc(100vh - var(--bar));
    overflow: visible;
  }
}
</style>
