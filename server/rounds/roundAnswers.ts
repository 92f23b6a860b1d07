import type { AnswerRow, RoundAnswer, RoundCount } from '../../contract/index.ts';
import type { Answer } from '../../core/items/index.ts';
import { wasMissed } from '../../core/rounds/index.ts';
import { readDrawing } from '../../core/strokes/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';

/** Of each task of a round, by its place: the answer of each child that counts, which is the latest. */
type ByTask = Map<number, Map<number, RoundAnswer>>;

/** What was read of an answer: of a drawing its hands, if it has any. */
export const readOf = (answer: Answer | undefined): Answer | null => {
  if (answer?.kind !== 'strokes') return answer ?? null;
  const read = readDrawing(answer.strokes);
  if (read.kind !== 'hands') return null;
  return { kind: 'drawn', hands: read.hands.map(({ angle, reach }) => ({ angle, reach })) };
};

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
export const createRoundAnswers = (
  answers: Pick<AnswerRepository, 'ofRoundAfter' | 'maybe' | 'removals' | 'corrections'>,
) => {
  let held: Held | undefined;
  /** The answer that was kept just now: it was read to be marked, and need not be read again. */
  let fresh: AnswerRow | undefined;
  const upToNow = (roundId: string): ByTask => {
    const from = `${answers.removals()} ${answers.corrections()}`;
    if (held?.roundId !== roundId || held.from !== from) held = { roundId, from, byTask: new Map(), after: 0 };
    for (const { seq, id, isOut, ...known } of answers.ofRoundAfter(roundId, held.after)) {
      held.after = seq;
      const ofTask = held.byTask.get(known.index) ?? new Map<number, RoundAnswer>();
      if (isOut) {
        ofTask.delete(known.childId);
        continue;
      }
      const answer = known.answer ?? readOf(fresh?.id === id ? fresh.answer : answers.maybe(id)?.answer);
      held.byTask.set(known.index, ofTask.set(known.childId, { ...known, answer }));
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
      fresh = row;
      upToNow(row.roundId);
      fresh = undefined;
    },
  };
};
export type RoundAnswers = ReturnType<typeof createRoundAnswers>;
