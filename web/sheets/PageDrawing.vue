<!-- A page as it will be printed, at true proportions: the marks of its layout and nothing else. -->
<script setup lang="ts">
import { computed } from 'vue';
import { svgElement, type Page } from '../../core/sheets/index.ts';

const { page } = defineProps<{ page: Pick<Page, 'width' | 'height' | 'marks'> }>();
const elements = computed(() => page.marks.map(svgElement));
</script>

<template>
  <svg :viewBox="`0 0 ${page.width} ${page.height}`" class="page">
    <component :is="one.tag" v-for="(one, i) in elements" :key="i" v-bind="one.attributes">{{ one.text }}</component>
  </svg>
</template>

<style scoped>
.page {
  display: block;
  width: 100%;
  height: 100%;
  background: #fff;
}
.page text {
  user-select: none;
}
</style>
