<!-- A child's chip: dragged, moved by arrow keys, or tapped for where else it may go and whom it sits with or apart from. -->
<script setup lang="ts">
import { mdiPin } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { SITS, type Child, type PutPair } from '../../contract/index.ts';
import NameChip from '../people/NameChip.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import type { Place } from './useGroups.ts';

const { child, place, places, placeName, held, wasAway, pairs, neighbours } = defineProps<{
  child: Child;
  place: Place;
  /** Where it may go, in the order of the screen. */
  places: readonly Place[];
  placeName: (place: Place) => string;
  held: boolean;
  wasAway: boolean;
  /** What holds for this child. */
  pairs: readonly { readonly other: number; readonly sits: 'together' | 'apart' }[];
  /** Who sits in the same group. */
  neighbours: readonly number[];
}>();
const emit = defineEmits<{ move: [to: Place]; pair: [pair: PutPair] }>();
const { t } = useI18n();
const store = useClassroomStore();

const nameOf = (id: number): string => store.childById.get(id)?.name ?? '';
const label = computed(() =>
  [
    t('groups.childIn', { name: child.name, place: placeName(place) }),
    ...(wasAway ? [t('groups.wasAway')] : []),
    ...pairs.map(({ other, sits }) => t(`groups.sits.${sits}`, { name: nameOf(other) })),
  ].join(' '),
);
const key = (event: KeyboardEvent): void => {
  const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
  if (by === 0) return;
  event.preventDefault();
  const next = places[places.indexOf(place) + by];
  if (next !== undefined) emit('move', next);
};
const targets = computed(() => places.filter((other) => other !== place));
/** Neighbours of whom nothing was said yet. */
const others = computed(() => neighbours.filter((other) => !pairs.some((pair) => pair.other === other)));
</script>

<template>
  <v-menu>
    <template #activator="{ props }">
      <button v-bind="props" type="button" class="child" :data-child="child.id" :aria-label="label" @keydown="key">
        <NameChip :child="child" />
        <svg v-if="held" class="pin" viewBox="0 0 24 24" width="16" height="16" aria-hidden="true">
          <path :d="mdiPin" fill="currentColor" />
        </svg>
        <span v-if="wasAway" class="quiet away" aria-hidden="true">{{ t('groups.awayThen') }}</span>
      </button>
    </template>
    <v-list class="menu">
      <v-list-subheader>{{ t('groups.moveTo') }}</v-list-subheader>
      <v-list-item
        v-for="target in targets"
        :key="target"
        :title="placeName(target)"
        :data-to="target"
        @click="emit('move', target)"
      />
      <template v-if="others.length > 0">
        <template v-for="sits in SITS" :key="sits">
          <v-list-subheader>{{ t(`groups.pairWith.${sits}`) }}</v-list-subheader>
          <v-list-item
            v-for="other in others"
            :key="other"
            :title="nameOf(other)"
            :data-pair="`${sits} ${other}`"
            @click="emit('pair', { childIds: [child.id, other], sits })"
          />
        </template>
      </template>
      <template v-if="pairs.length > 0">
        <v-list-subheader>{{ t('groups.takeBack') }}</v-list-subheader>
        <v-list-item
          v-for="{ other, sits } in pairs"
          :key="other"
          :title="t(`groups.sits.${sits}`, { name: nameOf(other) })"
          :data-free="other"
          @click="emit('pair', { childIds: [child.id, other], sits: null })"
        />
      </template>
    </v-list>
  </v-menu>
</template>

<style scoped>
.child {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
  width: 100%;
  padding: 2px 10px 2px 6px;
  border-radius: var(--corner);
  background: var(--raised);
  text-align: left;
  cursor: grab;
}
.pin {
  margin-left: auto;
  color: var(--plum);
  flex: none;
}
.away {
  font-size: 14px;
}
.menu {
  max-height: 60vh;
}
</style>
