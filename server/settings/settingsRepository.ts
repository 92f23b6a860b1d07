import type { Database } from 'better-sqlite3';
import { Settings } from '../../contract/index.ts';
import { DEFAULT_CONVENTIONS } from '../../core/wording/index.ts';

interface SettingsRow {
  conventions: string;
  snap: number;
}

/** Settings before a teacher has chosen any. A new clock settles on whole minutes. */
export const DEFAULT_SETTINGS: Settings = { ...DEFAULT_CONVENTIONS, snap: 1 };

export const createSettingsRepository = (db: Database) => {
  const select = db.prepare<[], SettingsRow>('SELECT conventions, snap FROM settings WHERE id = 1');
  const upsert = db.prepare<[SettingsRow]>(`
    INSERT INTO settings (id, conventions, snap)
    VALUES (1, @conventions, @snap)
    ON CONFLICT (id) DO UPDATE SET conventions = excluded.conventions, snap = excluded.snap`);
  return {
    one: (): Settings => {
      const row = select.get();
      if (row === undefined) return DEFAULT_SETTINGS;
      return Settings.parse({ ...DEFAULT_SETTINGS, ...JSON.parse(row.conventions), snap: row.snap });
    },
    save: ({ snap, ...conventions }: Settings): void => {
      upsert.run({ conventions: JSON.stringify(conventions), snap });
    },
  };
};
export type SettingsRepository = ReturnType<typeof createSettingsRepository>;
