import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { v4 as newId } from 'uuid';
import {
  BoardCommand,
  BoardState,
  BoardView,
  Draft,
  Drafts,
  PileNews,
  RoomNews,
  RoundNews,
  type Round,
  type RoundPace,
  type RoundSource,
  type TeacherEvents,
} from '../../contract/index.ts';
import { onTablet, type OnTablet } from '../board/wall/onTablet.ts';
import type { RoundMove, Tap } from '../../core/rounds/index.ts';
import { Refused, get, post, put } from '../api/client.ts';
import { createTurns } from '../api/latest.ts';
import { listen } from '../api/live.ts';
import { usePlanStore } from './plan.ts';
import { useClassroomStore } from './classroom.ts';

/** The live state of the board: the round, its answers, the tablets. One stream for all of the teacher's screens. */
export const useBoardStore = defineStore('board', () => {
  const state = shallowRef<BoardState>();
  const connected = ref(true);
  /** Grows whenever the record changed, for screens that show it. */
  const recordVersion = ref(0);
  /** The server's clock minus this one, in milliseconds. */
  const clockOffset = ref(0);
  /** What the open board shows, for a remote; and the latest wish of a remote's, for the board. */
  const toldView = shallowRef<unknown>(null);
  // Read only where somebody looks at it: the board itself, while its hands turn, has no time for it.
  const view = computed(() => BoardView.nullable().parse(toldView.value));
  const command = shallowRef<BoardCommand>();
  /** What was marked last in a pile of paper, on any screen. */
  const piled = shallowRef<PileNews>();
  /** Grows whenever who sits at a tablet, or what was handed out, changed. */
  const tabletsVersion = ref(0);
  /** What of the tablets asks to be looked at. */
  const room = shallowRef<RoomNews>({ setAside: 0, tries: 0, remotes: 0, fileGone: false, clockWrong: false });
  /** What children are setting or drawing in the task of now, by child. */
  const drafts = shallowRef<ReadonlyMap<number, OnTablet>>(new Map());

  /** Was the server quicker with something newer? One that started again begins to count again. */
  const isOvertaken = ({ saidAs }: Pick<BoardState, 'saidAs'>): boolean =>
    state.value?.saidAs.run === saidAs.run && state.value.saidAs.seq > saidAs.seq;
  const take = (fresh: BoardState): void => {
    if (isOvertaken(fresh)) return;
    state.value = fresh;
    clockOffset.value = fresh.serverNow - Date.now();
  };
  const takeNews = ({ roundId, answer, count, saidAs }: RoundNews): void => {
    const now = state.value;
    if (now?.round?.id !== roundId || isOvertaken({ saidAs })) return;
    const others = now.answers.filter(({ childId }) => childId !== answer.childId);
    state.value = {
      ...now,
      answers: answer.index === now.round.index ? [...others, answer] : now.answers,
      counts: now.counts.map((one, index) => (index === answer.index ? count : one)),
      saidAs,
    };
  };
  const start = (): (() => void) =>
    listen<TeacherEvents>(
      '/live',
      {
        board: (data) => take(BoardState.parse(data)),
        answer: (data) => takeNews(RoundNews.parse(data)),
        record: () => (recordVersion.value += 1),
        view: (data) => (toldView.value = data),
        pile: (data) => (piled.value = PileNews.parse(data)),
        tablets: () => (tabletsVersion.value += 1),
        room: (data) => (room.value = RoomNews.parse(data)),
        drafts: (data) =>
          (drafts.value = new Map(
            Drafts.nullable()
              .parse(data)
              ?.drafts.map(({ childId, answer, read }) => [childId, onTablet(read, answer)]),
          )),
        draft: (data) => {
          const { childId, answer, read } = Draft.parse({
            childId: data.childId,
            answer: data.answer,
            read: data.read,
          });
          drafts.value = new Map([...drafts.value, [childId, onTablet(read, answer)]]);
        },
        command: (data) => (command.value = BoardCommand.parse(data)),
        settings: (data) => useClassroomStore().takeSettings(data),
        classroom: () => usePlanStore().lookOnceKept(),
      },
      (now) => {
        connected.value = now;
        if (!now) return;
        // What came in while nobody listened was not said: a page that was hidden, a server started anew.
        recordVersion.value += 1;
        tabletsVersion.value += 1;
      },
    );

  const round = computed(() => state.value?.round ?? undefined);
  const openRound = computed(() => (round.value?.closed === false ? round.value : undefined));

  /** Begins a round; without a source it is the lesson's show-me round. */
  const begin = async (lessonId: number, source?: RoundSource): Promise<void> =>
    take(await post(BoardState, '/rounds', { id: newId(), lessonId, ...(source && { source }) }));

  /** Moves follow each other: a quick second key press moves on from where the first arrived. */
  const inTurn = createTurns();
  /** Ids of taps on their way: a send tried again carries the same ones, so nothing is stored twice. */
  const tapIds = new Map<string, string>();
  const tapId = (...parts: readonly (string | number | boolean)[]): string => {
    const key = parts.join(' ');
    if (!tapIds.has(key)) tapIds.set(key, newId());
    return tapIds.get(key)!;
  };
  const sendTaps = async ({ id, index }: Round, taps: readonly Tap[]): Promise<void> => {
    const rows = taps.map((tap) => ({ ...tap, id: tapId(id, index, tap.childId, tap.got) }));
    take(await post(BoardState, `/rounds/${id}/taps`, { index, taps: rows }));
    tapIds.clear();
  };

  /** What the teacher remembers of a task that was asked before. */
  const tapLater = (index: number, taps: readonly Tap[]): Promise<void> =>
    inTurn(async () => {
      if (round.value !== undefined) await sendTaps({ ...round.value, index }, taps);
    });
  const move = (made: RoundMove, taps: readonly Tap[] = []): Promise<void> =>
    inTurn(async () => {
      const current = round.value;
      if (current === undefined) return;
      try {
        if (taps.length > 0) await sendTaps(current, taps);
        take(await post(BoardState, `/rounds/${current.id}/moves`, { move: made, version: current.version }));
      } catch (error) {
        // Another board moved first: show where the round is now.
        if (error instanceof Refused && error.status === 409) take(await get(BoardState, '/board'));
        else throw error;
      }
    });
  /** The coming tasks in another order, by their places; what is left out is not asked. */
  const reorder = (order: readonly number[]): Promise<void> =>
    inTurn(async () => {
      const current = round.value;
      if (current === undefined) return;
      try {
        take(await put(BoardState, `/rounds/${current.id}/order`, { order, version: current.version }));
      } catch (error) {
        if (error instanceof Refused && error.status === 409) take(await get(BoardState, '/board'));
        else throw error;
      }
    });
  const setPace = (pace: RoundPace): Promise<void> =>
    inTurn(async () => {
      if (round.value !== undefined) take(await put(BoardState, `/rounds/${round.value.id}/pace`, pace));
    });
  const setAway = (away: readonly number[]): Promise<void> =>
    inTurn(async () => {
      if (round.value !== undefined) take(await put(BoardState, `/rounds/${round.value.id}/away`, { away }));
    });

  return {
    state,
    connected,
    recordVersion,
    clockOffset,
    view,
    command,
    piled,
    tabletsVersion,
    room,
    drafts,
    round,
    openRound,
    start,
    begin,
    move,
    reorder,
    setPace,
    setAway,
    tapLater,
  };
});
