<!-- Deleting for good: what goes, and the name to be written first, for nothing else would show that the right one is meant. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';

const { title, lines, name, act } = defineProps<{
  title: string;
  /** What is deleted, and what is not. */
  lines: readonly string[];
  /** Of whom or what. */
  name: string;
  act: string;
}>();
const emit = defineEmits<{ erase: []; close: [] }>();
const { t } = useI18n();
const typed = ref('');
const isNamed = computed(() => typed.value.trim() === name);
const erase = (): void => {
  if (isNamed.value) emit('erase');
};
</script>

<template>
  <v-dialog :model-value="true" width="520" :aria-label="title" @update:model-value="emit('close')">
    <form class="sheet sure" @submit.prevent="erase">
      <h2 class="title-column">{{ title }}</h2>
      <p v-for="line in lines" :key="line">{{ line }}</p>
      <v-text-field v-model="typed" :label="t('stored.type', { name })" autocomplete="off" hide-details autofocus />
      <footer>
        <v-btn type="submit" color="error" :disabled="!isNamed" data-erase>{{ act }}</v-btn>
        <v-btn variant="text" @click="emit('close')">{{ t('app.close') }}</v-btn>
      </footer>
    </form>
  </v-dialog>
</template>

<style scoped>
.sure {
  padding: 22px 24px 14px;
  display: grid;
  gap: 12px;
}
footer {
  display: flex;
  gap: 8px;
}
</style>
