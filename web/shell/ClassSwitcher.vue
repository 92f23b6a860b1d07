<!-- The name of the open class; pressed, the other classes and a new one. -->
<script setup lang="ts">
import { mdiChevronDown } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import { useClassroomStore } from '../stores/classroom.ts';

const { t } = useI18n();
const store = useClassroomStore();
const router = useRouter();
const open = async (id: number): Promise<void> => {
  await store.openClass(id);
  await router.push({ name: 'desk' });
};
const putAway = async (): Promise<void> => {
  await store.putDemoAway();
  await router.push({ name: store.classroom?.class === null ? 'welcome' : 'desk' });
};
</script>

<template>
  <v-menu v-if="store.classroom?.class">
    <template #activator="{ props: activator }">
      <button
        type="button"
        v-bind="activator"
        class="switch"
        :aria-label="t('app.classIs', { name: store.classroom.class.name })"
      >
        <span>{{ store.classroom.class.name }}</span>
        <v-icon :icon="mdiChevronDown" size="18" />
      </button>
    </template>
    <v-list>
      <v-list-item
        v-for="one in store.classroom.classes"
        :key="one.id"
        :title="one.name"
        :active="one.id === store.classroom.class.id"
        @click="open(one.id)"
      />
      <v-list-item v-if="store.classroom.demo" :title="t('app.putDemoAway')" @click="putAway" />
      <v-list-item :title="t('app.newClass')" @click="router.push({ name: 'welcome' })" />
    </v-list>
  </v-menu>
</template>

<style scoped>
.switch {
  display: flex;
  align-items: center;
  gap: 2px;
  max-width: 150px;
  min-height: 32px;
  margin-left: -6px;
  padding: 0 6px;
  border-radius: 8px;
  color: var(--quiet);
  font-size: 14px;
}
.switch:hover {
  background: rgba(255, 255, 255, 0.6);
}
.switch span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
