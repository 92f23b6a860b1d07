<!-- Which hour? A clock with the hour hand alone, and the twelve numbers. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { Answer } from '../../../core/items/index.ts';
import AnswerTiles from './AnswerTiles.vue';
import ShownClock from './ShownClock.vue';
import TaskPanes from './TaskPanes.vue';
import type { TaskProps } from './task.ts';
import { useTiles } from './useTiles.ts';

const { item, settings, open, light, shown } = defineProps<TaskProps<'hour-hand'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const options = Array.from({ length: 12 }, (_, i) => ({ key: i + 1, label: String(i + 1) }));
const tiles = useTiles<number>({
  answer,
  chosenIn: (one) => (one.kind === 'hour' ? [one.hour] : []),
  answerOf: ([hour]) => (hour === undefined ? undefined : { kind: 'hour', hour }),
});
defineExpose({ undo: tiles.undo });
</script>

<template>
  <TaskPanes>
    <template #clock><ShownClock :time="item.shown" :settings="settings" only="hour" :light="light" /></template>
    <AnswerTiles
      v-slot="{ option }"
      class="hours"
      :options="options"
      :chosen="tiles.chosen()"
      :open="open"
      :right="tiles.right(shown)"
      :label="t('station.tapOne')"
      @choose="tiles.choose"
    >
      {{ option.label }}
    </AnswerTiles>
  </TaskPanes>
</template>

<style scoped>
.hours {
  max-width: 520px;
  gap: 10px;
}
</style>
