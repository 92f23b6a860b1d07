import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { Rest, Settings, StationRound, StationState, type ClassCode } from '../../contract/index.ts';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import type { Answer, Item } from '../../core/items/index.ts';
import type { Practised, Session } from '../../core/practice/index.ts';
import { get, post, tell } from '../api/client.ts';
import { createLatest } from '../api/latest.ts';
import { createKept } from './link/kept.ts';
import { RETRY_MS, codeOf, createLink } from './link/link.ts';
import { createQueue } from './link/queue.ts';
import { createSeat } from './link/seat.ts';
import { createStream } from './link/stream.ts';

/** Milliseconds an answer, and then what comes after it, may be on its way before the tablet goes on by itself. */
const REST_MS = 1000;

/** What a tablet knows: the class it is in, the round of now, and, through its parts, who sits here and what was answered. */
export const useStationStore = defineStore('station', () => {
  const kept = createKept();
  const link = createLink();
  const latest = createLatest();
  const queue = createQueue(kept);
  const state = shallowRef<StationState>();
  const round = shallowRef<StationRound | null>(null);
  const noClass = ref(false);
  /** Has the child begun an answer on its own that is not handed in yet? */
  const midTask = ref(false);

  const seat = createSeat({ kept, link, onChange: () => stream.join() });
  const stream = createStream({
    link,
    seat: seat.id,
    on: {
      round: (data) => (round.value = StationRound.nullable().parse(data)),
      settings: (data) => {
        settings = Settings.parse(data);
        if (state.value !== undefined) state.value = { ...state.value, settings };
      },
      classroom: () => void refresh(),
      away: () => void seat.forget(),
      again: () => void queue.sendAgain(),
    },
    onOpen: () => {
      void queue.sendAgain();
      void refresh();
    },
    onLost: () => void lookWhetherIn(),
    onUnknown: () => void refresh(),
  });

  /** As the stream told it last. */
  let settings: Settings | undefined;
  /**
   * What was just looked up. The round comes by the stream alone, and so do settings once it told them: a reply on its way may
   * be older than that.
   */
  const know = (found: StationState): void => {
    const fresh = { ...found, settings: settings ?? found.settings };
    state.value = fresh;
    noClass.value = link.needsCode.value = false;
    link.connected.value = true;
    void kept.set('state', fresh);
  };
  /** What was known before a reload; kept by an older Hoppel, it may lack a convention there is by now. */
  const before = async (): Promise<StationState | undefined> => {
    const known = await kept.get('state');
    return known && { ...known, settings: { ...DEFAULT_CONVENTIONS, ...known.settings } };
  };
  const load = async (): Promise<void> => {
    try {
      know(await get(StationState, '/station'));
    } catch (error) {
      const code = codeOf(error);
      noClass.value = code === 'no-class';
      link.needsCode.value = code === 'code-needed';
      link.connected.value = code !== undefined;
      // Without a network the tablet goes on with what it knew.
      if (code === undefined) state.value ??= await before();
      if (!link.needsCode.value) setTimeout(() => void load(), RETRY_MS);
    }
  };
  /** Looks again for what may have changed since; a lost reply leaves what was there. */
  const refresh = async (): Promise<void> => {
    try {
      const fresh = await latest(() => get(StationState, '/station'));
      if (fresh === undefined) return;
      know(fresh);
      await seat.lookAfter();
    } catch (error) {
      if (codeOf(error) === 'code-needed') shutOut();
    }
  };
  /** The class's pictures are asked for: until they were shown nothing is to be heard. */
  const shutOut = (): void => {
    link.needsCode.value = true;
    stream.close();
    link.connected.value = true;
  };
  /** Was the stream refused, and are the pictures to be shown anew? All else the stream's own tries find out. */
  const lookWhetherIn = async (): Promise<void> => {
    try {
      await get(StationState, '/station');
    } catch (error) {
      if (codeOf(error) === 'code-needed') shutOut();
    }
  };
  /** Shows the class's pictures. @returns whether they were the right ones @throws Unreachable */
  const enter = async (code: ClassCode): Promise<'in' | 'wrong' | 'wait'> => {
    try {
      await tell('POST', '/station/door', { code });
    } catch (error) {
      const why = codeOf(error);
      if (why === 'wrong-code') return 'wrong';
      if (why === 'too-many-tries') return 'wait';
      throw error;
    }
    await load();
    stream.join();
    void queue.flush();
    return 'in';
  };

  const answerRound = (to: StationRound, answer: Answer): void => {
    seat.hasAnswered(to, answer);
    queue.toRound(seat.child.value!.childId, to, answer);
  };
  const answerAlone = (lessonId: number, item: Item, attempt: number, answer: Answer): void =>
    queue.alone(seat.child.value!.childId, lessonId, item, attempt, answer);
  /** The rest of a session, made again once the server knows the answers so far; none where it does not say so in time. */
  const askRest = async (done: readonly Practised[]): Promise<Session | undefined> => {
    const here = seat.id();
    if (here === undefined || !(await queue.isThrough(REST_MS))) return undefined;
    const asked = done.map(({ item, verdict }) => ({ item, verdict }));
    return post(Rest, '/station/rest', { seat: here, asked }).then(
      ({ session }) => session,
      () => undefined,
    );
  };
  /** Lets the wall see what is being set; one that is lost is followed by the next. */
  const draft = (to: StationRound, answer: Answer): void => {
    const here = seat.id();
    if (here !== undefined)
      void tell('PUT', '/station/draft', { seat: here, roundId: to.id, index: to.index, answer }).catch(
        () => undefined,
      );
  };

  return {
    kept,
    state,
    round,
    noClass,
    midTask,
    needsCode: link.needsCode,
    connected: link.connected,
    /** Answers the server has not stored yet. */
    waiting: queue.waiting,
    child: seat.child,
    /** The child as the class knows it. */
    who: computed(() => state.value?.children.find(({ id }) => id === seat.child.value?.childId)),
    taken: seat.taken,
    load,
    enter,
    sit: seat.sit,
    bye: seat.bye,
    join: stream.join,
    answerRound,
    answerAlone,
    askRest,
    draft,
    ownAnswer: seat.answerTo,
  };
});
