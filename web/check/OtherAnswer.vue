<!-- Something else than what is offered: typed and said back, set by hand on a small clock, or drawn over. -->
<script setup lang="ts">
import { computed, nextTick, onMounted, ref, shallowRef, useTemplateRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { readEntry } from '../../core/checking/index.ts';
import { handAngles, type Hand, type HandAngles } from '../../core/clock/index.ts';
import { DRAWN_REACH, answersOf, timeOfItem, type Answer } from '../../core/items/index.ts';
import UnhookedClock from '../clock/UnhookedClock.vue';
import PillRow from '../look/PillRow.vue';
import DrawOver from './DrawOver.vue';
import type { Marking } from './useMarking.ts';

const { marking } = defineProps<{ marking: Marking }>();
const { t } = useI18n();
const field = useTemplateRef<HTMLInputElement>('field');
onMounted(() => void nextTick(() => field.value?.focus()));

const item = computed(() => marking.item.value!);
const conventions = computed(() => marking.entry.value.conventions);
const takes = computed(() => answersOf(item.value.kind));
const hasHands = computed(() =>
  takes.value.some((kind) => kind === 'drawn' || kind === 'hands' || kind === 'hour-angle'),
);
const canDraw = computed(() => takes.value.includes('strokes'));
const ways = computed(() => [
  'type' as const,
  ...(hasHands.value ? ['hands' as const] : []),
  ...(canDraw.value ? ['draw' as const] : []),
]);
const way = ref<'type' | 'hands' | 'draw'>('type');

const text = ref('');
const typed = computed(() => readEntry(item.value, text.value, marking.entry.value));
/** Hands begin at the right time: what was drawn is mostly near it. */
const angles = shallowRef<HandAngles>(handAngles(timeOfItem(item.value) ?? (0 as never)));
const only = computed(() => (takes.value.includes('hour-angle') ? ('hour' as const) : undefined));
const turn = (hand: Hand, angle: number): void => {
  angles.value = { ...angles.value, [hand]: angle };
};
/** Hands as drawn may be of one length, or swapped in length; then they are drawn over. */
const set = computed((): Answer => {
  const { hour, minute } = angles.value;
  if (only.value === 'hour') return { kind: 'hour-angle', angle: hour };
  if (takes.value.includes('hands')) return { kind: 'hands', hour, minute };
  return {
    kind: 'drawn',
    hands: [
      { angle: hour, reach: DRAWN_REACH.hour },
      { angle: minute, reach: DRAWN_REACH.minute },
    ],
  };
});
const drawn = shallowRef<Answer>();
const answer = computed(() => {
  if (way.value === 'type') return typed.value?.answer;
  return way.value === 'hands' ? set.value : drawn.value;
});
const echo = computed(() => {
  if (answer.value !== undefined) return marking.echo(answer.value);
  if (way.value === 'draw') return t('check.drawHint');
  return text.value.trim() === '' ? t(`check.typeHint.${takes.value[0]}`) : t('check.notUnderstood');
});
const take = (): void => {
  if (answer.value !== undefined) marking.markHere(answer.value);
};
const key = (event: KeyboardEvent): void => {
  if (event.key === 'Escape') marking.showElse(false);
  else if (event.key === 'Enter' && way.value === 'type' && !event.repeat) take();
  else return;
  event.preventDefault();
  event.stopPropagation();
};
</script>

<template>
  <div class="other" @keydown="key">
    <PillRow
      v-if="ways.length > 1"
      name="way"
      :label="t('check.elseHow')"
      :choices="ways.map((key) => ({ key, label: t(`check.way.${key}`) }))"
      :on="[way]"
      @choose="(key) => (way = key)"
    />
    <input
      v-if="way === 'type'"
      ref="field"
      v-model="text"
      class="sand-field child-type"
      maxlength="60"
      autocomplete="off"
      spellcheck="false"
      :aria-label="t('check.typed')"
      aria-describedby="check-echo"
    />
    <UnhookedClock
      v-else-if="way === 'hands'"
      class="clock"
      :angles="angles"
      :conventions="conventions"
      :only="only"
      :label="t('check.handsLabel')"
      @turn="turn"
    />
    <DrawOver v-else v-model="drawn" class="clock" />
    <p id="check-echo" class="echo" aria-live="polite">{{ echo }}</p>
    <div class="acts">
      <v-btn :height="48" :disabled="answer === undefined" @click="take">{{ t('check.take') }}</v-btn>
      <v-btn variant="text" :height="48" @click="marking.showElse(false)">{{ t('check.back') }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.other {
  display: grid;
  gap: 10px;
}
input {
  height: 52px;
  font-size: 24px;
}
.clock {
  width: 220px;
  height: 220px;
  justify-self: center;
}
.echo {
  min-height: 40px;
}
.acts {
  display: flex;
  gap: 8px;
}
</style>
