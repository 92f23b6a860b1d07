<!-- What one child has set, drawn, written or chosen, small or large: the answer itself, not whether it is right. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../../contract/index.ts';
import { regionOf } from '../../../core/asking/index.ts';
import type { ReadAnswer } from '../../../core/answers/index.ts';
import { pictureOf, type Item } from '../../../core/items/index.ts';
import type { Stroke } from '../../../core/strokes/index.ts';
import JudgedClock from '../../clock/JudgedClock.vue';
import DrawnClock from '../../clock/DrawnClock.vue';
import { useClockWords } from '../../words/useClockWords.ts';

const { item, read, ink, settings } = defineProps<{
  item: Item;
  read: ReadAnswer;
  /** Of a drawing the lines themselves: what was read of them is not what the child drew. */
  ink: readonly Stroke[] | undefined;
  settings: Settings;
}>();
const { t } = useI18n();
const words = useClockWords(() => settings);
const picture = computed(() => {
  if (read.kind === 'hands') return pictureOf({ hour: read.hour, minute: read.minute });
  if (read.kind === 'hour-angle') return { ...pictureOf({ hour: read.angle, minute: 0 }), handsDrawn: 'hour' as const };
  const [first] = read.kind === 'choice' ? read.chosen : [];
  return item.kind === 'choose-clock' && first !== undefined ? item.options[first] : undefined;
});
const text = computed(() => {
  switch (read.kind) {
    case 'writing':
      return read.text;
    case 'time':
      return words.said(read.time);
    case 'hour':
      return String(read.hour);
    case 'judgement':
      return read.possible || read.fault === undefined ? t('wall.possible') : t(`wall.fault.${regionOf(read.fault)}`);
    case 'yes-no':
      return t(read.yes ? 'wall.yes' : 'wall.notYet');
    case 'choice':
      return item.kind === 'choose-words' || item.kind === 'digits-to-words'
        ? read.chosen.map((place) => words.said(item.options[place]!)).join(', ')
        : '';
    default:
      return '';
  }
});
</script>

<template>
  <DrawnClock v-if="ink" :strokes="ink" :label="t('wall.drawing')" />
  <JudgedClock v-else-if="picture" :picture="picture" :label="t('wall.clock')" />
  <span v-else class="written child-type">{{ text }}</span>
</template>

<style scoped>
.written {
  width: 100%;
  height: 100%;
  display: grid;
  place-items: center;
  text-align: center;
  border-radius: var(--corner-board);
  background: var(--raised);
  font-size: 1.2em;
  line-height: 1.15;
  font-weight: 700;
}
</style>
