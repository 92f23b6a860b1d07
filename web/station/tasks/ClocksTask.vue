<!-- Which clock shows it? Clocks to circle, one or several. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { Answer } from '../../../core/items/index.ts';
import JudgedClock from '../../clock/JudgedClock.vue';
import AnswerTiles from './AnswerTiles.vue';
import type { TaskProps } from './task.ts';
import { useChoice } from './useChoice.ts';

const { item, open, light, shown } = defineProps<TaskProps<'choose-clock'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const options = item.options.map((picture, key) => ({
  key,
  picture,
  label: t('station.clockOf', { number: key + 1 }),
}));
const tiles = useChoice(answer);
defineExpose({ undo: tiles.undo });
</script>

<template>
  <AnswerTiles
    v-slot="{ option }"
    class="clocks"
    :options="options"
    :chosen="tiles.chosen()"
    several
    :open="open"
    :again="light.places ?? []"
    :right="tiles.right(shown)"
    :label="t('station.tapAll')"
    @choose="tiles.choose"
  >
    <JudgedClock :picture="item.options[option.key]!" label="" aria-hidden="true" />
  </AnswerTiles>
</template>

<style scoped>
.clocks :deep(.tile) {
  width: min(31vh, 26vw);
  aspect-ratio: 1;
  padding: 12px;
  border-radius: 50%;
}
@media (orientation: portrait) {
  .clocks :deep(.tile) {
    width: min(22vh, 40vw);
  }
}
</style>
