<!-- All that is stored of one child, to take along, and to delete for good. -->
<script setup lang="ts">
import { mdiArrowLeft, mdiDeleteOutline, mdiDownload } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute, useRouter } from 'vue-router';
import { ChildStored, Classroom } from '../../contract/index.ts';
import { apiAddress } from '../api/place.ts';
import { remove } from '../api/client.ts';
import { useRecord } from '../class/useRecord.ts';
import EraseDialog from '../privacy/EraseDialog.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import { problemKey } from '../words/problemWords.ts';

const { t, d } = useI18n();
const route = useRoute();
const router = useRouter();
const store = useClassroomStore();
const childId = computed(() => Number(route.params['childId']));
const { data: stored, problem: unread } = useRecord(ChildStored, () => `/children/${childId.value}/stored`);
const problem = ref<string>();
const dayName = (day: string): string => d(new Date(`${day}T00:00:00Z`), 'long');

/** What there is, a line each; what there is none of is said too. */
const lines = computed(() => {
  const now = stored.value;
  if (now === undefined) return [];
  const { child, days } = now;
  return [
    t('stored.list', { name: child.name }),
    t(child.homeLanguage === null ? 'stored.noLanguage' : 'stored.language', { language: child.homeLanguage }),
    t('stored.answers', { count: now.answers, drawings: now.drawings }, now.answers) +
      (days === null ? '' : ` ${t('stored.days', { first: dayName(days[0]), last: dayName(days[1]) })}`),
    t('stored.corrections', { count: now.corrections }, now.corrections),
    t('stored.notes', { count: now.notes }, now.notes),
    t('stored.papers', { count: now.papers }, now.papers),
    t('stored.pairs', { count: now.pairs }, now.pairs),
    t('stored.tablets', { count: now.tablets }, now.tablets),
  ];
});

const sure = ref(false);
/** What deleting does, and what it does not. */
const goes = computed(() => {
  const days = stored.value?.backupDays ?? null;
  return [t('stored.sureText'), ...(days === null ? [] : [t('stored.backups', { days })])];
});
const erase = async (): Promise<void> => {
  try {
    await remove(Classroom, `/children/${childId.value}`, { name: stored.value!.child.name });
    await store.refresh();
    await router.replace({ name: 'class' });
  } catch (error) {
    problem.value = problemKey(error);
    sure.value = false;
  }
};
</script>

<template>
  <div class="page">
    <router-link :to="{ name: 'child', params: { childId } }" class="back"
      ><v-icon :icon="mdiArrowLeft" size="20" />{{ t('stored.back') }}</router-link
    >
    <p v-if="unread ?? problem" class="problem" role="alert">{{ t(unread ?? problem ?? '') }}</p>
    <template v-if="stored">
      <h1 class="title-page">{{ t('stored.title', { name: stored.child.name }) }}</h1>
      <p class="quiet lead">{{ t('stored.lead') }}</p>
      <ul class="sheet lines">
        <li v-for="line in lines" :key="line">{{ line }}</li>
      </ul>
      <p class="quiet">{{ t('stored.tabletsKeep') }}</p>
      <div class="acts">
        <v-btn
          :prepend-icon="mdiDownload"
          variant="tonal"
          :href="apiAddress(`/children/${childId}/stored.json`)"
          download
          >{{ t('stored.take') }}</v-btn
        >
        <v-btn variant="text" :prepend-icon="mdiDeleteOutline" class="delete" @click="sure = true">{{
          t('stored.erase')
        }}</v-btn>
      </div>
      <EraseDialog
        v-if="sure"
        :title="t('stored.sure', { name: stored.child.name })"
        :lines="goes"
        :name="stored.child.name"
        :act="t('stored.erase')"
        @erase="erase"
        @close="sure = false"
      />
    </template>
  </div>
</template>

<style scoped>
.page {
  max-width: 760px;
  margin: 0 auto;
  padding: 20px 32px 32px;
}
.back {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
}
.lead {
  margin: 2px 0 14px;
}
.lines {
  padding: 10px 20px 10px 36px;
  list-style: disc;
  margin-bottom: 12px;
}
.lines li {
  line-height: 30px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 14px;
}
.delete {
  color: var(--berry);
  font-weight: 600;
}
</style>
