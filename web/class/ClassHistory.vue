<!-- How many children were secure, getting there, at the beginning, at the end of each school day, with the lessons under it. -->
<script setup lang="ts">
import type { EChartsOption } from 'echarts';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SkillView } from '../../contract/index.ts';
import { COLOURS } from '../look/tokens.ts';
import { useSkillWords } from '../words/useSkillWords.ts';
import ChartOrTable from './ChartOrTable.vue';
import { axisLook, chartBase } from './chart.ts';

const { days, children } = defineProps<{ days: SkillView['history']; children: number }>();
const { t, d } = useI18n();
const skillWords = useSkillWords();

/** From the bottom of the chart up. */
const BANDS = [
  { level: 'secure', of: 'secure', colour: COLOURS.moss7 },
  { level: 'getting-there', of: 'gettingThere', colour: COLOURS.moss5 },
  { level: 'beginning', of: 'beginning', colour: COLOURS.moss3 },
] as const;
const dayName = (day: string): string => d(new Date(`${day}T00:00:00Z`), 'day');
const lessonsOf = (lessons: readonly number[]): string =>
  lessons.map((number) => t('class.lessonNumber', { number })).join(', ');
const option = computed((): EChartsOption => ({
  ...chartBase(),
  tooltip: { trigger: 'axis' },
  xAxis: {
    ...axisLook,
    type: 'category',
    boundaryGap: days.length === 1,
    data: days.map(({ day, lessons }) => [dayName(day), lessonsOf(lessons)].filter(Boolean).join('\n')),
  },
  yAxis: { ...axisLook, type: 'value', max: children, minInterval: 1 },
  series: BANDS.map(({ level, of, colour }) => ({
    name: skillWords.level(level),
    type: 'line' as const,
    stack: 'children',
    data: days.map((one) => one[of]),
    areaStyle: { color: colour, opacity: 1 },
    lineStyle: { color: colour, width: 2 },
    itemStyle: { color: colour },
    symbolSize: days.length === 1 ? 10 : 4,
  })),
}));
const columns = computed(() => [
  t('chart.day'),
  t('chart.lesson'),
  ...BANDS.map(({ level }) => skillWords.level(level)),
]);
const rows = computed(() =>
  days.map((one) => [dayName(one.day), one.lessons.join(', '), ...BANDS.map(({ of }) => String(one[of]))]),
);
</script>

<template>
  <p v-if="days.length === 0" class="quiet">{{ t('class.noDays') }}</p>
  <ChartOrTable v-else :option="option" :label="t('class.historyLabel')" :columns="columns" :rows="rows" />
</template>
