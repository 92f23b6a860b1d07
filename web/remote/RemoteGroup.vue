<!-- Things a remote can choose on the board, as a grid of names. -->
<script setup lang="ts" generic="T extends string">
const { title, choices } = defineProps<{
  title: string;
  choices: readonly { readonly id: T; readonly name: string; readonly on: boolean }[];
}>();
const emit = defineEmits<{ choose: [id: T] }>();
</script>

<template>
  <section>
    <h2 class="title-item">{{ title }}</h2>
    <ul>
      <li v-for="choice in choices" :key="choice.id">
        <button
          type="button"
          :aria-pressed="choice.on"
          :class="{ on: choice.on }"
          :data-choice="choice.id"
          @click="emit('choose', choice.id)"
        >
          {{ choice.name }}
        </button>
      </li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  margin-top: 6px;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(108px, 1fr));
  gap: 8px;
}
button {
  width: 100%;
  min-height: 52px;
  padding: 4px 8px;
  border-radius: var(--corner);
  background: var(--raised);
  box-shadow: var(--shadow);
  font-weight: 600;
  line-height: 1.15;
}
button::first-letter {
  text-transform: uppercase;
}
button.on {
  background: var(--plum-chosen);
  color: var(--plum-deep);
  box-shadow: inset 0 0 0 2px var(--plum);
}
</style>
