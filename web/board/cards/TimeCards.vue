<!-- Hour, minutes and whole time, each behind its cover; in digits and words of the class. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { type DialTime } from '../../../core/clock/index.ts';
import { HAND_PATHS } from '../../../core/face/index.ts';
import { digits, hourCaption, minuteCaption, type StepPart } from '../../../core/wording/index.ts';
import { type Conventions } from '../../../core/conventions/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import CoverCard from './CoverCard.vue';

const {
  time,
  conventions,
  opened,
  still = false,
  compact = false,
} = defineProps<{
  time: DialTime;
  conventions: Conventions;
  opened: ReadonlySet<StepPart>;
  /** They open by themselves, not by a tap. */
  still?: boolean;
  /** Smaller, for less room. */
  compact?: boolean;
}>();
const emit = defineEmits<{ open: [part: StepPart] }>();
const { t } = useI18n();
const clock = useClockWords(() => conventions);

const shown = computed(() => digits(time, conventions));
const captions = computed(() => ({
  hour: clock.phrase(hourCaption(time, conventions)),
  minute: clock.phrase(minuteCaption(time, conventions)),
}));
const words = computed(() => clock.said(time));
const colon = computed(() => clock.phrase({ key: 'clock.words.colon', values: {} }));
</script>

<template>
  <div class="cards child-type" :class="{ wide: shown.hour.length > 1, compact }">
    <CoverCard
      class="hour"
      tone="hour"
      :open="opened.has('hour')"
      :still="still"
      :label="t('board.openHour')"
      @open="emit('open', 'hour')"
    >
      <template #cover>
        <svg viewBox="-30 -64 60 90" class="hand"><path :d="HAND_PATHS.full.hour" /></svg>
      </template>
      <strong class="big">{{ shown.hour }}</strong>
      <span class="caption">{{ captions.hour }}</span>
    </CoverCard>
    <CoverCard
      class="minute"
      tone="minute"
      :open="opened.has('minute')"
      :still="still"
      :label="t('board.openMinutes')"
      @open="emit('open', 'minute')"
    >
      <template #cover>
        <svg viewBox="-30 -96 60 122" class="hand"><path :d="HAND_PATHS.full.minute" /></svg>
      </template>
      <strong class="big">{{ shown.minutes }}</strong>
      <span class="caption">{{ captions.minute }}</span>
    </CoverCard>
    <CoverCard
      class="whole"
      tone="whole"
      :open="opened.has('whole')"
      :still="still"
      :label="t('board.openWhole')"
      @open="emit('open', 'whole')"
    >
      <template #cover>
        <span class="boxes"><i /><b /><i /><i /></span>
      </template>
      <strong class="digits">
        <span class="of-hour">{{ shown.hour }}</span><span
          class="separator"
          :data-name="shown.separator === ':' ? colon : ''"
          >{{ shown.separator }}</span
        ><span class="of-minute">{{ shown.minutes }}</span>
      </strong>
      <span class="words" :class="{ long: words.length > 14 }">{{ words }}</span>
    </CoverCard>
  </div>
</template>

<style scoped>
.cards {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template: 1fr 1fr / 172fr 228fr;
  gap: calc(var(--u) * 20);
  font-weight: 700;
}
/* Ten, eleven and twelve need as much room as the minutes. */
.cards.wide {
  grid-template-columns: 1fr 1fr;
}
.wide .big {
  font-size: calc(var(--u) * 150);
}
.whole {
  grid-column: 1 / -1;
}
.big {
  font-size: calc(var(--u) * 160);
  line-height: calc(var(--u) * 158);
}
.caption {
  font-size: calc(var(--u) * 30);
  line-height: calc(var(--u) * 40);
}
.wide .caption {
  font-size: calc(var(--u) * 27);
}
.digits {
  font-size: calc(var(--u) * 140);
  line-height: calc(var(--u) * 156);
}
/* What stands between hour and minutes is pointed out when the card opens: children leave it out. */
.separator {
  position: relative;
  display: inline-block;
  color: var(--plum);
  animation: point-out 0.9s ease-in-out 2 0.35s;
}
.separator::after {
  /* Seen, not heard: a screen reader reads the time in one. */
  content: attr(data-name) / '';
  position: absolute;
  left: 50%;
  top: calc(var(--u) * 16);
  translate: -50%;
  font-size: calc(var(--u) * 20);
  line-height: 1;
  white-space: nowrap;
}
@keyframes point-out {
  50% {
    scale: 1.35;
  }
}
.of-hour {
  color: var(--hour-text);
}
.of-minute {
  color: var(--minute-text);
}
.words {
  font-size: calc(var(--u) * 40);
  line-height: calc(var(--u) * 52);
}
.words.long {
  font-size: calc(var(--u) * 30);
  line-height: calc(var(--u) * 38);
  text-align: center;
  text-wrap: balance;
}
.compact .big {
  font-size: calc(var(--u) * 84);
  line-height: 1;
}
.compact .caption {
  font-size: calc(var(--u) * 24);
  line-height: 1.15;
}
.compact .digits {
  font-size: calc(var(--u) * 78);
  line-height: 1.1;
}
.compact .separator::after {
  top: calc(var(--u) * 2);
  font-size: calc(var(--u) * 15);
}
.compact .words {
  font-size: calc(var(--u) * 30);
  line-height: 1.2;
}
.compact .boxes {
  scale: 0.6;
}
.hand {
  position: relative;
  height: 62%;
  fill: #fff;
  opacity: 0.92;
}
.boxes {
  position: relative;
  display: flex;
  align-items: center;
  gap: calc(var(--u) * 12);
}
.boxes i {
  width: calc(var(--u) * 64);
  height: calc(var(--u) * 92);
  border-radius: calc(var(--u) * 12);
  background: #fff;
}
.boxes b {
  width: calc(var(--u) * 20);
  height: calc(var(--u) * 60);
  margin: 0 calc(var(--u) * 12);
  background:
    radial-gradient(circle at 50% 16%, #fff calc(var(--u) * 9), transparent calc(var(--u) * 9.5)),
    radial-gradient(circle at 50% 84%, #fff calc(var(--u) * 9), transparent calc(var(--u) * 9.5));
}
</style>
