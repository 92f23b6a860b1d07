<!-- A ticket on tablets: who is still at it, who is through, who has not begun. How it goes is not told here: a ticket is quiet. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { HandedSet, ListedChild } from '../../contract/index.ts';
import ChildPicture from '../look/ChildPicture.vue';

const { set, children } = defineProps<{ set: HandedSet; children: readonly ListedChild[] }>();
const { t } = useI18n();
const rows = computed(() =>
  children
    .filter(({ id }) => set.childIds === null || set.childIds.includes(id))
    .map((child) => {
      const done = set.done?.find(({ childId }) => childId === child.id)?.count ?? 0;
      const total = set.count ?? 0;
      const state = done >= total ? ('through' as const) : done > 0 ? ('at-it' as const) : ('not-begun' as const);
      return { child, done, total, state };
    }),
);
const through = computed(() => rows.value.filter(({ state }) => state === 'through').length);
</script>

<template>
  <section class="ticket" :aria-label="t('tablets.ticket.title')">
    <h2 class="title-column">
      {{ t('tablets.ticket.through', { count: through, of: rows.length }) }}
    </h2>
    <ul>
      <li v-for="{ child, done, total, state } in rows" :key="child.id" :class="state" :data-state="state">
        <ChildPicture :picture="child.picture" :px="40" />
        <span class="name">{{ child.name }}</span>
        <span
          class="count time-type"
          :aria-label="
            t(`tablets.ticket.${state === 'through' ? 'through-child' : state}`, { name: child.name, done, of: total })
          "
          >{{ done }}/{{ total }}</span
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
.ticket {
  margin-bottom: 16px;
}
ul {
  margin-top: 8px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 6px;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 48px;
  padding: 2px 10px 2px 4px;
  border-radius: 24px;
  background: var(--raised);
}
.name {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.count {
  font-weight: 700;
}
.through {
  background: var(--moss-2);
}
.at-it {
  box-shadow: inset 0 0 0 2px var(--moss-6);
}
.not-begun .count {
  color: var(--quiet);
  font-weight: 400;
}
</style>
