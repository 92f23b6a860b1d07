<!-- Results of a pile from a file made elsewhere: what was understood of each line, before anything is kept. -->
<script setup lang="ts">
import { apiAddress } from '../api/place.ts';
import { mdiClose, mdiDownload } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { describeItem } from '../../core/reporting/index.ts';
import { readResults, type Results } from '../../core/exchange/index.ts';
import { FileTooLarge } from '../exchange/textOfFile.ts';
import { TABLE_FILES, tableTextOfFile } from '../exchange/tableFile.ts';
import FileButton from '../look/FileButton.vue';
import { useCellWords } from './useCellWords.ts';
import type { Marking } from './useMarking.ts';
import type { PileDesk } from './usePile.ts';

const { desk, marking } = defineProps<{ desk: PileDesk; marking: Marking }>();
const emit = defineEmits<{ close: [] }>();
const { t } = useI18n();
const words = useCellWords();
const results = ref<Results>();
/** Message key of why a file could not be read at all. */
const fault = ref<string>();

const named = computed(() =>
  desk.children.value.map(({ childId, form }) => ({
    childId,
    name: words.nameOf(childId),
    items: marking.itemsOf(form),
  })),
);
const read = async (file: File): Promise<void> => {
  results.value = undefined;
  fault.value = undefined;
  try {
    results.value = readResults(await tableTextOfFile(file), named.value, marking.entry.value);
  } catch (error) {
    fault.value = error instanceof FileTooLarge ? 'problem.too-large' : 'problem.bad-file';
  }
};
const understood = computed(() => (results.value !== undefined && 'read' in results.value ? results.value : undefined));
const problem = computed(() =>
  results.value !== undefined && 'problem' in results.value ? `check.file.${results.value.problem}` : fault.value,
);
const keep = (): void => {
  desk.mark(
    understood.value!.read.map(({ childId, task, item, answer }) => ({ childId, task, item, answer })),
    true,
  );
  emit('close');
};
</script>

<template>
  <section class="results" :aria-label="t('check.fromFile')">
    <header>
      <h2 class="title-column">{{ t('check.fromFile') }}</h2>
      <v-btn variant="text" :icon="mdiClose" :aria-label="t('check.backToPile')" @click="emit('close')" />
    </header>
    <p>{{ t('check.file.what') }}</p>
    <div class="acts">
      <FileButton :accept="TABLE_FILES" @file="read">{{ t('check.file.choose') }}</FileButton>
      <v-btn
        variant="text"
        :height="44"
        :prepend-icon="mdiDownload"
        :href="apiAddress(`/exchange/piles/${desk.pile.value!.id}/results.csv`)"
        download
        >{{ t('check.file.out') }}</v-btn
      >
    </div>
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
    <template v-if="understood">
      <p role="status">
        {{ t('check.file.understood', { count: understood.read.length }, understood.read.length) }}
        {{
          understood.unread.length > 0
            ? t('check.file.left', { count: understood.unread.length }, understood.unread.length)
            : ''
        }}
      </p>
      <ul v-if="understood.unread.length > 0" class="unread" :aria-label="t('check.file.unread')">
        <li v-for="one in understood.unread.slice(0, 100)" :key="one.line">
          <strong>{{ t('check.file.line', { line: one.line }) }}</strong>
          <span class="child-type">{{ one.cells.join(' · ') }}</span>
          <span>{{ t(`check.file.fault.${one.fault}`) }}</span>
        </li>
      </ul>
      <ul class="understood" :aria-label="t('check.file.readList')">
        <li v-for="one in understood.read.slice(0, 300)" :key="`${one.childId} ${one.task}`">
          {{ words.nameOf(one.childId) }}, {{ describeItem(one.item, desk.conventions.value) }}: {{ one.echo }}
        </li>
      </ul>
      <v-btn v-if="understood.read.length > 0" :height="48" @click="keep">{{
        t('check.file.keep', { count: understood.read.length }, understood.read.length)
      }}</v-btn>
    </template>
  </section>
</template>

<style scoped>
.results {
  display: grid;
  gap: 12px;
  justify-items: start;
}
header {
  display: flex;
  align-items: center;
  justify-content: space-between;
  justify-self: stretch;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
.unread li {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  padding: 4px 0;
}
.understood {
  max-height: 220px;
  overflow: auto;
  columns: 2;
  column-gap: 40px;
  justify-self: stretch;
}
</style>
