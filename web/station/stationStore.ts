import { defineStore } from 'pinia';
import { until } from '@vueuse/core';
import { computed, ref, shallowRef } from 'vue';
import { v4 as newId } from 'uuid';
import {
  AnswerReply,
  HERE_MS,
  Rest,
  Settings,
  StationChild,
  StationRound,
  StationState,
  type ClassCode,
  type PostAnswer,
  type StationEvents,
} from '../../contract/index.ts';
import type { Answer, Item } from '../../core/items/index.ts';
import type { Practised, Session } from '../../core/practice/index.ts';
import { Refused, get, post, tell } from '../api/client.ts';
import { createLatest } from '../api/latest.ts';
import { listen } from '../api/live.ts';
import { createKept } from './kept.ts';
import { startPulse } from './pulse.ts';
import { createUnsentQueue, type Sent } from './unsent.ts';

/** Milliseconds between two tries while the server does not answer. */
const RETRY_MS = 1500;
/** Milliseconds an answer, and then what comes after it, may be on its way before the tablet goes on by itself. */
const REST_MS = 1000;
/** Milliseconds a sign of life may be on its way. */
const HEARD_MS = 5000;

const send = async (answer: PostAnswer): Promise<Sent> => {
  try {
    await post(AnswerReply, '/answers', answer);
    return 'stored';
  } catch (error) {
    // No network, or a code that is asked anew: both pass. A fault of the server's own may; another refusal will not.
    if (!(error instanceof Refused) || error.code === 'code-needed') return 'later';
    return error.status >= 500 ? 'failed' : { refused: error.code };
  }
};
const codeOf = (error: unknown): string | undefined => (error instanceof Refused ? error.code : undefined);

