<!-- A round on the board: ask, think, show, reveal, who missed, next. Where it stands is kept by the server. -->
<script setup lang="ts">
import { mdiArrowLeft, mdiArrowRight, mdiFlagCheckered, mdiFullscreen, mdiHomeOutline, mdiReplay } from '@mdi/js';
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Child, Round, Settings } from '../../contract/index.ts';
import { answeredTime } from '../../core/marking/index.ts';
import type { RoundMove } from '../../core/rounds/index.ts';
import { readingOrder } from '../../core/wording/index.ts';
import GearedClock from '../clock/GearedClock.vue';
import StoneRow from '../shell/StoneRow.vue';
import { useBoardStore } from '../stores/board.ts';
import { useClockWords } from '../stores/useClockWords.ts';
import BoardDock, { type DockAct } from './BoardDock.vue';
import BoardLayout from './BoardLayout.vue';
import ClockWall from './ClockWall.vue';
import RoundDone from './RoundDone.vue';
import TaskCard from './TaskCard.vue';
import ThinkRing from './ThinkRing.vue';
import TimeCards, { type CardPart } from './TimeCards.vue';
import WhoMissed from './WhoMissed.vue';
import { toggleFullscreen } from './fullscreen.ts';
import { useBoardKeys } from './useBoardKeys.ts';
import { useTaps } from './useTaps.ts';

const { settings, round, children } = defineProps<{ settings: Settings; round: Round; children: readonly Child[] }>();
const emit = defineEmits<{ leave: []; again: [] }>();
const { t } = useI18n();
const board = useBoardStore();
const words = useClockWords(() => settings);
const clock = useTemplateRef('clock');
const { answers, stateOf, toggleMissed, toggleAway, taps } = useTaps(() => children);

const asked = computed(() => round.times[round.index]!);
const showsHands = computed(() => ['reveal', 'missed', 'done'].includes(round.phase));
const minutes = ref<number>(asked.value);

/** The reveal turns the hands for the last hour up to the time: once round, and the hour hand creeps on one. */
const REVEAL_MS = 1800;
watch(
  [() => round.id, () => round.index, showsHands, () => round.replays],
  ([, , shows, replays], [, , shown, replayed]) => {
    const fresh = shows && (!shown || replays !== replayed);
    if (fresh && round.phase === 'reveal') void clock.value?.turnTo(asked.value, REVEAL_MS, asked.value - 60);
    else minutes.value = asked.value;
  },
);

const opened = computed((): ReadonlySet<CardPart> => new Set(readingOrder(settings).slice(0, round.revealed)));
const tablets = computed(() => answers.value.filter(({ source }) => source === 'tablet'));
const tabletTotal = computed(
  () => new Set([...(board.state?.stations ?? []), ...tablets.value.map(({ childId }) => childId)]).size,
);
const wall = computed(() => tablets.value.map(({ answer }) => answeredTime(answer)!));

const failed = ref(false);
const move = async (made: RoundMove): Promise<void> => {
  try {
    await board.move(made, round.phase === 'missed' && (made === 'next' || made === 'end') ? taps() : []);
    failed.value = false;
  } catch {
    failed.value = true;
  }
};
/** Opening a card by hand opens all up to it, in the reading order. */
const openCard = async (part: CardPart): Promise<void> => {
  const step = readingOrder(settings).indexOf(part) + 1;
  for (let at = round.revealed; at < step; at++) await move('next');
};
const next = (): void => {
  if (round.phase === 'done') emit('leave');
  else void move('next');
};
useBoardKeys(() => ({
  step: (by) => showsHands.value && clock.value?.stepBy(by),
  keys: {
    ' ': next,
    Backspace: () => void move('back'),
    r: () => void move('replay'),
    e: () => void move('end'),
    f: toggleFullscreen,
    Escape: () => emit('leave'),
  },
}));
const acts = computed((): DockAct[] => [
  { key: 'leave', icon: mdiHomeOutline, label: t('board.leave'), act: () => emit('leave') },
  { key: 'full', icon: mdiFullscreen, label: t('board.fullscreen'), act: toggleFullscreen },
  { key: 'end', icon: mdiFlagCheckered, label: t('round.end'), act: () => void move('end') },
  { key: 'replay', icon: mdiReplay, label: t('round.replay'), act: () => void move('replay') },
  { key: 'back', icon: mdiArrowLeft, label: t('round.back'), act: () => void move('back') },
  { key: 'next', icon: mdiArrowRight, label: t('round.next'), act: next, main: true },
]);
</script>

<template>
  <BoardLayout :data-phase="round.phase">
    <template #clock>
      <GearedClock
        ref="clock"
        v-model="minutes"
        :hands-on="showsHands"
        :snap="settings.snap"
        :conventions="settings"
        :label="t('board.clock')"
      />
    </template>
    <template #top>
      <StoneRow
        :count="round.times.length"
        :index="round.index"
        :done="round.phase === 'done'"
        :label="t('round.item', { number: round.index + 1, count: round.times.length })"
        class="stones"
      />
    </template>

    <RoundDone
      v-if="round.phase === 'done'"
      :round="round"
      :answers="board.state?.answers ?? []"
      :written="words.written"
      @again="emit('again')"
      @leave="emit('leave')"
    />
    <template v-else-if="round.phase === 'missed'">
      <ClockWall :times="wall" :written="words.written" />
      <WhoMissed :children="children" :state-of="stateOf" @missed="toggleMissed" @away="toggleAway" />
    </template>
    <TimeCards
      v-else-if="round.phase === 'reveal'"
      :time="asked"
      :conventions="settings"
      :opened="opened"
      @open="openCard"
    />
    <template v-else>
      <TaskCard :said="words.said(asked)" />
      <div class="stage">
        <ThinkRing
          v-if="round.phase === 'think'"
          :key="round.version"
          :began="round.phaseSince - board.clockOffset"
          @over="move('next')"
        />
        <p v-else-if="round.phase === 'show'" class="show child-type">{{ t('round.show') }}</p>
      </div>
    </template>

    <p v-if="failed" class="failed" role="alert">{{ t('round.lost') }}</p>
    <p v-else-if="tabletTotal > 0 && round.phase !== 'done'" class="count" role="status">
      {{ t('round.answered', { count: tablets.length, total: tabletTotal }) }}
    </p>
    <template #dock><BoardDock :acts="acts" /></template>
  </BoardLayout>
</template>

<style scoped>
.stones {
  height: 100%;
  width: 100%;
}
.stage {
  flex: 1;
  display: grid;
  place-items: center;
}
.show {
  font-size: calc(var(--u) * 110);
  font-weight: 700;
  color: var(--plum);
  line-height: 1;
}
.count {
  text-align: center;
  font-size: calc(var(--u) * 18);
  line-height: 1.3;
  color: var(--quiet);
}
.failed {
  color: var(--berry);
  font-weight: 600;
}
</style>
