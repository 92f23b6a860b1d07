// The thread copies of a data file are looked at in: of a year of answers that takes seconds, and tablets answer meanwhile.
import { parentPort, workerData } from 'node:worker_threads';
import { CannotUse } from '../db/known.ts';
import { giveWay } from '../work/lowPriority.ts';
import { checkCopy } from './checkCopy.ts';
import { contentsOf } from './contents.ts';
import type { Looks, LookedAt, LookWork } from './lookInThread.ts';

/** What may be looked for in the file at a path. */
const LOOKS: Looks = { check: checkCopy, contents: contentsOf };

giveWay();
const { look, path } = workerData as LookWork;
const looked = (): LookedAt<unknown> => {
  try {
    return { found: LOOKS[look](path) };
  } catch (error) {
    const { message, code = '' } = error as Error & { code?: string };
    return { fault: message, code, cannotUse: error instanceof CannotUse };
  }
};
parentPort!.postMessage(looked());
