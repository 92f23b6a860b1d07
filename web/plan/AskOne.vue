<!-- A small window that asks one thing. Enter answers, Escape leaves it. -->
<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFocusBack } from '../shell/focusBack.ts';

const {
  title,
  label,
  start,
  done,
  type = 'text',
} = defineProps<{ title: string; label: string; start: string; done: string; type?: 'text' | 'date' }>();
const emit = defineEmits<{ answer: [text: string]; cancel: [] }>();
const { t } = useI18n();
useFocusBack();
const text = ref(start);
</script>

<template>
  <v-dialog :model-value="true" width="440" :aria-label="title" @update:model-value="emit('cancel')">
    <form class="sheet ask" @submit.prevent="emit('answer', text.trim())">
      <h2 class="title-column">{{ title }}</h2>
      <v-text-field v-model="text" :label="label" :type="type" maxlength="80" autofocus hide-details />
      <div class="acts">
        <v-btn type="submit">{{ done }}</v-btn>
        <v-btn variant="text" @click="emit('cancel')">{{ t('app.cancel') }}</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.ask {
  padding: 24px;
  display: grid;
  gap: 16px;
}
.acts {
  display: flex;
  gap: 8px;
}
</style>
