<!-- A reason: the clock that was shown, what was made of it, and the children it holds for. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { z } from 'zod';
import type { Child, Reason } from '../../contract/index.ts';
import { timeOfItem } from '../../core/items/index.ts';
import { describeAnswer, describeItem, needText, ruleText, teacherSentence } from '../../core/reporting/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import NameChip from '../people/NameChip.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { useClockWords } from '../words/useClockWords.ts';

const {
  reason,
  childIds,
  most = 2,
  compact = false,
} = defineProps<{
  reason: z.infer<typeof Reason>;
  childIds: readonly number[];
  /** Answers that are shown of it. */
  most?: number;
  /** Where there are many: the children beside the need, and one line. */
  compact?: boolean;
}>();
const { t } = useI18n();
const store = useClassroomStore();
const clock = useClockWords(() => store.classroom!.settings);

const children = computed(() =>
  childIds.flatMap((id): Child[] => {
    const child = store.childById.get(id);
    return child === undefined ? [] : [child];
  }),
);
const settings = computed(() => store.classroom!.settings);
const name = computed(() => teacherSentence(needText(reason.need, 'name'), settings.value));
const fits = computed(() =>
  reason.fitsWithRule && reason.rule !== null
    ? t('desk.fitsWith', { rule: teacherSentence(ruleText(reason.rule, 'short'), settings.value) })
    : '',
);
/** The pair of times to be shown, and what it parts. */
const parting = computed(() => {
  if (reason.parting === null) return '';
  const [one, other] = reason.parting.times.map((time) => clock.written(time));
  const [likeliest, next] = reason.parting.rules.map((rule) =>
    teacherSentence(ruleText(rule, 'short'), settings.value),
  );
  return next === undefined ? t('desk.show', { one, other }) : t('desk.showToPart', { one, other, likeliest, next });
});
/** The one line there is room for: what to show, otherwise an answer. */
const line = computed(() => parting.value || answers.value[0] || '');
const first = computed(() => reason.fitting[0]);
const shown = computed(() => (first.value === undefined ? undefined : timeOfItem(first.value.item)));
/** Two tasks with what was made of them. */
const answers = computed(() =>
  reason.fitting.slice(0, 2).map(({ item, read }) =>
    t('desk.fits', {
      task: describeItem(item, settings.value),
      answer: describeAnswer(item, read, settings.value),
    }),
  ),
);
</script>

<template>
  <article class="reason" :class="{ compact }">
    <SmallClock v-if="shown !== undefined" :time="shown" :px="compact ? 34 : 46" :label="clock.said(shown)" />
    <div>
      <h3 class="title-item">{{ name }}</h3>
      <p v-for="answer in answers.slice(0, compact ? 0 : most)" :key="answer" class="quiet">{{ answer }}</p>
      <p v-if="fits && !compact" class="quiet">{{ fits }}</p>
      <p v-if="parting && !compact" class="parting">{{ parting }}</p>
      <ul>
        <li v-for="child in children" :key="child.id">
          <router-link :to="{ name: 'child', params: { childId: child.id } }"><NameChip :child="child" /></router-link>
        </li>
      </ul>
      <p v-if="compact && line" class="quiet line">{{ line }}</p>
    </div>
  </article>
</template>

<style scoped>
.reason {
  display: flex;
  gap: 12px;
  margin-bottom: 12px;
}
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin-top: 5px;
}
.compact {
  margin-bottom: 8px;
}
.compact > div {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  align-items: baseline;
  gap: 0 12px;
  min-width: 0;
}
.compact ul {
  margin-top: 0;
}
.line {
  grid-column: 1 / -1;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.parting {
  font-weight: 600;
}
a {
  color: var(--ink);
}
</style>
