import type { Database } from 'better-sqlite3';
import { Settings } from '../../contract/index.ts';
import { DEFAULT_CONVENTIONS } from '../../core/wording/index.ts';
import type { ClassRepository } from '../classes/classRepository.ts';

interface SettingsRow {
  conventions: string;
  snap: number;
}

/** Settings before a teacher has chosen any. A new clock settles on whole minutes. */
export const DEFAULT_SETTINGS: Settings = { ...DEFAULT_CONVENTIONS, snap: 1 };

/** The settings of classes: of the open one, unless said otherwise. */
export const createSettingsRepository = (db: Database, classes: Pick<ClassRepository, 'openId' | 'opened'>) => {
  const select = db.prepare<[number], SettingsRow>('SELECT conventions, snap FROM settings WHERE class_id = ?');
  const selectClassOf = db.prepare<[number], number>('SELECT class_id FROM child WHERE id = ?').pluck();
  const upsert = db.prepare<[SettingsRow & { classId: number }]>(`
    INSERT INTO settings (class_id, conventions, snap)
    VALUES (@classId, @conventions, @snap)
    ON CONFLICT (class_id) DO UPDATE SET conventions = excluded.conventions, snap = excluded.snap`);
  const ofClass = (classId: number): Settings => {
    const row = select.get(classId);
    if (row === undefined) return DEFAULT_SETTINGS;
    return Settings.parse({ ...DEFAULT_SETTINGS, ...JSON.parse(row.conventions), snap: row.snap });
  };
  return {
    one: (): Settings => ofClass(classes.openId()),
    /** Those of a child's own class, open or not: a tablet may still send what belongs to the class before. */
    ofChild: (childId: number): Settings => ofClass(selectClassOf.get(childId) ?? classes.openId()),
    /** @throws HoppelError no-class */
    save: ({ snap, ...conventions }: Settings): void => {
      upsert.run({ classId: classes.opened().id, conventions: JSON.stringify(conventions), snap });
    },
  };
};
export type SettingsRepository = ReturnType<typeof createSettingsRepository>;
