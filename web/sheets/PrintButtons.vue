<!-- Print, the key, and how far a long job is. The PDF opens in a tab of its own, where the browser prints and saves it. -->
<script setup lang="ts">
import { mdiKeyOutline, mdiPrinterOutline, mdiShuffleVariant } from '@mdi/js';
import { useEventListener } from '@vueuse/core';
import { ref, shallowRef } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Printing } from '../../contract/index.ts';
import { keyOfSheet, sheetAddress } from './addresses.ts';
import { openTab } from './openTab.ts';
import { LONG_JOB, fetchPages } from './printJob.ts';

const { count, busy, printed, print, keep } = defineProps<{
  /** How many come out of the printer. */
  count: number;
  busy: boolean;
  printed: Printing | undefined;
  /** Keeps and prints; nothing where it was refused. */
  print: () => Promise<Printing | undefined>;
  /** Keeps, and says where its key is; nothing where it was refused. */
  keep: () => Promise<string | undefined>;
}>();
const emit = defineEmits<{ mix: [] }>();
const { t } = useI18n();

/** A long job on its way. */
const job = shallowRef<{ readonly pages: number; readonly stop: AbortController }>();
const done = ref(0);
const failed = ref(false);

/** The tab is opened while the click lasts: browsers let nothing open later. */
const showPrint = async (): Promise<void> => {
  if (busy || count === 0 || job.value !== undefined) return;
  failed.value = false;
  const tab = openTab();
  const printing = await print();
  if (printing === undefined) return tab.close();
  let url = sheetAddress(printing.number);
  if (printing.pages > LONG_JOB) {
    const stop = new AbortController();
    job.value = { pages: printing.pages, stop };
    done.value = 0;
    try {
      url = await fetchPages(url, stop.signal, (pages) => (done.value = pages));
    } catch {
      failed.value = !stop.signal.aborted;
      return tab.close();
    } finally {
      job.value = undefined;
    }
  }
  tab.show(url);
};
const showKey = async (): Promise<void> => {
  const tab = openTab();
  const id = await keep();
  if (id === undefined) tab.close();
  else tab.show(keyOfSheet(id));
};
/** P prints, unless something is being written. */
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key.toLowerCase() !== 'p' || event.ctrlKey || event.metaKey || event.altKey) return;
  if ((event.target as Element).closest('input, textarea, select, [role="dialog"]') !== null) return;
  event.preventDefault();
  void showPrint();
});
</script>

<template>
  <div class="print">
    <div class="acts">
      <v-btn
        :height="48"
        :prepend-icon="mdiPrinterOutline"
        :disabled="busy || count === 0 || job !== undefined"
        aria-keyshortcuts="p"
        class="go"
        @click="showPrint"
        >{{ t('sheets.printCount', { count }, count) }}</v-btn
      >
      <v-btn
        variant="text"
        :height="48"
        :prepend-icon="mdiKeyOutline"
        :disabled="busy || count === 0 || job !== undefined"
        @click="showKey"
        >{{ t('sheets.key') }}</v-btn
      >
      <v-btn variant="text" :height="48" :prepend-icon="mdiShuffleVariant" :disabled="busy" @click="emit('mix')">{{
        t('sheets.newMix')
      }}</v-btn>
    </div>
    <div v-if="job" class="job" role="status">
      <span>{{ t('sheets.making', { done, pages: job.pages }) }}</span>
      <v-progress-linear :model-value="(done / job.pages) * 100" color="primary" height="6" rounded />
      <v-btn variant="text" :height="44" @click="job.stop.abort()">{{ t('sheets.stop') }}</v-btn>
    </div>
    <p v-else-if="failed" class="problem" role="alert">{{ t('sheets.brokeOff') }}</p>
    <p v-else-if="printed" class="done" role="status">
      {{ t('sheets.isPrinted', { count: printed.copies, pages: printed.pages }, printed.copies) }}
      <a :href="sheetAddress(printed.number)" target="_blank">{{ t('sheets.openAgain') }}</a>
    </p>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px;
  margin-left: 0;
}
.job {
  display: grid;
  gap: 6px;
  margin-top: 8px;
}
.done {
  margin-top: 8px;
  color: var(--moss-7);
  font-weight: 600;
}
.done a {
  margin-left: 6px;
  color: var(--plum);
}
.problem {
  margin-top: 8px;
}
</style>
