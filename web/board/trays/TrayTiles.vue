<!-- A tray beside the clock: pictures with names and keys to choose from. -->
<script setup lang="ts" generic="T extends string">
import TrayBox from './TrayBox.vue';

export interface Tile<T extends string> {
  readonly id: T;
  readonly name: string;
  /** The key that does the same; none where there is none. */
  readonly key?: string;
  /** On or off, for what stays on; absent for what is begun. */
  readonly on?: boolean;
}
const {
  title,
  tiles,
  columns = 3,
} = defineProps<{
  title: string;
  tiles: readonly Tile<T>[];
  columns?: number;
}>();
const emit = defineEmits<{ choose: [id: T] }>();
defineSlots<{ picture(props: { tile: Tile<T> }): unknown; head(): unknown; default(): unknown }>();
</script>

<template>
  <TrayBox :title="title">
    <slot name="head" />
    <ul :style="{ '--columns': columns }">
      <li v-for="tile in tiles" :key="tile.id">
        <button
          type="button"
          class="tile"
          :class="{ on: tile.on }"
          :data-tile="tile.id"
          :aria-pressed="tile.on"
          :aria-keyshortcuts="tile.key"
          @click="emit('choose', tile.id)"
        >
          <slot name="picture" :tile="tile" />
          <span class="name">{{ tile.name }}</span>
          <kbd v-if="tile.key" aria-hidden="true">{{ tile.key.toUpperCase() }}</kbd>
        </button>
      </li>
    </ul>
    <slot />
  </TrayBox>
</template>

<style scoped>
ul {
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  gap: calc(var(--u) * 6);
}
.tile {
  position: relative;
  width: 100%;
  height: 100%;
  min-height: 48px;
  padding: calc(var(--u) * 6) 4px;
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 4px;
  border-radius: var(--corner);
}
.tile:hover {
  background: var(--plum-tint);
}
.tile.on {
  background: var(--plum-chosen);
  color: var(--plum-deep);
  box-shadow: inset 0 0 0 2px var(--plum);
}
.name {
  font-size: max(14px, calc(var(--u) * 15));
  line-height: 1.2;
  font-weight: 600;
  text-align: center;
  text-wrap: balance;
}
.name::first-letter {
  text-transform: uppercase;
}
kbd {
  position: absolute;
  top: 4px;
  right: 6px;
  font: inherit;
  font-size: 13px;
  color: var(--quiet);
}
.on kbd {
  color: inherit;
}
</style>
