<!-- The garden thing a child is known by. The name stands beside it or in the button's label, so it is decoration here. -->
<script setup lang="ts">
const { picture, px = 24 } = defineProps<{ picture: string; px?: number }>();
</script>

<template>
  <span class="disc" :style="{ width: `${px}px`, height: `${px}px` }">
    <img :src="`/pictures/${picture}.svg`" alt="" :width="px * 0.68" :height="px * 0.68" draggable="false" />
  </span>
</template>

<style scoped>
.disc {
  display: inline-grid;
  place-items: center;
  flex: none;
  border-radius: 50%;
  background: var(--raised);
}
img {
  display: block;
  user-select: none;
}
</style>
