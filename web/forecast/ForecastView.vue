<!-- Where this is going: how many may be secure by the unit's last day, and what would happen if something were done otherwise. -->
<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { ForecastBase } from '../../contract/index.ts';
import { FEWEST_DAYS, WHAT_IFS, type WhatIf } from '../../core/forecast/index.ts';
import type { Skill } from '../../core/skills/index.ts';
import { useRecord } from '../class/useRecord.ts';
import { wishesFor } from './useEndForecast.ts';
import { useForecast } from './useForecast.ts';

defineSlots<{ default: () => unknown; acts: () => unknown }>();
const ForecastChart = defineAsyncComponent(() => import('./ForecastChart.vue'));
const { t, d } = useI18n();
const { data: base, problem } = useRecord(ForecastBase, () => '/record/forecast');
const { forecast, tooLittle, share, failed, stopped, begin, stop } = useForecast();

const whatIf = ref<WhatIf>('plan');
const chosen = ref<Skill>();
/** What is looked at: what was checked last, until the teacher looks at something else. */
const skill = computed(() => chosen.value ?? base.value?.checked ?? base.value?.skills[0]);
/** What would follow from what is chosen. */
const work = (): void => {
  const now = base.value;
  if (now === undefined || skill.value === undefined) return;
  begin(wishesFor(now, skill.value, whatIf.value));
};
watch([base, whatIf, skill], work, { immediate: true });

const found = computed(() => forecast.value?.skills.find((one) => one.skill === skill.value)?.bands);
const dayName = (day: string): string => d(new Date(`${day}T00:00:00Z`), 'long');
const ends = computed(() => base.value?.ahead.at(-1)?.day);
const said = computed(() => {
  const last = found.value?.at(-1);
  if (last === undefined || forecast.value === undefined) return undefined;
  const values = { ...last, of: forecast.value.of, skill: t(`skills.long.${skill.value}`) };
  return ends.value === undefined
    ? t('forecast.over', values)
    : t('forecast.says', { ...values, day: dayName(ends.value) });
});
</script>

<template>
  <div class="forecast">
    <div class="head">
      <slot />
      <p class="quiet said">{{ t('forecast.hint') }}</p>
      <slot name="acts" />
    </div>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
    <p v-if="failed" class="problem" role="alert">{{ t('forecast.failed') }}</p>
    <template v-if="base">
      <div class="choices">
        <div class="ifs" role="group" :aria-label="t('forecast.whatIf')">
          <button
            v-for="one in WHAT_IFS"
            :key="one"
            type="button"
            class="choice"
            :class="{ on: whatIf === one }"
            :aria-pressed="whatIf === one"
            :data-if="one"
            :disabled="base.ahead.length === 0 && one !== 'plan'"
            @click="whatIf = one"
          >
            {{ t(`forecast.if.${one}`) }}
          </button>
        </div>
        <label v-if="skill" class="skill"
          >{{ t('forecast.skill') }}
          <select
            class="sand-field"
            :value="skill"
            @change="(event) => (chosen = (event.target as HTMLSelectElement).value as Skill)"
          >
            <option v-for="one in base.skills" :key="one" :value="one">{{ t(`skills.long.${one}`) }}</option>
          </select></label
        >
      </div>
      <div class="progress" aria-live="polite">
        <template v-if="share !== undefined">
          <v-progress-linear :model-value="100 * share" :aria-label="t('forecast.working')" color="primary" />
          <v-btn variant="text" :height="44" @click="stop">{{ t('forecast.stop') }}</v-btn>
        </template>
        <template v-else-if="stopped">
          <p class="quiet">{{ t('forecast.stopped') }}</p>
          <v-btn variant="text" :height="44" @click="work">{{ t('forecast.again') }}</v-btn>
        </template>
        <p v-else-if="tooLittle" class="quiet">{{ t('forecast.tooLittle', { days: FEWEST_DAYS }) }}</p>
        <p v-else-if="said" class="says">{{ said }}</p>
      </div>
      <ForecastChart
        v-if="forecast && found && !tooLittle"
        :days="forecast.days"
        :bands="found"
        :children="forecast.of"
      />
    </template>
  </div>
</template>

<style scoped>
.forecast {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
}
.head {
  display: flex;
  align-items: center;
  gap: 16px;
}
.said {
  flex: 1;
}
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: center;
  justify-content: space-between;
}
.ifs {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.choice {
  min-height: 44px;
  padding: 0 16px;
  border-radius: 22px;
  background: var(--sand);
  font-weight: 600;
}
.choice.on {
  background: var(--plum-chosen);
  box-shadow: inset 0 0 0 2px var(--plum);
}
.choice:disabled {
  color: var(--quiet);
  background: none;
}
.skill {
  display: flex;
  align-items: center;
  gap: 8px;
}
.skill select {
  height: 44px;
  max-width: 280px;
}
.progress {
  min-height: 48px;
  display: flex;
  align-items: center;
  gap: 16px;
}
.says {
  font-size: 19px;
  font-weight: 600;
}
</style>
