<!-- What comes first? Pictures of the day are tapped in order; each shows its number. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Answer } from '../../../core/items/index.ts';
import { EVENT_PICTURES } from '../../../core/pictures/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import AnswerTiles from './AnswerTiles.vue';
import type { TaskProps } from './task.ts';

const { item, settings, open, light, shown } = defineProps<TaskProps<'day-order'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const words = useClockWords(() => settings);
const options = item.events.map((event, key) => ({
  key,
  label: words.phrase({ key: `clock.dayEvents.${event}`, values: {} }),
}));
const laid = computed((): readonly number[] => {
  const from = shown ?? answer.value;
  return from?.kind === 'order' ? from.order : [];
});
/** Handed in when every picture has its number; before that it is kept as far as it goes. */
const choose = (order: readonly number[]): void => {
  answer.value = order.length === 0 ? undefined : { kind: 'order', order };
};
defineExpose({ undo: () => choose(laid.value.slice(0, -1)) });
</script>

<template>
  <AnswerTiles
    v-slot="{ option }"
    class="events"
    :options="options"
    :chosen="laid"
    several
    :open="open"
    :again="light.places ?? []"
    :right="shown === undefined ? [] : laid"
    :columns="2"
    :label="t('station.tapInOrder')"
    @choose="choose"
  >
    <span class="number" aria-hidden="true">{{ laid.includes(option.key) ? laid.indexOf(option.key) + 1 : '' }}</span>
    <img :src="`/pictures/${EVENT_PICTURES[item.events[option.key]!]}.svg`" alt="" draggable="false" />
    <span class="event">{{ option.label }}</span>
  </AnswerTiles>
</template>

<style scoped>
.events :deep(.tile) {
  position: relative;
  width: min(46cqw, 240px);
  padding: min(10px, var(--gap));
}
img {
  width: min(20cqh, 130px);
  height: min(20cqh, 130px);
}
.event {
  font-size: var(--say-type);
}
.number {
  position: absolute;
  left: 10px;
  top: 6px;
  min-width: calc(var(--tap) * 0.6);
  min-height: calc(var(--tap) * 0.6);
  display: grid;
  place-items: center;
  border-radius: 50%;
  background: var(--sand);
  font-size: calc(var(--type) * 0.93);
}
</style>
