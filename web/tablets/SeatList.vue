<!-- Who sits at a tablet now. A tap on a child's seat sends its tablet back to the pictures. -->
<script setup lang="ts">
import { mdiCloseCircleOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Child, Seat } from '../../contract/index.ts';
import ChildPicture from '../look/ChildPicture.vue';

const { children, seats } = defineProps<{ children: readonly Child[]; seats: readonly Seat[] }>();
const emit = defineEmits<{ free: [childId: number] }>();
const { t } = useI18n();
const rows = computed(() =>
  children.map((child) => ({ child, seat: seats.find(({ childId }) => childId === child.id) })),
);
const here = computed(() => seats.filter(({ connected }) => connected).length);
const stateOf = (seat: Seat | undefined): string => {
  if (seat === undefined) return t('tablets.none');
  if (!seat.connected) return t('tablets.silent');
  return t(seat.simulated ? 'tablets.standIn' : 'tablets.there');
};
</script>

<template>
  <section>
    <h2 class="title-column">{{ t('tablets.seats', { count: here, of: children.length }) }}</h2>
    <ul>
      <li
        v-for="{ child, seat } in rows"
        :key="child.id"
        :class="{ there: seat?.connected, silent: seat && !seat.connected }"
      >
        <ChildPicture :picture="child.picture" :px="36" />
        <span class="name">
          <strong>{{ child.name }}</strong>
          <span class="quiet">{{ stateOf(seat) }}</span>
        </span>
        <button
          v-if="seat"
          type="button"
          :aria-label="t('tablets.free', { name: child.name })"
          @click="emit('free', child.id)"
        >
          <v-icon :icon="mdiCloseCircleOutline" size="22" />
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  margin-top: 10px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 5px 8px;
}
li {
  min-width: 0;
  min-height: 54px;
  padding: 4px 4px 4px 8px;
  display: flex;
  align-items: center;
  gap: 6px;
  border-radius: 27px;
  color: var(--quiet);
}
li.there,
li.silent {
  color: var(--ink);
  background: var(--raised);
}
.name {
  flex: 1;
  min-width: 0;
  display: grid;
  line-height: 1.2;
}
.name > * {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
button {
  width: 48px;
  height: 48px;
  margin: -4px -2px -4px -10px;
  border-radius: 50%;
  color: var(--quiet);
}
button:hover {
  background: var(--plum-tint);
}
</style>
