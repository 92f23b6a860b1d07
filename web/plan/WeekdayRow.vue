<!-- The days of the week a class is taught on; the last one stays. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { WEEKDAYS, toggleWeekday, type Weekday } from '../../core/planning/index.ts';

const weekdays = defineModel<readonly Weekday[]>({ required: true });
const { t } = useI18n();
</script>

<template>
  <fieldset class="weekdays">
    <legend class="title-item">{{ t('plan.weekdays') }}</legend>
    <label v-for="day in WEEKDAYS" :key="day" :class="{ chosen: weekdays.includes(day) }">
      <input type="checkbox" :checked="weekdays.includes(day)" @change="weekdays = toggleWeekday(weekdays, day)" />
      {{ t(`weekdays.${day}`) }}
    </label>
  </fieldset>
</template>

<style scoped>
.weekdays {
  border: 0;
  margin: 0 0 12px;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.weekdays legend {
  padding: 0;
  margin-bottom: 6px;
}
.weekdays label {
  position: relative;
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  padding: 0 14px;
  border-radius: 999px;
  background: var(--sand);
  cursor: pointer;
}
.weekdays label.chosen {
  background: var(--plum-chosen);
  color: var(--plum-deep);
  font-weight: 700;
}
.weekdays input {
  position: absolute;
  inset: 0;
  opacity: 0;
  margin: 0;
  cursor: pointer;
}
.weekdays label:has(:focus-visible) {
  outline: 3px solid var(--plum);
  outline-offset: 2px;
}
</style>
