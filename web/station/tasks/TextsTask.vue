<!-- A clock, or digits in what is asked, and ways of saying or writing a time: one of the sayings is right, of the writings several may be. -->
<script setup lang="ts">
import { computed } from 'vue';
import { writingsShown, type Answer } from '../../../core/items/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import ClockTiles from './ClockTiles.vue';
import type { TaskProps } from './task.ts';
import { useChoice } from './useChoice.ts';

const { item, settings, open, light, shown } =
  defineProps<TaskProps<'choose-words' | 'digits-to-words' | 'choose-writings'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const words = useClockWords(() => settings);
const isSeveral = item.kind === 'choose-writings';
const options = computed(() => {
  const texts =
    item.kind === 'choose-writings' ? writingsShown(item, settings) : item.options.map((time) => words.said(time));
  return texts.map((label, key) => ({ key, label }));
});
const tiles = useChoice(answer);
defineExpose({ undo: tiles.undo });
</script>

<template>
  <ClockTiles
    class="texts"
    :class="{ several: isSeveral }"
    :time="item.kind === 'digits-to-words' ? undefined : item.shown"
    :settings="settings"
    :light="light"
    :options="options"
    :chosen="tiles.chosen()"
    :right="tiles.right(shown)"
    :several="isSeveral"
    :open="open"
    :again="light.places ?? []"
    @choose="tiles.choose"
  />
</template>

<style scoped>
.texts :deep(.tile) {
  min-width: min(190px, 2.55 * var(--tap));
  font-size: calc(var(--type) * 0.93);
}
.several :deep(.tile) {
  min-width: min(132px, 1.8 * var(--tap));
  font-size: calc(var(--type) * 0.9);
}
</style>
