<!-- Can a clock look like this? It can; or the child taps what is wrong: a number, or a hand. -->
<script setup lang="ts">
import { mdiCheckBold } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { timeOf } from '../../../core/clock/index.ts';
import { NUMERALS } from '../../../core/face/index.ts';
import type { Answer } from '../../../core/items/index.ts';
import { judgementAt, regionOf, type ClockRegion } from '../../../core/asking/index.ts';
import JudgedClock from '../../clock/JudgedClock.vue';
import SmallClock from '../../clock/SmallClock.vue';
import MdiIcon from '../MdiIcon.vue';
import AnswerTiles from './AnswerTiles.vue';
import HelpLight from '../../clock/HelpLight.vue';
import TaskPanes from './TaskPanes.vue';
import type { TaskProps } from './task.ts';
import { useTiles } from './useTiles.ts';

const { item, open, light, shown } = defineProps<TaskProps<'judge-clock'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
type Said = 'possible' | ClockRegion;
const options = (['possible', 'numerals', 'hands'] as const).map((key) => ({ key, label: t(`station.judge.${key}`) }));
const saidIn = (one: Answer): readonly Said[] => {
  if (one.kind !== 'judgement') return [];
  if (one.possible) return ['possible'];
  return one.fault === undefined ? [] : [regionOf(one.fault)];
};
const tiles = useTiles<Said>({
  answer,
  chosenIn: saidIn,
  answerOf: ([said]) =>
    said && (said === 'possible' ? { kind: 'judgement', possible: true } : judgementAt(item.clock, said)),
});
/** Face units from the middle beyond which a finger means a number. */
const NUMBERS_FROM = NUMERALS.radius - 13;
const tap = (event: MouseEvent): void => {
  if (!open) return;
  const { left, top, width, height } = (event.currentTarget as HTMLElement).getBoundingClientRect();
  const reach = Math.hypot(event.clientX - left - width / 2, event.clientY - top - height / 2) / (width / 2 / 102);
  tiles.choose([reach >= NUMBERS_FROM ? 'numerals' : 'hands']);
};
/** What glows on the clock: what was tapped, or where help points. */
const glow = computed(() => {
  const [said] = shown === undefined ? tiles.chosen() : tiles.right(shown);
  const region = light.region ?? (said === 'possible' ? undefined : said);
  return region === undefined ? {} : { region };
});
defineExpose({ undo: tiles.undo });
</script>

<template>
  <TaskPanes>
    <template #clock>
      <JudgedClock :picture="item.clock" :label="t('station.judge.clock')" class="judged-task" @click="tap">
        <HelpLight :light="glow" />
      </JudgedClock>
    </template>
    <AnswerTiles
      v-slot="{ option }"
      class="sayings"
      :options="options"
      :chosen="tiles.chosen()"
      :open="open"
      :right="tiles.right(shown)"
      :label="t('station.tapOne')"
      @choose="tiles.choose"
    >
      <MdiIcon v-if="option.key === 'possible'" :path="mdiCheckBold" :px="64" />
      <SmallClock v-else :time="timeOf(10)" size="full" :px="96" label="" aria-hidden="true" :class="option.key" />
    </AnswerTiles>
  </TaskPanes>
</template>

<style scoped>
.judged-task {
  cursor: pointer;
}
.sayings :deep(.tile) {
  min-width: calc(1.55 * var(--tap));
  min-height: calc(1.55 * var(--tap));
}
.sayings :deep(svg) {
  max-width: calc(1.3 * var(--tap));
  height: auto;
}
.sayings :deep(.numerals :is(.hand, .cap, .pin)),
.sayings :deep(.hands :is(.numerals, .tick)) {
  opacity: 0.14;
}
</style>
