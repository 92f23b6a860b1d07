<!-- What the round still asks, to put in another order or leave out; and how it is run. -->
<script setup lang="ts">
import { mdiClose, mdiDragVertical } from '@mdi/js';
import { computed, nextTick, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import type { Round, Settings } from '../../../contract/index.ts';
import { MOST_THINK_SECONDS, type RoundPace } from '../../../core/rounds/index.ts';
import { PROMPTS, askPhrase } from '../../../core/asking/index.ts';
import AskedPicture from '../asking/AskedPicture.vue';
import { useAskedName } from '../asking/useAskedName.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import PillRow from '../../look/PillRow.vue';
import TrayBox from '../trays/TrayBox.vue';

const { round, settings } = defineProps<{ round: Round; settings: Settings }>();
const emit = defineEmits<{ order: [places: number[]]; pace: [pace: RoundPace] }>();
const { t } = useI18n();
const words = useClockWords(() => settings);
const nameOf = useAskedName(() => settings);
const list = ref<{ readonly $el: HTMLElement }>();

interface Row {
  /** Its place in the round. */
  readonly place: number;
  readonly entry: Round['entries'][number];
}
const rows = computed({
  get: (): Row[] => round.entries.map((entry, place) => ({ place, entry })).filter(({ place }) => place > round.index),
  set: (moved: Row[]) =>
    emit(
      'order',
      moved.map(({ place }) => place),
    ),
});
const moveBy = async (from: number, by: number): Promise<void> => {
  const to = from + by;
  if (to < 0 || to >= rows.value.length) return;
  const moved = [...rows.value];
  const [row] = moved.splice(from, 1);
  moved.splice(to, 0, row!);
  rows.value = moved;
  // The grip goes along, to be moved on.
  await nextTick();
  list.value?.$el.querySelectorAll<HTMLElement>('.grip')[to]?.focus();
};
const key = (event: KeyboardEvent, from: number): void => {
  const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
  if (by === 0) return;
  event.preventDefault();
  void moveBy(from, by);
};
const leaveOut = (place: number): void => {
  rows.value = rows.value.filter((row) => row.place !== place);
};
const pace = (change: Partial<RoundPace>): void => {
  const { thinkSeconds, countdown, repeatMissed, prompt } = round;
  emit('pace', { thinkSeconds, countdown, repeatMissed, prompt, ...change });
};
const THINK_STEP = 5;
</script>

<template>
  <TrayBox class="round-plan" :title="t('roundPlan.title')">
    <label class="think">
      <span>{{ t('roundPlan.think') }}</span>
      <input
        type="range"
        min="0"
        :max="MOST_THINK_SECONDS"
        :step="THINK_STEP"
        :value="round.thinkSeconds"
        @change="pace({ thinkSeconds: Number(($event.target as HTMLInputElement).value) })"
      />
      <output>{{ t('roundPlan.seconds', { count: round.thinkSeconds }) }}</output>
    </label>
    <label class="check">
      <input type="checkbox" :checked="round.countdown" @change="pace({ countdown: !round.countdown })" />
      {{ t('roundPlan.countdown') }}
    </label>
    <label class="check">
      <input type="checkbox" :checked="round.repeatMissed" @change="pace({ repeatMissed: !round.repeatMissed })" />
      {{ t('roundPlan.repeat') }}
    </label>
    <PillRow
      name="prompt"
      :label="t('emptyClock.asked')"
      :choices="PROMPTS.map((key) => ({ key, label: t(`roundPlan.prompt.${key}`) }))"
      :on="[round.prompt]"
      @choose="(prompt) => pace({ prompt })"
    />
    <p v-if="rows.length === 0" class="quiet">{{ t('roundPlan.none') }}</p>
    <VueDraggable v-else ref="list" v-model="rows" tag="ol" handle=".grip" :animation="180">
      <li v-for="({ place, entry }, i) in rows" :key="place" :data-place="place">
        <button
          type="button"
          class="round-button grip"
          :aria-label="t('roundPlan.grip', { task: words.phrase(askPhrase(entry.item, settings)) })"
          @keydown="key($event, i)"
        >
          <v-icon :icon="mdiDragVertical" />
        </button>
        <AskedPicture :item="entry.item" :px="36" />
        <span class="ask">
          <strong class="time-type">{{ nameOf(entry.item) }}</strong>
          {{ words.phrase(askPhrase(entry.item, settings)) }}
        </span>
        <button
          type="button"
          class="round-button"
          :aria-label="t('roundPlan.leaveOut', { time: nameOf(entry.item) })"
          :title="t('roundPlan.leaveOut', { time: nameOf(entry.item) })"
          @click="leaveOut(place)"
        >
          <v-icon :icon="mdiClose" size="20" />
        </button>
      </li>
    </VueDraggable>
  </TrayBox>
</template>

<style scoped>
.round-button {
  flex: none;
  width: 48px;
  height: 48px;
  border-radius: 50%;
  display: grid;
  place-items: center;
}
.round-button:hover {
  background: var(--plum-tint);
}
.grip {
  cursor: grab;
  touch-action: none;
}
.think {
  display: grid;
  grid-template-columns: auto 1fr 5em;
  align-items: center;
  gap: 10px;
  min-height: 48px;
}
.think output {
  text-align: right;
}
input {
  accent-color: var(--plum);
}
.check {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
}
.check input {
  width: 22px;
  height: 22px;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 52px;
  border-radius: var(--corner);
}
.ask {
  flex: 1;
  min-width: 0;
}
.ask strong {
  margin-right: 6px;
}
</style>
