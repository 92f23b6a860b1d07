<!-- The one hare of a screen. Decoration: what it says is said in words too. -->
<script setup lang="ts">
const { px = 48 } = defineProps<{ px?: number }>();
</script>

<template>
  <svg :width="px" :height="px" viewBox="0 0 64 64" aria-hidden="true" class="hare">
    <path
      d="M35.5 22C31 17 29.5 7 32.5 2.5c4 1.5 7 8.5 7.8 15.5C40.5 12 43 5.5 47 3c3 3.5 2.5 11.5 0 16.5 5 1 9 4.5 9.5 8.5.3 3-2.5 5.5-6.5 6-1.5 3-4 6-5 9.5l1.5 11c2.5.3 4.5 1.5 4.5 3.5v1.5H12c-3.5-2-5.5-5.5-5.5-9.5-2.5 0-4.5-2-4.5-4.5s2-4.5 4.5-4.5c1 0 1.8.3 2.5.8C12 33.5 19 29 26 28c4-.5 7-2.5 9.5-6z"
    />
    <path class="haunch" d="M14 57c2.5-7.5 9-11 15-9.5 5 1.3 7 5.5 4.5 9.5" />
    <circle cx="49" cy="25.5" r="1.9" class="eye" />
  </svg>
</template>

<style scoped>
.hare {
  display: block;
  fill: var(--drawn);
}
.haunch {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 1.2;
  opacity: 0.55;
}
.eye {
  fill: var(--ground);
}
</style>