/** What a tablet knows and keeps. */
export const useStationStore = defineStore('station', () => {
  const kept = createKept();
  const latest = createLatest();
  const state = shallowRef<StationState>();
  const round = shallowRef<StationRound | null>(null);
  const noClass = ref(false);
  /** The class's pictures are asked for. */
  const needsCode = ref(false);
  const connected = ref(true);
  const waiting = ref(0);
  /** Who sits here, and what is to be practised. */
  const child = shallowRef<StationChild>();
  /** A child that sits at another tablet. */
  const taken = ref<number>();
  /** This child's own answers to rounds, by `round/index`. */
  const own = ref(new Map<string, Answer>());
  let seat: string | undefined;
  let leave: (() => void) | undefined;

  const unsent = createUnsentQueue({
    read: async () => (await kept.get('unsent')) ?? [],
    write: (list) => kept.set('unsent', list),
    send,
    onChange: (count) => (waiting.value = count),
    later: (again) => setTimeout(again, RETRY_MS),
  });

  /** Done when the answer given last is among those to be sent. */
  let lastKept: Promise<void> = Promise.resolve();
  /** As the stream told it last. */
  let settings: Settings | undefined;
  /**
   * What was just looked up. The round comes by the stream alone, and so do settings once it told them: a reply on its way may
   * be older than that.
   */
  const know = (found: StationState): void => {
    const fresh = { ...found, settings: settings ?? found.settings };
    state.value = fresh;
    noClass.value = needsCode.value = false;
    connected.value = true;
    void kept.set('state', fresh);
  };
  const load = async (): Promise<void> => {
    try {
      know(await get(StationState, '/station'));
    } catch (error) {
      const code = codeOf(error);
      noClass.value = code === 'no-class';
      needsCode.value = code === 'code-needed';
      connected.value = code !== undefined;
      // Without a network the tablet goes on with what it knew.
      if (code === undefined) state.value ??= await kept.get('state');
      if (!needsCode.value) setTimeout(() => void load(), RETRY_MS);
    }
  };
  /** Looks again for what may have changed since; a lost reply leaves what was there. */
  const refresh = async (): Promise<void> => {
    try {
      const fresh = await latest(() => get(StationState, '/station'));
      if (fresh === undefined) return;
      know(fresh);
      const here = child.value?.childId;
      // Another tablet took the child while this one was silent.
      if (here !== undefined && !(await sit(here)) && taken.value === here) await forget();
    } catch (error) {
      if (codeOf(error) === 'code-needed') shutOut();
    }
  };
  /** The class's pictures are asked for: until they were shown nothing is to be heard. */
  const shutOut = (): void => {
    needsCode.value = true;
    leave?.();
    leave = undefined;
    connected.value = true;
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
    join();
    void unsent.flush();
    return 'in';
  };

  const answeredKey = (roundId: string, index: number): string => `${roundId}/${index}`;
  const follow = ({ roundId, answered }: StationChild): void => {
    if (roundId !== null) for (const { index, answer } of answered) own.value.set(answeredKey(roundId, index), answer);
  };
  /** A child sits down, or the one who sits here is looked after anew. @returns false when it sits elsewhere or nobody knows */
  const sit = async (childId: number): Promise<boolean> => {
    const before = await kept.get('seat');
    seat ??= before?.childId === childId ? before.seat : newId();
    const isNew = child.value?.childId !== childId;
    if (isNew) own.value = new Map();
    taken.value = undefined;
    try {
      const fresh = await post(StationChild, '/station/seats', { childId, seat });
      follow(fresh);
      child.value = fresh;
      await kept.set('seat', { seat, childId });
      await kept.set('child', fresh);
    } catch (error) {
      const code = codeOf(error);
      if (code === 'child-taken') taken.value = childId;
      needsCode.value = code === 'code-needed';
      const known = await kept.get('child');
      if (code !== undefined || known?.childId !== childId) return false;
      // No network: what was fetched before is enough to go on.
      child.value = known;
      connected.value = false;
    }
    if (isNew) join();
    return true;
  };
  /** The child is gone, and with it all this tablet knew of it. */
  const forget = async (): Promise<void> => {
    child.value = undefined;
    own.value = new Map();
    seat = undefined;
    await kept.forgetChild();
    join();
  };
  const bye = async (): Promise<void> => {
    const left = seat;
    await forget();
    // Lost, it does no harm: a silent seat is free for others after a while.
    if (left !== undefined)
      await tell('DELETE', `/station/seats/${left}`, undefined, { keepalive: true }).catch(() => undefined);
  };

  /** Shows the server that the tablet with this seat is there, and finds out when the server is not. */
  const pulseOf = (mine: string): (() => void) =>
    startPulse({
      beat: async () => {
        // A page nobody looks at is not there.
        if (document.visibilityState === 'hidden') return 'heard';
        try {
          await tell('PUT', `/station/seats/${mine}`, undefined, { patience: HEARD_MS });
          return 'heard';
        } catch (error) {
          return error instanceof Refused ? 'unknown' : 'silence';
        }
      },
      onGone: () => (connected.value = false),
      onBack: join,
      onUnknown: () => void refresh(),
      later: (next, soon) => {
        const timer = setTimeout(next, soon ? RETRY_MS : HERE_MS);
        return () => clearTimeout(timer);
      },
    });
  /** Follows the round; tells the board that this tablet is listening. */
  const join = (): void => {
    leave?.();
    leave = undefined;
    // Who does not know the pictures hears nothing; with them it listens.
    if (needsCode.value) return;
    const endPulse = seat === undefined || child.value === undefined ? undefined : pulseOf(seat);
    const endLive = listen<StationEvents>(
      seat === undefined || child.value === undefined ? '/station/live' : `/station/live?seat=${seat}`,
      {
        round: (data) => (round.value = StationRound.nullable().parse(data)),
        settings: (data) => {
          settings = Settings.parse(data);
          if (state.value !== undefined) state.value = { ...state.value, settings };
        },
        classroom: () => void refresh(),
        away: () => void forget(),
      },
      (now) => {
        connected.value = now;
        if (!now) {
          void lookWhetherIn();
          return;
        }
        void unsent.flush();
        void refresh();
      },
    );
    leave = () => {
      endPulse?.();
      endLive();
    };
  };

  const answerRound = (to: StationRound, answer: Answer): void => {
    const { childId } = child.value!;
    own.value.set(answeredKey(to.id, to.index), answer);
    void unsent.add({
      post: { id: newId(), childId, answer, to: { setting: 'round', roundId: to.id, index: to.index } },
      lessonId: to.lessonId,
      item: to.item,
    });
  };
  const answerAlone = (lessonId: number, item: Item, attempt: number, answer: Answer): void => {
    const { childId } = child.value!;
    lastKept = unsent.add({
      post: { id: newId(), childId, answer, to: { setting: 'alone', lessonId, item, attempt } },
      lessonId,
      item,
    });
  };
  /** The rest of a session, made again once the server knows the answers so far; none where it does not say so in time. */
  const askRest = async (done: readonly Practised[]): Promise<Session | undefined> => {
    await lastKept;
    await until(waiting).toBe(0, { timeout: REST_MS });
    if (seat === undefined || waiting.value > 0) return undefined;
    const asked = done.map(({ item, verdict }) => ({ item, verdict }));
    return post(Rest, '/station/rest', { seat, asked }).then(
      ({ session }) => session,
      () => undefined,
    );
  };
  /** Lets the wall see what is being set; one that is lost is followed by the next. */
  const draft = (to: StationRound, answer: Answer): void => {
    if (seat !== undefined)
      void tell('PUT', '/station/draft', { seat, roundId: to.id, index: to.index, answer }).catch(() => undefined);
  };
  /** This child's answer to the item of now; none yet. */
  const ownAnswer = (to: StationRound): Answer | undefined => own.value.get(answeredKey(to.id, to.index));
  /** The child as the class knows it. */
  const who = computed(() => state.value?.children.find(({ id }) => id === child.value?.childId));

  return {
    kept,
    state,
    round,
    noClass,
    needsCode,
    connected,
    waiting,
    child,
    who,
    taken,
    load,
    enter,
    sit,
    bye,
    join,
    answerRound,
    answerAlone,
    askRest,
    draft,
    ownAnswer,
  };
});
