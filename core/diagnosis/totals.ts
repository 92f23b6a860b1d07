import { createGrowing } from '../common/index.ts';
import type { JudgedAnswer } from './judged.ts';

/** What a child's answers come to. */
export interface Totals {
  /** Wrong answers. */
  readonly missed: number;
  /** School day of the latest, YYYY-MM-DD; empty where there is none. */
  readonly last: string;
  /** Lessons they belong to. */
  readonly lessonIds: ReadonlySet<number>;
  /** Tasks that were asked, as `Clue.task` writes them. */
  readonly tasks: ReadonlySet<string>;
}
type Totalled = Pick<JudgedAnswer, 'verdict' | 'day' | 'lessonId' | 'task'>;

/** @param answers of one child alone; the totals go on with the list */
export const totalsOf: (answers: readonly Totalled[]) => Totals = createGrowing(
  () => ({ missed: 0, last: '', lessonIds: new Set<number>(), tasks: new Set<string>() }),
  (totals, { verdict, day, lessonId, task }: Totalled) => {
    if (verdict === 'wrong') totals.missed += 1;
    if (day > totals.last) totals.last = day;
    totals.lessonIds.add(lessonId);
    totals.tasks.add(task);
  },
);
