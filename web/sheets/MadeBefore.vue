<!-- Sheets made before: when, for which lesson, what came of them; printed again in one click. -->
<script setup lang="ts">
import { apiAddress } from '../api/place.ts';
import { mdiCheckAll, mdiDotsHorizontal, mdiKeyOutline, mdiPrinterOutline } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { Sheet, SheetList, type ListedSheet } from '../../contract/index.ts';
import { v4 as newId } from 'uuid';
import { Refused, get, post } from '../api/client.ts';
import type { SheetType } from '../../core/sheets/index.ts';
import FileButton from '../look/FileButton.vue';
import LinkList from '../look/LinkList.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import { keyAddress, sheetAddress } from './addresses.ts';

const emit = defineEmits<{ open: [id: string, type: SheetType] }>();
/** Larger files are no sheets, and are not sent. */
const MOST_BYTES = 2_500_000;
class FileTooLarge extends Error {}
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
/** Why a file was not read in, and where its fault is. */
const fault = ref<{ readonly key: string; readonly detail: string }>();
const asBase64 = (bytes: Uint8Array): string => {
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text);
};
/** A zip begins with these two letters, whatever it is called. */
const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;
const readIn = async (file: File): Promise<void> => {
  fault.value = undefined;
  try {
    if (file.size > MOST_BYTES) throw new FileTooLarge();
    const bytes = new Uint8Array(await file.arrayBuffer());
    const body = isZip(bytes) ? { zip: asBase64(bytes) } : { text: new TextDecoder().decode(bytes) };
    const sheet = await post(Sheet, '/sheets/file', { id: newId(), ...body });
    emit('open', sheet.id, sheet.content.type);
  } catch (error) {
    fault.value = {
      key: error instanceof FileTooLarge ? 'problem.too-large' : problemKey(error),
      detail: error instanceof Refused && error.code === 'bad-file' ? ` ${error.detail}` : '',
    };
  }
};
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
    <FileButton accept=".json,.zip" class="file" @file="readIn">{{ t('sheets.made.read') }}</FileButton>
    <p v-if="fault" class="problem" role="alert">{{ t(fault.key) }}{{ fault.detail }}</p>
    <p v-if="problem" class="problem" role="alert">
      {{ t(problem) }} <v-btn variant="text" @click="load">{{ t('app.retry') }}</v-btn>
    </p>
    <p v-else-if="sheets === undefined" class="quiet" role="status">{{ t('app.loading') }}</p>
    <p v-else-if="sheets.length === 0" class="quiet">{{ t('sheets.made.none') }}</p>
    <ul v-else>
      <li v-for="sheet in sheets" :key="sheet.id">
        <button type="button" class="what" @click="emit('open', sheet.id, sheet.type)">
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
          <v-btn
            :to="{ name: 'checks', query: { printing: sheet.printings[0].number } }"
            variant="text"
            :height="44"
            :prepend-icon="mdiCheckAll"
            :aria-label="t('sheets.markPile', { title: sheet.title })"
            >{{ t('sheets.mark') }}</v-btn
          >
        </template>
        <v-menu>
          <template #activator="{ props }">
            <v-btn
              v-bind="props"
              variant="text"
              :icon="mdiDotsHorizontal"
              :aria-label="t('sheets.made.filesOf', { title: sheet.title })"
            />
          </template>
          <LinkList
            :links="[
              { title: t('sheets.made.json'), href: apiAddress(`/sheets/${sheet.id}/sheet.json`) },
              { title: t('sheets.made.qti'), href: apiAddress(`/sheets/${sheet.id}/qti.zip`) },
            ]"
          />
        </v-menu>
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
.file {
  margin-left: -14px;
}
</style>
