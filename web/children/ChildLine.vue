<!-- A child in the class list: place, picture, name, absent today, home language, moved away. -->
<script setup lang="ts">
import { mdiDotsHorizontal, mdiDragVertical } from '@mdi/js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { ListedChild, PutChild } from '../../contract/index.ts';
import type { Picture } from '../../core/pictures/index.ts';
import PictureMenu from '../people/PictureMenu.vue';
import { LANGUAGES } from './languages.ts';

const { child, free } = defineProps<{
  child: ListedChild;
  /** Pictures no child has. */
  free: readonly Picture[];
}>();
const emit = defineEmits<{ change: [change: PutChild]; shift: [steps: number] }>();
const { t } = useI18n();
const name = ref(child.name);
const rename = (): void => {
  const typed = name.value.trim();
  if (typed === '') name.value = child.name;
  else if (typed !== child.name) emit('change', { name: typed });
};
const shiftKey = (event: KeyboardEvent): void => {
  const steps = { ArrowUp: -1, ArrowDown: 1 }[event.key];
  if (steps === undefined) return;
  event.preventDefault();
  emit('shift', steps);
};
</script>

<template>
  <li class="child" :class="{ absent: child.absent }">
    <button type="button" class="grip" :aria-label="t('children.grip', { name: child.name })" @keydown="shiftKey">
      <v-icon :icon="mdiDragVertical" size="22" />
    </button>
    <PictureMenu
      :picture="child.picture"
      :choices="free"
      :label="t('children.pictureOf', { name: child.name })"
      @choose="(picture) => emit('change', { picture })"
    />
    <input
      v-model="name"
      class="bare-field name"
      maxlength="40"
      :aria-label="t('children.nameOf', { name: child.name })"
      @change="rename"
      @keydown.enter="($event.target as HTMLElement).blur()"
    />
    <label class="toggle">
      <input
        type="checkbox"
        :checked="child.absent"
        :aria-label="t('children.absentOf', { name: child.name })"
        @change="emit('change', { absent: ($event.target as HTMLInputElement).checked })"
      />
      {{ t('children.absent') }}
    </label>
    <v-menu :close-on-content-click="false">
      <template #activator="{ props: activator }">
        <v-btn
          v-bind="activator"
          :icon="mdiDotsHorizontal"
          variant="text"
          size="36"
          :aria-label="t('children.more', { name: child.name })"
        />
      </template>
      <div class="sheet more">
        <label>
          {{ t('children.noLanguage') }}
          <select
            :value="child.homeLanguage ?? ''"
            :aria-label="t('children.languageOf', { name: child.name })"
            @change="emit('change', { homeLanguage: ($event.target as HTMLSelectElement).value || null })"
          >
            <option value="">{{ t('children.notGiven') }}</option>
            <option v-for="code in LANGUAGES" :key="code" :value="code">{{ t(`languages.${code}`) }}</option>
          </select>
        </label>
        <p class="quiet">{{ t('children.whyLanguage') }}</p>
        <button
          type="button"
          class="away"
          :aria-label="t('children.moveAway', { name: child.name })"
          @click="emit('change', { movedAway: true })"
        >
          {{ t('children.movedAway') }}
        </button>
      </div>
    </v-menu>
  </li>
</template>

<style scoped>
.child {
  display: flex;
  align-items: center;
  gap: 4px;
  height: 100%;
  border-radius: var(--corner);
  min-width: 0;
}
.child:hover,
.child:focus-within {
  background: var(--sand-light);
}
.child.absent .name {
  color: var(--quiet);
}
.grip {
  width: 32px;
  height: 36px;
  color: var(--pebble);
  cursor: grab;
  touch-action: none;
}
.toggle {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
  white-space: nowrap;
  cursor: pointer;
}
.toggle input {
  width: 20px;
  height: 20px;
  accent-color: var(--plum);
}
.more {
  width: 300px;
  padding: 16px;
  display: grid;
  gap: 10px;
}
.more label {
  display: grid;
  gap: 4px;
}
select {
  height: 40px;
  padding: 0 8px;
  border: 0;
  border-radius: 10px;
  background: var(--sand);
  color: var(--ink);
  font: inherit;
}
.away {
  min-height: 44px;
  justify-self: start;
  color: var(--plum);
  font-weight: 600;
}
</style>
