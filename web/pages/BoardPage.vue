<!-- The board: a round when one is open, otherwise a clock to turn. -->
<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Settings } from '../../contract/index.ts';
import ClockMoment from '../board/ClockMoment.vue';
import FreeBoard from '../board/FreeBoard.vue';
import RoundBoard from '../board/RoundBoard.vue';
import { useClockMoments } from '../board/useClockMoments.ts';
import { useBoardStore } from '../stores/board.ts';
import { useClassroomStore } from '../stores/classroom.ts';

const route = useRoute();
const router = useRouter();
const store = useClassroomStore();
const board = useBoardStore();

const lesson = computed(() => {
  const number = Number(route.params['number']);
  return store.classroom!.lessons.find((candidate) => candidate.number === number);
});
const segment = computed(() => Number(route.query['segment'] ?? 0) || 0);
/** A segment that is no round, opened from the desk, is shown even while a round waits to be gone on with. */
const otherSegment = computed(
  () =>
    route.query['segment'] !== undefined &&
    lesson.value?.segments[segment.value] !== undefined &&
    lesson.value.segments[segment.value]!.kind !== 'show-me',
);

/** A round that ended while this board showed it stays to be looked at; an older one does not come back. */
const shownRound = ref<string>();
const round = computed(() => {
  const latest = board.round;
  if (latest === undefined || otherSegment.value) return undefined;
  return !latest.closed || latest.id === shownRound.value ? latest : undefined;
});
const begin = async (): Promise<void> => {
  const target = lesson.value ?? store.lesson;
  if (target === undefined) return;
  await board.begin(target.id);
  shownRound.value = board.round?.id;
};
const leave = (): void => {
  const number = lesson.value?.number;
  if (number === undefined || number === store.lesson?.number) void router.push({ name: 'desk' });
  else void router.push({ name: 'lesson', params: { number } });
};
const { now: moment, putAway } = useClockMoments();
const saveSnap = (snap: Settings['snap']): Promise<void> => store.saveSettings({ ...store.classroom!.settings, snap });
</script>

<template>
  <ClockMoment v-if="moment" :entry="moment" :settings="store.classroom!.settings" @close="putAway" />
  <template v-if="board.state">
    <RoundBoard
      v-if="round"
      :settings="store.classroom!.settings"
      :round="round"
      :children="store.classroom!.children"
      @vue:mounted="shownRound = round.id"
      @leave="leave"
      @again="begin"
    />
    <FreeBoard
      v-else
      :settings="store.classroom!.settings"
      :lesson="lesson"
      :segment-index="segment"
      @round="begin"
      @leave="leave"
      @snap="saveSnap"
    />
  </template>
</template>
