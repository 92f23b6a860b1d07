import { isDeepStrictEqual } from 'node:util';
import type { Database } from 'better-sqlite3';
import type { AnswerRow, PostAnswer, Round, Source } from '../../contract/index.ts';
import type { Answer, Item } from '../../core/items/index.ts';
import { markingRules, readAndMark } from '../../core/marking/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { RoundRepository } from '../rounds/roundRepository.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import type { AnswerRepository } from './answerRepository.ts';

interface Parts {
  readonly db: Database;
  readonly answers: AnswerRepository;
  readonly children: ChildRepository;
  readonly lessons: LessonRepository;
  readonly rounds: RoundRepository;
  /** Marking goes by what the class has agreed on. */
  readonly settings: Pick<SettingsRepository, 'one'>;
  readonly now: Now;
}

/** The task of a round at an index. @throws HoppelError not-asked-yet */
export const roundItem = (round: Round, index: number): Item => {
  const entry = round.entries[index];
  if (entry === undefined || index > round.index) throw new HoppelError('not-asked-yet');
  return entry.item;
};

/** An answer that does not belong to its item is malformed, not a fault of the server's. */
const markPosted = (item: Item, answer: Answer, conventions: Conventions) => {
  try {
    return readAndMark(item, answer, conventions);
  } catch (error) {
    if (error instanceof RangeError) throw new HoppelError('malformed', error.message);
    throw error;
  }
};

/** What is known of an answer before it is marked. */
type Kept = [
  row: Pick<AnswerRow, 'id' | 'childId' | 'lessonId' | 'roundId' | 'roundIndex' | 'attempt'> &
    Partial<Pick<AnswerRow, 'pileId' | 'task' | 'day'>>,
  item: Item,
  answer: Answer,
];

/** Makes, marks and keeps rows of the record. */
export const createRecorder = ({ db, answers, children, lessons, rounds, settings, now }: Parts) => {
  const keep = (...[row, item, answer, source]: [...Kept, source: Source]): AnswerRow => {
    const at = now();
    const conventions = settings.one();
    const full: AnswerRow = {
      pileId: null,
      task: null,
      day: dayOf(at),
      ...row,
      item,
      answer,
      ...toMutable(markPosted(item, answer, conventions)),
      source,
      storedAt: at.toISOString(),
    };
    answers.add(full, markingRules(conventions));
    return full;
  };

  /**
   * The row stored under a sender's id when this is the same answer sent again; none when it is new.
   * @throws HoppelError id-taken when the id belongs to another answer
   */
  const repeatOf = ({ id, childId, answer }: Pick<PostAnswer, 'id' | 'childId' | 'answer'>): AnswerRow | undefined => {
    const stored = answers.maybe(id);
    if (stored !== undefined && !(stored.childId === childId && isDeepStrictEqual(stored.answer, answer)))
      throw new HoppelError('id-taken');
    return stored;
  };

  /** Answers of stand-ins are noted as such, so that they can be taken out again: with the answer, or not at all. */
  const keepFromTablet = db.transaction((isStandIn: boolean, ...[row, item, answer]: Kept): AnswerRow => {
    const full = keep(row, item, answer, isStandIn ? 'simulated' : 'tablet');
    if (isStandIn) answers.noteStandIn(full.id);
    return full;
  });

  return {
    keep,
    repeatOf,
    /**
     * Keeps what a tablet sent, once: the same id again gives back the row stored first.
     * @param isStandIn sent by a stand-in of the demo
     * @throws HoppelError id-taken, malformed, unknown-child, unknown-round, round-closed, not-asked-yet,
     * already-answered, unknown-lesson
     */
    fromTablet: (posted: PostAnswer, isStandIn = false): { row: AnswerRow; fresh: boolean } => {
      const stored = repeatOf(posted);
      if (stored !== undefined) return { row: stored, fresh: false };
      if (posted.answer.kind === 'observed' || posted.answer.kind === 'no-answer')
        throw new HoppelError('malformed', 'only a teacher can say what was observed');
      const child = children.one(posted.childId);
      if (posted.to.setting === 'alone') {
        const { lessonId, item, attempt } = posted.to;
        if (!lessons.isKnown(lessonId)) throw new HoppelError('unknown-lesson');
        const row = { id: posted.id, childId: child.id, lessonId, roundId: null, roundIndex: null, attempt };
        return { row: keepFromTablet(isStandIn, row, item, posted.answer), fresh: true };
      }
      const { roundId, index } = posted.to;
      const round = rounds.one(roundId);
      if (round.closed) throw new HoppelError('round-closed');
      const item = roundItem(round, index);
      if (answers.hasAnswered(roundId, index, child.id)) throw new HoppelError('already-answered');
      const row = {
        id: posted.id,
        childId: child.id,
        lessonId: round.lessonId,
        roundId,
        roundIndex: index,
        attempt: 1,
      };
      return { row: keepFromTablet(isStandIn, row, item, posted.answer), fresh: true };
    },
  };
};
export type Recorder = ReturnType<typeof createRecorder>;

/** Core hands out read-only findings; a row owns its own list. */
const toMutable = ({
  read,
  verdict,
  findings,
}: ReturnType<typeof readAndMark>): Pick<AnswerRow, 'read' | 'verdict' | 'findings'> => ({
  read,
  verdict,
  findings: [...findings],
});
