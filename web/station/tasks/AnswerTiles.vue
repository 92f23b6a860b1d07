<!-- Large things to tap, one or several of them: chosen ones are ringed, wrong ones given back step away, right ones step forward. -->
<script setup lang="ts" generic="T extends string | number">
const {
  options,
  chosen,
  several = false,
  open,
  again = [],
  right = [],
  columns = 0,
  label,
} = defineProps<{
  options: readonly { readonly key: T; readonly label: string }[];
  chosen: readonly T[];
  several?: boolean;
  open: boolean;
  /** To be looked at again. */
  again?: readonly T[];
  /** Shown as right. */
  right?: readonly T[];
  /** Tiles in a row; as many as there is room for unless given. */
  columns?: number;
  label: string;
}>();
const emit = defineEmits<{ choose: [chosen: T[]] }>();
const tap = (key: T): void => {
  if (!open) return;
  if (!several) emit('choose', [key]);
  else emit('choose', chosen.includes(key) ? chosen.filter((one) => one !== key) : [...chosen, key]);
};
</script>

<template>
  <div
    class="tiles"
    :class="{ counted: columns > 0 }"
    :style="{ '--columns': columns }"
    role="group"
    :aria-label="label"
  >
    <button
      v-for="option in options"
      :key="option.key"
      type="button"
      class="tile"
      :class="{ again: again.includes(option.key), right: right.includes(option.key) }"
      :aria-label="option.label"
      :aria-pressed="chosen.includes(option.key)"
      :aria-disabled="!open"
      :data-option="option.key"
      @click="tap(option.key)"
    >
      <slot :option="option" />
    </button>
  </div>
</template>

<style scoped>
.tiles {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: var(--gap);
}
.tiles.counted {
  display: grid;
  grid-template-columns: repeat(var(--columns), auto);
}
.tile {
  min-width: calc(var(--tap) + 2px);
  min-height: calc(var(--tap) + 2px);
  padding: 6px min(14px, var(--gap));
  display: grid;
  place-items: center;
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
  font-size: var(--type);
  line-height: 1.2;
  font-weight: 700;
  transition: transform 0.3s var(--ease-hop);
}
.tile[aria-pressed='true'] {
  box-shadow: inset 0 0 0 6px var(--plum);
}
.tile.again {
  animation: away 0.7s ease-in-out 2;
}
.tile.right {
  box-shadow: inset 0 0 0 6px var(--moss-6);
  transform: scale(1.06);
}
@keyframes away {
  25% {
    transform: translateX(-8px) rotate(-2deg);
  }
  75% {
    transform: translateX(8px) rotate(2deg);
  }
}
</style>
