<!-- How many children may be secure on each day ahead: a band, and the likeliest count in it. -->
<script setup lang="ts">
import type { EChartsOption } from 'echarts';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Band } from '../../core/forecast/index.ts';
import ChartOrTable from '../class/ChartOrTable.vue';
import { axisLook, chartBase } from '../class/chart.ts';
import { COLOURS } from '../look/tokens.ts';
import { usePlanWords } from '../words/usePlanWords.ts';

const { days, bands, children } = defineProps<{
  /** The first is now. */
  days: readonly string[];
  bands: readonly Band[];
  children: number;
}>();
const { t } = useI18n();
const plan = usePlanWords();

const names = computed(() => days.map((day) => (day === '' ? t('forecast.now') : plan.shortDay(day))));
const quietLine = { lineStyle: { opacity: 0 }, symbol: 'none' as const, silent: true };
const option = computed((): EChartsOption => ({
  ...chartBase(),
  tooltip: { trigger: 'axis' },
  xAxis: { ...axisLook, type: 'category', boundaryGap: days.length === 1, data: names.value },
  yAxis: { ...axisLook, type: 'value', min: 0, max: children, minInterval: 1 },
  series: [
    { name: t('forecast.low'), type: 'line', stack: 'band', data: bands.map(({ low }) => low), ...quietLine },
    {
      name: t('forecast.band'),
      type: 'line',
      stack: 'band',
      data: bands.map(({ low, high }) => high - low),
      areaStyle: { color: COLOURS.moss3, opacity: 0.7 },
      ...quietLine,
    },
    {
      name: t('forecast.likeliest'),
      type: 'line',
      data: bands.map(({ middle }) => middle),
      lineStyle: { color: COLOURS.moss7, width: 3 },
      itemStyle: { color: COLOURS.moss7 },
      symbolSize: 6,
    },
  ],
}));
const columns = computed(() => [t('chart.day'), t('forecast.low'), t('forecast.likeliest'), t('forecast.high')]);
const rows = computed(() =>
  bands.map(({ low, middle, high }, i) => [names.value[i]!, String(low), String(middle), String(high)]),
);
</script>

<template>
  <ChartOrTable :option="option" :label="t('forecast.label')" :columns="columns" :rows="rows" />
</template>
