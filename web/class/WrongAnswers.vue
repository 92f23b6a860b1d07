<!-- Which wrong answers to a skill came how often: what was shown, what was made of it, how often, by whom, and the reason. -->
<script setup lang="ts">
import { mdiArrowRightThin } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SkillView } from '../../contract/index.ts';
import { answeredTime, asGiven, type ReadAnswer } from '../../core/answers/index.ts';
import { onlyHandOf, timeOfItem } from '../../core/items/index.ts';
import { describeAnswer, describeItem, ruleText, teacherSentence } from '../../core/reporting/index.ts';
import AnswerLook from '../clock/AnswerLook.vue';
import SmallClock from '../clock/SmallClock.vue';
import { useClassroomStore } from '../stores/classroom.ts';

const { wrong } = defineProps<{ wrong: SkillView['wrong'] }>();
const { t } = useI18n();
const store = useClassroomStore();

/** Answers that are clocks, or hours of one; and those that look as they were drawn or written. What was said in words stands beside. */
const CLOCKS: ReadonlySet<ReadAnswer['kind']> = new Set(['time', 'hands', 'hour', 'hour-angle']);
const LOOKS: ReadonlySet<ReadAnswer['kind']> = new Set(['drawing', 'writing']);

const rows = computed(() => {
  const { settings } = store.classroom!;
  return wrong.map(({ item, read, count, childIds, rule }) => ({
    key: JSON.stringify([item, read]),
    shown: timeOfItem(item),
    item,
    clock: CLOCKS.has(read.kind) ? answeredTime(read) : undefined,
    look: LOOKS.has(read.kind) || item.kind === 'choose-clock' ? asGiven(read) : undefined,
    only: onlyHandOf(item),
    task: describeItem(item, settings),
    answer: describeAnswer(item, read, settings),
    count,
    names: childIds.flatMap((id) => store.childById.get(id) ?? []),
    rule: rule === null ? '' : teacherSentence(ruleText(rule, 'short'), settings),
  }));
});
</script>

<template>
  <ul class="wrong">
    <li v-for="row in rows" :key="row.key">
      <span class="clocks">
        <SmallClock v-if="row.shown !== undefined" :time="row.shown" :px="40" :only="row.only" :label="row.task" />
        <template v-if="row.clock !== undefined || row.look">
          <v-icon :icon="mdiArrowRightThin" size="16" aria-hidden="true" />
          <SmallClock v-if="row.clock !== undefined" :time="row.clock" :px="40" :only="row.only" :label="row.answer" />
          <AnswerLook
            v-else-if="row.look"
            :item="row.item"
            :answer="row.look"
            :conventions="store.classroom!.settings"
            :px="40"
            class="given"
          />
        </template>
      </span>
      <div>
        <p>
          <strong>{{ row.answer }}</strong>
          <span class="quiet">{{ t('class.times', { count: row.count }, row.count) }}</span>
        </p>
        <p class="quiet">
          {{ row.task }}<template v-if="row.rule"> · {{ row.rule }}</template>
        </p>
        <p class="names">
          <router-link
            v-for="child in row.names"
            :key="child.id"
            :to="{ name: 'child', params: { childId: child.id } }"
            >{{ child.name }}</router-link
          >
        </p>
      </div>
    </li>
  </ul>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 104px minmax(0, 1fr);
  gap: 10px;
  padding: 7px 0;
}
strong + .quiet {
  margin-left: 6px;
}
.clocks {
  display: flex;
  align-items: center;
  gap: 2px;
}
.given {
  font-size: 14px;
  max-width: 58px;
}
p {
  font-size: 14px;
  line-height: 19px;
}
.names {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
}
.names a {
  min-height: 24px;
}
</style>
