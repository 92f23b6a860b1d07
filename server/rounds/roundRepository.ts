import type { Database } from 'better-sqlite3';
import { Round } from '../../contract/index.ts';
import { UnreadableStored, readStored } from '../db/stored.ts';
import { HoppelError } from '../errors/hoppelError.ts';

interface RoundRow {
  id: string;
  lesson_id: number;
  entries: string;
  spares: string;
  think_seconds: number;
  countdown: number;
  repeat_missed: number;
  prompt: string;
  item_index: number;
  phase: string;
  revealed: number;
  replays: number;
  version: number;
  away: string;
  phase_since: number;
  closed: number;
}

const fromRow = (row: RoundRow): Round =>
  readStored(Round, `round ${row.id}`, () => ({
    id: row.id,
    lessonId: row.lesson_id,
    entries: JSON.parse(row.entries),
    spares: JSON.parse(row.spares),
    thinkSeconds: row.think_seconds,
    countdown: row.countdown === 1,
    repeatMissed: row.repeat_missed === 1,
    prompt: row.prompt,
    index: row.item_index,
    phase: row.phase,
    revealed: row.revealed,
    replays: row.replays,
    version: row.version,
    away: JSON.parse(row.away),
    phaseSince: row.phase_since,
    closed: row.closed === 1,
  }));

const toRow = (round: Round) => ({
  ...round,
  entries: JSON.stringify(round.entries),
  spares: JSON.stringify(round.spares),
  countdown: round.countdown ? 1 : 0,
  repeatMissed: round.repeatMissed ? 1 : 0,
  away: JSON.stringify(round.away),
  closed: round.closed ? 1 : 0,
});

/** Rounds of one class: those of its lessons. */
const OF_CLASS = 'lesson_id IN (SELECT l.id FROM lesson AS l WHERE l.class_id = ?)';
const COLUMNS = `id, lesson_id, entries, spares, think_seconds, countdown, repeat_missed, prompt, item_index, phase, revealed, replays, version, away, phase_since, closed`;

/** The rounds of one class. */
export const createRoundRepository = (db: Database, classId: number) => {
  const selectOne = db.prepare<[string, number], RoundRow>(`SELECT ${COLUMNS} FROM round WHERE id = ? AND ${OF_CLASS}`);
  const selectLatest = db.prepare<[number], RoundRow & { day: string }>(`
    SELECT ${COLUMNS}, day
    FROM round
    WHERE ${OF_CLASS}
    ORDER BY seq DESC
    LIMIT 1`);
  const insert = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO round (${COLUMNS}, day)
    VALUES (@id, @lessonId, @entries, @spares, @thinkSeconds, @countdown, @repeatMissed, @prompt, @index, @phase, @revealed, @replays, @version, @away, @phaseSince, @closed, @day)`);
  const update = db.prepare<[Record<string, unknown>]>(`
    UPDATE round
    SET entries = @entries, spares = @spares, think_seconds = @thinkSeconds, countdown = @countdown,
        repeat_missed = @repeatMissed, prompt = @prompt, item_index = @index, phase = @phase, revealed = @revealed, replays = @replays, version = @version,
        away = @away, phase_since = @phaseSince, closed = @closed
    WHERE id = @id`);
  const closeAll = db.prepare<[number]>(`UPDATE round SET closed = 1 WHERE closed = 0 AND ${OF_CLASS}`);
  /** The round read last: an answer, a draft and a sign of life all ask for the one on the board, which has seldom changed. */
  let last: { readonly row: string; readonly round: Round } | undefined;
  const read = (row: RoundRow): Round => {
    const text = JSON.stringify(row);
    if (last?.row !== text) last = { row: text, round: fromRow(row) };
    return last.round;
  };
  /** The round that was said to be unreadable: once is enough. */
  let saidOf: string | undefined;
  const maybe = (id: string): Round | undefined => {
    const row = selectOne.get(id, classId);
    return row && read(row);
  };
  return {
    maybe,
    /** @throws HoppelError unknown-round */
    one: (id: string): Round => {
      const round = maybe(id);
      if (round === undefined) throw new HoppelError('unknown-round');
      return round;
    },
    /** The round begun last, over or not, and its school day; none where it cannot be read: the class begins another one. */
    latest: (): { round: Round; day: string } | undefined => {
      const found = selectLatest.get(classId);
      if (found === undefined) return undefined;
      const { day, ...row } = found;
      try {
        return { round: read(row), day };
      } catch (error) {
        if (!(error instanceof UnreadableStored)) throw error;
        if (saidOf !== row.id) console.error(error);
        saidOf = row.id;
        return undefined;
      }
    },
    /** Starts a round; any other is closed, for the class can only look at one board. */
    begin: db.transaction((round: Round, day: string): void => {
      closeAll.run(classId);
      insert.run({ ...toRow(round), day });
    }),
    save: (round: Round): void => {
      update.run(toRow(round));
    },
  };
};
export type RoundRepository = ReturnType<typeof createRoundRepository>;
