<!-- A need of one child: how sure it is, what speaks for it and against it, what else may lie behind, and what helps. -->
<script setup lang="ts">
import { mdiPresentation } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { ChildReason } from '../../contract/index.ts';
import { RULE_HELP } from '../../core/misconceptions/index.ts';
import { needText, ruleText, teacherSentence } from '../../core/reporting/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';
import { sureness } from './sureness.ts';
import HandPractice from './HandPractice.vue';
import TriedList from './TriedList.vue';

const { reason, childId } = defineProps<{ reason: ChildReason; childId: number }>();
/** Answers that are looked at alone, by id; none: all of them. */
const only = defineModel<readonly string[] | undefined>('only', { required: true });
const { t, n, d } = useI18n();
const store = useClassroomStore();
const settings = computed(() => store.classroom!.settings);
const clock = useClockWords(() => settings.value);

const percent = (share: number): string => n(sureness(share), { style: 'percent', maximumFractionDigits: 0 });
const name = computed(() => teacherSentence(needText(reason.need, 'name'), settings.value));
const fits = computed(() =>
  reason.fitsWithRule && reason.rule !== null
    ? t('desk.fitsWith', { rule: teacherSentence(ruleText(reason.rule, 'short'), settings.value) })
    : '',
);
const help = computed(() =>
  teacherSentence(reason.rule === null ? needText(reason.need, 'help') : ruleText(reason.rule, 'help'), settings.value),
);
const contrast = computed(() => (reason.rule === null ? [] : RULE_HELP[reason.rule].contrast));
const besides = computed(() =>
  reason.beside.map((one) => {
    switch (one.kind) {
      case 'need':
        return t('child.besideNeed', {
          need: teacherSentence(needText(one.need, 'short'), settings.value),
          percent: percent(one.share),
        });
      case 'convention':
        return t('child.besideConvention', {
          convention: t(`child.conventions.${one.convention}`),
          day: d(new Date(`${one.day}T00:00:00Z`), 'day'),
        });
      case 'home-language':
        return t('child.besideHomeLanguage');
      case 'one-length':
        return t('child.besideOneLength');
      case 'hidden':
        return t('child.besideHidden', { count: one.answers }, one.answers);
    }
  }),
);
const isOnly = (ids: readonly string[]): boolean => only.value?.join() === ids.join();
const look = (ids: readonly string[]): void => {
  only.value = isOnly(ids) ? undefined : ids;
};
</script>

<template>
  <article class="card" :data-need="reason.need">
    <h3 class="title-item">{{ name }}</h3>
    <p class="quiet">
      {{ t('child.sure', { percent: percent(reason.share) }) }}<template v-if="fits"> · {{ fits }}</template>
    </p>
    <p class="sides">
      <button type="button" :aria-pressed="isOnly(reason.forIds)" @click="look(reason.forIds)">
        {{ t('child.for', { count: reason.for }) }}
      </button>
      <button
        v-if="reason.against > 0"
        type="button"
        :aria-pressed="isOnly(reason.againstIds)"
        @click="look(reason.againstIds)"
      >
        {{ t('child.against', { count: reason.against }) }}
      </button>
    </p>
    <p v-for="beside in besides" :key="beside" class="quiet">{{ beside }}</p>
    <p v-if="reason.masksDrawing" class="quiet">{{ t('child.masks') }}</p>
    <h4 class="title-item">{{ t('child.helps') }}</h4>
    <p>{{ help }}</p>
    <p v-if="contrast.length > 0" class="contrast">
      <SmallClock v-for="time in contrast" :key="time" :time="time" :px="44" :label="clock.said(time)" />
    </p>
    <div class="acts">
      <v-btn
        v-if="reason.rule !== null"
        variant="tonal"
        :prepend-icon="mdiPresentation"
        :height="44"
        :to="{ name: 'board', query: { rule: reason.rule } }"
        >{{ t('child.toBoard') }}</v-btn
      >
      <HandPractice :child-id="childId" :source="{ what: 'needs' }" :label="t('child.practise')" />
    </div>
    <template v-if="reason.tried.length > 0">
      <h4 class="title-item">{{ t('child.triedTitle') }}</h4>
      <TriedList :tried="reason.tried" />
    </template>
  </article>
</template>

<style scoped>
.card {
  display: grid;
  gap: 6px;
  margin-bottom: 18px;
}
.sides {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.sides button {
  min-height: 40px;
  padding: 0 14px;
  border-radius: 20px;
  background: var(--raised);
}
.sides button[aria-pressed='true'] {
  background: var(--plum);
  color: #fff;
}
h4 {
  margin: 4px 0 0;
}
.contrast {
  display: flex;
  gap: 10px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
