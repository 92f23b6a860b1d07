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

const { reason, childIds } = defineProps<{ reason: z.infer<typeof Reason>; childIds: readonly number[] }>();
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
  <article class="reason">
    <SmallClock v-if="shown !== undefined" :time="shown" :px="46" :label="clock.said(shown)" />
    <div>
      <h3 class="title-item">{{ name }}</h3>
      <p v-for="answer in answers" :key="answer" class="quiet">{{ answer }}</p>
      <p v-if="fits" class="quiet">{{ fits }}</p>
      <ul>
        <li v-for="child in children" :key="child.id">
          <router-link :to="{ name: 'child', params: { childId: child.id } }"><NameChip :child="child" /></router-link>
        </li>
      </ul>
    </div>
  </article>
</template>

<style scoped>
.reason {
  display: flex;
  gap: 12px;
  margin-bottom: 16px;
}
ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin-top: 5px;
}
a {
  color: var(--ink);
}
</style>
