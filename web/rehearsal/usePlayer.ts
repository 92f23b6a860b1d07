import { useIntervalFn } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { Rehearsed } from '../../contract/index.ts';
import { DEFAULT_PACE } from '../../core/planning/index.ts';
import { secondsBefore, secondsHere } from '../../core/rehearsal/index.ts';
import { secondsHere as here } from './lessonClock.ts';
import { askOutside } from '../api/client.ts';
import { useBoardStore } from '../stores/board.ts';
import { useClassroomStore } from '../stores/classroom.ts';

/** How fast a rehearsal can run: as a lesson does, or so many times faster. */
export const SPEEDS = [1, 2, 5, 10, 30] as const;
export type Speed = (typeof SPEEDS)[number];

/** Milliseconds between two looks at the clock, and seconds of the lesson after which who is done answers. */
const LOOK_MS = 100;
const ANSWER_SECONDS = 1;

/** Lets a round run by itself: its children answer when they are done, and it goes on as its pace has it. */
export const usePlayer = () => {
  const board = useBoardStore();
  const store = useClassroomStore();
  const speed = ref<Speed>(5);
  const isPlaying = ref(false);
  /** Seconds of the lesson since the round began. */
  const total = ref(0);
  /** Seconds of the lesson up to which children have answered. */
  let answeredUpTo = 0;
  let isBusy = false;
  const pace = computed(() => store.classroom?.plan?.choices.pace ?? DEFAULT_PACE);
  const at = computed(() => board.openRound && `${board.openRound.id} ${board.openRound.version}`);
  watch(at, () => (here.value = 0));
  watch(
    () => board.openRound && `${board.openRound.id} ${board.openRound.index}`,
    () => (answeredUpTo = 0),
  );
  // One that ended stays on the board, with the time it took.
  watch(
    () => board.round?.id,
    () => (total.value = 0),
  );

  const answer = async (seconds: number): Promise<void> => {
    const { id, index } = board.openRound!;
    answeredUpTo = seconds;
    await askOutside(Rehearsed, 'POST', '/rehearsal/answers', { roundId: id, index, seconds });
  };
  /** One thing after another: what a look started is done before the next is. */
  const look = async (seconds: number): Promise<void> => {
    const round = board.openRound;
    if (round === undefined) return;
    const stay = secondsHere(round, pace.value);
    if (stay === undefined) return;
    const now = Math.min(seconds, stay - here.value);
    here.value += now;
    total.value += now;
    const asked = secondsBefore(round, pace.value) + here.value;
    const canAnswer = round.phase === 'think' || round.phase === 'show';
    const isOver = here.value >= stay - 1e-6;
    if (canAnswer && (asked >= answeredUpTo + ANSWER_SECONDS || isOver)) await answer(asked);
    if (isOver) await board.move('next', []);
  };
  useIntervalFn(() => {
    if (!isPlaying.value || isBusy) return;
    isBusy = true;
    look((speed.value * LOOK_MS) / 1000)
      // What is lost is tried again at the next look; the screen says that the server is away.
      .catch(() => undefined)
      .finally(() => (isBusy = false));
  }, LOOK_MS);
  return { speed, isPlaying, total };
};
