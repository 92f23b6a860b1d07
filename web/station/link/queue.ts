import { until } from '@vueuse/core';
import { ref } from 'vue';
import { v4 as newId } from 'uuid';
import { AnswerReply, type PostAnswer, type StationRound } from '../../../contract/index.ts';
import type { Answer, Item } from '../../../core/items/index.ts';
import { Refused, post } from '../../api/client.ts';
import type { KeptThings } from './kept.ts';
import { RETRY_MS } from './link.ts';
import { createUnsentQueue, type Sent } from './unsent.ts';

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

/** Answers on their way from this tablet to the server. */
export const createQueue = (kept: KeptThings) => {
  const waiting = ref(0);
  const unsent = createUnsentQueue({
    read: async () => (await kept.get('unsent')) ?? [],
    write: (list) => kept.set('unsent', list),
    send,
    onChange: (count) => (waiting.value = count),
    later: (again) => setTimeout(again, RETRY_MS),
  });
  /** Done when the answer given last is among those to be sent. */
  let lastKept: Promise<void> = Promise.resolve();
  return {
    /** How many the server has not stored yet. */
    waiting,
    flush: unsent.flush,
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
