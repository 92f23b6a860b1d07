<!-- Who was let in: tablets that know the class's pictures, and remotes of the teacher's. -->
<script setup lang="ts">
import { mdiCellphone, mdiTabletDashboard } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Child, Pass, RemoteDevice } from '../../contract/index.ts';
import DeviceList from './DeviceList.vue';

const { passes, remotes, children, busy } = defineProps<{
  passes: readonly Pass[];
  remotes: readonly RemoteDevice[];
  children: readonly Child[];
  busy: boolean;
}>();
const emit = defineEmits<{ withdraw: [tabletId: number]; sendAway: [remoteId: string] }>();
const { t } = useI18n();
const tablets = computed(() =>
  passes.map(({ tabletId, childId, ...pass }) => ({
    ...pass,
    id: `${tabletId}`,
    name: children.find(({ id }) => id === childId)?.name ?? t('tablets.passOfNobody'),
  })),
);
const phones = computed(() => remotes.map((remote) => ({ ...remote, name: t('remote.title') })));
</script>

<template>
  <DeviceList
    :devices="tablets"
    :title="t('tablets.passes', { count: passes.length }, passes.length)"
    :icon="mdiTabletDashboard"
    :busy="busy"
    @withdraw="emit('withdraw', Number($event))"
  />
  <DeviceList
    :devices="phones"
    :title="t('tablets.remotes', { count: remotes.length }, remotes.length)"
    :icon="mdiCellphone"
    :busy="busy"
    @withdraw="emit('sendAway', $event)"
  />
</template>
