<!-- A word of a sentence that opens a choice: one of a few, or several of them. -->
<script setup lang="ts" generic="T extends string | number">
import { ref } from 'vue';

const {
  text,
  label,
  choices,
  chosen,
  several = false,
} = defineProps<{
  text: string;
  /** What is chosen, for who hears it. */
  label: string;
  choices: readonly { readonly value: T; readonly text: string }[];
  chosen: readonly T[];
  several?: boolean;
}>();
const emit = defineEmits<{ choose: [chosen: T[]] }>();
const isOpen = ref(false);
const choose = (value: T): void => {
  if (!several) {
    isOpen.value = false;
    emit('choose', [value]);
    return;
  }
  const next = chosen.includes(value) ? chosen.filter((one) => one !== value) : [...chosen, value];
  // In the order of the choices; none at all is no choice.
  if (next.length > 0)
    emit(
      'choose',
      choices.map((one) => one.value).filter((one) => next.includes(one)),
    );
};
</script>

<template>
  <v-menu v-model="isOpen" :close-on-content-click="false" location="bottom start">
    <template #activator="{ props }">
      <button v-bind="props" type="button" class="word" :aria-label="`${label}: ${text}`">{{ text }}</button>
    </template>
    <ul class="sheet choices" :role="several ? 'group' : 'radiogroup'" :aria-label="label">
      <li v-for="choice in choices" :key="choice.value">
        <button
          type="button"
          :role="several ? 'checkbox' : 'radio'"
          :aria-checked="chosen.includes(choice.value)"
          :class="{ on: chosen.includes(choice.value) }"
          @click="choose(choice.value)"
        >
          {{ choice.text }}
        </button>
      </li>
    </ul>
  </v-menu>
</template>

<style scoped>
.word {
  color: var(--plum);
  font-weight: 600;
  border-bottom: 2px dotted var(--plum);
  min-height: 24px;
  text-align: left;
}
.choices {
  padding: 8px;
  max-height: 60vh;
  overflow: auto;
}
.choices button {
  display: block;
  width: 100%;
  min-height: 44px;
  padding: 0 14px;
  border-radius: 10px;
  text-align: left;
}
.choices button:hover {
  background: var(--plum-tint);
}
.choices button.on {
  background: var(--plum-chosen);
  color: var(--plum-deep);
  font-weight: 600;
}
</style>
