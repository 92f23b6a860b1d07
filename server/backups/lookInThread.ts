import { CannotUse } from '../db/known.ts';
import { inWorker } from '../work/inWorker.ts';
import type { checkCopy } from './checkCopy.ts';
import type { contentsOf } from './contents.ts';

/** Ways to look at a copy of a data file. */
export interface Looks {
  readonly check: typeof checkCopy;
  readonly contents: typeof contentsOf;
}
/** What the thread is told, and what it says. */
export interface LookWork {
  readonly look: keyof Looks;
  readonly path: string;
}
export type LookedAt<Found> =
  | { readonly found: Found }
  /** With SQLite's code, where it is SQLite that says it. */
  | { readonly fault: string; readonly code: string; readonly cannotUse: boolean };

/** Milliseconds a look may take: at a year of answers of an older version it takes a few seconds. */
const LOOK_MS = 5 * 60_000;

/** Looks at a copy of a data file in a thread of its own. @throws CannotUse, TookTooMuch, or what SQLite says */
export const lookInThread = async <Look extends keyof Looks>(
  look: Look,
  path: string,
): Promise<ReturnType<Looks[Look]>> => {
  const said = await inWorker<LookWork, LookedAt<ReturnType<Looks[Look]>>>(
    new URL('./backupWorker.ts', import.meta.url),
    { look, path },
    LOOK_MS,
  );
  if ('found' in said) return said.found;
  throw said.cannotUse ? new CannotUse(said.fault) : Object.assign(new Error(said.fault), { code: said.code });
};
