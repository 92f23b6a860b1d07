<!-- Who missed it: tap pictures. What tablets answered is there already. -->
<script setup lang="ts">
import { mdiRestore } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Child } from '../../../contract/index.ts';
import type { TapState } from '../../../core/rounds/index.ts';
import ChildPicture from '../../look/ChildPicture.vue';

const { children, stateOf, names, over } = defineProps<{
  children: readonly Child[];
  stateOf: (childId: number) => TapState;
  /** With names, for all to read. */
  names: boolean;
  /** The task that is over and looked back at: its answers can be taken out, and nobody is sent away. */
  over?: string;
}>();
/** Thirty children in sight at once: each takes less room. */
const isMany = computed(() => children.length > 24);
const emit = defineEmits<{ missed: [childId: number]; away: [childId: number]; 'all-right': [] }>();
const { t } = useI18n();

/** What a tap means: missed it, or not here today. */
const mode = ref<'missed' | 'away'>('missed');
const LABEL: Record<TapState, string> = {
  had: 'round.had',
  missed: 'round.missed',
  waiting: 'round.waiting',
  unseen: 'round.unseen',
  away: 'round.awayChild',
};
const tap = (childId: number): void => {
  if (mode.value === 'away' || (stateOf(childId) === 'away' && over === undefined)) emit('away', childId);
  else emit('missed', childId);
};
</script>

<template>
  <section class="who">
    <header>
      <div>
        <h2 class="title-column">
          {{ over === undefined ? t('round.whoMissed') : t('round.whoMissedThat', { task: over }) }}
        </h2>
        <p v-if="!isMany" class="quiet">{{ t(over === undefined ? 'round.whoMissedHint' : 'round.lookBackHint') }}</p>
      </div>
      <v-btn
        variant="tonal"
        :height="44"
        :title="over === undefined ? t('round.allRightKey') : undefined"
        @click="emit('all-right')"
      >
        {{ t('round.allRight') }}
      </v-btn>
      <v-btn
        variant="text"
        :height="44"
        class="mode"
        :aria-pressed="mode === 'away'"
        :class="{ on: mode === 'away' }"
        @click="mode = mode === 'away' ? 'missed' : 'away'"
      >
        {{ t(over === undefined ? 'round.awayMode' : 'round.outMode') }}
      </v-btn>
    </header>
    <ul :class="{ many: isMany }">
      <li v-for="child in children" :key="child.id">
        <button
          type="button"
          :class="stateOf(child.id)"
          :aria-label="t(LABEL[stateOf(child.id)], { name: child.name })"
          :aria-pressed="stateOf(child.id) === 'missed'"
          @click="tap(child.id)"
        >
          <span class="face">
            <ChildPicture :picture="child.picture" :px="(isMany ? 36 : 42) + (names ? 0 : 8)" />
            <span v-if="stateOf(child.id) === 'missed'" class="again"><v-icon :icon="mdiRestore" size="14" /></span>
          </span>
          <span v-if="names" class="name">{{ child.name }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.who {
  flex: 1;
  min-height: 0;
  display: flex;
  flex-direction: column;
}
header > div {
  flex: 1 1 120px;
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 8px;
  margin-bottom: 6px;
}
.mode.on {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
ul {
  display: grid;
  grid-template-columns: repeat(6, 1fr);
  gap: 4px;
  align-content: start;
  overflow: auto;
}
ul.many {
  grid-template-columns: repeat(7, 1fr);
}
li button {
  width: 100%;
  min-height: 68px;
  display: grid;
  justify-items: center;
  gap: 2px;
  padding: 5px 0 3px;
  border-radius: var(--corner);
}
ul.many li button {
  min-height: 58px;
  padding: 3px 0 2px;
}
li button:hover {
  background: rgba(255, 255, 255, 0.7);
}
.face {
  position: relative;
  align-self: center;
  line-height: 0;
  border-radius: 50%;
}
.name {
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-size: 13px;
  line-height: 16px;
}
.missed .face {
  box-shadow: 0 0 0 3px var(--plum);
}
.missed .name {
  font-weight: 700;
  color: var(--plum-deep);
}
.waiting .face {
  outline: 2px dashed var(--pebble);
}
.away {
  opacity: 0.4;
}
/* A small board, as one that was made twice as large: the column is narrow, and so are they. */
@media (max-width: 900px), (max-height: 520px) {
  header :deep(.v-btn) {
    height: 32px !important;
    padding: 0 8px;
  }
  p {
    display: none;
  }
  ul,
  ul.many {
    grid-template-columns: repeat(auto-fill, minmax(44px, 1fr));
  }
  li button,
  ul.many li button {
    min-height: 44px;
    padding: 1px 0;
  }
  .face {
    zoom: 0.7;
  }
  .name {
    font-size: 11px;
    line-height: 12px;
  }
}
.again {
  position: absolute;
  right: -5px;
  bottom: -4px;
  width: 20px;
  height: 20px;
  border-radius: 50%;
  display: grid;
  place-items: center;
  background: var(--plum);
  color: #fff;
}
</style>
