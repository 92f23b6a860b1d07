import { randomBytes, randomInt } from 'node:crypto';
import type { Ticks } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** Wrong codes before a new one is made, and milliseconds nobody can try then. */
const TRIES = 5;
const PAUSE_MS = 60_000;

/** Milliseconds a device stays let in: a school day. */
export const REMOTE_MS = 12 * 60 * 60 * 1000;

const freshCode = (): string => String(randomInt(0, 1_000_000)).padStart(6, '0');

/**
 * Lets a second device of the teacher's in, by a code that only the board shows. Kept in memory: after a restart every device asks
 * again.
 */
export const createPairing = (time: Ticks) => {
  let code = freshCode();
  let wrong = 0;
  let shutUntil = -Infinity;
  const tokens = new Map<string, number>();
  return {
    /** Six digits. */
    code: (): string => code,
    /**
     * Lets a device in. @returns the token it shows from then on
     * @throws HoppelError wrong-code, too-many-tries
     */
    join: (given: string): string => {
      if (time() < shutUntil) throw new HoppelError('too-many-tries');
      if (given.replaceAll(/\s/g, '') !== code) {
        wrong += 1;
        if (wrong < TRIES) throw new HoppelError('wrong-code');
        wrong = 0;
        code = freshCode();
        shutUntil = time() + PAUSE_MS;
        throw new HoppelError('too-many-tries');
      }
      wrong = 0;
      // It stood on a board that a whole class can read: good for one device only.
      code = freshCode();
      const token = randomBytes(32).toString('base64url');
      tokens.set(token, time() + REMOTE_MS);
      return token;
    },
    isLetIn: (token: string | undefined): boolean => token !== undefined && (tokens.get(token) ?? -Infinity) > time(),
  };
};
export type Pairing = ReturnType<typeof createPairing>;
