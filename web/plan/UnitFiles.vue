<!-- The unit taken out as a calendar, a plan to print and a file, and a file read back in. -->
<script setup lang="ts">
import { apiAddress } from '../api/place.ts';
import { mdiCalendarExport, mdiFileDownloadOutline, mdiFileUploadOutline, mdiPrinterOutline } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { Refused } from '../api/client.ts';
import { usePlanStore } from '../stores/plan.ts';
import CalendarAddress from './CalendarAddress.vue';
import { problemKey } from '../words/problemWords.ts';

const { out } = defineProps<{
  /** There is a unit to take out. */
  out: boolean;
}>();
const emit = defineEmits<{ read: [] }>();
const { t } = useI18n();
const plan = usePlanStore();
const failed = ref<string>();
const OUT = [
  { href: apiAddress('/plan/plan.pdf'), icon: mdiPrinterOutline, key: 'pdf' },
  { href: apiAddress('/plan/unit.ics'), icon: mdiCalendarExport, key: 'ics' },
  { href: apiAddress('/plan/unit.json'), icon: mdiFileDownloadOutline, key: 'json' },
] as const;
const read = async (event: Event): Promise<void> => {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (file === undefined) return;
  failed.value = undefined;
  try {
    await plan.readFile(await file.text());
    emit('read');
  } catch (error) {
    const where = error instanceof Refused && error.code === 'bad-file' ? ` ${error.detail}` : '';
    failed.value = t(problemKey(error)) + where;
  }
  input.value = '';
};
</script>

<template>
  <div class="files">
    <template v-if="out">
      <a v-for="one in OUT" :key="one.key" :href="one.href" class="act" download>
        <v-icon :icon="one.icon" size="20" />{{ t(`plan.file.${one.key}`) }}
      </a>
    </template>
    <label class="act">
      <input type="file" accept=".json,application/json" @change="read" />
      <v-icon :icon="mdiFileUploadOutline" size="20" />{{ t('plan.file.read') }}
    </label>
    <CalendarAddress v-if="out" />
    <p v-if="failed" class="problem" role="alert">{{ failed }}</p>
  </div>
</template>

<style scoped>
.files {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
.act {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  min-height: 44px;
  color: var(--plum);
  font-weight: 700;
  cursor: pointer;
}
.act input {
  position: absolute;
  opacity: 0;
  width: 1px;
}
.act:has(:focus-visible) {
  outline: 3px solid var(--plum);
  outline-offset: 2px;
  border-radius: 8px;
}
.problem {
  width: 100%;
  overflow-wrap: anywhere;
}
</style>
