<!-- How long from here to there? Two clocks; the first one's hands go the way, and its turns are counted; then the answer. -->
<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { mdiArrowRightThin, mdiPlay } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { v4 as newId } from 'uuid';
import type { Settings } from '../../../contract/index.ts';
import { endOf, fromTos, turnsIn, wayPhrase } from '../../../core/activities/index.ts';
import { sectorPath } from '../../../core/face/index.ts';
import { seedFromText, seededRng } from '../../../core/common/index.ts';
import SmallClock from '../../clock/SmallClock.vue';
import { useTurning } from '../../clock/useTurning.ts';
import { useStageStore } from '../../stores/stage.ts';
import { useClockWords } from '../../words/useClockWords.ts';
import AnswerCover from '../cards/AnswerCover.vue';
import BoardFrame from '../stage/BoardFrame.vue';

const { settings } = defineProps<{ settings: Settings }>();
const { t } = useI18n();
const stage = useStageStore();
const words = useClockWords(() => settings);

const HOW_MANY = 8;
const ways = fromTos(seededRng(seedFromText(newId())), HOW_MANY);
const index = ref(0);
const way = computed(() => ways[index.value]!);
const to = computed(() => endOf(way.value));
/** Minutes the first clock has gone. */
const gone = ref(0);
const open = ref(false);
const { turnTo, stop } = useTurning(gone);
/** A turn takes as long as a class needs to say "one hour". */
const TURN_MS = 1500;
const play = async (): Promise<void> => {
  const { minutes } = way.value;
  await turnTo(minutes, (minutes / 60) * TURN_MS, 0);
};
const begin = (): void => {
  stop();
  gone.value = 0;
  open.value = false;
};
watch(index, begin);
const isThere = computed(() => gone.value >= way.value.minutes);
const next = (): void => {
  if (open.value) {
    if (index.value + 1 < ways.length) index.value += 1;
    else stage.toClock();
  } else if (isThere.value) open.value = true;
  else if (gone.value === 0) void play();
};
const back = (): void => {
  if (gone.value > 0 || open.value) begin();
  else index.value = Math.max(0, index.value - 1);
};
/** The time the first clock has come to. */
const now = computed(() => endOf({ from: way.value.from, minutes: gone.value }));
/** The turns so far, as dials that fill. */
const turns = computed(() => {
  const { whole, share } = turnsIn(Math.round(gone.value));
  return [...Array.from({ length: whole }, () => 1), ...(share > 0 ? [share] : [])];
});
const said = computed(() => words.phrase(wayPhrase(way.value.minutes)));
const ask = computed(() =>
  words.phrase({ key: 'clock.way.ask', values: { from: words.said(way.value.from), to: words.said(to.value) } }),
);
const view = computed(() => ({
  mode: 'clock' as const,
  title: t('show.from-to'),
  place: { index: index.value, count: ways.length },
  say: open.value ? said.value : ask.value,
}));
const stones = computed(() => ({
  count: ways.length,
  index: index.value,
  label: t('round.item', { number: index.value + 1, count: ways.length }),
}));
const extra = computed(() => [{ key: 'play', icon: mdiPlay, label: t('fromTo.play'), act: () => void play() }]);
</script>

<template>
  <BoardFrame
    :settings="settings"
    :view="view"
    :trays="['show']"
    :extra="extra"
    :acts="{ stop: stage.toClock, cover: begin }"
    :room="{ wide: true }"
    :stones="stones"
    :back="t('round.back')"
    :next="t('fromTo.next')"
    data-activity="from-to"
    :data-from="way.from"
    :data-way="way.minutes"
    :data-gone="Math.round(gone)"
    over-clock
    @back="back"
    @next="next"
  >
    <p class="ask child-type">{{ ask }}</p>
    <div class="two">
      <figure>
        <SmallClock
          class="large"
          :time="way.from + gone"
          :px="400"
          size="full"
          :label="t('fromTo.from', { time: words.said(way.from) })"
        />
        <figcaption class="child-type">{{ words.written(now) }}</figcaption>
      </figure>
      <v-icon :icon="mdiArrowRightThin" class="arrow" aria-hidden="true" />
      <figure>
        <SmallClock class="large" :time="to" :px="400" size="full" :label="t('fromTo.to', { time: words.said(to) })" />
        <figcaption class="child-type">{{ words.written(to) }}</figcaption>
      </figure>
      <div class="beside">
        <div
          class="turns"
          role="img"
          :aria-label="t('fromTo.turns', { turns: turns.reduce((sum, one) => sum + one, 0) })"
        >
          <svg v-for="(share, i) in turns" :key="i" viewBox="-104 -104 208 208" aria-hidden="true" class="turn">
            <circle r="98" />
            <path :d="sectorPath(share, 92)" />
          </svg>
        </div>
        <AnswerCover :said="said" :open="open" @open="open = true" />
      </div>
    </div>
  </BoardFrame>
</template>

<style scoped>
.ask {
  font-size: calc(var(--u) * 44);
  line-height: 1.15;
  font-weight: 700;
  text-wrap: balance;
}
.two {
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto minmax(0, 1fr) calc(var(--u) * 300);
  align-items: center;
  gap: calc(var(--u) * 20);
}
figure {
  min-width: 0;
  display: grid;
  justify-items: center;
  gap: calc(var(--u) * 10);
}
.large {
  width: min(100%, calc(var(--u) * 470));
  height: auto;
  aspect-ratio: 1;
}
figcaption {
  font-size: calc(var(--u) * 48);
  line-height: 1.15;
  font-weight: 700;
}
.arrow {
  font-size: calc(var(--u) * 90);
  color: var(--plum);
}
.beside {
  height: 100%;
  display: flex;
  flex-direction: column;
  gap: calc(var(--u) * 16);
}
.turns {
  min-height: calc(var(--u) * 170);
  display: flex;
  flex-wrap: wrap;
  align-content: flex-start;
  gap: calc(var(--u) * 10);
}
/* The minute hand's own colour: these are its turns. */
.turn {
  width: calc(var(--u) * 72);
  height: calc(var(--u) * 72);
}
.turn circle {
  fill: none;
  stroke: var(--minute-hand);
  stroke-width: 8;
}
.turn path {
  fill: var(--minute-hand);
}
</style>
