<!-- What the times of a form can find out: of each need how surely it would be named; the one swap that would help; times that tell most. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { timeOfTask, type PaperItem } from '../../core/sheets/index.ts';
import { NEEDS, type NamedNeed } from '../../core/diagnosis/index.ts';
import { needText, ruleText, teacherSentence } from '../../core/reporting/index.ts';
import type { DialTime } from '../../core/clock/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import type { Finding } from './useFinding.ts';

const { finding, items } = defineProps<{ finding: Finding; items: readonly PaperItem[] }>();
const emit = defineEmits<{ swap: [place: number, time: DialTime]; better: [] }>();
const { t, n } = useI18n();
const store = useClassroomStore();
const settings = computed(() => store.classroom!.settings);
const clock = useClockWords(() => settings.value);

/** Less than this is no chance worth a bar. */
const SEEN = 0.05;
const finds = computed(() => finding.finds.value);
const needs = computed(() => NEEDS.filter((need): need is NamedNeed => need !== 'none' && need !== 'guessing'));
const name = (need: NamedNeed): string => teacherSentence(needText(need, 'short'), settings.value);
const bars = computed(() =>
  needs.value.flatMap((need) => {
    const share = finds.value?.named[need] ?? 0;
    return share < SEEN
      ? []
      : [{ need, name: name(need), share, percent: n(share, { style: 'percent', maximumFractionDigits: 0 }) }];
  }),
);
const unseen = computed(() =>
  needs.value
    .filter((need) => (finds.value?.named[need] ?? 0) < SEEN)
    .map(name)
    .join(', '),
);
const rule = (one: Parameters<typeof ruleText>[0]): string => teacherSentence(ruleText(one, 'short'), settings.value);
const alike = computed(() => finds.value?.alike[0]?.map(rule));
const swap = computed(() => {
  const best = finding.swap.value;
  const task = best && items[best.place];
  const now = task && timeOfTask(task);
  return best === undefined || now === undefined
    ? undefined
    : {
        ...best,
        said: t('finds.swap', { number: best.place + 1, time: clock.written(best.time), now: clock.written(now) }),
      };
});
</script>

<template>
  <p v-if="finding.problem.value" class="problem" role="alert">{{ t(finding.problem.value) }}</p>
  <section v-else-if="finds" class="finds">
    <h3 class="title-item">{{ t('finds.title') }}</h3>
    <p class="quiet">{{ t('finds.about') }}</p>
    <ul>
      <li v-for="bar in bars" :key="bar.need" :data-need="bar.need">
        <span>{{ bar.name }}</span>
        <span class="bar" aria-hidden="true"><span :style="{ width: bar.percent }" /></span>
        <span class="quiet">{{ bar.percent }}</span>
      </li>
    </ul>
    <p v-if="unseen" class="quiet">{{ t('finds.unseen', { needs: unseen }) }}</p>
    <p v-if="alike" class="quiet">{{ t('finds.alike', { one: alike[0], other: alike[1] }) }}</p>
    <template v-if="finding.swaps.value === undefined">
      <p v-if="swap">
        <button type="button" class="link" data-act="one-swap" @click="emit('swap', swap.place, swap.time)">
          {{ swap.said }}
        </button>
      </p>
      <v-btn v-if="swap" variant="tonal" :height="44" data-act="tell-most" @click="emit('better')">{{
        t('finds.better')
      }}</v-btn>
      <p v-else class="quiet" role="status">{{ t('finds.best') }}</p>
    </template>
    <p v-else role="status">
      {{ t('finds.choosing', { count: finding.swaps.value }) }}
      <v-btn variant="text" :height="40" @click="finding.stop">{{ t('finds.stop') }}</v-btn>
    </p>
  </section>
</template>

<style scoped>
.finds {
  margin-top: 6px;
}
li {
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr) 44px;
  align-items: center;
  gap: 8px;
  line-height: 24px;
}
li .quiet {
  text-align: right;
  font-variant-numeric: tabular-nums;
}
.bar {
  height: 9px;
  border-radius: 5px;
  background: var(--sand);
  overflow: hidden;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--moss-6);
}
.link {
  min-height: 32px;
  text-align: left;
  color: var(--plum);
  font-weight: 600;
}
</style>
