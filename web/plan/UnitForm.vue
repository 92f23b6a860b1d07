<!-- The questions before a unit is laid out; as they stand they make a good one. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { UnitChoices } from '../../contract/index.ts';
import { CLASS_LEVELS, LESSON_MINUTES, MEDIA, roundSeconds, type Pace } from '../../core/planning/index.ts';
import { CHOICES } from '../../core/conventions/index.ts';
import ChoiceRow from '../settings/ChoiceRow.vue';
import DaysOff from './DaysOff.vue';
import WeekdayRow from './WeekdayRow.vue';

const choices = defineModel<UnitChoices>({ required: true });
const { t } = useI18n();

const set = (change: Partial<UnitChoices>): void => {
  choices.value = { ...choices.value, ...change };
};
const setPace = (stage: keyof Pace, seconds: number): void => {
  if (Number.isInteger(seconds) && seconds >= (stage === 'reveal' ? 1 : 0) && seconds <= 120)
    set({ pace: { ...choices.value.pace, [stage]: seconds } });
};
const STAGES = ['ask', 'think', 'show', 'reveal'] as const;
const setFirst = (day: string): void => {
  if (day !== '') set({ firstDay: day });
};
</script>

<template>
  <div class="form">
    <div class="two">
      <label class="field">
        <span class="title-item">{{ t('plan.firstDay') }}</span>
        <input
          class="sand-field"
          type="date"
          :value="choices.firstDay"
          @change="setFirst(($event.target as HTMLInputElement).value)"
        />
      </label>
      <label class="field">
        <span class="title-item">{{ t('plan.minutes', { count: choices.minutes }) }}</span>
        <input
          type="range"
          :min="LESSON_MINUTES.least"
          :max="LESSON_MINUTES.most"
          :value="choices.minutes"
          @input="set({ minutes: Number(($event.target as HTMLInputElement).value) })"
        />
      </label>
    </div>
    <WeekdayRow :model-value="choices.weekdays" @update:model-value="(weekdays) => set({ weekdays: [...weekdays] })" />
    <ChoiceRow
      :title="t('plan.level')"
      :choices="CLASS_LEVELS"
      :chosen="choices.level"
      :label="(one) => t(`plan.levels.${one}`)"
      @choose="(level) => set({ level })"
    />
    <ChoiceRow
      :title="t('plan.order')"
      :choices="CHOICES.teachingOrder.choices"
      :chosen="choices.order"
      :label="(one) => t(`settings.choice.teachingOrder.${one}`)"
      @choose="(order) => set({ order })"
    />
    <ChoiceRow
      :title="t('plan.handFirst')"
      :choices="['yes', 'no'] as const"
      :chosen="choices.handFirst ? 'yes' : 'no'"
      :label="(one) => t(`plan.handFirsts.${one}`)"
      @choose="(one) => set({ handFirst: one === 'yes' })"
    />
    <ChoiceRow
      :title="t('plan.media')"
      :choices="MEDIA"
      :chosen="choices.media"
      :label="(one) => t(`plan.medium.${one}`)"
      @choose="(media) => set({ media })"
    />
    <DaysOff
      :from="choices.firstDay"
      :model-value="choices.daysOff"
      @update:model-value="(daysOff) => set({ daysOff: [...daysOff] })"
    />
    <details>
      <summary>{{ t('plan.pace', { seconds: roundSeconds(choices.pace) }) }}</summary>
      <div class="pace">
        <label v-for="stage in STAGES" :key="stage">
          {{ t(`plan.stage.${stage}`) }}
          <input
            class="sand-field"
            type="number"
            min="0"
            max="120"
            :value="choices.pace[stage]"
            @change="setPace(stage, Number(($event.target as HTMLInputElement).value))"
          />
        </label>
      </div>
    </details>
  </div>
</template>

<style scoped>
.form {
  display: grid;
  gap: 4px;
}
.two {
  display: grid;
  grid-template-columns: 180px 1fr;
  gap: 24px;
  margin-bottom: 8px;
}
.field {
  display: grid;
  gap: 4px;
}
.field input[type='range'] {
  accent-color: var(--plum);
  height: 44px;
}
summary {
  min-height: 44px;
  line-height: 44px;
  color: var(--plum);
  font-weight: 700;
  cursor: pointer;
}
.pace {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.pace label {
  display: grid;
  gap: 4px;
}
.pace input {
  width: 90px;
}
</style>
