<!-- A round on the board: ask, think, show, reveal, who missed, next. Where it stands is kept by the server. -->
<script setup lang="ts">
import { mdiFlagCheckered, mdiReplay, mdiViewGridOutline } from '@mdi/js';
import { computed, ref, useTemplateRef, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import type { Child, Lesson, Round, Settings } from '../../../contract/index.ts';
import { answeredTime } from '../../../core/answers/index.ts';
import {
  hasMore,
  revealedParts,
  roundPhrase,
  timeAsked,
  type RoundMove,
  type RoundPace,
} from '../../../core/rounds/index.ts';
import { isRehearsing } from '../../api/place.ts';
import { secondsHere } from '../../rehearsal/lessonClock.ts';
import { useBoardStore } from '../../stores/board.ts';
import { useStageStore } from '../../stores/stage.ts';
import JudgedClock from '../../clock/JudgedClock.vue';
import BoardFrame from '../stage/BoardFrame.vue';
import type { Acts } from '../stage/useWishes.ts';
import AnswerCards from '../asking/AnswerCards.vue';
import ChooseClocks from '../asking/ChooseClocks.vue';
import TaskCard from '../asking/TaskCard.vue';
import { useAsked } from '../asking/useAsked.ts';
import { useAskedName } from '../asking/useAskedName.ts';
import ClockWall from './ClockWall.vue';
import LookBack from './LookBack.vue';
import RoundDone from './RoundDone.vue';
import RoundPlan from './RoundPlan.vue';
import ShowCount from './ShowCount.vue';
import ThinkDial from './ThinkDial.vue';
import ThinkRing from './ThinkRing.vue';
import WhoMissed from './WhoMissed.vue';
import { useTaps } from './useTaps.ts';
import RoundWall from '../wall/RoundWall.vue';

const { settings, round, children, lesson } = defineProps<{
  settings: Settings;
  round: Round;
  children: readonly Child[];
  lesson: Lesson | undefined;
}>();
const emit = defineEmits<{ leave: []; again: []; snap: [minutes: Settings['snap']] }>();
const { t } = useI18n();
const board = useBoardStore();
const stage = useStageStore();
const clock = useTemplateRef('clock');
const { answers, stateOf, toggleMissed, toggleAway, allRight, taps } = useTaps(() => children);

const item = computed(() => round.entries[round.index]!.item);
const {
  words,
  time: asked,
  said: asksFor,
  plain,
  digits,
  ask,
  handsAnswer: turns,
  room: roomOf,
} = useAsked(
  () => item.value,
  () => settings,
  () => round.prompt,
);
/** A task of the round that is over, looked back at. */
const lookedAt = ref<number>();
const nameOf = useAskedName(() => settings);
/** The clock that is to be judged now, or looked back at. */
const judged = computed(() => {
  const one = lookedAt.value === undefined ? item.value : round.entries[lookedAt.value]!.item;
  return one.kind === 'judge-clock' ? one.clock : undefined;
});
const isShown = computed(() => ['reveal', 'missed', 'done'].includes(round.phase));

/** The reveal turns the hands for the last hour up to the time: once round, and the hour hand creeps on one. */
const REVEAL_MS = 1800;
watch(
  [() => round.id, () => round.index, isShown, () => round.replays],
  ([, , shows, replays], before) => {
    const fresh = shows && (before[2] === false || (before[3] !== undefined && replays !== before[3]));
    if (fresh && round.phase === 'reveal' && turns.value)
      void clock.value?.turnTo(asked.value, REVEAL_MS, asked.value - 60);
    else stage.minutes = asked.value;
  },
  { immediate: true },
);

const tablets = computed(() => answers.value.filter(({ source }) => source !== 'teacher'));
const tabletTotal = computed(
  () => new Set([...(board.state?.stations ?? []), ...tablets.value.map(({ childId }) => childId)]).size,
);
const wall = computed(() => tablets.value.flatMap(({ read }) => answeredTime(read) ?? []));
/** The wall stands where the clock is, when the teacher wants it. */
const wallOn = ref(isRehearsing);
const toggleWall = (): void => {
  wallOn.value = !wallOn.value;
};
const say = computed(() => words.phrase(roundPhrase(item.value, round, settings)));

/** Who missed it stands on the remote alone, where there is one and the class wants it so. */
const isOnRemote = computed(() => settings.missedOnWall === 'remote' && board.room.remotes > 0);

watch([() => round.id, () => round.phase], () => (lookedAt.value = undefined));
watch(lookedAt, (index) => {
  stage.minutes = (index === undefined ? undefined : timeAsked(round.entries[index]!.item)) ?? asked.value;
});

const failed = ref(false);
const tried = async (work: Promise<void>): Promise<void> => {
  try {
    await work;
    failed.value = false;
  } catch {
    failed.value = true;
  }
};
const move = (made: RoundMove): Promise<void> =>
  tried(board.move(made, round.phase === 'missed' && (made === 'next' || made === 'end') ? taps() : []));
const open = async (upTo: number): Promise<void> => {
  for (let at = round.revealed; at < upTo; at++) await move('next');
};
const next = (): void => {
  if (lookedAt.value !== undefined) lookedAt.value = undefined;
  else if (round.phase === 'done') emit('leave');
  else void move('next');
};
/** One key says that all who are here had it, and goes on. */
const allHadIt = (): void => {
  if (round.phase !== 'missed') return;
  allRight();
  void move('next');
};
const more = (): void => {
  if (round.phase === 'done' && hasMore(round)) void move('more');
};
const reorder = (order: readonly number[]): Promise<void> => tried(board.reorder(order));
const setPace = (pace: RoundPace): Promise<void> => tried(board.setPace(pace));
const missed = (childId: number): void => {
  if (round.phase === 'missed') toggleMissed(childId);
};
const back = (): void => {
  if (lookedAt.value !== undefined) lookedAt.value = undefined;
  else void move('back');
};
const replay = (): void => void move('replay');
const end = (): void => void move('end');
const keys = { r: replay, e: end, a: allHadIt, j: more, w: toggleWall };
const acts: Acts = {
  replay,
  'all-right': allHadIt,
  missed: (wish) => wish.do === 'missed' && missed(wish.childId),
};
const view = computed(() => ({
  mode: 'round' as const,
  title: plain.value,
  place: { index: round.index, count: round.entries.length },
  say: say.value,
  phase: round.phase,
  opened: [...revealedParts(item.value, round.revealed, settings)],
  children: round.phase === 'missed' ? children.map(({ id }) => ({ childId: id, state: stateOf(id) })) : [],
}));
const stones = computed(() => ({
  count: round.entries.length,
  index: round.index,
  done: round.phase === 'done',
  label: t('round.item', { number: round.index + 1, count: round.entries.length }),
}));
/** Questions of reading that are answered, where the class reads a clock. */
const questions = computed(() =>
  item.value.kind === 'read' && ['ask', 'think', 'show', 'reveal'].includes(round.phase) ? round.revealed : undefined,
);
const room = computed(() => ({
  ...roomOf(isShown.value, round.phase === 'done' ? '' : say.value),
  questions: questions.value,
}));
const extra = computed(() => [
  {
    key: 'wall',
    icon: mdiViewGridOutline,
    label: t(wallOn.value ? 'round.closeWall' : 'round.openWall'),
    act: toggleWall,
  },
  { key: 'replay', icon: mdiReplay, label: t('round.replay'), act: replay },
  { key: 'end', icon: mdiFlagCheckered, label: t('round.end'), act: end },
]);
</script>

<template>
  <BoardFrame
    ref="clock"
    :settings="settings"
    :lesson="lesson"
    :view="view"
    :trays="['lenses', 'round', 'clock']"
    :extra="extra"
    :keys="keys"
    :acts="acts"
    :room="room"
    :stones="stones"
    :back="t('round.back')"
    :next="t('round.next')"
    :data-phase="round.phase"
    :data-task="item.kind"
    @leave="emit('leave')"
    @back="back"
    @next="next"
    @step="(by) => isShown && clock?.stepBy(by)"
    @snap="(snap) => emit('snap', snap)"
  >
    <template v-if="wallOn" #clock>
      <RoundWall :round="round" :children="children" :settings="settings" />
    </template>
    <template v-else-if="judged" #clock>
      <JudgedClock :picture="judged" :label="t('judge.clock')" />
    </template>
    <template v-else-if="item.kind === 'choose-clock' && lookedAt === undefined" #clock>
      <ChooseClocks
        :options="item.options"
        :time="asked"
        :shown="(round.phase === 'reveal' && round.revealed > 0) || round.phase === 'missed' || round.phase === 'done'"
      />
    </template>
    <template v-if="stage.tray === 'round'" #tray>
      <RoundPlan :round="round" :settings="settings" @order="reorder" @pace="setPace" />
    </template>

    <LookBack
      v-if="round.phase === 'done' && lookedAt !== undefined"
      :round="round"
      :index="lookedAt"
      :children="children"
      :names="settings.missedOnWall === 'names'"
      :name-of="nameOf"
      @back="lookedAt = undefined"
    />
    <RoundDone
      v-else-if="round.phase === 'done'"
      :round="round"
      :counts="board.state?.counts ?? []"
      :name-of="nameOf"
      @again="emit('again')"
      @leave="emit('leave')"
      @more="more"
      @look="(index) => (lookedAt = index)"
    />
    <template v-else-if="round.phase === 'missed'">
      <ClockWall v-if="wall.length > 0" :times="wall" :written="words.written" />
      <p v-if="isOnRemote" class="on-remote child-type">{{ t('round.onRemote') }}</p>
      <WhoMissed
        v-else
        :names="settings.missedOnWall === 'names'"
        :children="children"
        :state-of="stateOf"
        @missed="toggleMissed"
        @away="toggleAway"
        @all-right="allHadIt"
      />
    </template>
    <AnswerCards
      v-else-if="round.phase === 'reveal'"
      :item="item"
      :settings="settings"
      :revealed="round.revealed"
      :ask="ask"
      :say="say"
      :compact="stage.lenses.includes('magnifier') || stage.hasQuestions"
      @open="open"
    />
    <template v-else>
      <TaskCard :ask="plain" :said="asksFor" :digits="digits" />
      <div class="stage">
        <ThinkDial
          v-if="round.phase === 'think' && isRehearsing"
          :passed="Math.min(1, secondsHere / round.thinkSeconds)"
          :seconds="round.thinkSeconds"
        />
        <ThinkRing
          v-else-if="round.phase === 'think'"
          :key="`${round.version} ${round.thinkSeconds}`"
          :began="round.phaseSince - board.clockOffset"
          :seconds="round.thinkSeconds"
          @over="move('next')"
        />
        <ShowCount
          v-else-if="round.phase === 'show'"
          :key="round.version"
          :began="round.phaseSince - board.clockOffset"
          :countdown="round.countdown"
        />
      </div>
    </template>

    <template #foot>
      <p v-if="failed" class="failed" role="alert">{{ t('round.lost') }}</p>
      <p v-else-if="tabletTotal > 0 && round.phase !== 'missed' && round.phase !== 'done'" class="count" role="status">
        {{ t('round.answered', { count: tablets.length, total: tabletTotal }) }}
      </p>
    </template>
  </BoardFrame>
</template>

<style scoped>
.on-remote {
  margin: auto;
  text-align: center;
  font-size: calc(var(--u) * 32);
  line-height: 1.3;
}
.stage {
  flex: 1;
  display: grid;
  place-items: center;
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
