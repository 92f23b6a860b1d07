<!-- The tablets that know the class's pictures, each with a pass of its own, and a way to shut one out. -->
<script setup lang="ts">
import { mdiChevronDown, mdiTabletDashboard } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import type { Child, Pass } from '../../contract/index.ts';

const { passes, children, busy } = defineProps<{
  passes: readonly Pass[];
  children: readonly Child[];
  busy: boolean;
}>();
const emit = defineEmits<{ withdraw: [tabletId: number] }>();
const { t, d } = useI18n();
const nameOf = ({ childId }: Pass): string =>
  children.find(({ id }) => id === childId)?.name ?? t('tablets.passOfNobody');
</script>

<template>
  <details v-if="passes.length > 0" class="passes">
    <summary>
      {{ t('tablets.passes', { count: passes.length }, passes.length) }}
      <v-icon class="fold" :icon="mdiChevronDown" size="20" aria-hidden="true" />
    </summary>
    <ul>
      <li v-for="pass in passes" :key="pass.tabletId" :class="{ listens: pass.listens }">
        <v-icon :icon="mdiTabletDashboard" size="20" aria-hidden="true" />
        <span class="who">
          <strong>{{ nameOf(pass) }}</strong>
          <span class="quiet">{{
            t(pass.listens ? 'tablets.passHere' : 'tablets.passSince', {
              when: d(new Date(pass.letInAt), { weekday: 'short', hour: 'numeric', minute: '2-digit' }),
            })
          }}</span>
        </span>
        <button
          type="button"
          :disabled="busy"
          :aria-label="t('tablets.withdrawLabel', { name: nameOf(pass) })"
          @click="emit('withdraw', pass.tabletId)"
        >
          {{ t('tablets.withdraw') }}
        </button>
      </li>
    </ul>
  </details>
</template>

<style scoped>
.passes {
  width: 100%;
}
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  justify-content: center;
  cursor: pointer;
  color: var(--plum);
  font-weight: 600;
}
summary::-webkit-details-marker {
  display: none;
}
.fold {
  transition: transform 180ms;
}
.passes[open] .fold {
  transform: rotate(180deg);
}
ul {
  max-height: 240px;
  overflow: auto;
  display: grid;
  gap: 4px;
}
li {
  min-height: 52px;
  display: flex;
  align-items: center;
  gap: 8px;
  color: var(--quiet);
}
li.listens {
  color: var(--ink);
}
.who {
  flex: 1;
  min-width: 0;
  display: grid;
  line-height: 1.25;
}
.who > * {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
button {
  min-height: 48px;
  padding: 0 10px;
  border-radius: 24px;
  color: var(--plum);
  font-weight: 600;
}
button:hover {
  background: var(--plum-tint);
}
</style>
