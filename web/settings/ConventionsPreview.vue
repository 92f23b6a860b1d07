<!-- So it will look and sound: a clock, the digits, the sentence and the steps, by conventions that need not be kept yet. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { timeOf, type DialTime } from '../../core/clock/index.ts';
import { readingSteps } from '../../core/wording/index.ts';
import { type Conventions } from '../../core/conventions/index.ts';
import { handColourStyle, provideFace } from '../clock/useFace.ts';
import SmallClock from '../clock/SmallClock.vue';
import { useClockWords } from '../words/useClockWords.ts';

const { conventions } = defineProps<{ conventions: Conventions }>();
const time = defineModel<DialTime>({ required: true });
const { t } = useI18n();
provideFace(() => conventions);
const clock = useClockWords(() => conventions);

/** Snack-like o'clock, a plain half past, and the half past that trips a rule of thumb. */
const EXAMPLES = [timeOf(3), timeOf(4, 30), timeOf(12, 30)];
const steps = computed(() => readingSteps(time.value, conventions));
const isException = computed(() => conventions.hourFinding === 'smaller' && time.value === timeOf(12, 30));
</script>

<template>
  <section class="sheet preview" :aria-label="t('settings.preview')">
    <header>
      <h2 class="title-column">{{ t('settings.preview') }}</h2>
      <div class="examples" role="group" :aria-label="t('settings.example')">
        <button
          v-for="example in EXAMPLES"
          :key="example"
          type="button"
          class="time-type"
          :class="{ chosen: example === time }"
          :aria-pressed="example === time"
          @click="time = example"
        >
          {{ clock.written(example) }}
        </button>
      </div>
    </header>
    <div class="face" :style="handColourStyle(conventions)">
      <SmallClock :time="time" :px="236" size="full" :label="clock.said(time)" />
    </div>
    <p class="digits child-type">{{ clock.written(time) }}</p>
    <ol class="child-type">
      <li v-for="(step, i) in steps" :key="i">{{ clock.phrase(step.sentence) }}</li>
    </ol>
    <p v-if="isException" class="exception" role="status">{{ t('settings.smallerException') }}</p>
    <slot />
  </section>
</template>

<style scoped>
.preview {
  display: grid;
  justify-items: center;
  gap: 10px;
  padding: 16px 18px;
}
header {
  width: 100%;
  white-space: nowrap;
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.examples {
  display: flex;
  gap: 4px;
}
.examples button {
  min-height: 40px;
  padding: 0 8px;
  border-radius: 999px;
}
.examples button:hover {
  background: var(--plum-tint);
}
.examples button.chosen {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
.digits {
  font-weight: 700;
  font-size: 48px;
  line-height: 54px;
}
ol {
  font-size: 19px;
  line-height: 28px;
  text-align: center;
  text-wrap: balance;
}
.exception {
  background: var(--plum-tint);
  border-radius: var(--corner);
  padding: 10px 14px;
}
</style>
