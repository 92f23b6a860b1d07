<!-- Where is the ...? Four pictures of a clock, a part strong in each. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { CLOCK_PARTS, type Answer, type ClockPart } from '../../../core/items/index.ts';
import { partName } from '../../../core/asking/index.ts';
import { timeOf } from '../../../core/clock/index.ts';
import SmallClock from '../../clock/SmallClock.vue';
import AnswerTiles from './AnswerTiles.vue';
import type { TaskProps } from './task.ts';
import { useTiles } from './useTiles.ts';

const { settings, open, shown } = defineProps<TaskProps<'name-part'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const AT = timeOf(10);
const options = CLOCK_PARTS.map((part) => ({ key: part, label: partName(part, settings) }));
const tiles = useTiles<ClockPart>({
  answer,
  chosenIn: (one) => (one.kind === 'part' ? [one.part] : []),
  answerOf: ([part]) => part && { kind: 'part', part },
});
defineExpose({ undo: tiles.undo });
</script>

<template>
  <AnswerTiles
    v-slot="{ option }"
    class="parts"
    :options="options"
    :chosen="tiles.chosen()"
    :open="open"
    :right="tiles.right(shown)"
    :columns="2"
    :label="t('station.tapOne')"
    @choose="tiles.choose"
  >
    <SmallClock :time="AT" size="full" :px="190" label="" :class="option.key" aria-hidden="true" />
  </AnswerTiles>
</template>

<style scoped>
.parts {
  gap: min(18px, var(--gap));
}
.parts :deep(.tile) {
  border-radius: 50%;
  padding: min(14px, 2cqmin);
}
/* All but the one part steps back. */
.parts :deep(.small-clock :is(.rim, .tick, .numerals, .hand, .cap, .pin)) {
  opacity: 0.16;
}
.parts :deep(.face .rim) {
  opacity: 1;
  fill: var(--half-turn);
  stroke-width: 6;
}
.parts :deep(.numerals :is(.numerals)),
.parts :deep(.hour-hand .hand.hour),
.parts :deep(.minute-hand .hand.minute) {
  opacity: 1;
}
.parts :deep(.small-clock) {
  width: min(40cqw, 38cqh);
  max-width: 190px;
  height: auto;
}
</style>
