import type { Database } from 'better-sqlite3';
import { AnswerRow } from '../../contract/index.ts';

interface StoredRow {
  id: string;
  child_id: number;
  lesson_id: number;
  round_id: string | null;
  round_index: number | null;
  attempt: number;
  item: string;
  answer: string;
  verdict: string;
  findings: string;
  source: string;
  stored_at: string;
  day: string;
}

const fromRow = (row: StoredRow): AnswerRow =>
  AnswerRow.parse({
    id: row.id,
    childId: row.child_id,
    lessonId: row.lesson_id,
    roundId: row.round_id,
    roundIndex: row.round_index,
    attempt: row.attempt,
    item: JSON.parse(row.item),
    answer: JSON.parse(row.answer),
    verdict: row.verdict,
    findings: JSON.parse(row.findings),
    source: row.source,
    storedAt: row.stored_at,
    day: row.day,
  });

const COLUMNS =
  'id, child_id, lesson_id, round_id, round_index, attempt, item, answer, verdict, findings, source, stored_at, day';

/** The answers of one class. */
export const createAnswerRepository = (db: Database, classId: number) => {
  const insert = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO answer (${COLUMNS})
    VALUES (@id, @childId, @lessonId, @roundId, @roundIndex, @attempt, @item, @answer, @verdict, @findings,
            @source, @storedAt, @day)`);
  const selectOne = db.prepare<[string], StoredRow>(`SELECT ${COLUMNS} FROM answer WHERE id = ?`);
  const selectCounted = db.prepare<[number], StoredRow>(`
    SELECT ${COLUMNS}
    FROM counted_answer
    WHERE child_id IN (SELECT c.id FROM child AS c WHERE c.class_id = ?)
    ORDER BY seq`);
  const selectCountedOfChild = db.prepare<[number], StoredRow>(
    `SELECT ${COLUMNS} FROM counted_answer WHERE child_id = ? ORDER BY seq`,
  );
  const selectCountedOfRound = db.prepare<[string], StoredRow>(
    `SELECT ${COLUMNS} FROM counted_answer WHERE round_id = ? ORDER BY seq`,
  );
  const selectTablet = db.prepare<[string, number], StoredRow>(`
    SELECT ${COLUMNS} FROM answer
    WHERE round_id = ? AND child_id = ? AND source <> 'teacher'
    ORDER BY seq`);
  const selectStamp = db
    .prepare<[number], string>(
      `SELECT MAX(a.seq) || ' ' || COUNT(*)
      FROM answer AS a JOIN child AS c ON c.id = a.child_id
      WHERE c.class_id = ?`,
    )
    .pluck();
  const insertStandIn = db.prepare<[string]>('INSERT INTO stand_in_answer (answer_id) VALUES (?)');
  const countStandIns = db.prepare<[], number>('SELECT COUNT(*) FROM stand_in_answer').pluck();
  const deleteStandIns = db.prepare('DELETE FROM answer WHERE id IN (SELECT answer_id FROM stand_in_answer)');
  return {
    /** @throws SqliteError when the id is there already or the child, lesson or round is not */
    add: (row: AnswerRow): void => {
      insert.run({
        ...row,
        item: JSON.stringify(row.item),
        answer: JSON.stringify(row.answer),
        findings: JSON.stringify(row.findings),
      });
    },
    maybe: (id: string): AnswerRow | undefined => {
      const row = selectOne.get(id);
      return row && fromRow(row);
    },
    /** Answers of the class that count (first attempts; in a round the latest a child and item), oldest first. */
    counted: (): AnswerRow[] => selectCounted.all(classId).map(fromRow),
    /** Another text whenever the answers are others: they only come, and stand-ins' go. */
    stamp: (): string => selectStamp.get(classId) ?? '',
    countedOfChild: (childId: number): AnswerRow[] => selectCountedOfChild.all(childId).map(fromRow),
    countedOfRound: (roundId: string): AnswerRow[] => selectCountedOfRound.all(roundId).map(fromRow),
    noteStandIn: (id: string): void => {
      insertStandIn.run(id);
    },
    standIns: (): number => countStandIns.get()!,
    /** Takes every answer of stand-ins out of the record: the only ones that can be. */
    removeStandIns: (): void => {
      deleteStandIns.run();
    },
    /** What a child has answered in a round on a tablet, in order. */
    fromTablet: (roundId: string, childId: number): AnswerRow[] => selectTablet.all(roundId, childId).map(fromRow),
  };
};
export type AnswerRepository = ReturnType<typeof createAnswerRepository>;
