<!-- Sheets: tickets and practice of a lesson, things to print, and what was made before. -->
<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { onBeforeRouteLeave, useRoute, useRouter } from 'vue-router';
import ChoiceWord from '../sheets/ChoiceWord.vue';
import MadeBefore from '../sheets/MadeBefore.vue';
import SheetDesk from '../sheets/SheetDesk.vue';
import ThingList from '../sheets/ThingList.vue';
import { useSheet } from '../sheets/useSheet.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import { problemKey } from '../words/problemWords.ts';

const TABS = ['ticket', 'alone', 'things', 'made'] as const;
type Tab = (typeof TABS)[number];
const { t } = useI18n();
const route = useRoute();
const router = useRouter();
const store = useClassroomStore();
const words = usePlanWords();
const making = useSheet();
const problem = ref<string>();

const tab = computed((): Tab => TABS.find((one) => one === route.query['show']) ?? 'ticket');
const lesson = computed(() => {
  const number = Number(route.params['number']);
  return store.classroom!.lessons.find((one) => one.number === number) ?? store.lesson;
});
const lessons = computed(() =>
  store.classroom!.lessons.map((one) => ({ value: one.number, text: `${one.number}  ${words.title(one)}` })),
);
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
const show = async (next: { tab?: Tab; number?: number; sheet?: string }): Promise<void> => {
  if (!(await keepFirst())) return;
  const number = next.number ?? (route.params['number'] === '' ? undefined : route.params['number']);
  const query = { show: next.tab ?? tab.value, ...(next.sheet && { sheet: next.sheet }) };
  await router.replace({ name: 'sheets', params: number === undefined ? {} : { number: String(number) }, query });
};
const load = async (): Promise<void> => {
  problem.value = undefined;
  const sheet = route.query['sheet'];
  try {
    if (typeof sheet === 'string') await making.open(sheet);
    else if (lesson.value !== undefined && (tab.value === 'ticket' || tab.value === 'alone'))
      await making.beginOrOpen(lesson.value, tab.value);
  } catch (error) {
    problem.value = problemKey(error);
  }
};
watch(() => [tab.value, lesson.value?.id, route.query['sheet']], load, { immediate: true });
onBeforeRouteLeave(keepFirst);
const openMade = async (id: string): Promise<void> => {
  await show({ tab: 'ticket', sheet: id });
};
</script>

<template>
  <div class="sheets">
    <header class="head">
      <h1 class="title-page">{{ t(`sheets.headline.${tab}`) }}</h1>
      <p v-if="lesson && tab !== 'made'" class="quiet of">
        {{ t('sheets.forLesson') }}
        <ChoiceWord
          :text="words.title(lesson)"
          :label="t('sheets.label.lesson')"
          :choices="lessons"
          :chosen="[lesson.number]"
          @choose="([number]) => show({ number: number! })"
        />
      </p>
      <div class="tabs" role="group" :aria-label="t('sheets.what')">
        <button
          v-for="one in TABS"
          :key="one"
          type="button"
          :class="{ on: one === tab }"
          :aria-pressed="one === tab"
          @click="show({ tab: one })"
        >
          {{ t(`sheets.tab.${one}`) }}
        </button>
      </div>
    </header>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
    <ThingList v-if="tab === 'things'" :lesson="lesson" />
    <MadeBefore v-else-if="tab === 'made'" @open="openMade" />
    <template v-else>
      <p v-if="lesson === undefined && making.draft.value === undefined" class="quiet">
        {{ t('sheets.noUnit') }}
        <router-link :to="{ name: 'unit' }">{{ t('plan.makeOne') }}</router-link>
      </p>
      <SheetDesk v-else :making="making" />
    </template>
  </div>
</template>

<style scoped>
.sheets {
  padding: 4px 32px 16px;
  max-width: 1500px;
  margin: 0 auto;
}
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  column-gap: 16px;
  margin-bottom: 6px;
}
.of {
  flex: 1;
}
.tabs {
  display: flex;
  gap: 4px;
}
.tabs button {
  min-height: 44px;
  padding: 0 16px;
  border-radius: 999px;
  color: var(--plum);
  font-weight: 600;
}
.tabs button.on {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
.problem {
  color: var(--berry);
  font-weight: 600;
}
</style>
