<!-- How long does it take? A second, a minute or an hour, each as a clock counts it. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { UNITS, type Answer, type Unit } from '../../../core/items/index.ts';
import { DEED_PICTURES } from '../../../core/pictures/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import AnswerTiles from './AnswerTiles.vue';
import TaskPanes from './TaskPanes.vue';
import UnitPicture from './UnitPicture.vue';
import type { TaskProps } from './task.ts';
import { useTiles } from './useTiles.ts';

const { item, settings, open, shown } = defineProps<TaskProps<'how-long'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const words = useClockWords(() => settings);
const options = UNITS.map((unit) => ({ key: unit, label: words.phrase({ key: `clock.units.${unit}`, values: {} }) }));
const tiles = useTiles<Unit>({
  answer,
  chosenIn: (one) => (one.kind === 'unit' ? [one.unit] : []),
  answerOf: ([unit]) => unit && { kind: 'unit', unit },
});
defineExpose({ undo: tiles.undo });
</script>

<template>
  <TaskPanes>
    <template #clock>
      <img
        :src="`/pictures/${DEED_PICTURES[item.deed]}.svg`"
        :alt="words.phrase({ key: `clock.deeds.${item.deed}`, values: {} })"
        class="deed"
        draggable="false"
      />
    </template>
    <AnswerTiles
      v-slot="{ option }"
      class="units"
      :options="options"
      :chosen="tiles.chosen()"
      :open="open"
      :right="tiles.right(shown)"
      :label="t('station.tapOne')"
      @choose="tiles.choose"
    >
      <UnitPicture :unit="option.key" />{{ option.label }}
    </AnswerTiles>
  </TaskPanes>
</template>

<style scoped>
.deed {
  display: block;
  width: 100%;
  height: 100%;
  padding: 8%;
  object-fit: contain;
}
.units :deep(.tile) {
  min-width: min(140px, 1.9 * var(--tap));
}
</style>
