<!-- Which clock shows it? Clocks to circle, one or several; or one of clocks with hands and with digits, where a wrong one fades. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { pictureAt, type Answer, type ClockPicture } from '../../../core/items/index.ts';
import JudgedClock from '../../clock/JudgedClock.vue';
import { useClockWords } from '../../words/useClockWords.ts';
import AnswerTiles from './AnswerTiles.vue';
import type { TaskProps } from './task.ts';
import { useChoice } from './useChoice.ts';

const { item, settings, open, light, shown } = defineProps<TaskProps<'choose-clock' | 'which-of'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const words = useClockWords(() => settings);
/** The clocks with hands, by place; none in the place of one with digits. */
const pictures = computed((): readonly (ClockPicture | undefined)[] =>
  item.kind === 'which-of'
    ? item.options.map(({ time, form }) => (form === 'analog' ? pictureAt(time) : undefined))
    : item.options,
);
const digitsAt = (place: number): string =>
  item.kind === 'which-of' && pictures.value[place] === undefined ? words.written(item.options[place]!.time) : '';
const options = computed(() =>
  item.options.map((_, key) => ({ key, label: digitsAt(key) || t('station.clockOf', { number: key + 1 }) })),
);
const tiles = useChoice(answer);
defineExpose({ undo: tiles.undo });
</script>

<template>
  <AnswerTiles
    v-slot="{ option }"
    class="clocks"
    :class="{ ruling: item.kind === 'which-of' }"
    :style="{ '--count': options.length }"
    :options="options"
    :chosen="tiles.chosen()"
    :several="item.kind !== 'which-of'"
    :open="open"
    :again="light.places ?? []"
    :right="tiles.right(shown)"
    :label="t(item.kind === 'which-of' ? 'station.tapOne' : 'station.tapAll')"
    @choose="tiles.choose"
  >
    <strong v-if="digitsAt(option.key)" class="digits">{{ option.label }}</strong>
    <JudgedClock v-else :picture="pictures[option.key]!" label="" aria-hidden="true" />
  </AnswerTiles>
</template>

<style scoped>
.clocks :deep(.tile) {
  width: min(46cqw, 46cqh);
  aspect-ratio: 1;
  padding: min(12px, var(--gap));
  border-radius: 50%;
}
/* A wrong one that was tapped is out. */
.ruling :deep(.again) {
  opacity: 0.35;
}
.digits {
  padding: 0.18em 0.3em;
  border-radius: 0.2em;
  background: var(--ink);
  color: var(--paper);
  font-size: min(10cqw, 10cqh);
}
/* All in a row where there is more width than height. */
@container (min-aspect-ratio: 1.5) {
  .clocks :deep(.tile) {
    width: min((100cqw - (var(--count) - 1) * var(--gap)) / var(--count) - 1px, 92cqh);
  }
}
</style>
