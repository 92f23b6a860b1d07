import { randomInt } from 'node:crypto';
import type { Database } from 'better-sqlite3';
import { ClassCode } from '../../contract/index.ts';
import { seededRng } from '../../core/common/index.ts';
import { newCode } from '../../core/pictures/index.ts';
import type { Now } from '../clock.ts';
import type { Knocking } from '../common/knocking.ts';
import type { LetIn, TabletRepository } from '../tablets/tabletRepository.ts';

interface Parts {
  readonly db: Database;
  readonly classId: number;
  readonly tablets: TabletRepository;
  readonly knocking: Pick<Knocking, 'forget'>;
  readonly now: Now;
}

/**
 * The way in for tablets to one class: pictures that stand on the board. It keeps other rooms and chance visitors out, no
 * more; results are never on a tablet.
 */
export const createDoor = ({ db, classId, tablets, knocking, now }: Parts) => {
  const select = db.prepare<[number], string>('SELECT code FROM door WHERE class_id = ?').pluck();
  const save = db.prepare<[number, string]>(`
    INSERT INTO door (class_id, code)
    VALUES (?, ?)
    ON CONFLICT (class_id) DO UPDATE SET code = excluded.code`);
  const isTaken = db.prepare<[string, number], number>('SELECT 1 FROM door WHERE code = ? AND class_id <> ?').pluck();

  const make = (): ClassCode => {
    for (;;) {
      const fresh = newCode(seededRng(randomInt(2 ** 32)));
      const written = JSON.stringify(fresh);
      // The pictures say which class a tablet is for.
      if (isTaken.get(written, classId) !== undefined) continue;
      save.run(classId, written);
      return fresh;
    }
  };
  /** One of an older Hoppel may be shorter; tablets that are in stay in. */
  const stored = (): ClassCode | undefined => ClassCode.safeParse(JSON.parse(select.get(classId) ?? 'null')).data;
  const code = (): ClassCode => stored() ?? make();
  return {
    code,
    isOpenedBy: (given: ClassCode): boolean => JSON.stringify(given) === JSON.stringify(code()),
    /** New pictures; every tablet is asked for them again, and may try at once. */
    renew: (): void => {
      make();
      knocking.forget();
      tablets.withdrawAll(classId);
    },
    /**
     * Lets a tablet in that gave the pictures. @param shown the pass it has from before, if it has one
     * @returns the tablet, and the pass it shows from then on
     */
    enter: (shown: string | undefined, simulated: boolean): LetIn => tablets.letIn(shown, classId, simulated, now()),
  };
};
export type Door = ReturnType<typeof createDoor>;
