<!-- A child's picture; pressed, the pictures nobody has yet. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { ListedChild } from '../../contract/index.ts';
import { PICTURES, type Picture } from '../../core/pictures/index.ts';
import ChildPicture from '../people/ChildPicture.vue';
import { useClassroomStore } from '../stores/classroom.ts';

const { child } = defineProps<{ child: ListedChild }>();
const emit = defineEmits<{ choose: [picture: Picture] }>();
const { t } = useI18n();
const store = useClassroomStore();
const free = computed(() => {
  const taken = new Set(store.classroom!.children.map(({ picture }) => picture));
  return PICTURES.filter((picture) => !taken.has(picture));
});
</script>

<template>
  <v-menu>
    <template #activator="{ props: activator }">
      <button
        type="button"
        v-bind="activator"
        class="picture"
        :aria-label="t('children.pictureOf', { name: child.name })"
      >
        <ChildPicture :picture="child.picture" :px="38" />
      </button>
    </template>
    <div class="sheet grid">
      <button
        v-for="picture in free"
        :key="picture"
        type="button"
        :aria-label="t(`pictures.${picture}`)"
        @click="emit('choose', picture)"
      >
        <ChildPicture :picture="picture" :px="44" />
      </button>
      <p v-if="free.length === 0" class="quiet">{{ t('children.noFree') }}</p>
    </div>
  </v-menu>
</template>

<style scoped>
.picture {
  border-radius: 50%;
  width: 44px;
  height: 44px;
  display: grid;
  place-items: center;
}
.picture:hover {
  background: var(--plum-tint);
}
.grid {
  display: grid;
  grid-template-columns: repeat(6, 48px);
  padding: 12px;
}
.grid button {
  width: 48px;
  height: 48px;
  display: grid;
  place-items: center;
  border-radius: 12px;
}
.grid button:hover,
.grid button:focus-visible {
  background: var(--plum-tint);
}
</style>
