import { randomBytes, randomInt } from 'node:crypto';
import type { Database } from 'better-sqlite3';
import type { ClassCode } from '../../contract/index.ts';
import { seededRng } from '../../core/common/index.ts';
import { newCode } from '../../core/pictures/index.ts';
import type { ClassRepository } from '../classes/classRepository.ts';
import type { Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** Wrong codes from all tablets together before nobody can try for a while: small children tap beside, machines try them all. */
const TRIES = 40;
const PAUSE_MS = 30_000;

/** What a tablet shows once it knows the pictures: whose class, and whether it is a stand-in of the demo. */
export interface Pass {
  readonly simulated: boolean;
}

const STAND_IN = '.stand-in';

/**
 * The way in for tablets: three pictures that stand on the board. It keeps other rooms and chance visitors out, no more; results
 * are never on a tablet.
 */
export const createDoor = (db: Database, classes: Pick<ClassRepository, 'opened' | 'openId'>, now: Now) => {
  const select = db.prepare<[number], { code: string; token: string }>(
    'SELECT code, token FROM class_door WHERE class_id = ?',
  );
  const save = db.prepare<[number, string, string]>(`
    INSERT INTO class_door (class_id, code, token)
    VALUES (?, ?, ?)
    ON CONFLICT (class_id) DO UPDATE SET code = excluded.code, token = excluded.token`);
  let wrong = 0;
  let shutUntil = 0;

  const make = (): { code: string; token: string } => {
    const code = JSON.stringify(newCode(seededRng(randomInt(2 ** 32))));
    const made = { code, token: randomBytes(24).toString('base64url') };
    save.run(classes.opened().id, made.code, made.token);
    return made;
  };
  const door = (): { code: string; token: string } => select.get(classes.opened().id) ?? make();
  const codeOf = ({ code }: { code: string }): ClassCode => JSON.parse(code) as ClassCode;
  return {
    /** @throws HoppelError no-class */
    code: (): ClassCode => codeOf(door()),
    /** New pictures; every tablet is asked for them again. @throws HoppelError no-class */
    renew: (): void => {
      make();
    },
    /**
     * Lets a tablet in. @returns what it shows from then on
     * @throws HoppelError wrong-code, too-many-tries, no-class
     */
    enter: (given: ClassCode, simulated: boolean): string => {
      const time = now().getTime();
      if (time < shutUntil) throw new HoppelError('too-many-tries');
      const { code, token } = door();
      if (JSON.stringify(given) !== code) {
        wrong += 1;
        if (wrong < TRIES) throw new HoppelError('wrong-code');
        wrong = 0;
        shutUntil = time + PAUSE_MS;
        throw new HoppelError('too-many-tries');
      }
      wrong = 0;
      return token + (simulated ? STAND_IN : '');
    },
    /** What a tablet showed, looked at; none where it does not know the class's pictures. */
    maybePass: (shown: string | undefined): Pass | undefined => {
      if (shown === undefined || classes.openId() === 0) return undefined;
      const { token } = door();
      if (shown === token) return { simulated: false };
      return shown === token + STAND_IN ? { simulated: true } : undefined;
    },
  };
};
export type Door = ReturnType<typeof createDoor>;
