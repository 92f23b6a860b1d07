import type { Database } from 'better-sqlite3';
import type { AnswerRow, PileMark } from '../../contract/index.ts';
import type { Item } from '../../core/items/index.ts';
import { countedInstead } from '../../core/marking/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** A pile as it is kept. */
export interface KeptPile {
  readonly id: string;
  readonly lessonId: number;
  /** What it was opened from: its kind, and which. */
  readonly origin: string;
  readonly printing: number | null;
  readonly roundId: string | null;
  readonly forms: readonly (readonly Item[])[];
  /** When it was answered, YYYY-MM-DD. */
  readonly day: string;
  readonly madeAt: string;
}
interface PileRow {
  id: string;
  lesson_id: number;
  origin: string;
  printing_id: number | null;
  round_id: string | null;
  forms: string;
  day: string;
  made_at: string;
}
/** What a teacher said of a child's paper last. */
export interface SaidOfChild {
  readonly childId: number;
  readonly away: boolean;
  readonly form: number;
}
interface ChildRow {
  childId: number;
  away: number;
  form: number;
}
interface MarkRow {
  id: string;
  child_id: number;
  task: number;
  read: string;
  verdict: string;
  findings: string;
  source: string;
  says: PileMark['says'];
}

const COLUMNS = 'id, lesson_id, origin, printing_id, round_id, forms, day, made_at';
const fromRow = (row: PileRow): KeptPile => ({
  id: row.id,
  lessonId: row.lesson_id,
  origin: row.origin,
  printing: row.printing_id,
  roundId: row.round_id,
  forms: JSON.parse(row.forms) as Item[][],
  day: row.day,
  madeAt: row.made_at,
});

/** As it counts: what the teacher said of it afterwards in its place. @returns none where it was taken out */
const markFromRow = (row: MarkRow): PileMark | undefined => {
  const instead = row.says === null ? undefined : countedInstead(row.says);
  if (row.says !== null && instead === undefined) return undefined;
  return {
    childId: row.child_id,
    task: row.task,
    answerId: row.id,
    read: JSON.parse(row.read) as AnswerRow['read'],
    verdict: row.verdict as AnswerRow['verdict'],
    findings: JSON.parse(row.findings) as AnswerRow['findings'],
    source: row.source as AnswerRow['source'],
    says: row.says,
    ...(instead && { read: instead.answer, verdict: instead.verdict, findings: [] }),
  };
};

/** Piles of one class. What is marked in them are answers like all others. */
export const createPileRepository = (db: Database, classId: number) => {
  const selectOne = db.prepare<[string, number], PileRow>(`SELECT ${COLUMNS} FROM pile WHERE id = ? AND class_id = ?`);
  const selectOf = db.prepare<[number, string], PileRow>(
    `SELECT ${COLUMNS} FROM pile WHERE class_id = ? AND origin = ?`,
  );
  const selectAll = db.prepare<[number], PileRow & { marked: number }>(`
    SELECT ${COLUMNS},
      CASE WHEN round_id IS NULL
        THEN (SELECT COUNT(DISTINCT a.child_id) FROM counted_answer AS a WHERE a.pile_id = pile.id)
        ELSE (SELECT COUNT(DISTINCT a.child_id) FROM counted_answer AS a WHERE a.round_id = pile.round_id)
      END AS marked
    FROM pile
    WHERE class_id = ?
    ORDER BY made_at DESC, rowid DESC
    LIMIT 60`);
  const insert = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO pile (id, class_id, lesson_id, origin, printing_id, round_id, forms, day, made_at)
    VALUES (@id, @classId, @lessonId, @origin, @printing, @roundId, @forms, @day, @madeAt)`);
  const selectChildren = db.prepare<[string], ChildRow>(`
    SELECT child_id AS childId, away, form
    FROM pile_child AS p
    WHERE pile_id = ? AND seq = (
      SELECT MAX(q.seq) FROM pile_child AS q WHERE q.pile_id = p.pile_id AND q.child_id = p.child_id
    )`);
  const wasAway = db
    .prepare<[string, number, string], number>(
      'SELECT 1 FROM pile_child WHERE pile_id = ? AND child_id = ? AND away = 1 AND said_at < ?',
    )
    .pluck();
  const isSaid = db.prepare<[string], { pile_id: string; child_id: number; away: number; form: number }>(
    'SELECT pile_id, child_id, away, form FROM pile_child WHERE id = ?',
  );
  const insertChild = db.prepare<[string, string, number, number, number, string]>(
    'INSERT INTO pile_child (id, pile_id, child_id, away, form, said_at) VALUES (?, ?, ?, ?, ?, ?)',
  );
  const SAYS = '(SELECT says FROM correction_now WHERE answer_id = counted_answer.id) AS says';
  const selectMarks = db.prepare<[string], MarkRow>(`
    SELECT id, child_id, task, read, verdict, findings, source, ${SAYS}
    FROM counted_answer
    WHERE pile_id = ?
    ORDER BY seq`);
  const selectRoundMarks = db.prepare<[string], MarkRow>(`
    SELECT id, child_id, round_index AS task, read, verdict, findings, source, ${SAYS}
    FROM counted_answer
    WHERE round_id = ?
    ORDER BY seq`);
  const maybe = (id: string): KeptPile | undefined => {
    const row = selectOne.get(id, classId);
    return row && fromRow(row);
  };
  return {
    maybe,
    /** @throws HoppelError unknown-pile */
    one: (id: string): KeptPile => {
      const pile = maybe(id);
      if (pile === undefined) throw new HoppelError('unknown-pile');
      return pile;
    },
    /** The pile that was opened from this before. */
    maybeOf: (origin: string): KeptPile | undefined => {
      const row = selectOf.get(classId, origin);
      return row && fromRow(row);
    },
    /** The latest first, with how many children have a mark in each. */
    all: (): (KeptPile & { readonly marked: number })[] =>
      selectAll.all(classId).map((row) => ({ ...fromRow(row), marked: row.marked })),
    /** @throws SqliteError when the id is there already */
    add: (pile: KeptPile): void => {
      insert.run({ ...pile, classId, forms: JSON.stringify(pile.forms) });
    },
    children: (id: string): SaidOfChild[] =>
      selectChildren.all(id).map(({ away, ...rest }) => ({ ...rest, away: away === 1 })),
    /** Was a child said to be away before a day? Its paper came later then. @param today YYYY-MM-DD */
    wasAway: (id: string, childId: number, today: string): boolean => wasAway.get(id, childId, today) !== undefined,
    /** Keeps what is said of a child; the same id again keeps nothing twice. @throws HoppelError id-taken */
    say: (id: string, pileId: string, said: SaidOfChild, at: Date): void => {
      const before = isSaid.get(id);
      if (before !== undefined) {
        const same =
          before.pile_id === pileId &&
          before.child_id === said.childId &&
          (before.away === 1) === said.away &&
          before.form === said.form;
        if (!same) throw new HoppelError('id-taken');
        return;
      }
      insertChild.run(id, pileId, said.childId, said.away ? 1 : 0, said.form, at.toISOString());
    },
    /** Marks that count, the oldest first. */
    marks: ({ id, roundId }: Pick<KeptPile, 'id' | 'roundId'>): PileMark[] =>
      (roundId === null ? selectMarks.all(id) : selectRoundMarks.all(roundId)).flatMap((row) => markFromRow(row) ?? []),
  };
};
export type PileRepository = ReturnType<typeof createPileRepository>;
