<!-- Which wrong answers to a skill came how often: what was shown, what was made of it, how often, by whom, and the reason. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SkillView } from '../../contract/index.ts';
import { describeAnswer, describeItem, ruleText, teacherSentence } from '../../core/reporting/index.ts';
import AskedAndGiven from '../clock/AskedAndGiven.vue';
import { useClassroomStore } from '../stores/classroom.ts';

const { wrong } = defineProps<{ wrong: SkillView['wrong'] }>();
const { t } = useI18n();
const store = useClassroomStore();

const rows = computed(() => {
  const { settings } = store.classroom!;
  return wrong.map(({ item, read, count, childIds, rule }) => ({
    key: JSON.stringify([item, read]),
    item,
    read,
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
      <AskedAndGiven :item="row.item" :read="row.read" :conventions="store.classroom!.settings" />
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
