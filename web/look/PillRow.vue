<!-- A few choices in a row, one or several of them on. -->
<script setup lang="ts" generic="T extends string | number">
const { name, label, choices, on } = defineProps<{
  /** What is chosen, for whoever looks for one of them: `data-pill` is the name and the choice. */
  name: string;
  label: string;
  choices: readonly { readonly key: T; readonly label: string }[];
  on: readonly T[];
}>();
const emit = defineEmits<{ choose: [key: T] }>();
</script>

<template>
  <div class="pills" role="group" :aria-label="label">
    <button
      v-for="choice in choices"
      :key="choice.key"
      type="button"
      class="time-type"
      :aria-pressed="on.includes(choice.key)"
      :data-pill="`${name} ${choice.key}`"
      @click="emit('choose', choice.key)"
    >
      {{ choice.label }}
    </button>
  </div>
</template>

<style scoped>
.pills {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
button {
  min-height: 48px;
  min-width: 52px;
  padding: 0 13px;
  border-radius: 24px;
  background: var(--raised);
  font-weight: 600;
}
button:hover {
  background: var(--plum-tint);
}
button[aria-pressed='true'] {
  background: var(--plum-chosen);
  color: var(--plum-deep);
  box-shadow: inset 0 0 0 2px var(--plum);
}
</style>
