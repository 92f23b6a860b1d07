<!-- The copies kept beside the data file: what is in each, one more to take along, and one in the place of the data. -->
<script setup lang="ts">
import { mdiContentCopy, mdiDownload, mdiHistory } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Backup, BackupContents } from '../../contract/index.ts';
import { KEPT } from '../../core/keeping/index.ts';
import { apiAddress } from '../api/place.ts';
import { useBackups } from '../backups/useBackups.ts';
import SettingsFrame from '../settings/SettingsFrame.vue';

const { t, d, n } = useI18n();
const { kept, problem, busy, make, lookIn, load, restore } = useBackups();
const [MB, GB] = [1e6, 1e9];
const size = (bytes: number): string => {
  const [unit, of] = bytes < GB ? (['mega', MB] as const) : (['giga', GB] as const);
  return t(`backups.size.${unit}`, { size: n(Math.max(0.1, bytes / of), { maximumFractionDigits: 1 }) });
};
const free = computed(() => (kept.value === undefined ? '' : size(kept.value.free)));
const when = ({ at }: Pick<Backup, 'at'>): string => d(new Date(at), { dateStyle: 'medium', timeStyle: 'short' });

/** The one that is looked into, and what it has. */
const opened = ref<string>();
const contents = ref<BackupContents>();
const look = async (name: string): Promise<void> => {
  contents.value = undefined;
  opened.value = opened.value === name ? undefined : name;
  if (opened.value !== undefined) contents.value = await lookIn(name);
};
/** The one that is to take the place of the data. */
const wanted = ref<Backup>();
const restored = ref(false);
const putBack = async (): Promise<void> => {
  const { name } = wanted.value!;
  wanted.value = undefined;
  if (!(await restore(name))) return;
  restored.value = true;
  await load();
};
/** A copy in the list too, once the browser has taken it. */
const TAKEN_MS = 1500;
const taken = (): void => void setTimeout(load, TAKEN_MS);
</script>

<template>
  <SettingsFrame :title="t('backups.title')" :lead="t('backups.lead', KEPT)">
    <p v-if="problem" class="problem" role="alert">{{ t(problem) }}</p>
    <p v-if="kept?.failed" class="problem" role="alert">{{ t('backups.failed', { why: kept.failed }) }}</p>
    <p v-if="restored" class="good" role="status">{{ t('backups.restored') }}</p>
    <p v-if="kept?.backups.length === 0" class="quiet">{{ t('backups.none') }}</p>
    <ol v-if="kept" class="sheet list">
      <li v-for="backup in kept.backups" :key="backup.name" :data-backup="backup.why">
        <div class="line">
          <strong>{{ when(backup) }}</strong>
          <span class="quiet">{{ t(`backups.why.${backup.why}`) }}</span>
          <span class="quiet size">{{ size(backup.bytes) }}</span>
          <v-btn
            variant="text"
            :height="44"
            :aria-expanded="opened === backup.name"
            :aria-label="t('backups.lookIn', { when: when(backup) })"
            @click="look(backup.name)"
            >{{ t('backups.look') }}</v-btn
          >
          <v-btn
            variant="text"
            :height="44"
            :prepend-icon="mdiHistory"
            :disabled="busy"
            :aria-label="t('backups.restoreThis', { when: when(backup) })"
            @click="wanted = backup"
            >{{ t('backups.restore') }}</v-btn
          >
        </div>
        <ul v-if="opened === backup.name && contents" class="contents">
          <li v-for="one in contents.classes" :key="one.name">
            {{ t('backups.class', { ...one }, one.children) }}
            <template v-if="one.last">{{
              t('backups.last', { day: d(new Date(`${one.last}T00:00:00Z`), 'long') })
            }}</template>
          </li>
          <li v-if="contents.classes.length === 0">{{ t('backups.empty') }}</li>
        </ul>
      </li>
    </ol>
    <template #aside>
      <h2 class="title-item">{{ t('backups.takeTitle') }}</h2>
      <p>{{ t('backups.takeText') }}</p>
      <v-btn :prepend-icon="mdiDownload" :href="apiAddress('/backups/now.sqlite')" download @click="taken">{{
        t('backups.take')
      }}</v-btn>
      <v-btn variant="text" :prepend-icon="mdiContentCopy" :disabled="busy" @click="make">{{
        t('backups.make')
      }}</v-btn>
      <p class="quiet where">{{ t('backups.where', { folder: kept?.folder ?? '', free }) }}</p>
      <p class="quiet">{{ t('backups.care') }}</p>
    </template>
    <v-dialog
      v-if="wanted"
      :model-value="true"
      width="520"
      :aria-label="t('backups.sure', { when: when(wanted) })"
      @update:model-value="wanted = undefined"
    >
      <section class="sheet sure">
        <h2 class="title-column">{{ t('backups.sure', { when: when(wanted) }) }}</h2>
        <p>{{ t('backups.sureText') }}</p>
        <footer>
          <v-btn data-sure @click="putBack">{{ t('backups.restore') }}</v-btn>
          <v-btn variant="text" @click="wanted = undefined">{{ t('app.close') }}</v-btn>
        </footer>
      </section>
    </v-dialog>
  </SettingsFrame>
</template>

<style scoped>
.list {
  padding: 6px 18px;
}
.list > li + li {
  border-top: 1px solid var(--line);
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 14px;
  min-height: 52px;
}
.size {
  margin-left: auto;
}
.contents {
  padding: 0 0 12px 18px;
  list-style: disc;
}
.where {
  overflow-wrap: anywhere;
}
.sure {
  padding: 22px 24px 14px;
  display: grid;
  gap: 12px;
}
footer {
  display: flex;
  gap: 8px;
}
</style>
