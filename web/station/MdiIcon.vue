<!-- One icon of the icon set, as a child's tablet shows it. -->
<script setup lang="ts">
const { path, px = 48 } = defineProps<{ path: string; px?: number }>();
</script>

<template>
  <svg :width="px" :height="px" viewBox="0 0 24 24" fill="currentColor" aria-hidden="true"><path :d="path" /></svg>
</template>
