<!-- What one child has set, drawn, written or chosen, small or large: the answer itself, not whether it is right. -->
<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Settings } from '../../../contract/index.ts';
import { regionOf } from '../../../core/asking/index.ts';
import { pictureOf, type Answer, type Item } from '../../../core/items/index.ts';
import JudgedClock from '../../clock/JudgedClock.vue';
import DrawnClock from '../../clock/DrawnClock.vue';
import { useClockWords } from '../../words/useClockWords.ts';

const { item, answer, settings } = defineProps<{ item: Item; answer: Answer; settings: Settings }>();
const { t } = useI18n();
const words = useClockWords(() => settings);
const picture = computed(() => {
  if (answer.kind === 'hands') return pictureOf({ hour: answer.hour, minute: answer.minute });
  if (answer.kind === 'hour-angle')
    return { ...pictureOf({ hour: answer.angle, minute: 0 }), handsDrawn: 'hour' as const };
  const [first] = answer.kind === 'choice' ? answer.chosen : [];
  return item.kind === 'choose-clock' && first !== undefined ? item.options[first] : undefined;
});
const text = computed(() => {
  switch (answer.kind) {
    case 'text':
      return answer.text;
    case 'time':
      return words.said(answer.time);
    case 'hour':
      return String(answer.hour);
    case 'judgement':
      return answer.possible || answer.fault === undefined
        ? t('wall.possible')
        : t(`wall.fault.${regionOf(answer.fault)}`);
    case 'yes-no':
      return t(answer.yes ? 'wall.yes' : 'wall.notYet');
    case 'choice':
      return item.kind === 'choose-words' || item.kind === 'digits-to-words'
        ? answer.chosen.map((place) => words.said(item.options[place]!)).join(', ')
        : '';
    default:
      return '';
  }
});
</script>

<template>
  <DrawnClock v-if="answer.kind === 'strokes'" :strokes="answer.strokes" :label="t('wall.drawing')" />
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
