<!-- The board: a round when one is open, otherwise a clock to turn and everything that can be shown on it. -->
<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { lessonOfAddress } from '../plan/lessonOfAddress.ts';
import type { RoundSource, Settings, SmallGroup } from '../../contract/index.ts';
import { isEither, showOf } from '../../core/activities/index.ts';
import { inSchoolDay } from '../../core/clock/index.ts';
import { WRONG_RULES } from '../../core/misconceptions/index.ts';
import { isRoundItem } from '../../core/rounds/index.ts';
import ClockMoment from '../board/moments/ClockMoment.vue';
import TaskBoard from '../board/asking/TaskBoard.vue';
import FreeBoard from '../board/stage/FreeBoard.vue';
import { aimedAtGroup, aimedAtRule, type Aimed } from '../board/stage/aimed.ts';
import DemonstrationBoard from '../board/demonstrations/DemonstrationBoard.vue';
import EitherBoard from '../board/judging/EitherBoard.vue';
import PartsBoard from '../board/parts/PartsBoard.vue';
import { useBoardLink } from '../board/remote/useBoardLink.ts';
import RoundBoard from '../board/rounds/RoundBoard.vue';
import EmptyClockBoard from '../board/tools/EmptyClockBoard.vue';
import WhichOfBoard from '../board/tools/WhichOfBoard.vue';
import QuizBoard from '../board/tools/QuizBoard.vue';
import FromToBoard from '../board/tools/FromToBoard.vue';
import HowLongBoard from '../board/sorting/HowLongBoard.vue';
import PlaceDayBoard from '../board/sorting/PlaceDayBoard.vue';
import WhatFirstBoard from '../board/sorting/WhatFirstBoard.vue';
import { useClockMoments } from '../board/moments/useClockMoments.ts';
import { useBoardStore } from '../stores/board.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useStageStore } from '../stores/stage.ts';

const route = useRoute();
const router = useRouter();
const store = useClassroomStore();
const board = useBoardStore();
const stage = useStageStore();
stage.reset();
useBoardLink();

const settings = computed(() => store.classroom!.settings);
const lesson = computed(() => {
  return lessonOfAddress(route.params, store.classroom!.lessons);
});
const segment = computed(() => Number(route.query['segment'] ?? 0) || 0);
/** A segment that is no round, opened from the desk, is shown even while a round waits to be gone on with. */
const otherSegment = computed(
  () =>
    route.query['segment'] !== undefined &&
    lesson.value?.segments[segment.value] !== undefined &&
    lesson.value.segments[segment.value]!.kind !== 'show-me',
);

/** A round can be taken from the lesson of the board, or from today's where it is the plain one. */
const roundLesson = computed(() => lesson.value ?? store.lesson);

/** A part of a lesson opens what it is about, ready; `clock` in the address opens its times on the clock. */
watch(
  () => [lesson.value?.id, segment.value] as const,
  () => {
    const part = lesson.value?.segments[segment.value];
    if (route.query['segment'] === undefined || part === undefined) return;
    const show = route.query['clock'] === undefined ? showOf(lesson.value!.key, part.kind) : undefined;
    if (show === undefined) return stage.toClock();
    if (part.times[0] !== undefined) stage.minutes = inSchoolDay(part.times[0]);
    stage.beginShow(show);
  },
  { immediate: true },
);
/** Behind the last time of a part comes the next part; behind the last part, the desk. */
const nextPart = async (): Promise<void> => {
  const next = segment.value + 1;
  if (lesson.value?.segments[next] === undefined) return leave();
  await router.replace({ name: 'board', params: route.params, query: { segment: next } });
};

/** The group of the address, or so many after it, the first again behind the last; the first where the address names none that is there. */
const groupAt = (further: number): SmallGroup | undefined => {
  const { groups } = store.classroom!;
  const at = Math.max(
    0,
    groups.findIndex(({ id }) => String(id) === route.query['group']),
  );
  return groups[(at + further) % Math.max(1, groups.length)];
};
/** What shows a reason: the small group's, once its key was pressed or the desk opened it, or of a rule, opened from a child's page. */
const aimed = computed((): Aimed | undefined => {
  const group = groupAt(0);
  if (route.query['group'] !== undefined && group !== undefined) return aimedAtGroup(group);
  const rule = WRONG_RULES.find((one) => one === route.query['rule']);
  return rule && aimedAtRule(rule);
});
/** The first group, and with each further press the next one. */
const toGroup = (): Promise<unknown> => {
  const next = route.query['group'] === undefined ? groupAt(0) : groupAt(1);
  return router.replace({ name: 'board', params: route.params, query: { group: next?.id } });
};
/** Tasks of a part that children do by themselves: the board asks them as a tablet or a sheet does. */
const ownTasks = computed(() => {
  const part = lesson.value?.segments[segment.value];
  return part !== undefined && ['alone', 'ticket'].includes(part.kind) ? part.items.filter(isRoundItem) : [];
});

