<!-- A few choices of which one holds. -->
<script setup lang="ts" generic="T extends string">
defineProps<{
  label: string;
  choices: readonly { readonly key: T; readonly text: string }[];
  chosen: T;
}>();
const emit = defineEmits<{ choose: [key: T] }>();
</script>

<template>
  <div class="pills" role="group" :aria-label="label">
    <button
      v-for="{ key, text } in choices"
      :key="key"
      type="button"
      :aria-pressed="key === chosen"
      @mousedown.prevent
      @click="emit('choose', key)"
    >
      {{ text }}
    </button>
  </div>
</template>

<style scoped>
.pills {
  display: flex;
  flex-wrap: wrap;
  justify-self: start;
  padding: 2px;
  border-radius: 24px;
  background: var(--sand);
}
button {
  min-height: 44px;
  padding: 0 14px;
  border-radius: 22px;
  font-weight: 600;
}
button[aria-pressed='true'] {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
</style>
