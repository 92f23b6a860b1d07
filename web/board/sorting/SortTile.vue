<!-- A picture to sort, with its name; taken by a tap, a drag or the keyboard. -->
<script setup lang="ts">
const { picture, name, state } = defineProps<{
  picture: string;
  name: string;
  /** Taken to be put somewhere; found right; or neither. */
  state: 'taken' | 'right' | 'open';
}>();
</script>

<template>
  <button type="button" class="sort-tile child-type" :class="state" :aria-pressed="state === 'taken'">
    <img :src="`/pictures/${picture}.svg`" alt="" draggable="false" />
    <span>{{ name }}</span>
    <slot />
  </button>
</template>

<style scoped>
.sort-tile {
  min-width: 0;
  display: grid;
  justify-items: center;
  align-content: center;
  gap: calc(var(--u) * 4);
  padding: calc(var(--u) * 10) calc(var(--u) * 6);
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
  cursor: grab;
  touch-action: none;
}
img {
  width: calc(var(--u) * 92);
  height: calc(var(--u) * 92);
  pointer-events: none;
}
span {
  font-size: calc(var(--u) * 22);
  line-height: 1.15;
  text-align: center;
  text-wrap: balance;
}
.taken {
  box-shadow: 0 0 0 4px var(--plum);
}
.right {
  box-shadow: 0 0 0 4px var(--moss-6);
}
</style>
