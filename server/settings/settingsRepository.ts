import type { Database } from 'better-sqlite3';
import { Settings } from '../../contract/index.ts';
import { DEFAULT_CONVENTIONS } from '../../core/wording/index.ts';

interface SettingsRow {
  english: string;
  hand_names: string;
  first_read: string;
  digital_form: string;
  snap: number;
}

/** Settings before a teacher has chosen any. A new clock settles on whole minutes. */
export const DEFAULT_SETTINGS: Settings = { ...DEFAULT_CONVENTIONS, snap: 1 };

export const createSettingsRepository = (db: Database) => {
  const select = db.prepare<[], SettingsRow>(
    'SELECT english, hand_names, first_read, digital_form, snap FROM settings WHERE id = 1',
  );
  const upsert = db.prepare<[Settings]>(`
    INSERT INTO settings (id, english, hand_names, first_read, digital_form, snap)
    VALUES (1, @english, @handNames, @firstRead, @digitalForm, @snap)
    ON CONFLICT (id) DO UPDATE SET
      english = excluded.english,
      hand_names = excluded.hand_names,
      first_read = excluded.first_read,
      digital_form = excluded.digital_form,
      snap = excluded.snap`);
  return {
    one: (): Settings => {
      const row = select.get();
      if (row === undefined) return DEFAULT_SETTINGS;
      return Settings.parse({
        english: row.english,
        handNames: row.hand_names,
        firstRead: row.first_read,
        digitalForm: row.digital_form,
        snap: row.snap,
      });
    },
    save: (settings: Settings): void => {
      upsert.run(settings);
    },
  };
};
export type SettingsRepository = ReturnType<typeof createSettingsRepository>;
