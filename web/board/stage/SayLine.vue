<!-- The teacher's sentence for the step, as a quiet line. -->
<script setup lang="ts">
const { say } = defineProps<{ say: string }>();
</script>

<template>
  <p class="say child-type" role="status">{{ say }}</p>
</template>

<style scoped>
.say {
  flex: none;
  padding: 0 calc(var(--u) * 6);
  font-size: calc(var(--u) * 24);
  line-height: 1.3;
  text-align: center;
  text-wrap: balance;
}
</style>
