<!-- Who missed it, on the remote: tap pictures, or say that all had it. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { BoardView, Child } from '../../contract/index.ts';
import ChildPicture from '../look/ChildPicture.vue';

const { children, states } = defineProps<{ children: readonly Child[]; states: BoardView['children'] }>();
const emit = defineEmits<{ missed: [childId: number]; 'all-right': [] }>();
const { t } = useI18n();
const stateOf = (childId: number): string => states.find((one) => one.childId === childId)?.state ?? 'unseen';
</script>

<template>
  <section class="missed-grid">
    <header>
      <h2 class="title-item">{{ t('round.whoMissed') }}</h2>
      <v-btn variant="tonal" :height="48" data-do="all-right" @click="emit('all-right')">{{
        t('round.allRight')
      }}</v-btn>
    </header>
    <ul>
      <li v-for="child in children" :key="child.id">
        <button
          type="button"
          :class="stateOf(child.id)"
          :aria-pressed="stateOf(child.id) === 'missed'"
          :data-child="child.id"
          @click="emit('missed', child.id)"
        >
          <ChildPicture :picture="child.picture" :px="40" />
          <span>{{ child.name }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
}
header .v-btn {
  flex: none;
}
ul {
  margin-top: 6px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(70px, 1fr));
  gap: 6px;
}
li button {
  width: 100%;
  min-height: 68px;
  display: grid;
  justify-items: center;
  gap: 2px;
  padding: 4px 2px;
  border-radius: var(--corner);
}
span {
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  font-size: 14px;
}
.missed {
  background: var(--plum-chosen);
  color: var(--plum-deep);
  box-shadow: inset 0 0 0 3px var(--plum);
  font-weight: 700;
}
.away {
  opacity: 0.4;
}
</style>
