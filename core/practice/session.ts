import { type Answer, type Item } from '../items/index.ts';
import { skillOfItem, type Skill } from '../skills/index.ts';
import type { Verdict } from '../marking/index.ts';

/** A place in a session: a task, and where a child goes from it by its first answer. */
export interface SessionStep {
  /** Place of its task among the session's. */
  readonly task: number;
  /** Put in because the two before went wrong: it makes the session one longer. */
  readonly eases: boolean;
  /** Place of the step after a right answer, and after any other; null where the session ends. */
  readonly right: number | null;
  readonly otherwise: number | null;
}

/**
 * A session of practice made ready for one child: every task it may meet, and which comes after which. It says nothing of why, so
 * that a tablet can go on without a network and without knowing anything about the child.
 */
export interface Session {
  readonly tasks: readonly Item[];
  /** The first one is where a child begins; empty where there is nothing to practise. */
  readonly steps: readonly SessionStep[];
  /** Tasks it has at least, not counting those put in. */
  readonly fewest: number;
}

/** The first answer to a task of a session. */
export interface Practised {
  readonly item: Item;
  readonly answer: Answer;
  readonly verdict: Verdict;
}
const isRight = ({ verdict }: Pick<Practised, 'verdict'>): boolean => verdict === 'right';

/** Steps of a session that a child has come by: those it answered, and the one it is at; none there when it is through. */
export const stepsTaken = (
  session: Session,
  done: readonly Pick<Practised, 'verdict'>[],
): { readonly answered: readonly SessionStep[]; readonly now: SessionStep | undefined } => {
  const answered: SessionStep[] = [];
  let now = session.steps[0];
  for (const one of done) {
    if (now === undefined) break;
    answered.push(now);
    const next = isRight(one) ? now.right : now.otherwise;
    now = next === null ? undefined : session.steps[next];
  }
  return { answered, now };
};

/** The task a child meets after some answers; none when the session is through. */
export const taskAfter = (session: Session, done: readonly Pick<Practised, 'verdict'>[]): Item | undefined => {
  const { now } = stepsTaken(session, done);
  return now && session.tasks[now.task];
};

/** Stones of a session: its tasks and those put in before; one more with each step when it goes on longer. */
export const stonesOf = (session: Session, done: readonly Pick<Practised, 'verdict'>[]): number => {
  const { answered, now } = stepsTaken(session, done);
  const at = answered.length + (now === undefined ? 0 : 1);
  return Math.max(at, session.fewest + answered.filter(({ eases }) => eases).length);
};

/** Skills that were shown in a session: at least one right answer, in the order they came. */
export const shownSkills = (done: readonly Practised[]): Skill[] => [
  ...new Set(done.filter(isRight).map(({ item }) => skillOfItem(item))),
];
