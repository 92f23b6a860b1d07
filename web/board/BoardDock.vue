<!-- The slim dock: glyphs in a row, each with its name and key. -->
<script setup lang="ts">
export interface DockAct {
  readonly key: string;
  readonly icon: string;
  readonly label: string;
  readonly act: () => void;
  /** Filled: the thing to do next. */
  readonly main?: boolean;
}
const { acts } = defineProps<{ acts: readonly DockAct[] }>();
</script>

<template>
  <div class="dock" role="toolbar">
    <button
      v-for="item in acts"
      :key="item.key"
      type="button"
      :aria-label="item.label"
      :title="item.label"
      :class="{ main: item.main }"
      @click="item.act"
    >
      <v-icon :icon="item.icon" />
    </button>
    <slot />
  </div>
</template>

<style scoped>
.dock {
  flex: none;
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 2px;
  min-height: 64px;
  height: calc(var(--u) * 68);
  padding: 0 10px;
  border-radius: 999px;
  background: var(--raised);
  box-shadow: var(--shadow);
}
button {
  width: 48px;
  height: 48px;
  border-radius: 50%;
  display: grid;
  place-items: center;
  color: var(--ink);
}
button:hover {
  background: var(--plum-tint);
}
button.main {
  background: var(--plum);
  color: #fff;
}
</style>
