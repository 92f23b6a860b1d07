<!-- Which hour? A clock with the hour hand alone, and the twelve numbers. -->
<script setup lang="ts">
import type { Answer } from '../../../core/items/index.ts';
import ClockTiles from './ClockTiles.vue';
import type { TaskProps } from './task.ts';
import { useTiles } from './useTiles.ts';

const { item, settings, open, light, shown } = defineProps<TaskProps<'hour-hand'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const options = Array.from({ length: 12 }, (_, i) => ({ key: i + 1, label: String(i + 1) }));
const tiles = useTiles<number>({
  answer,
  chosenIn: (one) => (one.kind === 'hour' ? [one.hour] : []),
  answerOf: ([hour]) => (hour === undefined ? undefined : { kind: 'hour', hour }),
});
defineExpose({ undo: tiles.undo });
</script>

<template>
  <ClockTiles
    class="hour"
    :time="item.shown"
    only="hour"
    :settings="settings"
    :light="light"
    :options="options"
    :chosen="tiles.chosen()"
    :right="tiles.right(shown)"
    :open="open"
    @choose="tiles.choose"
  />
</template>

<style scoped>
.hour :deep(.tiles) {
  max-width: 520px;
  gap: min(10px, var(--gap));
}
</style>
