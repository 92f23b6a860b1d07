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
    :style="{ '--count': options.length }"
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
  width: min(46cqw, 46cqh);
  aspect-ratio: 1;
  padding: min(12px, var(--gap));
  border-radius: 50%;
}
/* All in a row where there is more width than height. */
@container (min-aspect-ratio: 1.5) {
  .clocks :deep(.tile) {
    width: min((100cqw - (var(--count) - 1) * var(--gap)) / var(--count) - 1px, 92cqh);
  }
}
</style>
