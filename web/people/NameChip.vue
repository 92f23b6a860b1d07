<!-- A child's picture and name in a row of names. -->
<script setup lang="ts">
import type { Child } from '../../contract/index.ts';
import ChildPicture from '../look/ChildPicture.vue';

const { child } = defineProps<{ child: Child }>();
</script>

<template>
  <span class="chip"><ChildPicture :picture="child.picture" />{{ child.name }}</span>
</template>

<style scoped>
.chip {
  display: inline-flex;
  align-items: center;
  gap: 6px;
  font-weight: 600;
  min-width: 0;
  overflow-wrap: anywhere;
}
</style>
