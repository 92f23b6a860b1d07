import type { ProblemCode } from '../../../contract/index.ts';
import type { Unsent } from './unsent.ts';

/** An answer the server refused, and why. */
export interface RefusedAnswer {
  readonly answer: Unsent;
  readonly code: ProblemCode;
}

interface Options {
  /** Where they are kept over a reload. */
  readonly read: () => Promise<readonly RefusedAnswer[]>;
  readonly write: (list: readonly RefusedAnswer[]) => Promise<void>;
  /** Tells the teacher of one. @returns whether it is to be kept on: not once she let it go */
  readonly tell: (one: RefusedAnswer) => Promise<boolean>;
}

const idOf = ({ answer }: RefusedAnswer): string => answer.post.id;

/**
 * Answers the server refused. It may have refused them for reasons of its own (another data file in its place): none is thrown away,
 * the teacher is told of each, and whoever connects anew tries them once more.
 */
export const createRefusedAnswers = ({ read, write, tell }: Options) => {
  /** One change after the other: each reads what the one before has written. */
  let last: Promise<unknown> = Promise.resolve();
  const inTurn = <T>(work: () => Promise<T>): Promise<T> => {
    const mine = last.then(work, work);
    last = mine;
    return mine;
  };
  const without = (id: string) => inTurn(async () => write((await read()).filter((other) => idOf(other) !== id)));
  return {
    /** Kept when this is done; the teacher hears of it as soon as may be, or when this tablet connects anew. */
    put: async (answer: Unsent, code: ProblemCode): Promise<void> => {
      const one = { answer, code };
      await inTurn(async () => write([...(await read()).filter((other) => idOf(other) !== answer.post.id), one]));
      void tell(one).then(
        (keep) => (keep ? undefined : without(answer.post.id)),
        () => undefined,
      );
    },
    /** Gives all of them to be sent once more. They are let go here only when they are kept there. */
    moveTo: (taken: (answers: readonly Unsent[]) => Promise<void>): Promise<void> =>
      inTurn(async () => {
        const list = await read();
        if (list.length === 0) return;
        await taken(list.map(({ answer }) => answer));
        await write([]);
      }),
  };
};
