<!-- Beside a thing to lay out that is made of paper: prints it in one click. A ticket or practice can be looked at and changed first. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Lesson } from '../../contract/index.ts';
import type { ReadyItem } from '../../core/planning/index.ts';
import type { PaperPart, Thing } from '../../core/sheets/index.ts';
import { sheetAddress, thingAddress } from '../sheets/addresses.ts';
import { openTab } from '../sheets/openTab.ts';
import { useSheet } from '../sheets/useSheet.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanWords } from '../words/usePlanWords.ts';
import { problemKey } from '../words/problemWords.ts';

const { item, lesson } = defineProps<{ item: ReadyItem; lesson: Lesson }>();
const emit = defineEmits<{ printed: [] }>();
const { t } = useI18n();
const words = usePlanWords();
const store = useClassroomStore();
const making = useSheet();

/** Things that are printed as they are; tickets and practice are made of the lesson's tasks. */
const AS_IT_IS: Partial<Record<ReadyItem, Thing>> = {
  'day-pictures': 'day-pictures',
  'word-cards': 'word-cards',
  'other-clocks': 'other-faces',
  'paper-clocks': 'paper-clock',
};
const MADE: Partial<Record<ReadyItem, PaperPart>> = { 'ticket-paper': 'ticket', 'practice-paper': 'alone' };
const thing = computed(() => AS_IT_IS[item]);
const part = computed(() => MADE[item]);
const label = computed(() => t('sheets.printThing', { thing: words.ready(item) }));

const print = async (): Promise<void> => {
  const tab = openTab();
  try {
    await making.beginOrOpen(lesson, part.value!);
    const printing = making.draft.value === undefined ? undefined : await making.print();
    if (printing === undefined) return tab.close();
    tab.show(sheetAddress(printing.number));
    emit('printed');
  } catch (error) {
    making.problem.value = problemKey(error);
    tab.close();
  }
};
</script>

<template>
  <span v-if="thing || part" class="print-ready">
    <a
      v-if="thing"
      :href="thingAddress(thing, lesson.id)"
      target="_blank"
      :aria-label="label"
      @click="emit('printed')"
      >{{ t('sheets.print') }}</a
    >
    <template v-else>
      <router-link
        :to="{ name: 'sheets', params: { lesson: lesson.id }, query: { show: part } }"
        :aria-label="t('sheets.lookAt', { thing: words.ready(item) })"
        >{{ t('sheets.look') }}</router-link
      >
      <button type="button" :aria-label="label" :disabled="making.busy.value" @click="print">
        {{ t('sheets.print') }}
      </button>
      <router-link
        v-if="lesson.day <= store.classroom!.today"
        :to="{ name: 'checks', query: { lesson: lesson.id, part } }"
        :aria-label="t('desk.markThing', { thing: words.ready(item) })"
        >{{ t('desk.mark') }}</router-link
      >
    </template>
    <span v-if="making.problem.value" class="problem" role="alert">{{ t(making.problem.value) }}</span>
  </span>
</template>

<style scoped>
.print-ready {
  display: inline-flex;
  flex: none;
  justify-content: flex-end;
}
.print-ready a,
.print-ready button {
  display: inline-flex;
  align-items: center;
  min-height: 36px;
  padding: 0 10px;
  border-radius: 999px;
  color: var(--plum);
  font-weight: 600;
  text-decoration: none;
}
.print-ready a:hover,
.print-ready button:hover {
  background: var(--plum-tint);
}
.problem {
  color: var(--berry);
}
</style>
