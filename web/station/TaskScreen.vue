<!-- One task fills the screen: who, what, the clock, Done; the stones show how far. -->
<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Child, Settings } from '../../contract/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import { digits } from '../../core/wording/index.ts';
import StoneRow from '../shell/StoneRow.vue';
import { useClockWords } from '../stores/useClockWords.ts';
import GrooveClock from './GrooveClock.vue';
import MyPicture from './MyPicture.vue';
import { useSpeech } from './useSpeech.ts';

/** What the child is doing: setting; waiting for the board; was right; gets a hint; watches the clock being set. */
export type TaskStatus = 'setting' | 'waiting' | 'right' | 'hint' | 'watching';

const { child, settings, asked, status, count, index, lit, message } = defineProps<{
  child: Child;
  settings: Settings;
  asked: DialTime;
  status: TaskStatus;
  /** Stones of the path and the one of now. */
  count: number;
  index: number;
  lit?: number | undefined;
  /** A sentence for those who read or listen; pictures say the same. */
  message?: string;
}>();
/** Unwrapped minutes after twelve. */
const minutes = defineModel<number>({ required: true });
const emit = defineEmits<{ done: []; undo: [] }>();
const { t } = useI18n();
const words = useClockWords(() => settings);
const clock = useTemplateRef('clock');

const shown = computed(() => digits(asked, settings));
const open = computed(() => status === 'setting' || status === 'hint');
const task = computed(() => t('station.set', { time: words.said(asked) }));
const { canSpeak, speak } = useSpeech(() => settings.english);
const hear = (): void => speak([task.value, message ?? ''].join(' ').trim());
defineExpose({ turnTo: (target: number, ms: number) => clock.value?.turnTo(target, ms) });
</script>

<template>
  <section class="task" :data-status="status">
    <h1 class="only-heard">{{ task }}</h1>
    <div class="left">
      <MyPicture :child="child" />
      <div class="card" role="status" :aria-label="task">
        <strong class="digits" aria-hidden="true"
          ><span class="of-hour">{{ shown.hour }}</span
          >{{ shown.separator }}<span class="of-minute">{{ shown.minutes }}</span></strong
        >
        <span class="said" aria-hidden="true">{{ words.said(asked) }}</span>
      </div>
      <button v-if="canSpeak" type="button" class="ear" :aria-label="t('station.hear')" @click="hear">
        <svg width="56" height="56" viewBox="0 0 24 24" aria-hidden="true">
          <path
            d="M7 9.5a5 5 0 0 1 10 0c0 3-2.5 3.5-3.2 6-.5 1.8-1.4 3-3-3-1.5 0-2.5-1-2.7-2.3M9.8 10a2.3 2.3 0 1 1 3.7 1.7"
          />
        </svg>
      </button>
    </div>

    <div class="clock">
      <GrooveClock ref="clock" v-model="minutes" :conventions="settings" :disabled="!open" :lit="lit" />
    </div>

    <div class="right">
      <template v-if="open">
        <button type="button" class="done" @click="emit('done')">
          <svg width="104" height="72" viewBox="0 0 104 72" aria-hidden="true">
            <path class="hop" d="M12 52C26 22 40 8 58 8s26 14 30 34M66 30 88 46 94 20" />
            <ellipse cx="86" cy="62" rx="15" ry="6" />
          </svg>
          {{ t('station.done') }}
        </button>
        <button type="button" class="undo" :aria-label="t('station.undo')" @click="emit('undo')">
          <svg width="38" height="38" viewBox="0 0 24 24" aria-hidden="true">
            <path d="M5 12a7 7 0 1 0 2.6-5.4M8 3v4.5H3.5" />
          </svg>
        </button>
      </template>
      <p v-else class="state" :class="status" role="status">
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
      <p v-if="status === 'hint'" class="message" role="status">{{ message }}</p>
    </div>

    <StoneRow
      class="stones"
      :count="count"
      :index="index"
      :done="status === 'right' && index === count - 1"
      :label="t('station.item', { number: index + 1, count })"
    />
  </section>
</template>

<style scoped>
.task {
  height: 100%;
  display: grid;
  grid-template: 1fr auto / clamp(190px, 22vw, 290px) minmax(0, 1fr) clamp(160px, 19vw, 250px);
  grid-template-areas: 'left clock right' 'stones stones stones';
  gap: 0 min(24px, 1.6vw);
  padding: 24px min(32px, 2.4vw) 16px;
}
.left {
  grid-area: left;
  display: flex;
  flex-direction: column;
  gap: 26px;
}
.card {
  margin-top: 44px;
  padding: 18px 12px 14px;
  display: grid;
  justify-items: center;
  background: var(--raised);
  border-radius: var(--corner-board);
  box-shadow: var(--shadow);
}
.digits {
  font-size: clamp(56px, 7.4vw, 92px);
  line-height: 1.12;
}
.of-hour {
  color: var(--hour-text);
}
.of-minute {
  color: var(--minute-text);
}
.said {
  font-size: 24px;
  line-height: 1.4;
}
.ear,
.undo {
  align-self: center;
  display: grid;
  place-items: center;
  border-radius: 50%;
  background: var(--raised);
  fill: none;
  stroke: var(--plum);
  stroke-width: 1.9;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.ear {
  width: 112px;
  height: 112px;
  box-shadow: inset 0 0 0 4px var(--plum);
}
.undo {
  width: 80px;
  height: 80px;
  stroke: var(--ink);
}
.clock {
  grid-area: clock;
  min-height: 0;
  display: grid;
  place-items: center;
}
/* Said twice to come before the clock's own rule: it fills its place there, and is as large as the screen allows here. */
.clock.clock > * {
  width: min(100%, 100dvh - 170px);
  height: auto;
  aspect-ratio: 1;
}
.right {
  grid-area: right;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  gap: 28px;
}
.done {
  width: min(208px, 17vw);
  min-width: 150px;
  aspect-ratio: 1;
  border-radius: 50%;
  background: var(--plum);
  color: #fff;
  font-weight: 700;
  font-size: 28px;
  line-height: 1.2;
  display: grid;
  place-content: center;
  justify-items: center;
  gap: 6px;
  box-shadow: var(--shadow);
}
.done:focus-visible {
  outline-color: #fff;
  outline-offset: -10px;
}
.done svg {
  fill: #fff;
}
.hop {
  fill: none;
  stroke: #fff;
  stroke-width: 8;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.state {
  display: grid;
  justify-items: center;
  gap: 8px;
  font-size: 28px;
  font-weight: 700;
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
.message {
  text-align: center;
  font-size: 22px;
  line-height: 1.35;
}
.stones {
  grid-area: stones;
  justify-self: center;
  height: 118px;
  max-width: 100%;
}
@media (orientation: portrait) {
  .task {
    grid-template: auto minmax(0, 1fr) auto auto / 1fr;
    grid-template-areas: 'left' 'clock' 'right' 'stones';
    gap: 12px;
  }
  .left,
  .right {
    flex-direction: row;
    align-items: center;
    justify-content: space-between;
    flex-wrap: wrap;
  }
  .right {
    justify-content: center;
  }
  .card {
    margin-top: 0;
  }
  .clock.clock > * {
    width: min(100%, max(300px, 100dvh - 470px));
  }
}
</style>
