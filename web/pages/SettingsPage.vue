<!-- Conventions of the class, with a clock and its sentences beside them. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../contract/index.ts';
import { SNAPS, timeOf } from '../../core/clock/index.ts';
import { DIGITAL_FORMS, ENGLISHES, FIRST_READ, HAND_NAMES, readingSteps } from '../../core/wording/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import ChoiceRow from '../settings/ChoiceRow.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../stores/problemWords.ts';
import { useClockWords } from '../stores/useClockWords.ts';

const { t } = useI18n();
const store = useClassroomStore();
const settings = computed(() => store.classroom!.settings);
const clock = useClockWords(() => settings.value);
const problem = ref<string>();
const saved = ref(false);

const choose = async (change: Partial<Settings>): Promise<void> => {
  try {
    await store.saveSettings({ ...settings.value, ...change });
    saved.value = true;
    problem.value = undefined;
  } catch (error) {
    problem.value = problemKey(error);
  }
};
/** The example beside the choices: snack time. */
const EXAMPLE = timeOf(3);
const steps = computed(() => readingSteps(EXAMPLE, settings.value));
</script>

<template>
  <div class="settings">
    <section>
      <h1 class="title-page">{{ t('settings.title') }}</h1>
      <p class="quiet lead">{{ t('settings.lead') }}</p>
      <ChoiceRow
        :title="t('settings.english')"
        :choices="ENGLISHES"
        :chosen="settings.english"
        :label="(one) => t(`settings.${one}`)"
        @choose="(english) => choose({ english })"
      />
      <ChoiceRow
        :title="t('settings.handNames')"
        :choices="HAND_NAMES"
        :chosen="settings.handNames"
        :label="(one) => t(`settings.${one}`)"
        @choose="(handNames) => choose({ handNames })"
      />
      <ChoiceRow
        :title="t('settings.firstRead')"
        :choices="FIRST_READ"
        :chosen="settings.firstRead"
        :label="(one) => t(`settings.${one}`)"
        @choose="(firstRead) => choose({ firstRead })"
      />
      <ChoiceRow
        :title="t('settings.digitalForm')"
        :choices="DIGITAL_FORMS"
        :chosen="settings.digitalForm"
        :label="(one) => one"
        @choose="(digitalForm) => choose({ digitalForm })"
      />
      <ChoiceRow
        :title="t('settings.snap')"
        :choices="SNAPS"
        :chosen="settings.snap"
        :label="(one) => t('settings.snapMinutes', { count: one }, one)"
        @choose="(snap) => choose({ snap })"
      />
      <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
      <p v-else-if="saved" class="quiet" role="status">{{ t('settings.saved') }}</p>
      <p class="quiet privacy">
        <template v-if="store.classroom!.demo">{{ t('app.demo') }}</template>
        {{ t('settings.privacy') }}
      </p>
    </section>
    <section class="sheet preview" :aria-label="t('settings.preview')">
      <h2 class="title-column">{{ t('settings.preview') }}</h2>
      <SmallClock :time="EXAMPLE" :px="280" size="full" :numerals="settings.numerals" :label="clock.said(EXAMPLE)" />
      <p class="digits child-type">{{ clock.written(EXAMPLE) }}</p>
      <ol class="child-type">
        <li v-for="step in steps" :key="step.sentence.key">{{ clock.phrase(step.sentence) }}</li>
      </ol>
    </section>
  </div>
</template>

<style scoped>
.settings {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 420px;
  gap: 48px;
  padding: 20px 32px;
  max-width: 1240px;
  margin: 0 auto;
  align-items: start;
}
.lead {
  margin: 6px 0 20px;
}
.privacy {
  margin-top: 24px;
  max-width: 60ch;
}
.preview {
  display: grid;
  justify-items: center;
  gap: 14px;
  padding: 24px;
}
.digits {
  font-weight: 700;
  font-size: 56px;
  line-height: 64px;
}
ol {
  font-size: 20px;
  line-height: 32px;
  text-align: center;
  text-wrap: balance;
}
.problem {
  color: var(--berry);
  font-weight: 600;
}
@media (max-width: 900px) {
  .settings {
    grid-template-columns: 1fr;
  }
}
</style>
