import { judgement, type CountedAnswer, type JudgedAnswer, type Judgement } from '../../core/diagnosis/index.ts';
import { countedInstead } from '../../core/marking/index.ts';
import type { AnswerRepository, FirstTry } from '../answers/answerRepository.ts';
import { safely } from '../common/safely.ts';

/** Rows read at a step while nobody waits for them. */
const AT_A_TIME = 100;

interface OfChild {
  readonly answers: readonly JudgedAnswer[];
  /** Grows whenever they change. */
  readonly version: number;
}

/** Judgements remembered, and characters of a task and its answer that are: a drawing is not given twice. */
const MOST_JUDGEMENTS = 20_000;
const MOST_TEXT = 400;

/**
 * Judges answers; the same one to the same task once. Nothing of a class or a child is in it: the classes of a school, who are taught much
 * the same, share one.
 */
export const createJudging = () => {
  const known = new Map<string, Judgement>();
  const judged = ({ item, read, verdict, findings }: FirstTry): Judgement =>
    judgement({
      item: JSON.parse(item) as CountedAnswer['item'],
      read: JSON.parse(read) as CountedAnswer['read'],
      verdict,
      findings: JSON.parse(findings) as CountedAnswer['findings'],
    });
  return (row: FirstTry): Judgement => {
    if (row.item.length + row.read.length + row.findings.length > MOST_TEXT) return judged(row);
    const key = `${row.verdict} ${row.item} ${row.read} ${row.findings}`;
    const found = known.get(key) ?? judged(row);
    if (known.size < MOST_JUDGEMENTS) known.set(key, found);
    return found;
  };
};

export type Judging = ReturnType<typeof createJudging>;

/** As it counts: what the teacher says stands in the place of what was given. @returns none where it was taken out */
const asCounted = (row: FirstTry): FirstTry | undefined => {
  if (row.says === null) return row;
  const instead = countedInstead(row.says);
  return instead && { ...row, read: JSON.stringify(instead.answer), findings: '[]', verdict: instead.verdict };
};

/** The task of a round or a pile that was answered; none where it is nobody's but the child's. */
const placeAsked = ({ roundId, roundIndex, pileId, task }: FirstTry): string | undefined => {
  if (roundId !== null) return `${roundId} ${roundIndex}`;
  return pileId === null ? undefined : `${pileId} ${task}`;
};

interface Held extends OfChild {
  readonly answers: JudgedAnswer[];
  /** Place in the record of the child's answer taken up last. */
  after: number;
  /** Place in the record of the last answer there was then, of any child. */
  upTo: number;
  /** The one that counts of each task of a round or a pile. */
  readonly asked: Map<string, JudgedAnswer>;
  version: number;
}
const newHeld = (version: number): Held => ({ answers: [], asked: new Map(), version, after: 0, upTo: 0 });

/**
 * Answers that count, judged once and held in memory by child, oldest first; a child's are taken up when it is first asked about. Answers
 * only come, and stand-ins' all go at once: what is behind the place read last is taken up, and nothing before it is read again but where
 * a teacher corrects it.
 */
export const createJudgedAnswers = (
  answers: Pick<AnswerRepository, 'firstTriesOfChild' | 'last' | 'removals'>,
  judgementOf: Judging = createJudging(),
) => {
  let byChild = new Map<number, Held>();
  let removals = answers.removals();
  let changes = 0;
  const beginAnew = (): void => {
    // Versions go on, so that nobody takes an old one for the same.
    byChild = new Map([...byChild].map(([id, { version }]) => [id, newHeld(version + 1)]));
    removals = answers.removals();
    changes += 1;
  };
  const take = (held: Held, row: FirstTry): void => {
    const counted = asCounted(row);
    const judged = counted && { ...judgementOf(counted), id: row.id, lessonId: row.lessonId, day: row.day };
    const asked = placeAsked(row);
    if (asked !== undefined) {
      // In a round and in a pile the latest to a task counts.
      const before = held.asked.get(asked);
      if (before !== undefined) held.answers.splice(held.answers.lastIndexOf(before), 1);
      if (judged === undefined) held.asked.delete(asked);
      else held.asked.set(asked, judged);
    }
    if (judged !== undefined) held.answers.push(judged);
    held.version += 1;
  };
  /** One that cannot be judged leaves the others standing; it is said where the server runs. */
  const takeSafely = safely('an answer that cannot be judged', take);
  const heldOf = (childId: number): Held => {
    if (removals !== answers.removals()) beginAnew();
    const held = byChild.get(childId) ?? newHeld(0);
    byChild.set(childId, held);
    return held;
  };
  /** @param most rows; -1 for all @returns whether there may be more */
  const takeUp = (held: Held, childId: number, most: number): boolean => {
    const last = answers.last();
    if (last <= held.upTo) return false;
    const rows = answers.firstTriesOfChild(childId, held.after, most);
    for (const row of rows) takeSafely(held, row);
    held.after = rows.at(-1)?.seq ?? held.after;
    const isAll = rows.length !== most;
    if (isAll) held.upTo = last;
    return !isAll;
  };
  return {
    /** All of one child's. */
    ofChild: (childId: number): OfChild => {
      const held = heldOf(childId);
      takeUp(held, childId, -1);
      return held;
    },
    /** Another text whenever any of the class's may be others. */
    version: (): string => {
      if (removals !== answers.removals()) beginAnew();
      return `${answers.last()} ${changes}`;
    },
    /** Judges one child's anew: a teacher said otherwise of what was given before. */
    judgeAnew: (childId: number): void => {
      byChild.set(childId, newHeld(heldOf(childId).version + 1));
      changes += 1;
    },
    /** Takes up what is there already of some children, some at each step. */
    *warm(childIds: readonly number[]): Generator<void> {
      for (const childId of childIds) while (takeUp(heldOf(childId), childId, AT_A_TIME)) yield;
    },
  };
};
export type JudgedAnswers = ReturnType<typeof createJudgedAnswers>;
