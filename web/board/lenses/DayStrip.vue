<!-- The day as a strip: 24 hours are two turns of the hour hand; sun and moon, a.m. and p.m., and what the class does when. -->
<script setup lang="ts">
import { mdiWeatherNight, mdiWeatherSunny } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { RoutineEntry } from '../../../contract/index.ts';
import { DAY_MINUTES, dayTime, halfOf, onDial, wrapToDay } from '../../../core/clock/index.ts';
import ChildPicture from '../../look/ChildPicture.vue';

const { minutes, routine, written } = defineProps<{
  /** Unwrapped minutes; two turns are a day. */
  minutes: number;
  routine: readonly RoutineEntry[];
  /** A time in the class's digits. */
  written: (time: ReturnType<typeof onDial>) => string;
}>();
const emit = defineEmits<{ go: [minutesAfterMidnight: number] }>();
const { t } = useI18n();

const now = computed(() => wrapToDay(minutes));
/** Minutes within which something of the day counts as being now: its picture grows. */
const NEAR = 15;
const half = computed(() => halfOf(dayTime(Math.floor(now.value))));
const share = (at: number): string => `${(at / DAY_MINUTES) * 100}%`;
/** Twelve stands at both ends and in the middle: the strip is the dial unrolled twice. */
const hours = Array.from({ length: 25 }, (_, hour) => ({ hour, numeral: hour % 12 || 12, at: share(hour * 60) }));
const icons = [
  { icon: mdiWeatherNight, at: share(3 * 60) },
  { icon: mdiWeatherSunny, at: share(6.6 * 60) },
  { icon: mdiWeatherNight, at: share(21.5 * 60) },
];
</script>

<template>
  <section class="strip child-type" :aria-label="t('dayStrip.title')">
    <div class="track">
      <span v-for="{ icon, at } in icons" :key="at" class="sky" :style="{ left: at }"><v-icon :icon="icon" /></span>
      <span class="turn am" :class="{ on: half === 'am' }">{{ t('dayStrip.am') }}</span>
      <span class="turn pm" :class="{ on: half === 'pm' }">{{ t('dayStrip.pm') }}</span>
      <button
        v-for="entry in routine"
        :key="entry.id"
        type="button"
        class="entry"
        :class="{ on: Math.abs(entry.at - now) < NEAR }"
        :style="{ left: share(entry.at) }"
        :aria-label="t('dayStrip.go', { name: entry.name, time: written(onDial(dayTime(entry.at))) })"
        :title="t('dayStrip.go', { name: entry.name, time: written(onDial(dayTime(entry.at))) })"
        @click="emit('go', entry.at)"
      >
        <ChildPicture :picture="entry.picture" :px="36" />
      </button>
      <span
        v-for="{ hour, numeral, at } in hours"
        :key="hour"
        class="hour"
        :class="{ noon: hour % 12 === 0 }"
        :style="{ left: at }"
        >{{ numeral }}</span
      >
      <span class="now" :style="{ left: share(now) }" :data-now="Math.floor(now)" />
    </div>
  </section>
</template>

<style scoped>
.strip {
  flex: none;
  height: 100%;
  padding: 0 calc(var(--u) * 24);
  border-radius: var(--corner-board);
  background:
    linear-gradient(90deg, rgb(34 48 60 / 15%) 22%, transparent 31%, transparent 69%, rgb(34 48 60 / 15%) 78%),
    var(--raised);
  box-shadow: var(--shadow);
}
.track {
  position: relative;
  height: 100%;
}
.track > * {
  position: absolute;
  transform: translateX(-50%);
}
.hour {
  bottom: calc(var(--u) * 2);
  font-size: calc(var(--u) * 21);
  line-height: 1.2;
}
.hour.noon {
  font-weight: 700;
}
.sky {
  top: calc(var(--u) * 6);
  color: var(--ink);
}
.sky .v-icon {
  font-size: calc(var(--u) * 30);
}
.turn {
  top: calc(var(--u) * 8);
  font-size: calc(var(--u) * 21);
  line-height: 1.3;
  padding: 0 calc(var(--u) * 10);
  border-radius: 999px;
}
.am {
  left: 20%;
}
.pm {
  left: 78%;
}
.turn.on {
  background: var(--plum);
  color: #fff;
  font-weight: 700;
}
.entry {
  top: 50%;
  margin-top: -34px;
  width: 34px;
  height: 48px;
  display: grid;
  place-items: center;
}
.entry.on {
  z-index: 1;
  scale: 1.6;
}
.now {
  top: 0;
  bottom: 0;
  width: calc(var(--u) * 6);
  border-radius: 3px;
  background: var(--hour-hand);
}
</style>
