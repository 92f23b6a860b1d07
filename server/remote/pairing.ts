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
  /** The screen whose board showed the code; none where that screen has no name. */
  readonly screen: string | undefined;
  /** The class it looks at: that of the board. */
  readonly classId: number;
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
  /** By screen: each board shows a code of its own. */
  const codes = new Map<string | undefined, string>();
  const codeOf = (screen: string | undefined): string => {
    const found = codes.get(screen);
    if (found !== undefined) return found;
    const others = new Set(codes.values());
    let code = freshCode();
    while (others.has(code)) code = freshCode();
    codes.set(screen, code);
    return code;
  };
  const passes = new Map<string, Held>();
  const knocking = createKnocking(time);
  const all = (): RemotePass[] => {
    for (const [id, { until }] of passes) if (until <= time()) passes.delete(id);
    return [...passes.values()].map(({ until: _, ...pass }) => pass);
  };
  return {
    /** Six digits. */
    code: codeOf,
    knocking,
    /**
     * Lets a device in. @param classOf the class a screen looks at
     * @returns the token it shows from then on
     * @throws HoppelError wrong-code, too-many-tries
     */
    join: (
      given: string,
      sender: string,
      classOf: (screen: string | undefined) => number,
    ): RemotePass & { token: string } => {
      const code = given.replaceAll(/\s/g, '');
      const found = [...codes].find(([, one]) => one === code);
      knocking.tried(sender, () => found !== undefined);
      const [screen] = found!;
      // It stood on a board that a whole class can read: good for one device only.
      codes.delete(screen);
      const token = randomBytes(32).toString('base64url');
      const id = idOf(token);
      const pass = { id, letInAt: now().toISOString(), screen, classId: classOf(screen) };
      passes.set(id, { ...pass, until: time() + REMOTE_MS });
      return { ...pass, token };
    },
    /** The device that shows a token; none where nobody was let in with it, or it is over. */
    letInBy: (token: string | undefined): RemotePass | undefined =>
      token === undefined ? undefined : all().find(({ id }) => id === idOf(token)),
    /** Those that are let in now. */
    all,
    /** Boards look at another class: their remotes follow. @param isMeant those that do */
    follow: (isMeant: (pass: RemotePass) => boolean, classId: number): void => {
      for (const [id, held] of passes) if (isMeant(held)) passes.set(id, { ...held, classId });
    },
    /** It asks for the code again. */
    sendAway: (id: string): void => {
      passes.delete(id);
    },
  };
};
export type Pairing = ReturnType<typeof createPairing>;
