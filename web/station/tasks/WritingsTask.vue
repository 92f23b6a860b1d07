<!-- Find every right way to write it: a clock, and writings of which several may be right. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { Answer } from '../../../core/items/index.ts';
import AnswerTiles from './AnswerTiles.vue';
import ShownClock from './ShownClock.vue';
import TaskPanes from './TaskPanes.vue';
import type { TaskProps } from './task.ts';
import { useChoice } from './useChoice.ts';

const { item, settings, open, light, shown } = defineProps<TaskProps<'choose-writings'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const options = item.options.map((label, key) => ({ key, label }));
const tiles = useChoice(answer);
defineExpose({ undo: tiles.undo });
</script>

<template>
  <TaskPanes>
    <template #clock><ShownClock :time="item.shown" :settings="settings" :light="light" /></template>
    <AnswerTiles
      v-slot="{ option }"
      class="writings"
      :options="options"
      :chosen="tiles.chosen()"
      several
      :open="open"
      :again="light.places ?? []"
      :right="tiles.right(shown)"
      :label="t('station.tapAll')"
      @choose="tiles.choose"
    >
      {{ option.label }}
    </AnswerTiles>
  </TaskPanes>
</template>

<style scoped>
.writings :deep(.tile) {
  min-width: 132px;
  font-size: 27px;
}
</style>
