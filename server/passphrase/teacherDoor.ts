import Bowser from 'bowser';
import type { Database } from 'better-sqlite3';
import type { Entry, PutPassphrase } from '../../contract/index.ts';
import type { Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { createPassphraseRepository } from './passphraseRepository.ts';
import { hashPassphrase, isOf, type Hashed } from './scrypt.ts';
import { createTeacherSessions, type TeacherSession } from './teacherSessions.ts';
import { createWrongTries } from './wrongTries.ts';

/** The device that asks. */
export interface Asking {
  /** Its address: who tries is slowed down for itself. */
  readonly sender: string;
  /** What its browser calls itself. */
  readonly userAgent: string | undefined;
  /** Is it the computer that Hoppel runs on? */
  readonly own: boolean;
}

/** A browser as a person knows it. */
const nameOf = (userAgent: string | undefined): string => {
  if (userAgent === undefined || userAgent === '') return '';
  const { browser, os } = Bowser.parse(userAgent);
  return [browser.name, os.name].filter((part) => part !== undefined && part !== '').join(', ');
};

/** The way in to the teacher's side: the passphrase, and the devices that came in by it. Without one, her own computer is in. */
export const createTeacherDoor = (db: Database, now: Now) => {
  const kept = createPassphraseRepository(db);
  const sessions = createTeacherSessions(db, now);
  const tries = createWrongTries(db, now);

  /** Is what is stored still what it was? Hashing takes a while, in which it may be changed from another window. */
  const isStill = (hashed: Hashed | undefined): boolean => {
    const now = kept.maybe();
    return hashed === undefined || now === undefined ? hashed === now : hashed.hash.equals(now.hash);
  };
  /**
   * @returns what is stored of the passphrase, or undefined if none is set
   * @throws HoppelError wrong-passphrase, also where it was changed meanwhile; too-many-tries
   */
  const check = async (passphrase: string, asking: Asking): Promise<Hashed | undefined> => {
    const hashed = kept.maybe();
    if (hashed === undefined) return undefined;
    const { sender } = asking;
    tries.begin(sender);
    const isRight = await isOf(passphrase, hashed, asking);
    if (isRight) tries.right(sender);
    if (isRight && isStill(hashed)) return hashed;
    throw new HoppelError(tries.mustWait(sender) ? 'too-many-tries' : 'wrong-passphrase');
  };
  /** Whoever changes it knows the one so far; the first one needs none. @returns what is stored so far */
  const checkBefore = async (before: string | null, asking: Asking): Promise<Hashed | undefined> => {
    if (kept.maybe() === undefined) return undefined;
    if (before === null) throw new HoppelError('passphrase-is-set');
    return check(before, asking);
  };
  /** Of two who choose at once the first has it. @throws HoppelError passphrase-is-set */
  const mustBeStill = (hashed: Hashed | undefined): void => {
    if (!isStill(hashed)) throw new HoppelError('passphrase-is-set');
  };
  const begin = ({ userAgent, own }: Asking): string => sessions.begin(nameOf(userAgent), own);
  return {
    sessions,
    isSet: (): boolean => kept.maybe() !== undefined,
    entry: (own: boolean, session: TeacherSession | undefined): Entry => {
      const passphrase = kept.state();
      const isIn = passphrase === 'set' ? session !== undefined : own;
      const device = !isIn ? 'out' : session?.covered === true ? 'covered' : 'in';
      return { passphrase, device, own, wrong: device === 'in' ? tries.unseen() : null };
    },
    /**
     * A device comes in, or uncovers its results.
     * @returns the token it shows from then on; none where it has one
     * @throws HoppelError wrong-passphrase, too-many-tries
     */
    enter: async (
      passphrase: string,
      session: TeacherSession | undefined,
      asking: Asking,
    ): Promise<string | undefined> => {
      if (kept.maybe() === undefined) throw new HoppelError('teacher-only');
      await check(passphrase, asking);
      if (session === undefined) return begin(asking);
      sessions.cover(session.id, false);
      return undefined;
    },
    /**
     * A new passphrase: every other device is asked for it.
     * @returns the token of the device that chose it
     * @throws HoppelError wrong-passphrase, too-many-tries, passphrase-is-set
     */
    choose: async ({ before, passphrase }: PutPassphrase, asking: Asking): Promise<string> => {
      const known = await checkBefore(before, asking);
      const hashed = await hashPassphrase(passphrase, asking);
      mustBeStill(known);
      kept.set(hashed);
      sessions.endAll();
      return begin(asking);
    },
    /** The teacher goes without one. @throws HoppelError wrong-passphrase, too-many-tries, passphrase-is-set */
    goWithout: async (before: string | null, asking: Asking): Promise<void> => {
      mustBeStill(await checkBefore(before, asking));
      kept.skip();
      sessions.endAll();
    },
    triesSeen: (): void => tries.seen(),
  };
};
export type TeacherDoor = ReturnType<typeof createTeacherDoor>;
