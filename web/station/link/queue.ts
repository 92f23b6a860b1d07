import { until } from '@vueuse/core';
import { ref } from 'vue';
import { v4 as newId } from 'uuid';
import {
  AnswerReply,
  SetAsideReply,
  type PostAnswer,
  type ProblemCode,
  type StationRound,
} from '../../../contract/index.ts';
import type { Answer, Item } from '../../../core/items/index.ts';
import { Refused, post, put } from '../../api/client.ts';
import type { KeptThings } from './kept.ts';
import { REPLY_MS, RETRY_MS } from './link.ts';
import { createRefusedAnswers } from './setAside.ts';
import { createUnsentQueue, type Sent } from './unsent.ts';

/** What keeps every answer out for a while: pictures that are asked anew, an empty data file in the place of the class's. */
const PASSES: ReadonlySet<ProblemCode> = new Set(['code-needed', 'no-class']);

const send = async (answer: PostAnswer): Promise<Sent> => {
  try {
    await post(AnswerReply, '/answers', answer, { patience: REPLY_MS });
    return 'stored';
  } catch (error) {
    if (!(error instanceof Refused) || PASSES.has(error.code)) return 'later';
    // A fault of the server's own may pass too; another refusal is one of this answer.
    return error.status >= 500 ? 'failed' : { refused: error.code };
  }
};

/** Answers on their way from this tablet to the server. */
export const createQueue = (kept: KeptThings) => {
  const waiting = ref(0);
  const refused = createRefusedAnswers({
    read: async () => (await kept.get('setAside')) ?? [],
    write: (list) => kept.set('setAside', list),
    tell: async ({ answer, code }) => {
      const { id, childId } = answer.post;
      return (await put(SetAsideReply, `/station/set-aside/${id}`, { childId, code, answer: { ...answer } })).keep;
    },
  });
  const unsent = createUnsentQueue({
    read: async () => (await kept.get('unsent')) ?? [],
    write: (list) => kept.set('unsent', list),
    send,
    refuse: refused.put,
    onChange: (count) => (waiting.value = count),
    later: (again) => setTimeout(again, RETRY_MS),
  });
  /** Done when the answer given last is among those to be sent. */
  let lastKept: Promise<void> = Promise.resolve();
  return {
    /** How many the server has not stored yet. */
    waiting,
    flush: unsent.flush,
    /** All that was refused is tried once more, and told of again where it is refused again: the server may be another by now. */
    sendAgain: async (): Promise<void> => {
      await refused.moveTo(unsent.addAgain);
      await unsent.flush();
    },
    /** An answer to what a round asks. */
    toRound: (childId: number, to: StationRound, answer: Answer): void => {
      lastKept = unsent.add({
        post: { id: newId(), childId, answer, to: { setting: 'round', roundId: to.id, index: to.index } },
        lessonId: to.lessonId,
        item: to.item,
      });
    },
    /** An answer of a child that practises by itself. */
    alone: (childId: number, lessonId: number, item: Item, attempt: number, answer: Answer): void => {
      lastKept = unsent.add({
        post: { id: newId(), childId, answer, to: { setting: 'alone', lessonId, item, attempt } },
        lessonId,
        item,
      });
    },
    /** @returns whether the server has all of them, before so many milliseconds are over */
    isThrough: async (ms: number): Promise<boolean> => {
      await lastKept;
      await until(waiting).toBe(0, { timeout: ms });
      return waiting.value === 0;
    },
  };
};
