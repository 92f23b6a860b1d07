import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { v4 as newId } from 'uuid';
import {
  AnswerReply,
  Settings,
  StationChild,
  StationRound,
  StationState,
  type PostAnswer,
  type StationEvents,
} from '../../contract/index.ts';
import type { Answer, Item } from '../../core/items/index.ts';
import { Refused, get, post } from '../api/client.ts';
import { listen } from '../api/live.ts';
import { createUnsentQueue, type Sent } from './unsent.ts';

/** Milliseconds between two tries while the server does not answer. */
const RETRY_MS = 1500;

const send = async (answer: PostAnswer): Promise<Sent> => {
  try {
    await post(AnswerReply, '/answers', answer);
    return 'stored';
  } catch (error) {
    // A fault of the server's own may pass; a refusal will not.
    return error instanceof Refused && error.status < 500 ? { refused: error.code } : 'later';
  }
};

/** What a tablet knows and keeps. */
export const useStationStore = defineStore('station', () => {
  const state = shallowRef<StationState>();
  const round = shallowRef<StationRound | null>(null);
  const noClass = ref(false);
  const connected = ref(true);
  const waiting = ref(0);
  /** This child's own answers to rounds, by `round/index`. */
  const own = ref(new Map<string, Answer>());
  let endLive: (() => void) | undefined;

  const unsent = createUnsentQueue({
    storage: localStorage,
    send,
    onChange: (count) => (waiting.value = count),
    later: (again) => setTimeout(again, RETRY_MS),
  });
  waiting.value = unsent.count();

  const load = async (): Promise<void> => {
    try {
      state.value = await get(StationState, '/station');
      round.value = state.value.round;
      noClass.value = false;
      connected.value = true;
    } catch (error) {
      noClass.value = error instanceof Refused && error.code === 'no-class';
      connected.value = noClass.value;
      setTimeout(() => void load(), RETRY_MS);
    }
  };

  /** Looks again for what may have changed since, such as the lesson of the day; a lost reply leaves what was there. */
  const refresh = async (): Promise<void> => {
    const fresh = await get(StationState, '/station').catch(() => undefined);
    if (fresh !== undefined && state.value !== undefined) state.value = fresh;
  };

  const answeredKey = (roundId: string, index: number): string => `${roundId}/${index}`;
  /** Follows the round as a child; tells the board that this tablet is listening. */
  const join = (childId: number | undefined): void => {
    endLive?.();
    own.value = new Map();
    endLive = listen<StationEvents>(
      childId === undefined ? '/station/live' : `/station/live?child=${childId}`,
      {
        round: (data) => (round.value = StationRound.nullable().parse(data)),
        settings: (data) => {
          if (state.value !== undefined) state.value = { ...state.value, settings: Settings.parse(data) };
        },
        classroom: () => void refresh(),
      },
      (now) => {
        connected.value = now;
        if (!now) return;
        void unsent.flush();
        void refresh();
        if (childId !== undefined) void catchUp(childId);
      },
    );
  };
  /** What this child has answered already, so that a reloaded tablet does not ask again. */
  const catchUp = async (childId: number): Promise<void> => {
    const known = await get(StationChild, `/station/children/${childId}`).catch(() => undefined);
    const roundId = known?.roundId;
    if (known === undefined || roundId === undefined || roundId === null) return;
    for (const { index, answer } of known.answered) own.value.set(answeredKey(roundId, index), answer);
  };

  const answerRound = (childId: number, to: StationRound, answer: Answer): void => {
    own.value.set(answeredKey(to.id, to.index), answer);
    unsent.add({
      post: { id: newId(), childId, answer, to: { setting: 'round', roundId: to.id, index: to.index } },
      lessonId: to.lessonId,
      item: to.item,
    });
  };
  const answerAlone = (childId: number, lessonId: number, item: Item, attempt: number, answer: Answer): void =>
    unsent.add({
      post: { id: newId(), childId, answer, to: { setting: 'alone', lessonId, item, attempt } },
      lessonId,
      item,
    });
  /** This child's answer to the item of now; none yet. */
  const ownAnswer = (to: StationRound): Answer | undefined => own.value.get(answeredKey(to.id, to.index));

  return { state, round, noClass, connected, waiting, load, join, answerRound, answerAlone, ownAnswer };
});
