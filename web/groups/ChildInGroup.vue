<!-- A child's chip: dragged, moved by arrow keys, or tapped for where else it may go and whom it sits with or apart from. -->
<script setup lang="ts">
import { mdiPin } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { SITS, type Child, type PutPair } from '../../contract/index.ts';
import NameChip from '../people/NameChip.vue';
import { useClassroomStore } from '../stores/classroom.ts';
import type { Place } from './useGroups.ts';

const { child, place, places, placeName, held, wasAway, pairs } = defineProps<{
  child: Child;
  place: Place;
  /** Where it may go, in the order of the screen. */
  places: readonly Place[];
  placeName: (place: Place) => string;
  held: boolean;
  wasAway: boolean;
  /** What holds for this child. */
  pairs: readonly { readonly other: number; readonly sits: 'together' | 'apart' }[];
}>();
const emit = defineEmits<{ move: [to: Place]; step: [by: 1 | -1]; pair: [pair: PutPair] }>();
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
  emit('step', by);
};
const targets = computed(() => places.filter((other) => other !== place));
/** Everybody of whom nothing was said yet. */
const others = computed(() =>
  store
    .classroom!.children.map(({ id }) => id)
    .filter((id) => id !== child.id && !pairs.some(({ other }) => other === id)),
);
const isOpen = ref(false);
const chosen = (event: Event, sits: PutPair['sits']): void => {
  const other = Number((event.target as HTMLSelectElement).value);
  isOpen.value = false;
  if (other > 0) emit('pair', { childIds: [child.id, other], sits });
};
</script>

<template>
  <v-menu v-model="isOpen">
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
          <!-- What is chosen here is chosen in the list itself: a tap in it does not close the menu. -->
          <label class="with" @click.stop
            >{{ t(`groups.pairWith.${sits}`) }}
            <select class="sand-field" :data-pairs="sits" @change="(event) => chosen(event, sits)">
              <option value="" />
              <option v-for="other in others" :key="other" :value="other" :data-pair="`${sits} ${other}`">
                {{ nameOf(other) }}
              </option>
            </select>
          </label>
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
.with {
  display: grid;
  gap: 2px;
  padding: 6px 16px;
}
.menu {
  max-height: 60vh;
}
</style>
