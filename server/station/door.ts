import { randomInt } from 'node:crypto';
import type { Database } from 'better-sqlite3';
import { ClassCode } from '../../contract/index.ts';
import { seededRng } from '../../core/common/index.ts';
import { newCode } from '../../core/pictures/index.ts';
import type { Now, Ticks } from '../clock.ts';
import { createKnocking } from '../common/knocking.ts';
import type { LetIn, TabletRepository } from '../tablets/tabletRepository.ts';

interface Parts {
  readonly db: Database;
  readonly classId: number;
  readonly tablets: TabletRepository;
  readonly now: Now;
  readonly ticks: Ticks;
}

/**
 * The way in for tablets to one class: pictures that stand on the board. It keeps other rooms and chance visitors out, no
 * more; results are never on a tablet.
 */
export const createDoor = ({ db, classId, tablets, now, ticks }: Parts) => {
  const select = db.prepare<[number], string>('SELECT code FROM door WHERE class_id = ?').pluck();
  const save = db.prepare<[number, string]>(`
    INSERT INTO door (class_id, code)
    VALUES (?, ?)
    ON CONFLICT (class_id) DO UPDATE SET code = excluded.code`);
  const knocking = createKnocking(ticks);

  const make = (): ClassCode => {
    const fresh = newCode(seededRng(randomInt(2 ** 32)));
    save.run(classId, JSON.stringify(fresh));
    return fresh;
  };
  /** One of an older Hoppel may be shorter; tablets that are in stay in. */
  const stored = (): ClassCode | undefined => ClassCode.safeParse(JSON.parse(select.get(classId) ?? 'null')).data;
  const code = (): ClassCode => stored() ?? make();
  return {
    code,
    knocking,
    /** New pictures; every tablet is asked for them again, and may try at once. */
    renew: (): void => {
      make();
      knocking.forget();
      tablets.withdrawAll(classId);
    },
    /**
     * Lets a tablet in. @param shown the pass it has from before, if it has one
     * @param sender the device it comes from
     * @returns the tablet, and the pass it shows from then on
     * @throws HoppelError wrong-code, too-many-tries
     */
    enter: (given: ClassCode, shown: string | undefined, simulated: boolean, sender: string): LetIn => {
      knocking.tried(sender, () => JSON.stringify(given) === JSON.stringify(code()));
      return tablets.letIn(shown, classId, simulated, now());
    },
  };
};
export type Door = ReturnType<typeof createDoor>;