/** A round that ended while this board showed it stays to be looked at; an older one does not come back. */
const shownRound = ref<string>();
const round = computed(() => {
  const latest = board.round;
  if (latest === undefined) return undefined;
  if (latest.id === shownRound.value) return latest;
  return latest.closed || otherSegment.value ? undefined : latest;
});
const failed = ref(false);
const begin = async (source?: RoundSource): Promise<void> => {
  const target = lesson.value ?? store.lesson;
  if (target === undefined) return;
  try {
    await board.begin(target.id, source);
    stage.begin({ kind: 'clock' });
    shownRound.value = board.round?.id;
    // Loaded again, the page shows the round, not the part of the lesson it was begun from.
    if (route.query['segment'] !== undefined) await router.replace({ name: 'board', params: route.params });
    failed.value = false;
  } catch {
    failed.value = true;
  }
};
const leave = (): void => {
  const id = lesson.value?.id;
  if (id === undefined || id === store.lesson?.id) void router.push({ name: 'desk' });
  else void router.push({ name: 'lesson', params: { lesson: id } });
};
const { now: moment, putAway } = useClockMoments();
const saveSnap = (snap: Settings['snap']): Promise<void> =>
  store.saveSettings({ ...settings.value, snap }, store.classroom!.settings);
</script>

<template>
  <ClockMoment v-if="moment" :entry="moment" :settings="settings" @close="putAway" />
  <p v-if="failed" class="failed" role="alert">{{ $t('round.notBegun') }}</p>
  <template v-if="board.state">
    <RoundBoard
      v-if="round"
      :settings="settings"
      :round="round"
      :children="store.classroom!.children"
      :lesson="lesson"
      @vue:mounted="shownRound = round.id"
      @leave="leave"
      @again="begin()"
      @snap="saveSnap"
    />
    <DemonstrationBoard
      v-else-if="stage.activity.kind === 'demonstration'"
      :key="stage.activity.show"
      :settings="settings"
      :show="stage.activity.show"
      :lesson="roundLesson"
      @round="begin"
      @snap="saveSnap"
    />
    <QuizBoard v-else-if="stage.activity.kind === 'quiz'" :settings="settings" :lesson="roundLesson" />
    <WhichOfBoard v-else-if="stage.activity.kind === 'which-of'" :settings="settings" :lesson="roundLesson" />
    <EmptyClockBoard v-else-if="stage.activity.kind === 'empty-clock'" :settings="settings" :lesson="roundLesson" />
    <HowLongBoard v-else-if="stage.activity.kind === 'how-long'" :settings="settings" />
    <WhatFirstBoard
      v-else-if="stage.activity.kind === 'what-first'"
      :settings="settings"
      :routine="store.classroom!.day.routine"
    />
    <PartsBoard v-else-if="stage.activity.kind === 'parts'" :settings="settings" />
    <PlaceDayBoard
      v-else-if="stage.activity.kind === 'place-day'"
      :settings="settings"
      :routine="store.classroom!.day.routine"
    />
    <FromToBoard v-else-if="stage.activity.kind === 'from-to'" :settings="settings" />
    <EitherBoard
      v-else-if="isEither(stage.activity.kind)"
      :key="stage.activity.kind"
      :settings="settings"
      :kind="stage.activity.kind"
      :lesson="roundLesson"
    />
    <TaskBoard
      v-else-if="lesson && ownTasks.length > 0 && !aimed"
      :settings="settings"
      :lesson="lesson"
      :items="ownTasks"
      @past="nextPart"
      @round="begin"
      @leave="leave"
      @snap="saveSnap"
    />
    <FreeBoard
      v-else
      :settings="settings"
      :lesson="lesson"
      :round-lesson="roundLesson"
      :segment-index="segment"
      :aimed="aimed"
      @group="toGroup"
      @past="nextPart"
      @round="begin"
      @leave="leave"
      @snap="saveSnap"
    />
  </template>
</template>

<style scoped>
.failed {
  position: fixed;
  top: 12px;
  left: 50%;
  translate: -50%;
  z-index: 10;
  padding: 8px 18px;
  border-radius: 999px;
  background: var(--raised);
  box-shadow: var(--shadow);
  color: var(--berry);
  font-weight: 600;
}
</style>
