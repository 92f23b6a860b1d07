<!-- Play and pause, a step back and on, a slider over the whole, and how fast. -->
<script setup lang="ts">
import { mdiPause, mdiPlay, mdiSkipNext, mdiSkipPrevious } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { SPEEDS, type Speed } from '../../../core/demonstrations/index.ts';

const { at, duration, playing, speed, step, steps, realTime } = defineProps<{
  /** Seconds at speed 1. */
  at: number;
  duration: number;
  playing: boolean;
  speed: Speed;
  step: number;
  steps: number;
  /** Runs in real time: its speed is not to be chosen. */
  realTime: boolean;
}>();
const emit = defineEmits<{ toggle: []; step: [direction: 1 | -1]; scrub: [seconds: number]; speed: [speed: Speed] }>();
const { t } = useI18n();
</script>

<template>
  <section class="player" :aria-label="t('player.title')">
    <div class="row">
      <button type="button" :aria-label="t('player.stepBack')" :title="t('player.stepBack')" @click="emit('step', -1)">
        <v-icon :icon="mdiSkipPrevious" />
      </button>
      <button
        type="button"
        class="main"
        :aria-label="t(playing ? 'player.pause' : 'player.play')"
        :title="t(playing ? 'player.pause' : 'player.play')"
        @click="emit('toggle')"
      >
        <v-icon :icon="playing ? mdiPause : mdiPlay" size="32" />
      </button>
      <button type="button" :aria-label="t('player.stepOn')" :title="t('player.stepOn')" @click="emit('step', 1)">
        <v-icon :icon="mdiSkipNext" />
      </button>
      <span class="place">{{ t('player.step', { number: step + 1, count: steps }) }}</span>
    </div>
    <input
      type="range"
      min="0"
      :max="duration"
      step="0.1"
      :value="at"
      :aria-label="t('player.scrub')"
      :aria-valuetext="t('player.step', { number: step + 1, count: steps })"
      @input="emit('scrub', Number(($event.target as HTMLInputElement).value))"
    />
    <div v-if="!realTime" class="speeds" role="group" :aria-label="t('player.speed')">
      <button
        v-for="choice in SPEEDS"
        :key="choice"
        type="button"
        :class="{ on: choice === speed }"
        :aria-pressed="choice === speed"
        @click="emit('speed', choice)"
      >
        {{ t(`player.speeds.${String(choice).replace('.', '-')}`) }}
      </button>
    </div>
    <p v-else class="quiet">{{ t('player.realTime') }}</p>
  </section>
</template>

<style scoped>
.player {
  flex: none;
  display: grid;
  gap: 6px;
  padding: calc(var(--u) * 12) calc(var(--u) * 18);
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
}
.row {
  display: flex;
  align-items: center;
  gap: 8px;
}
button {
  min-width: 48px;
  height: 48px;
  border-radius: 999px;
  display: grid;
  place-items: center;
}
button:hover {
  background: var(--plum-tint);
}
button.main {
  width: 60px;
  height: 60px;
  background: var(--plum);
  color: #fff;
}
.place {
  margin-left: auto;
  font-size: 15px;
  color: var(--quiet);
}
input {
  width: 100%;
  height: 32px;
  accent-color: var(--plum);
}
.speeds {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
}
.speeds button {
  font-weight: 600;
}
.speeds button.on {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
</style>
