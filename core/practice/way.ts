import type { Item } from '../items/index.ts';
import { stonesOf, taskAfter, type Practised, type Session } from './session.ts';

/** A child's way through a session that may be made ready anew while it goes on. */
export interface Way {
  /** As it was made ready last. */
  readonly session: Session;
  /** How many answers came before that. */
  readonly before: number;
  /** First answers, in the order they were given. */
  readonly done: readonly Practised[];
}

/** Answers since the session was made ready as it is now. */
const since = ({ done, before }: Way): readonly Practised[] => done.slice(before);

/** At the beginning of a session. */
export const wayInto = (session: Session): Way => ({ session, before: 0, done: [] });

/** The task a child is at; none when it is through. */
export const taskOn = (way: Way): Item | undefined => taskAfter(way.session, since(way));

/** After another first answer. */
export const wayOn = (way: Way, answered: Practised): Way => ({ ...way, done: [...way.done, answered] });

/** Where all that comes was made ready anew, with the answers so far. */
export const wayAnew = ({ done }: Way, session: Session): Way => ({ session, before: done.length, done });

/** Stones of the whole session, as far as is known. */
export const stonesOn = (way: Way): number => {
  const { session, before } = way;
  return before + stonesOf({ ...session, fewest: Math.max(0, session.fewest - before) }, since(way));
};
