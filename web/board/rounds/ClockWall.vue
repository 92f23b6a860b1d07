<!-- After the reveal: every tablet's clock, same answers together, without names. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { DialTime } from '../../../core/clock/index.ts';
import SmallClock from '../../clock/SmallClock.vue';

const { times, written } = defineProps<{
  /** One answered time a child. */
  times: readonly DialTime[];
  written: (time: DialTime) => string;
}>();
const { t } = useI18n();

const groups = computed(() => {
  const count = new Map<DialTime, number>();
  for (const time of times) count.set(time, (count.get(time) ?? 0) + 1);
  return [...count].map(([time, clocks]) => ({ time, clocks })).sort((a, b) => b.clocks - a.clocks || a.time - b.time);
});
const px = computed(() => (times.length > 20 ? 36 : times.length > 12 ? 42 : 50));
</script>

<template>
  <section class="wall" :aria-label="t('round.wall')">
    <h2 class="title-column">{{ t('round.wall') }}</h2>
    <ul>
      <li
        v-for="{ time, clocks } in groups"
        :key="time"
        :aria-label="t('round.wallLabel', { count: clocks, time: written(time) }, clocks)"
      >
        <SmallClock v-for="n in clocks" :key="n" :time="time" :px="px" label="" aria-hidden="true" />
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  margin-top: 8px;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
</style>
