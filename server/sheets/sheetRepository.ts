import type { Database } from 'better-sqlite3';
import { z } from 'zod';
import {
  Settings,
  SheetContent,
  SheetRecipe,
  type PostPrinting,
  type PutSheet,
  type Sheet,
} from '../../contract/index.ts';
import { readStored } from '../db/stored.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** A version as it is stored: its recipe and content. */
export const StoredSheet = z.strictObject({
  source: z.int().nullable(),
  childIds: z.array(z.int()),
  recipe: SheetRecipe,
  content: SheetContent,
});
/** What a printing was made for; as it was then, so that it comes out the same again. */
export const PrintSetting = z.strictObject({ conventions: Settings, day: z.string() });
export type PrintSetting = z.infer<typeof PrintSetting>;

interface VersionRow {
  id: number;
  sheet_id: string;
  version: number;
  lesson_id: number | null;
  part: Sheet['part'];
  sheet: string;
  made_at: string;
}
interface PrintingRow {
  id: number;
  version_id: number;
  setting: string;
  printed_at: string;
}
/** One copy of a printing: whose, and which form. */
export interface PrintedCopy {
  readonly childId: number | null;
  readonly form: number;
}
/** A version as it is kept. */
export interface KeptVersion extends Sheet {
  readonly madeAt: string;
}
/** A printing with all it needs to come out again. */
export interface KeptPrinting {
  readonly number: number;
  readonly printedAt: string;
  readonly setting: PrintSetting;
  readonly sheet: KeptVersion;
  readonly copies: readonly PrintedCopy[];
}

const VERSION = 'id, sheet_id, version, lesson_id, part, sheet, made_at';
const fromRow = (row: VersionRow): KeptVersion => ({
  ...readStored(StoredSheet, 'a sheet', () => JSON.parse(row.sheet)),
  id: row.sheet_id,
  version: row.version,
  lessonId: row.lesson_id,
  part: row.part,
  madeAt: row.made_at,
});

