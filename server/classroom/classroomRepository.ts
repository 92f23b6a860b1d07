import type { Database } from 'better-sqlite3';

export interface ClassroomRow {
  readonly name: string;
  /** When number time starts, HH:MM. */
  readonly numberTime: string;
  readonly demo: boolean;
}

export const createClassroomRepository = (db: Database) => {
  const select = db.prepare<[], { name: string; number_time: string; demo: number }>(
    'SELECT name, number_time, demo FROM classroom WHERE id = 1',
  );
  const insert = db.prepare<[string, string, number]>(
    'INSERT INTO classroom (id, name, number_time, demo) VALUES (1, ?, ?, ?)',
  );
  return {
    /** The class of this data file; none before it was set up. */
    maybe: (): ClassroomRow | undefined => {
      const row = select.get();
      return row && { name: row.name, numberTime: row.number_time, demo: row.demo === 1 };
    },
    add: ({ name, numberTime, demo }: ClassroomRow): void => {
      insert.run(name, numberTime, demo ? 1 : 0);
    },
  };
};
export type ClassroomRepository = ReturnType<typeof createClassroomRepository>;
