<!-- One convention: its choices side by side, one chosen. -->
<script setup lang="ts" generic="T extends string | number">
const { title, choices, chosen, label } = defineProps<{
  title: string;
  choices: readonly T[];
  chosen: T;
  label: (choice: T) => string;
}>();
const emit = defineEmits<{ choose: [choice: T] }>();
</script>

<template>
  <fieldset>
    <legend class="title-item">{{ title }}</legend>
    <label v-for="choice in choices" :key="choice" :class="{ chosen: choice === chosen }">
      <input type="radio" :name="title" :value="choice" :checked="choice === chosen" @change="emit('choose', choice)" />
      {{ label(choice) }}
    </label>
  </fieldset>
</template>

<style scoped>
fieldset {
  border: 0;
  margin: 0 0 10px;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
legend {
  margin-bottom: 4px;
  padding: 0;
}
label {
  position: relative;
  display: inline-flex;
  align-items: center;
  min-height: 40px;
  padding: 0 18px;
  border-radius: 999px;
  background: var(--sand);
  cursor: pointer;
}
label:hover {
  background: var(--plum-tint);
}
label.chosen {
  background: var(--plum-chosen);
  color: var(--plum-deep);
  font-weight: 700;
}
label:has(:focus-visible) {
  outline: 3px solid var(--plum);
  outline-offset: 2px;
}
input {
  position: absolute;
  inset: 0;
  opacity: 0;
  margin: 0;
  cursor: pointer;
}
</style>
