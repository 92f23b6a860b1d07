<!-- Sheets made before: when, for which lesson, what came of them; printed again in one click. -->
<script setup lang="ts">
import { mdiKeyOutline, mdiPrinterOutline } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { SheetList, type ListedSheet } from '../../contract/index.ts';
import { get } from '../api/client.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import { keyAddress, sheetAddress } from './addresses.ts';

const emit = defineEmits<{ open: [id: string] }>();
const { t, d } = useI18n();
const store = useClassroomStore();
const words = usePlanWords();
const sheets = ref<SheetList>();
const problem = ref<string>();
const load = async (): Promise<void> => {
  problem.value = undefined;
  try {
    sheets.value = await get(SheetList, '/sheets');
  } catch (error) {
    problem.value = problemKey(error);
  }
};
void load();
const lessonOf = (sheet: ListedSheet) => store.classroom!.lessons.find(({ id }) => id === sheet.lessonId);
const about = (sheet: ListedSheet): string => {
  const lesson = lessonOf(sheet);
  const when = d(new Date(sheet.madeAt), 'long');
  return lesson === undefined
    ? when
    : t('sheets.made.ofLesson', { when, number: lesson.number, title: words.title(lesson) });
};
const became = (sheet: ListedSheet): string => {
  const copies = sheet.printings.reduce((sum, one) => sum + one.copies, 0);
  if (copies === 0) return t('sheets.made.notPrinted');
  const printed = t('sheets.made.printed', { count: copies }, copies);
  return sheet.type === 'ticket' && sheet.answered > 0
    ? `${printed} · ${t('sheets.made.answered', { count: sheet.answered }, sheet.answered)}`
    : printed;
};
</script>

<template>
  <div class="made">
    <p v-if="problem" class="problem" role="alert">
      {{ t(problem) }} <v-btn variant="text" @click="load">{{ t('app.retry') }}</v-btn>
    </p>
    <p v-else-if="sheets === undefined" class="quiet" role="status">{{ t('app.loading') }}</p>
    <p v-else-if="sheets.length === 0" class="quiet">{{ t('sheets.made.none') }}</p>
    <ul v-else>
      <li v-for="sheet in sheets" :key="sheet.id">
        <button type="button" class="what" @click="emit('open', sheet.id)">
          <span class="title-item">{{ sheet.title }} · {{ t(`sheets.type.${sheet.type}`) }}</span>
          <span class="quiet">{{ about(sheet) }}</span>
          <span class="quiet">{{ became(sheet) }}</span>
        </button>
        <template v-if="sheet.printings[0]">
          <v-btn
            :href="sheetAddress(sheet.printings[0].number)"
            target="_blank"
            variant="tonal"
            :height="44"
            :prepend-icon="mdiPrinterOutline"
            >{{ t('sheets.made.again') }}</v-btn
          >
          <v-btn
            :href="keyAddress(sheet.printings[0].number)"
            target="_blank"
            variant="text"
            :height="44"
            :prepend-icon="mdiKeyOutline"
            >{{ t('sheets.key') }}</v-btn
          >
        </template>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.made li {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 6px 0;
  max-width: 900px;
}
.what {
  flex: 1;
  display: grid;
  padding: 8px 12px;
  border-radius: var(--corner);
  text-align: left;
}
.what:hover {
  background: var(--plum-tint);
}
.problem {
  color: var(--berry);
  font-weight: 600;
}
</style>
