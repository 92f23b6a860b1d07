<!-- A picture; pressed, others to choose from. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { Picture } from '../../core/pictures/index.ts';
import ChildPicture from '../look/ChildPicture.vue';

const { picture, choices, label } = defineProps<{ picture: string; choices: readonly Picture[]; label: string }>();
const emit = defineEmits<{ choose: [picture: Picture] }>();
const { t } = useI18n();
</script>

<template>
  <v-menu>
    <template #activator="{ props: activator }">
      <button type="button" v-bind="activator" class="picture" :aria-label="label">
        <ChildPicture :picture="picture" :px="36" />
      </button>
    </template>
    <div class="sheet grid">
      <button
        v-for="choice in choices"
        :key="choice"
        type="button"
        :aria-label="t(`pictures.${choice}`)"
        @click="emit('choose', choice)"
      >
        <ChildPicture :picture="choice" :px="44" />
      </button>
      <p v-if="choices.length === 0" class="quiet">{{ t('children.noFree') }}</p>
    </div>
  </v-menu>
</template>

<style scoped>
.picture {
  flex: none;
  border-radius: 50%;
  width: 40px;
  height: 36px;
  display: grid;
  place-items: center;
}
.picture:hover {
  background: var(--plum-tint);
}
.grid {
  display: grid;
  grid-template-columns: repeat(8, 48px);
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
