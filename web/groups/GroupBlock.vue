<!-- A group: what it is about, who sits in it, what it is shown; it is renamed, locked, and opened on the board. -->
<script setup lang="ts">
import { mdiPencilOutline, mdiLock, mdiLockOpenVariantOutline } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { MOST_IN_GROUP, type GroupsView, type SmallGroup } from '../../contract/index.ts';
import { GROUP_SIZE } from '../../core/grouping/index.ts';
import SmallClock from '../clock/SmallClock.vue';
import GroupActs from './GroupActs.vue';
import { useGroupWords } from './useGroupWords.ts';

const { group, since, lessonId } = defineProps<{
  group: SmallGroup;
  since: GroupsView['since'][number] | undefined;
  lessonId: number;
}>();
const emit = defineEmits<{ rename: [name: string]; lock: [isLocked: boolean] }>();
defineSlots<{ default: () => unknown }>();
const { t } = useI18n();
const words = useGroupWords();
const { clock } = words;

const renaming = ref(false);
const name = ref('');
const begin = (): void => {
  name.value = group.name ?? '';
  renaming.value = true;
};
const done = (): void => {
  renaming.value = false;
  if (name.value.trim() !== (group.name ?? '')) emit('rename', name.value);
};
/** What a teacher should know of its size. */
const size = computed(() =>
  group.childIds.length > GROUP_SIZE ? 'many' : group.childIds.length === 1 ? 'one' : undefined,
);
</script>

<template>
  <section class="group" :aria-label="words.name(group)" :data-group="group.id">
    <header>
      <h2 v-if="!renaming">{{ words.name(group) }}</h2>
      <v-text-field
        v-else
        v-model="name"
        :label="t('groups.name')"
        :placeholder="words.about(group.topic)"
        maxlength="30"
        autofocus
        hide-details
        @keydown.enter="done"
        @keydown.esc="renaming = false"
        @blur="done"
      />
      <v-btn
        :icon="group.isLocked ? mdiLock : mdiLockOpenVariantOutline"
        variant="text"
        size="44"
        :aria-label="t('groups.lock', { name: words.name(group) })"
        :aria-pressed="group.isLocked"
        data-lock
        @click="emit('lock', !group.isLocked)"
      />
      <v-btn
        :icon="mdiPencilOutline"
        variant="text"
        size="44"
        :aria-label="t('groups.rename', { name: words.name(group) })"
        data-rename
        @click="begin"
      />
    </header>
    <p v-if="group.name" class="quiet">{{ words.about(group.topic) }}</p>
    <slot />
    <p v-if="size" class="note">{{ t(`groups.size.${size}`, { most: GROUP_SIZE, can: MOST_IN_GROUP }) }}</p>
    <footer>
      <p class="quiet">{{ words.show(group) }}</p>
      <div class="clocks">
        <SmallClock v-for="time in group.contrast" :key="time" :time="time" :px="34" :label="clock.said(time)" />
        <span class="quiet">{{ t('groups.thenSix', { time: clock.written(group.takeAway) }) }}</span>
        <GroupActs class="acts" :group="group" :lesson-id="lessonId" compact />
      </div>
      <p v-if="since && since.answered > 0" class="quiet">{{ t('groups.since', { ...since }, since.answered) }}</p>
    </footer>
  </section>
</template>

<style scoped>
.group {
  background: var(--sand);
  border-radius: var(--corner);
  padding: 8px 10px 10px;
  display: flex;
  flex-direction: column;
  gap: 6px;
  min-width: 0;
}
header {
  display: flex;
  align-items: center;
}
h2 {
  flex: 1;
  min-width: 0;
  overflow-wrap: anywhere;
  font:
    700 17px/21px 'Atkinson Hyperlegible Next',
    sans-serif;
}
footer {
  margin-top: auto;
  display: grid;
  gap: 6px;
}
.clocks {
  display: flex;
  align-items: center;
  gap: 6px;
}
.acts {
  margin-left: auto;
  flex-wrap: nowrap;
  gap: 0;
}
.note {
  color: var(--berry);
  font-weight: 600;
}
</style>
