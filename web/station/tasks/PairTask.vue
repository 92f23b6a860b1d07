<!-- What belongs together? Digits and words are put to clocks: tap one and then its place, or drag it there. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import type { Answer } from '../../../core/items/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import ShownClock from './ShownClock.vue';
import type { TaskProps } from './task.ts';

const { item, settings, open, light, shown } = defineProps<TaskProps<'pair'>>();
const answer = defineModel<Answer | undefined>({ required: true });
const { t } = useI18n();
const words = useClockWords(() => settings);

const KINDS = ['digits', 'words'] as const;
type Kind = (typeof KINDS)[number];
/** Nothing is put to a clock yet. */
const NONE = -1;
type Pairs = readonly Readonly<Record<Kind, number>>[];
const EMPTY: Pairs = item.times.map(() => ({ digits: NONE, words: NONE }));
const placed = ref<Pairs>(answer.value?.kind === 'pairs' ? answer.value.pairs : EMPTY);
const pairs = computed((): Pairs => (shown?.kind === 'pairs' ? shown.pairs : placed.value));

const textOf = (kind: Kind, place: number): string => {
  const order = kind === 'digits' ? item.digitsOrder : item.wordsOrder;
  const time = item.times[order[place]!]!;
  return kind === 'digits' ? words.written(time) : words.said(time);
};
const pool = (kind: Kind): number[] =>
  item.times.flatMap((_, place) => (pairs.value.some((pair) => pair[kind] === place) ? [] : [place]));

/** Handed in when every clock has both. */
const tell = (next: Pairs): void => {
  placed.value = next;
  const isWhole = next.every((pair) => KINDS.every((kind) => pair[kind] !== NONE));
  answer.value = isWhole ? { kind: 'pairs', pairs: next } : undefined;
};
const taken = ref<{ kind: Kind; place: number }>();
/** Puts a piece to a clock; what was there goes back, and where it was is empty. */
const put = (kind: Kind, place: number, clock: number): void => {
  taken.value = undefined;
  tell(
    placed.value.map((pair, i) => ({
      ...pair,
      [kind]: i === clock ? place : pair[kind] === place ? NONE : pair[kind],
    })),
  );
};
const take = (kind: Kind, place: number): void => {
  if (!open) return;
  const isTaken = taken.value?.kind === kind && taken.value.place === place;
  taken.value = isTaken ? undefined : { kind, place };
};
const tapSlot = (kind: Kind, clock: number): void => {
  if (!open) return;
  const there = pairs.value[clock]![kind];
  if (taken.value?.kind === kind) put(kind, taken.value.place, clock);
  else if (there !== NONE) tell(placed.value.map((pair, i) => (i === clock ? { ...pair, [kind]: NONE } : pair)));
};
const inSlot = (kind: Kind, clock: number): number[] => {
  const there = pairs.value[clock]![kind];
  return there === NONE ? [] : [there];
};
/** A piece was dragged in: of two in a slot the new one stays. */
const dropped = (kind: Kind, clock: number, list: readonly number[]): void => {
  const fresh = list.find((place) => place !== pairs.value[clock]![kind]);
  if (fresh !== undefined) put(kind, fresh, clock);
  else if (list.length === 0 && pairs.value[clock]![kind] !== NONE)
    tell(placed.value.map((pair, i) => (i === clock ? { ...pair, [kind]: NONE } : pair)));
};
defineExpose({
  undo: () => {
    taken.value = undefined;
    tell(EMPTY);
  },
});
</script>

<template>
  <div class="pair">
    <ul class="rows">
      <li v-for="(time, clock) in item.times" :key="clock" :class="{ again: light.places?.includes(clock) }">
        <div class="clock"><ShownClock :time="time" :settings="settings" /></div>
        <VueDraggable
          v-for="kind in KINDS"
          :key="kind"
          :model-value="inSlot(kind, clock)"
          :group="{ name: kind, pull: true, put: true }"
          :disabled="!open"
          :sort="false"
          class="slot"
          :class="[kind, { ready: taken?.kind === kind, right: shown }]"
          @update:model-value="(list: number[]) => dropped(kind, clock, list)"
        >
          <button
            v-for="place in inSlot(kind, clock).length > 0 ? inSlot(kind, clock) : [NONE]"
            :key="place"
            type="button"
            class="piece"
            :class="{ empty: place === NONE }"
            :aria-label="
              place === NONE
                ? t(`station.slot.${kind}`, { number: clock + 1 })
                : t('station.inSlot', { text: textOf(kind, place), number: clock + 1 })
            "
            :data-slot="`${kind} ${clock}`"
            @click="tapSlot(kind, clock)"
          >
            {{ place === NONE ? '' : textOf(kind, place) }}
          </button>
        </VueDraggable>
      </li>
    </ul>
    <div v-for="kind in KINDS" :key="kind" class="pool" :class="kind">
      <VueDraggable
        :model-value="pool(kind)"
        :group="{ name: kind, pull: true, put: true }"
        :disabled="!open"
        :sort="false"
        class="list"
      >
        <button
          v-for="place in pool(kind)"
          :key="place"
          type="button"
          class="piece"
          :aria-pressed="taken?.kind === kind && taken.place === place"
          :data-piece="`${kind} ${place}`"
          @click="take(kind, place)"
        >
          {{ textOf(kind, place) }}
        </button>
      </VueDraggable>
    </div>
  </div>
</template>

<style scoped>
.pair {
  width: 100%;
  height: 100%;
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto auto;
  gap: min(10px, var(--gap));
}
.rows {
  min-height: 0;
  display: grid;
  grid-template-rows: repeat(3, minmax(0, 1fr));
  gap: min(8px, var(--gap));
}
li {
  min-height: 0;
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(min(90px, 22%), 150px) minmax(0, 1fr) minmax(0, 1.4fr);
  align-items: center;
  gap: min(12px, var(--gap));
}
/* The rows share the height there is; a clock takes what its row has. */
.clock {
  position: relative;
  height: 100%;
}
.clock > * {
  position: absolute;
  inset: 0;
}
li.again {
  border-radius: var(--corner-board);
  background: rgba(233, 178, 60, 0.35);
}
.slot {
  min-height: calc(var(--tap) + 2px);
  border-radius: var(--corner-board);
}
.slot .piece {
  width: 100%;
}
.slot .piece.empty {
  background: none;
  box-shadow: inset 0 0 0 3px var(--pebble);
}
.slot.ready .piece.empty {
  box-shadow: inset 0 0 0 5px var(--plum);
}
.slot.right .piece {
  box-shadow: inset 0 0 0 6px var(--moss-6);
}
/* While a piece is dragged in, the empty place makes room. */
.slot .piece.empty:not(:only-child) {
  display: none;
}
.piece {
  min-height: var(--tap);
  min-width: min(110px, 1.48 * var(--tap));
  padding: 4px min(14px, var(--gap));
  border-radius: var(--corner-board);
  background: var(--raised);
  box-shadow: var(--shadow);
  font-size: calc(var(--type) * 0.87);
  line-height: 1.15;
  font-weight: 700;
  touch-action: none;
}
.piece[aria-pressed='true'] {
  box-shadow: inset 0 0 0 6px var(--plum);
}
.list {
  min-height: calc(var(--tap) + 4px);
  display: flex;
  justify-content: center;
  gap: min(12px, var(--gap));
}
</style>
