<!-- What time is it? A clock, and three ways of saying a time. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { Answer } from '../../../core/items/index.ts';
import { useClockWords } from '../../stores/useClockWords.ts';
import AnswerTiles from './AnswerTiles.vue';
import ShownClock from './ShownClock.vue';
import TaskPanes from './TaskPanes.vue';
import type { TaskProps } from './task.ts';
import { useChoice } from './useChoice.ts';

const { item, settings, open, light, shown } = defineProps<TaskProps<'choose-words'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const words = useClockWords(() => settings);
const options = item.options.map((time, key) => ({ key, label: words.said(time) }));
const tiles = useChoice(answer);
defineExpose({ undo: tiles.undo });
</script>

<template>
  <TaskPanes>
    <template #clock><ShownClock :time="item.shown" :settings="settings" :light="light" /></template>
    <AnswerTiles
      v-slot="{ option }"
      class="words"
      :options="options"
      :chosen="tiles.chosen()"
      :open="open"
      :again="light.places ?? []"
      :right="tiles.right(shown)"
      :label="t('station.tapOne')"
      @choose="tiles.choose"
    >
      {{ option.label }}
    </AnswerTiles>
  </TaskPanes>
</template>

<style scoped>
.words :deep(.tile) {
  min-width: 190px;
  font-size: 28px;
}
</style>
