import type { Database } from 'better-sqlite3';
import { Settings } from '../../contract/index.ts';
import type { ConventionChange } from '../../core/diagnosis/index.ts';
import { readStored } from '../db/stored.ts';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';

interface SettingsRow {
  conventions: string;
  snap: number;
}

/** Settings before a teacher has chosen any. A new clock settles on whole minutes. */
export const DEFAULT_SETTINGS: Settings = { ...DEFAULT_CONVENTIONS, snap: 1 };

/** The settings of one class. */
export const createSettingsRepository = (db: Database, classId: number) => {
  const select = db.prepare<[number], SettingsRow>('SELECT conventions, snap FROM settings WHERE class_id = ?');
  const upsert = db.prepare<[SettingsRow & { classId: number }]>(`
    INSERT INTO settings (class_id, conventions, snap)
    VALUES (@classId, @conventions, @snap)
    ON CONFLICT (class_id) DO UPDATE SET conventions = excluded.conventions, snap = excluded.snap`);
  const insertChange = db.prepare<[ConventionChange & { classId: number }]>(
    'INSERT INTO convention_change (class_id, convention, day) VALUES (@classId, @convention, @day)',
  );
  const selectChanges = db.prepare<[number], ConventionChange>(
    'SELECT convention, day FROM convention_change WHERE class_id = ? ORDER BY seq',
  );
  return {
    /** What the class does otherwise since a day, oldest first. */
    changes: (): ConventionChange[] => selectChanges.all(classId),
    noteChange: (change: ConventionChange): void => {
      insertChange.run({ ...change, classId });
    },
    one: (): Settings => {
      const row = select.get(classId);
      if (row === undefined) return DEFAULT_SETTINGS;
      return readStored(Settings, 'the settings of a class', () => ({
        ...DEFAULT_SETTINGS,
        ...(JSON.parse(row.conventions) as object),
        snap: row.snap,
      }));
    },
    save: ({ snap, ...conventions }: Settings): void => {
      upsert.run({ classId, conventions: JSON.stringify(conventions), snap });
    },
  };
};
export type SettingsRepository = ReturnType<typeof createSettingsRepository>;