/** Sheets of one class and their printings: every version is kept, nothing is changed. */
export const createSheetRepository = (db: Database, classId: number) => {
  const selectLatest = db.prepare<[number], VersionRow>(`
    SELECT ${VERSION}
    FROM sheet_version AS v
    WHERE class_id = ? AND version = (SELECT MAX(w.version) FROM sheet_version AS w WHERE w.sheet_id = v.sheet_id)
    ORDER BY id DESC
    LIMIT 200`);
  const selectOne = db.prepare<[number, string], VersionRow>(
    `SELECT ${VERSION} FROM sheet_version WHERE class_id = ? AND sheet_id = ? ORDER BY version DESC LIMIT 1`,
  );
  const selectVersion = db.prepare<[number, string, number], VersionRow>(
    `SELECT ${VERSION} FROM sheet_version WHERE class_id = ? AND sheet_id = ? AND version = ?`,
  );
  const selectById = db.prepare<[number, number], VersionRow>(
    `SELECT ${VERSION} FROM sheet_version WHERE class_id = ? AND id = ?`,
  );
  const isTaken = db
    .prepare<[string, number], number>('SELECT 1 FROM sheet_version WHERE sheet_id = ? AND class_id <> ?')
    .pluck();
  const insert = db.prepare<[number, string, number, number | null, string | null, string, string]>(
    'INSERT INTO sheet_version (class_id, sheet_id, version, lesson_id, part, sheet, made_at) VALUES (?, ?, ?, ?, ?, ?, ?)',
  );
  const selectPrintings = db.prepare<[number, string], PrintingRow & { version: number }>(`
    SELECT p.id, p.version_id, p.setting, p.printed_at, v.version
    FROM printing AS p
    JOIN sheet_version AS v ON v.id = p.version_id
    WHERE v.class_id = ? AND v.sheet_id = ?
    ORDER BY p.id DESC`);
  const selectPrinting = db.prepare<[number, number], PrintingRow>(`
    SELECT p.id, p.version_id, p.setting, p.printed_at
    FROM printing AS p
    JOIN sheet_version AS v ON v.id = p.version_id
    WHERE p.id = ? AND v.class_id = ?`);
  const selectJob = db.prepare<[string], PrintingRow>(
    'SELECT id, version_id, setting, printed_at FROM printing WHERE job_id = ?',
  );
  const selectLatestOf = db.prepare<[number, number, string], PrintingRow>(`
    SELECT p.id, p.version_id, p.setting, p.printed_at
    FROM printing AS p
    JOIN sheet_version AS v ON v.id = p.version_id
    WHERE v.class_id = ? AND v.lesson_id = ? AND v.part = ?
    -- A single copy was printed for somebody who lost one.
    ORDER BY MIN(2, (SELECT COUNT(*) FROM printed_copy AS c WHERE c.printing_id = p.id)) DESC, p.id DESC
    LIMIT 1`);
  const selectMarked = db
    .prepare<[string], number>(
      `SELECT COUNT(DISTINCT a.child_id)
      FROM counted_answer AS a
      JOIN pile AS l ON l.id = a.pile_id
      JOIN printing AS p ON p.id = l.printing_id
      JOIN sheet_version AS v ON v.id = p.version_id
      WHERE v.sheet_id = ?`,
    )
    .pluck();
  const isPrinted = db.prepare<[number], number>('SELECT 1 FROM printing WHERE id = ?').pluck();
  const insertPrinting = db.prepare<[string, number, string, string]>(
    'INSERT INTO printing (job_id, version_id, setting, printed_at) VALUES (?, ?, ?, ?)',
  );
  const selectCopies = db.prepare<[number], PrintedCopy>(
    'SELECT child_id AS childId, form FROM printed_copy WHERE printing_id = ? ORDER BY number',
  );
  const insertCopy = db.prepare<[number, number, number | null, number]>(
    'INSERT INTO printed_copy (printing_id, number, child_id, form) VALUES (?, ?, ?, ?)',
  );

  const one = (id: string): VersionRow => {
    const found = selectOne.get(classId, id);
    if (found === undefined) throw new HoppelError('unknown-sheet');
    return found;
  };
  const kept = (row: PrintingRow): KeptPrinting => ({
    number: row.id,
    printedAt: row.printed_at,
    setting: readStored(PrintSetting, 'a printing', () => JSON.parse(row.setting)),
    sheet: fromRow(selectById.get(classId, row.version_id)!),
    copies: selectCopies.all(row.id),
  });
  const maybePrinting = (number: number): KeptPrinting | undefined => {
    const row = selectPrinting.get(number, classId);
    return row && kept(row);
  };
  return {
    /** The latest version of each, newest first. */
    all: (): KeptVersion[] => selectLatest.all(classId).map(fromRow),
    /** The latest version. @throws HoppelError unknown-sheet */
    one: (id: string): KeptVersion => fromRow(one(id)),
    /** One version. @throws HoppelError unknown-sheet */
    version: (id: string, version: number): KeptVersion => {
      const found = selectVersion.get(classId, id, version);
      if (found === undefined) throw new HoppelError('unknown-sheet');
      return fromRow(found);
    },
    /**
     * Keeps a version. The same one again keeps nothing twice.
     * @throws HoppelError sheet-moved-on unless it follows the latest
     */
    keep: db.transaction(
      (id: string, { version, lessonId, part, source, childIds, recipe, content }: PutSheet, at: Date): void => {
        const sheet = JSON.stringify({ source, childIds, recipe, content });
        const same = selectVersion.get(classId, id, version);
        if (same?.sheet === sheet) return;
        const latest = selectOne.get(classId, id);
        if (version !== (latest?.version ?? 0) + 1 || isTaken.get(id, classId) !== undefined)
          throw new HoppelError('sheet-moved-on');
        insert.run(classId, id, version, lessonId, part, sheet, at.toISOString());
      },
    ),
    /** Printings of a sheet, the latest first. */
    printings: (id: string): KeptPrinting[] => selectPrintings.all(classId, id).map(kept),
    /** @throws HoppelError unknown-sheet */
    printing: (number: number): KeptPrinting => {
      const found = maybePrinting(number);
      if (found === undefined) throw new HoppelError('unknown-sheet');
      return found;
    },
    maybePrinting,
    /** Children of whom a copy of a sheet was marked. */
    marked: (id: string): number => selectMarked.get(id)!,
    /** The last printing of a lesson's paper for several children; none where it was never printed. */
    latestPrinting: (lessonId: number, part: NonNullable<Sheet['part']>): KeptPrinting | undefined => {
      const row = selectLatestOf.get(classId, lessonId, part);
      return row && kept(row);
    },
    /** Was there such a printing, but not for this class? */
    isOfAnotherClass: (number: number): boolean =>
      isPrinted.get(number) !== undefined && selectPrinting.get(number, classId) === undefined,
    /** Keeps a printing with its copies; the same id again gives the one that is there. @throws HoppelError unknown-sheet */
    print: db.transaction((id: string, job: PostPrinting, setting: PrintSetting, at: Date): KeptPrinting => {
      const before = selectJob.get(job.id);
      if (before !== undefined) return kept(before);
      const version = selectVersion.get(classId, id, job.version);
      if (version === undefined) throw new HoppelError('unknown-sheet');
      const { lastInsertRowid } = insertPrinting.run(job.id, version.id, JSON.stringify(setting), at.toISOString());
      job.copies.forEach(({ childId, form }, i) => insertCopy.run(Number(lastInsertRowid), i + 1, childId, form));
      return kept(selectPrinting.get(Number(lastInsertRowid), classId)!);
    }),
  };
};
export type SheetRepository = ReturnType<typeof createSheetRepository>;
