<!-- How far a child had come in a skill at the end of each day it answered: the share it knows, and where that lies with nine chances in ten. -->
<script setup lang="ts">
import type { EChartsOption } from 'echarts';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { ChildHistory } from '../../contract/index.ts';
import type { Skill } from '../../core/skills/index.ts';
import { COLOURS } from '../look/tokens.ts';
import { useSkillWords } from '../words/useSkillWords.ts';
import ChartOrTable from './ChartOrTable.vue';
import { axisLook, chartBase } from './chart.ts';
import { useRecord } from './useRecord.ts';

const { childId, skill } = defineProps<{ childId: number; skill: Skill }>();
const { t, d, n } = useI18n();
const skillWords = useSkillWords();
const { data: history, problem } = useRecord(ChildHistory, () => `/record/children/${childId}/history`);

const dayName = (day: string): string => d(new Date(`${day}T00:00:00Z`), 'day');
const percent = (share: number): string => n(share, { style: 'percent', maximumFractionDigits: 0 });
const days = computed(() =>
  (history.value?.days ?? []).flatMap(({ day, skills }) => {
    const mastery = skills[skill];
    return mastery === undefined || mastery.answers === 0 ? [] : [{ day, ...mastery }];
  }),
);
const rounded = (share: number): number => Math.round(share * 1000) / 10;
const option = computed((): EChartsOption => {
  const hidden = { lineStyle: { opacity: 0 }, symbol: 'none', silent: true } as const;
  return {
    ...chartBase(),
    xAxis: {
      ...axisLook,
      type: 'category',
      boundaryGap: days.value.length === 1,
      data: days.value.map(({ day }) => dayName(day)),
    },
    yAxis: {
      ...axisLook,
      type: 'value',
      min: 0,
      max: 100,
      axisLabel: { ...axisLook.axisLabel, formatter: '{value} %' },
    },
    grid: { left: 46, right: 12, top: 12, bottom: 26 },
    series: [
      { type: 'line', stack: 'band', ...hidden, data: days.value.map(({ band: [from] }) => rounded(from)) },
      {
        type: 'line',
        stack: 'band',
        ...hidden,
        areaStyle: { color: COLOURS.moss2, opacity: 1 },
        data: days.value.map(({ band: [from, to] }) => rounded(to) - rounded(from)),
      },
      {
        type: 'line',
        data: days.value.map(({ share }) => rounded(share)),
        lineStyle: { color: COLOURS.moss7, width: 3 },
        itemStyle: { color: COLOURS.moss7 },
        symbolSize: 8,
      },
    ],
  };
});
const columns = computed(() => [t('chart.day'), t('chart.level'), t('chart.share'), t('chart.band'), t('chart.right')]);
const rows = computed(() =>
  days.value.map(({ day, level, share, band, right, answers }) => [
    dayName(day),
    skillWords.level(level),
    percent(share),
    t('chart.fromTo', { from: percent(band[0]), to: percent(band[1]) }),
    t('class.nOf', { right, count: answers }),
  ]),
);
</script>

<template>
  <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
  <template v-if="days.length > 0">
    <ChartOrTable
      :option="option"
      :label="t('child.progressLabel', { skill: t(`skills.long.${skill}`) })"
      :columns="columns"
      :rows="rows"
    />
    <p class="quiet">{{ t('child.band') }}</p>
  </template>
</template>
