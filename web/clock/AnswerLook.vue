<!-- An answer as it looks on paper: a small clock with its hands, or what is written. -->
<script setup lang="ts">
import { computed } from 'vue';
import type { Conventions } from '../../core/conventions/index.ts';
import type { Answer, Item } from '../../core/items/index.ts';
import { shownAnswer } from '../../core/sheets/index.ts';
import PictureClock from './PictureClock.vue';

const { item, answer, conventions, px } = defineProps<{
  item: Item;
  answer: Answer;
  conventions: Conventions;
  /** Height of a clock on the screen. */
  px: number;
}>();
const shown = computed(() => shownAnswer(item, answer, conventions));
</script>

<template>
  <span class="look" aria-hidden="true">
    <PictureClock v-if="shown.picture" :picture="shown.picture" :px="px" label="" :off-centre="shown.offCentre" />
    <span v-if="shown.text" class="child-type written" :class="{ long: shown.text.length > 7 }">{{ shown.text }}</span>
  </span>
</template>

<style scoped>
.look {
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 4px;
  max-width: 100%;
  min-width: 0;
}
.written {
  font-weight: 700;
  overflow-wrap: anywhere;
}
</style>
