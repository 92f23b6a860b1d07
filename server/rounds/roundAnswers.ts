import type { AnswerRow, RoundAnswer, RoundCount } from '../../contract/index.ts';
import { wasMissed } from '../../core/rounds/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';

/** Of each task of a round, by its place: the answer of each child that counts, which is the latest. */
type ByTask = Map<number, Map<number, RoundAnswer>>;

interface Held {
  readonly roundId: string;
  /** Which state of the record it was begun from: it is begun anew when answers went, or count otherwise. */
  readonly from: string;
  readonly byTask: ByTask;
  /** Place in the record of the answer read last. */
  after: number;
}

/**
 * What was read of the answers to one round, held in memory: each is read from the data file once, so the last of a hundred costs what
 * the first did. A drawing is held without its lines; who looks at it asks for it.
 */
export const createRoundAnswers = (answers: Pick<AnswerRepository, 'ofRoundAfter' | 'removals' | 'corrections'>) => {
  let held: Held | undefined;
  const upToNow = (roundId: string): ByTask => {
    const from = `${answers.removals()} ${answers.corrections()}`;
    if (held?.roundId !== roundId || held.from !== from) held = { roundId, from, byTask: new Map(), after: 0 };
    for (const { seq, isOut, ...known } of answers.ofRoundAfter(roundId, held.after)) {
      held.after = seq;
      const ofTask = held.byTask.get(known.index) ?? new Map<number, RoundAnswer>();
      if (isOut) {
        ofTask.delete(known.childId);
        continue;
      }
      held.byTask.set(known.index, ofTask.set(known.childId, known));
    }
    return held.byTask;
  };
  const ofTask = (roundId: string, index: number): RoundAnswer[] => [...(upToNow(roundId).get(index)?.values() ?? [])];
  const count = (roundId: string, index: number): RoundCount => {
    const given = ofTask(roundId, index);
    return { given: given.length, missed: given.filter(({ verdict }) => wasMissed([verdict])).length };
  };
  return {
    ofTask,
    count,
    /** An answer was kept: what is held takes it up. */
    add: (row: AnswerRow & { readonly roundId: string }): void => {
      upToNow(row.roundId);
    },
  };
};
export type RoundAnswers = ReturnType<typeof createRoundAnswers>;
