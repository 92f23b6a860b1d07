import { createHash, randomBytes, randomInt } from 'node:crypto';
import type { Now, Ticks } from '../clock.ts';
import { createKnocking } from '../common/knocking.ts';

/** Milliseconds a device stays let in: a school day. */
export const REMOTE_MS = 12 * 60 * 60 * 1000;

/** A device that was let in. */
export interface RemotePass {
  /** Names it without letting anybody in. */
  readonly id: string;
  /** ISO 8601, UTC. */
  readonly letInAt: string;
}
interface Held extends RemotePass {
  /** In ticks. */
  readonly until: number;
}

const freshCode = (): string => String(randomInt(0, 1_000_000)).padStart(6, '0');
const idOf = (token: string): string => createHash('sha256').update(token).digest('hex').slice(0, 16);

/**
 * Lets a second device of the teacher's in, by a code that only the board shows. Kept in memory: after a restart every device asks
 * again.
 */
export const createPairing = (time: Ticks, now: Now) => {
  let code = freshCode();
  const passes = new Map<string, Held>();
  const knocking = createKnocking(time);
  const all = (): RemotePass[] => {
    for (const [id, { until }] of passes) if (until <= time()) passes.delete(id);
    return [...passes.values()].map(({ id, letInAt }) => ({ id, letInAt }));
  };
  return {
    /** Six digits. */
    code: (): string => code,
    knocking,
    /**
     * Lets a device in. @returns the token it shows from then on
     * @throws HoppelError wrong-code, too-many-tries
     */
    join: (given: string, sender: string): string => {
      knocking.tried(sender, () => given.replaceAll(/\s/g, '') === code);
      // It stood on a board that a whole class can read: good for one device only.
      code = freshCode();
      const token = randomBytes(32).toString('base64url');
      const id = idOf(token);
      passes.set(id, { id, letInAt: now().toISOString(), until: time() + REMOTE_MS });
      return token;
    },
    /** The device that shows a token; none where nobody was let in with it, or it is over. */
    letInBy: (token: string | undefined): RemotePass | undefined =>
      token === undefined ? undefined : all().find(({ id }) => id === idOf(token)),
    /** Those that are let in now. */
    all,
    /** It asks for the code again. */
    sendAway: (id: string): void => {
      passes.delete(id);
    },
  };
};
export type Pairing = ReturnType<typeof createPairing>;
