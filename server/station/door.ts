import { randomInt } from 'node:crypto';
import type { Database } from 'better-sqlite3';
import type { ClassCode } from '../../contract/index.ts';
import { seededRng } from '../../core/common/index.ts';
import { newCode } from '../../core/pictures/index.ts';
import type { Now, Ticks } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { TabletRepository } from '../tablets/tabletRepository.ts';

/** Wrong codes from all tablets together before nobody can try for a while: small children tap beside, machines try them all. */
const TRIES = 40;
const PAUSE_MS = 30_000;

interface Parts {
  readonly db: Database;
  readonly classId: number;
  readonly tablets: TabletRepository;
  readonly now: Now;
  readonly ticks: Ticks;
}

/**
 * The way in for tablets to one class: three pictures that stand on the board. It keeps other rooms and chance visitors out, no
 * more; results are never on a tablet.
 */
export const createDoor = ({ db, classId, tablets, now, ticks }: Parts) => {
  const select = db.prepare<[number], string>('SELECT code FROM door WHERE class_id = ?').pluck();
  const save = db.prepare<[number, string]>(`
    INSERT INTO door (class_id, code)
    VALUES (?, ?)
    ON CONFLICT (class_id) DO UPDATE SET code = excluded.code`);
  let wrong = 0;
  let shutUntil = -Infinity;

  const make = (): string => {
    const code = JSON.stringify(newCode(seededRng(randomInt(2 ** 32))));
    save.run(classId, code);
    return code;
  };
  const pictures = (): string => select.get(classId) ?? make();
  return {
    code: (): ClassCode => JSON.parse(pictures()) as ClassCode,
    /** New pictures; every tablet is asked for them again. */
    renew: (): void => {
      make();
      tablets.withdrawAll(classId);
    },
    /**
     * Lets a tablet in. @param shown the pass it has from before, if it has one
     * @returns the pass it shows from then on
     * @throws HoppelError wrong-code, too-many-tries
     */
    enter: (given: ClassCode, shown: string | undefined, simulated: boolean): string => {
      const time = ticks();
      if (time < shutUntil) throw new HoppelError('too-many-tries');
      if (JSON.stringify(given) !== pictures()) {
        wrong += 1;
        if (wrong < TRIES) throw new HoppelError('wrong-code');
        wrong = 0;
        shutUntil = time + PAUSE_MS;
        throw new HoppelError('too-many-tries');
      }
      wrong = 0;
      return tablets.letIn(shown, classId, simulated, now());
    },
  };
};
export type Door = ReturnType<typeof createDoor>;
