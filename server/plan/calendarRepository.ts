import { randomBytes } from 'node:crypto';
import type { Database } from 'better-sqlite3';

/** What other programs show of a lesson. */
export interface EventContent {
  /** On the clock of the school, no zone: YYYY-MM-DDTHH:MM. */
  readonly start: string;
  readonly end: string;
  readonly summary: string;
  readonly description: string;
}
/** A lesson as it goes out. */
export interface CalendarEvent extends EventContent {
  readonly lessonId: number;
  /** Grows with each change (RFC 5545, 3.8.7.4). */
  readonly sequence: number;
  /** When it was changed last. */
  readonly stampedAt: Date;
  readonly isCancelled: boolean;
}
interface StoredRow {
  lesson_id: number;
  sequence: number;
  content: string;
  cancelled: number;
  stamped_at: string;
}
const fromRow = (row: StoredRow): CalendarEvent => ({
  ...(JSON.parse(row.content) as EventContent),
  lessonId: row.lesson_id,
  sequence: row.sequence,
  stampedAt: new Date(row.stamped_at),
  isCancelled: row.cancelled === 1,
});

/** Bytes of chance in a name and in an address: nobody guesses one. */
const CHANCE_BYTES = 16;
const byChance = (): string => randomBytes(CHANCE_BYTES).toString('hex');

/** The calendar of one class as other programs know it. */
export const createCalendarRepository = (db: Database, classId: number) => {
  const insert = db.prepare<[number, string]>(
    'INSERT INTO calendar (class_id, uid) VALUES (?, ?) ON CONFLICT DO NOTHING',
  );
  const selectUid = db.prepare<[number], string>('SELECT uid FROM calendar WHERE class_id = ?').pluck();
  const selectAddress = db.prepare<[number], string | null>('SELECT address FROM calendar WHERE class_id = ?').pluck();
  const setAddress = db.prepare<[string | null, number]>('UPDATE calendar SET address = ? WHERE class_id = ?');
  const selectEvents = db.prepare<[number], StoredRow>(
    'SELECT lesson_id, sequence, content, cancelled, stamped_at FROM calendar_event WHERE class_id = ? ORDER BY lesson_id',
  );
  const put = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO calendar_event (lesson_id, class_id, sequence, content, cancelled, stamped_at)
    VALUES (@lessonId, @classId, @sequence, @content, @cancelled, @at)
    ON CONFLICT (lesson_id) DO UPDATE
    SET sequence = excluded.sequence, content = excluded.content, cancelled = excluded.cancelled, stamped_at = excluded.stamped_at`);
  const uid = (): string => {
    insert.run(classId, byChance());
    return selectUid.get(classId)!;
  };
  return {
    /** What no other class of any school is called. */
    uid,
    /** Where it can be subscribed to; none unless the teacher wished for it. */
    maybeAddress: (): string | undefined => selectAddress.get(classId) ?? undefined,
    /** Makes an address; the one there is, where there is one. */
    makeAddress: (): string => {
      uid();
      const before = selectAddress.get(classId);
      if (typeof before === 'string') return before;
      const address = byChance();
      setAddress.run(address, classId);
      return address;
    },
    /** Nobody reads it there any more. */
    withdrawAddress: (): void => void setAddress.run(null, classId),
    /**
     * Holds lessons against how they went out last: one that changed, went or came back gets the next number.
     * @returns all that other programs have to know, those that are cancelled too
     */
    events: db.transaction((lessons: ReadonlyMap<number, EventContent>, now: Date): CalendarEvent[] => {
      const before = new Map(selectEvents.all(classId).map((row) => [row.lesson_id, row]));
      const next = (lessonId: number, content: string, isCancelled: boolean): void => {
        const was = before.get(lessonId);
        if (was !== undefined && was.content === content && (was.cancelled === 1) === isCancelled) return;
        // A clock that was set back makes nothing older than it was.
        const at = was !== undefined && was.stamped_at > now.toISOString() ? was.stamped_at : now.toISOString();
        put.run({
          lessonId,
          classId,
          sequence: was === undefined ? 0 : was.sequence + 1,
          content,
          cancelled: isCancelled ? 1 : 0,
          at,
        });
      };
      for (const [lessonId, content] of lessons) next(lessonId, JSON.stringify(content), false);
      for (const [lessonId, { content }] of before) if (!lessons.has(lessonId)) next(lessonId, content, true);
      return selectEvents.all(classId).map(fromRow);
    }),
  };
};
export type CalendarRepository = ReturnType<typeof createCalendarRepository>;

/** Finds the class whose calendar is read at an address. @returns undefined if the address was withdrawn */
export const createCalendarAddresses = (db: Database) => {
  const select = db.prepare<[string], number>('SELECT class_id FROM calendar WHERE address = ?').pluck();
  return (address: string): number | undefined => select.get(address);
};
