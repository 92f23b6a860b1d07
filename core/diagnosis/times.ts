import type { DialTime } from '../clock/index.ts';
import { createGrowing } from '../common/index.ts';
import type { JudgedAnswer } from './judged.ts';

type LatestAnswer = Pick<JudgedAnswer, 'time' | 'verdict'>;
const latestOf = createGrowing<LatestAnswer, Map<DialTime, boolean>>(
  () => new Map(),
  (times, { time, verdict }) => {
    if (time !== undefined) times.set(time, verdict === 'right');
  },
);

/** Of each time one child was asked: was its latest answer right? @param answers of that child alone, oldest first */
export const timesOf = (answers: readonly LatestAnswer[]): Map<DialTime, boolean> => new Map(latestOf(answers));

/** How one time went in the class. */
export interface TimeResult {
  readonly time: DialTime;
  /** Children who were asked it. */
  readonly children: number;
  /** Of these, children whose latest answer to it was right. */
  readonly childrenRight: number;
}

/** How each time that was asked went, in dial order. @param children what each of them answered last */
export const timeResults = (children: readonly ReadonlyMap<DialTime, boolean>[]): TimeResult[] => {
  const times = [...new Set(children.flatMap((latest) => [...latest.keys()]))].sort((a, b) => a - b);
  return times.map((time) => {
    const asked = children.flatMap((latest) => latest.get(time) ?? []);
    return { time, children: asked.length, childrenRight: asked.filter(Boolean).length };
  });
};
