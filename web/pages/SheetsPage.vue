<!-- Sheets: tickets and practice of a lesson, things to print, and what was made before. -->
<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router';
import MadeBefore from '../sheets/MadeBefore.vue';
import SheetDesk from '../sheets/SheetDesk.vue';
import SheetHead from '../sheets/SheetHead.vue';
import { SHEET_TABS, type SheetTab } from '../sheets/tabs.ts';
import ThingList from '../sheets/ThingList.vue';
import { useSheet } from '../sheets/useSheet.ts';
import { tasksIn } from '../sheets/tasksInAddress.ts';
import type { SheetType } from '../../core/sheets/index.ts';
import { lessonOfAddress } from '../plan/lessonOfAddress.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';

const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const store = useClassroomStore();
const making = useSheet();
const problem = ref<string>();

const lesson = computed(() => {
  return lessonOfAddress(route.params, store.classroom!.lessons) ?? store.lesson;
});
/** What is asked for; without a wish the paper the lesson has, its ticket first. */
const tab = computed((): SheetTab => {
  const asked = SHEET_TABS.find((one) => one === route.query['show']);
  const has = (part: string): boolean =>
    lesson.value?.segments.some(({ kind, items }) => kind === part && items.length > 0) ?? false;
  return asked ?? (!has('ticket') && has('alone') ? 'alone' : 'ticket');
});
/** A sheet lies on the table: a lesson's, or one that was opened. */
const onTable = computed(() => tab.value === 'ticket' || tab.value === 'alone');
/** What was changed by hand is kept before something else lies on the table; where it cannot be, it is said and stays. */
const keepFirst = async (): Promise<boolean> => {
  problem.value = undefined;
  if (!making.isEdited()) return true;
  try {
    await making.keep();
    return true;
  } catch (error) {
    problem.value = problemKey(error);
    return false;
  }
};
const show = async (next: { tab?: SheetTab; lesson?: number; sheet?: string }): Promise<void> => {
  if (!(await keepFirst())) return;
  const shown = next.lesson ?? (route.params['lesson'] === '' ? undefined : route.params['lesson']);
  const query = { show: next.tab ?? tab.value, ...(next.sheet && { sheet: next.sheet }) };
  await router.replace({ name: 'sheets', params: shown === undefined ? {} : { lesson: String(shown) }, query });
};
/** Tasks that would tell most about a child, in the address. */
const telling = computed(() => {
  const childId = Number(route.query['child']);
  const tasks = tasksIn(route.query['tasks']);
  return store.childById.has(childId) && tasks.length > 0 ? { childId, tasks } : undefined;
});
const load = async (): Promise<void> => {
  problem.value = undefined;
  const sheet = route.query['sheet'];
  try {
    if (typeof sheet === 'string') await making.open(sheet);
    else if (telling.value !== undefined)
      making.beginWithTasks(telling.value.tasks, t('sheets.telling'), telling.value.childId);
    else if (lesson.value !== undefined && onTable.value)
      await making.beginOrOpen(lesson.value, tab.value as 'ticket' | 'alone');
  } catch (error) {
    problem.value = problemKey(error);
  }
};
watch(() => [tab.value, lesson.value?.id, route.query['sheet'], route.query['tasks']], load, { immediate: true });
/** Who has read why it cannot be kept, and goes all the same, is not held. */
let wasTold = false;
onBeforeRouteLeave(async () => {
  const mayGo = wasTold || (await keepFirst());
  wasTold = true;
  return mayGo;
});
const openMade = (id: string, type: SheetType): Promise<void> =>
  show({ tab: type === 'ticket' ? 'ticket' : 'alone', sheet: id });
/** A sheet that was opened is its own lesson's, or none's. */
const ofLesson = computed(() =>
  route.query['sheet'] === undefined && telling.value === undefined ? lesson.value : making.lesson.value,
);
</script>

<template>
  <div class="sheets">
    <SheetDesk v-if="onTable && making.draft.value" :making="making">
      <SheetHead
        :tab="tab"
        :lesson="ofLesson"
        @tab="(next) => show({ tab: next })"
        @lesson="(lesson) => show({ lesson })"
      />
      <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
    </SheetDesk>
    <template v-else>
      <SheetHead
        :tab="tab"
        :lesson="lesson"
        @tab="(next) => show({ tab: next })"
        @lesson="(lesson) => show({ lesson })"
      />
      <p v-if="problem" class="problem" role="alert">
        {{ t(problem) }} <v-btn variant="text" @click="load">{{ t('app.retry') }}</v-btn>
      </p>
      <ThingList v-else-if="tab === 'things'" :lesson="lesson" />
      <MadeBefore v-else-if="tab === 'made'" @open="openMade" />
      <p v-else-if="lesson === undefined" class="quiet">
        {{ t('sheets.noUnit') }}
        <router-link :to="{ name: 'unit' }">{{ t('plan.makeOne') }}</router-link>
      </p>
      <p v-else class="quiet" role="status">{{ t('app.loading') }}</p>
    </template>
  </div>
</template>

<style scoped>
.sheets {
  padding: 12px 32px 16px;
  max-width: 1500px;
  margin: 0 auto;
}
</style>
