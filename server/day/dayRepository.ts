import type { Database } from 'better-sqlite3';
import type { RoutineEntry } from '../../contract/index.ts';
import type { Day } from '../../core/planning/index.ts';

/** The day of one class, and the moments of it that were chosen for a date. */
export const createDayRepository = (db: Database, classId: number) => {
  const select = db.prepare<[number], RoutineEntry>(
    'SELECT id, name, picture, at_min AS at FROM routine_entry WHERE class_id = ? ORDER BY at_min, id',
  );
  const clear = db.prepare<[number]>('DELETE FROM routine_entry WHERE class_id = ?');
  const insert = db.prepare<[number, string, string, number]>(
    'INSERT INTO routine_entry (class_id, name, picture, at_min) VALUES (?, ?, ?, ?)',
  );
  const selectChoice = db
    .prepare<[number, string], string>('SELECT entries FROM moment_choice WHERE class_id = ? AND day = ?')
    .pluck();
  const choose = db.prepare<[number, string, string]>(`
    INSERT INTO moment_choice (class_id, day, entries)
    VALUES (?, ?, ?)
    ON CONFLICT (class_id, day) DO UPDATE SET entries = excluded.entries`);
  const forget = db.prepare<[number]>('DELETE FROM moment_choice WHERE class_id = ?');
  return {
    /** In the order of the day. */
    routine: (): RoutineEntry[] => select.all(classId),
    /** Puts another day in place of the one there was; moments chosen among the old entries are forgotten. */
    save: db.transaction((entries: readonly Omit<RoutineEntry, 'id'>[]): void => {
      clear.run(classId);
      forget.run(classId);
      for (const { name, picture, at } of entries) insert.run(classId, name, picture, at);
    }),
    /** Ids of the entries chosen for a date; none when the offer holds. */
    maybeChosen: (day: Day): number[] | undefined => {
      const row = selectChoice.get(classId, day);
      return row === undefined ? undefined : (JSON.parse(row) as number[]);
    },
    choose: (day: Day, entryIds: readonly number[]): void => {
      choose.run(classId, day, JSON.stringify(entryIds));
    },
  };
};
export type DayRepository = ReturnType<typeof createDayRepository>;
