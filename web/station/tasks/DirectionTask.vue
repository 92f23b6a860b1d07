<!-- Which way round do the hands go? Two clocks with an arrow each way. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import { DIRECTIONS, type Direction } from '../../../core/clock/index.ts';
import { arcPath } from '../../../core/face/index.ts';
import type { Answer } from '../../../core/items/index.ts';
import ClockDial from '../../clock/ClockDial.vue';
import AnswerTiles from './AnswerTiles.vue';
import HelpLight from '../../clock/HelpLight.vue';
import type { TaskProps } from './task.ts';
import { useTiles } from './useTiles.ts';

const { open, light, shown } = defineProps<TaskProps<'direction'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
/** Three quarters of a turn, so that where it begins and ends can be seen. */
const ARC = { from: 20, to: 290, radius: 52 };
const options = DIRECTIONS.map((direction) => ({ key: direction, label: t(`station.way.${direction}`) }));
const tiles = useTiles<Direction>({
  answer,
  chosenIn: (one) => (one.kind === 'direction' ? [one.direction] : []),
  answerOf: ([direction]) => direction && { kind: 'direction', direction },
});
defineExpose({ undo: tiles.undo });
</script>

<template>
  <AnswerTiles
    v-slot="{ option }"
    :options="options"
    :chosen="tiles.chosen()"
    :open="open"
    :right="tiles.right(shown)"
    :label="t('station.tapOne')"
    @choose="tiles.choose"
  >
    <svg viewBox="-104 -104 208 208" class="way" aria-hidden="true">
      <ClockDial :lit="light.way ? 1 : undefined"><HelpLight :light="light" /></ClockDial>
      <g :transform="option.key === 'clockwise' ? '' : 'scale(-1 1)'">
        <g class="arrow" :class="option.key">
          <path :d="arcPath(ARC.from, ARC.to, ARC.radius)" />
          <path d="M0-12 20 0 0 12z" :transform="`rotate(${ARC.to}) translate(0 ${-ARC.radius})`" class="head" />
        </g>
      </g>
    </svg>
  </AnswerTiles>
</template>

<style scoped>
.way {
  display: block;
  width: min(38cqw, 80cqh);
}
.arrow {
  animation: turn 5s linear infinite;
}
.arrow path {
  fill: none;
  stroke: var(--plum);
  stroke-width: 9;
  stroke-linecap: round;
}
.arrow .head {
  fill: var(--plum);
  stroke: none;
}
@keyframes turn {
  to {
    transform: rotate(360deg);
  }
}
@media (prefers-reduced-motion: reduce) {
  .arrow {
    animation: none;
  }
}
</style>
