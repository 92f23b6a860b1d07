<!-- Which rings of a wheel are looked at, where there are more than fit at once. -->
<script setup lang="ts">
const { names, page, label } = defineProps<{ names: readonly string[]; page: number; label: string }>();
const emit = defineEmits<{ turn: [page: number] }>();
</script>

<template>
  <div v-if="names.length > 1" class="pages" role="group" :aria-label="label">
    <button
      v-for="(name, i) in names"
      :key="name"
      type="button"
      class="time-type"
      :class="{ on: i === page }"
      :aria-pressed="i === page"
      @click="emit('turn', i)"
    >
      {{ name }}
    </button>
  </div>
</template>

<style scoped>
.pages {
  display: flex;
  justify-content: center;
  gap: 8px;
}
button {
  min-height: 44px;
  padding: 0 14px;
  border-radius: 22px;
  font-weight: 700;
}
button.on {
  background: var(--plum-chosen);
  color: var(--plum-deep);
}
</style>
