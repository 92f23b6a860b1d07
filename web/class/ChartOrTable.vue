<!-- A chart, and the same as a table for those who would rather read it. -->
<script setup lang="ts">
import type { EChartsOption } from 'echarts';
import { ref } from 'vue';
import VChart from 'vue-echarts';
import { useI18n } from 'vue-i18n';
import './chart.ts';

const { option, label, columns, rows } = defineProps<{
  option: EChartsOption;
  /** What a screen reader hears in the chart's place. */
  label: string;
  columns: readonly string[];
  /** Cells in the order of the columns; the first heads its row. */
  rows: readonly (readonly string[])[];
}>();
const { t } = useI18n();
const asTable = ref(false);
</script>

<template>
  <div class="chart-or-table">
    <div v-if="!asTable" class="chart" role="img" :aria-label="label">
      <VChart :option="option" :init-options="{ renderer: 'svg' }" autoresize />
    </div>
    <div v-else class="scroll" tabindex="0" role="group" :aria-label="label">
      <table>
        <thead>
          <tr>
            <th v-for="column in columns" :key="column" scope="col">{{ column }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row[0]">
            <template v-for="(cell, i) in row" :key="i">
              <th v-if="i === 0" scope="row">{{ cell }}</th>
              <td v-else>{{ cell }}</td>
            </template>
          </tr>
        </tbody>
      </table>
    </div>
    <button type="button" class="link" :aria-pressed="asTable" @click="asTable = !asTable">
      {{ t(asTable ? 'chart.asChart' : 'chart.asTable') }}
    </button>
  </div>
</template>

<style scoped>
.chart {
  height: 220px;
}
.scroll {
  max-height: 220px;
  overflow: auto;
}
table {
  width: 100%;
  border-spacing: 0;
}
th,
td {
  text-align: right;
  padding: 3px 8px;
  font-size: 14px;
  font-variant-numeric: tabular-nums;
}
th:first-child {
  text-align: left;
  white-space: nowrap;
}
thead th {
  color: var(--quiet);
  font-weight: 400;
}
tbody th {
  font-weight: 600;
}
.link {
  min-height: 40px;
  color: var(--plum);
  font-weight: 600;
}
</style>
