<!-- A file of the teacher's to be read: looks like the other acts beside it. -->
<script setup lang="ts">
import { mdiFileUploadOutline } from '@mdi/js';

defineProps<{ accept: string }>();
const emit = defineEmits<{ file: [file: File] }>();
const taken = (event: Event): void => {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  // The same file can be chosen again.
  input.value = '';
  if (file !== undefined) emit('file', file);
};
</script>

<template>
  <label class="read">
    <v-icon :icon="mdiFileUploadOutline" size="22" /><slot />
    <input type="file" :accept="accept" class="only-heard" @change="taken" />
  </label>
</template>

<style scoped>
.read {
  display: inline-flex;
  align-items: center;
  justify-self: start;
  gap: 8px;
  min-height: 44px;
  padding: 0 14px;
  border-radius: 999px;
  color: var(--plum);
  font-weight: 600;
  cursor: pointer;
}
.read:hover {
  background: var(--plum-tint);
}
.read:focus-within {
  outline: 3px solid var(--plum);
  outline-offset: 2px;
}
</style>
