import type { Database } from 'better-sqlite3';
import type { AnswerRow, LookedAtAnswer, PostCorrection, RoundAnswer } from '../../contract/index.ts';
import { READER } from '../../core/answers/index.ts';
import { countedInstead, type Correction, type MarkingRules, type OutWhy } from '../../core/marking/index.ts';

interface StoredRow {
  id: string;
  child_id: number;
  lesson_id: number;
  round_id: string | null;
  round_index: number | null;
  pile_id: string | null;
  task: number | null;
  attempt: number;
  item: string;
  answer: string;
  read: string;
  verdict: string;
  findings: string;
  source: string;
  stored_at: string;
  day: string;
}

/** Everything was checked when it came: checking it again would take half the time of a class page. */
const fromRow = (row: StoredRow): AnswerRow => ({
  id: row.id,
  childId: row.child_id,
  lessonId: row.lesson_id,
  roundId: row.round_id,
  roundIndex: row.round_index,
  pileId: row.pile_id,
  task: row.task,
  attempt: row.attempt,
  item: JSON.parse(row.item) as AnswerRow['item'],
  answer: JSON.parse(row.answer) as AnswerRow['answer'],
  read: JSON.parse(row.read) as AnswerRow['read'],
  verdict: row.verdict as AnswerRow['verdict'],
  findings: JSON.parse(row.findings) as AnswerRow['findings'],
  source: row.source as AnswerRow['source'],
  storedAt: row.stored_at,
  day: row.day,
});

interface LookedAtRow extends StoredRow {
  says: Correction | null;
  why: OutWhy | null;
}
const lookedAtFromRow = (row: LookedAtRow): LookedAtAnswer => ({ ...fromRow(row), says: row.says, why: row.why });
/** As it counts; none where it was taken out. */
const countedFromRow = (row: LookedAtRow): AnswerRow[] => {
  const given = fromRow(row);
  if (row.says === null) return [given];
  const instead = countedInstead(row.says);
  return instead === undefined ? [] : [{ ...given, ...instead, read: instead.answer, findings: [], source: 'teacher' }];
};

interface RoundAnswerRow {
  seq: number;
  child_id: number;
  round_index: number;
  read: string;
  verdict: string;
  source: string;
  says: Correction | null;
}
/** A first try as it is stored, its task and its answer unread: most were given before, word for word. */
export interface FirstTry {
  readonly seq: number;
  readonly id: string;
  readonly childId: number;
  readonly lessonId: number;
  readonly roundId: string | null;
  readonly roundIndex: number | null;
  readonly pileId: string | null;
  readonly task: number | null;
  readonly day: string;
  readonly verdict: AnswerRow['verdict'];
  /** JSON, this and the next two. */
  readonly item: string;
  readonly read: string;
  readonly findings: string;
  /** What the teacher says of it. */
  readonly says: Correction | null;
}
/** A row of the record, and whether it counts: not where it was given again, taken out, or is a second try. */
export interface EveryAnswer extends LookedAtAnswer {
  readonly seq: number;
  readonly counts: boolean;
}
/** What an answer says of its lesson having been held. */
interface HeldRow {
  readonly seq: number;
  readonly lessonId: number;
  readonly day: string;
  readonly inRound: number;
}
/** An answer in a round and its place in the record. */
type RoundAnswerRead = RoundAnswer & { readonly seq: number; readonly isOut: boolean };
/** As it was read: a drawing's lines can be a quarter of a megabyte, and stay in the data file. */
const ROUND_COLUMNS = `seq, child_id, round_index, verdict, source, read,
  (SELECT says FROM correction_now WHERE answer_id = answer.id) AS says`;
const insteadOf = (says: Correction): Partial<RoundAnswer> => {
  const instead = countedInstead(says);
  return { ...(instead && { read: instead.answer, verdict: instead.verdict }), source: 'teacher' };
};
const fromRoundRow = (row: RoundAnswerRow): RoundAnswerRead => ({
  seq: row.seq,
  childId: row.child_id,
  index: row.round_index,
  read: JSON.parse(row.read) as RoundAnswer['read'],
  verdict: row.verdict as RoundAnswer['verdict'],
  source: row.source as RoundAnswer['source'],
  isOut: row.says === 'out',
  ...(row.says !== null && insteadOf(row.says)),
});

const FIRST_TRY_COLUMNS = `seq, id, child_id AS childId, lesson_id AS lessonId, round_id AS roundId, round_index AS roundIndex,
  pile_id AS pileId, task, day, verdict, item, read, findings, (SELECT says FROM correction_now WHERE answer_id = answer.id) AS says`;
const COLUMNS =
  'id, child_id, lesson_id, round_id, round_index, pile_id, task, attempt, item, answer, read, verdict, findings, source, stored_at, day';

/** The answers of one class. */
export const createAnswerRepository = (db: Database, classId: number) => {
  const insert = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO answer (${COLUMNS}, reader, rules)
    VALUES (@id, @childId, @lessonId, @roundId, @roundIndex, @pileId, @task, @attempt, @item, @answer, @read, @verdict,
            @findings, @source, @storedAt, @day, ${READER}, @rules)`);
  const selectOne = db.prepare<[string], StoredRow>(`SELECT ${COLUMNS} FROM answer WHERE id = ?`);
  const selectFirstTriesOfChild = db.prepare<[number, number, number], FirstTry>(`
    SELECT ${FIRST_TRY_COLUMNS}
    FROM answer
    WHERE child_id = ? AND seq > ? AND attempt = 1
    ORDER BY seq
    LIMIT ?`);
  const selectAloneSince = db
    .prepare<[number, string], string>(
      `SELECT item
      FROM answer
      WHERE child_id = ? AND stored_at >= ? AND round_id IS NULL AND attempt = 1
        AND COALESCE((SELECT says FROM correction_now WHERE answer_id = answer.id), '') <> 'out'`,
    )
    .pluck();
  const selectLast = db.prepare<[], number | null>('SELECT MAX(seq) FROM answer').pluck();
  const said = (table: string): string =>
    `(SELECT says FROM correction_now WHERE answer_id = ${table}.id) AS says, (SELECT why FROM correction_now WHERE answer_id = ${table}.id) AS why`;
  const SAYS = said('counted_answer');
  const selectCountedOfChild = db.prepare<[number], LookedAtRow>(
    `SELECT ${COLUMNS}, ${SAYS} FROM counted_answer WHERE child_id = ? ORDER BY seq`,
  );
  const selectLatestOfChild = db.prepare<[number], LookedAtRow>(
    `SELECT ${COLUMNS}, ${SAYS} FROM counted_answer WHERE child_id = ? ORDER BY seq DESC`,
  );
  const selectSome = db.prepare<[string, number], LookedAtRow>(
    `SELECT ${COLUMNS}, ${SAYS} FROM counted_answer
    WHERE id IN (SELECT value FROM json_each(?)) AND child_id = ?
    ORDER BY seq DESC`,
  );
  const selectCountedOfTask = db.prepare<[string, number], LookedAtRow>(
    `SELECT ${COLUMNS}, ${SAYS} FROM counted_answer WHERE round_id = ? AND round_index = ? ORDER BY seq`,
  );
  const selectEvery = db.prepare<[number, number, number], LookedAtRow & { seq: number; counts: number }>(`
    SELECT seq, ${COLUMNS}, ${said('answer')},
      EXISTS (SELECT 1 FROM counted_answer AS c WHERE c.id = answer.id) AS counts
    FROM answer
    WHERE seq > ? AND +child_id IN (SELECT c.id FROM child AS c WHERE c.class_id = ?)
    ORDER BY seq
    LIMIT ?`);
  const insertCorrection = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO correction (id, answer_id, says, why, said_at)
    VALUES (@id, @answerId, @says, @why, @saidAt)`);
  const selectCorrection = db.prepare<[string], Pick<PostCorrection, 'answerId' | 'says'> & { why: OutWhy | null }>(
    'SELECT answer_id AS answerId, says, why FROM correction WHERE id = ?',
  );
  const selectOfRound = db.prepare<[string], RoundAnswerRow>(
    `SELECT ${ROUND_COLUMNS} FROM answer WHERE round_id = ? ORDER BY seq`,
  );
  // The sign keeps SQLite from walking the whole round by its index: the few rows behind the last one read are fewer.
  const selectOfRoundAfter = db.prepare<[number, string], RoundAnswerRow>(
    `SELECT ${ROUND_COLUMNS} FROM answer WHERE seq > ? AND +round_id = ? ORDER BY seq`,
  );
  const selectHeld = db.prepare<[number, number], HeldRow>(`
    SELECT a.seq, a.lesson_id AS lessonId, a.day, a.round_id IS NOT NULL AS inRound
    FROM answer AS a JOIN lesson AS l ON l.id = a.lesson_id
    WHERE a.seq > ? AND l.class_id = ?
    ORDER BY a.seq`);
  const selectHasAnswered = db
    .prepare<[string, number, number], number>(
      `SELECT 1 FROM answer WHERE round_id = ? AND round_index = ? AND child_id = ? AND source <> 'teacher'`,
    )
    .pluck();
  let removals = 0;
  let corrections = 0;
  const selectTablet = db.prepare<[string, number], StoredRow>(`
    SELECT ${COLUMNS} FROM answer
    WHERE round_id = ? AND child_id = ? AND source <> 'teacher'
    ORDER BY seq`);
  const selectDoneAlone = db.prepare<[number, string], { childId: number; item: string }>(`
    SELECT DISTINCT child_id AS childId, item
    FROM answer
    WHERE lesson_id = ? AND round_id IS NULL AND stored_at >= ?`);
  const insertStandIn = db.prepare<[string]>('INSERT INTO stand_in_answer (answer_id) VALUES (?)');
  const countStandIns = db.prepare<[], number>('SELECT COUNT(*) FROM stand_in_answer').pluck();
  const deleteStandIns = db.prepare('DELETE FROM answer WHERE id IN (SELECT answer_id FROM stand_in_answer)');
  return {
    /** @param rules what it was marked by @throws SqliteError when the id is there already or the child, lesson or round is not */
    add: (row: AnswerRow, rules: MarkingRules): void => {
      insert.run({
        ...row,
        item: JSON.stringify(row.item),
        answer: JSON.stringify(row.answer),
        read: JSON.stringify(row.read),
        findings: JSON.stringify(row.findings),
        rules: JSON.stringify(rules),
      });
    },
    maybe: (id: string): AnswerRow | undefined => {
      const row = selectOne.get(id);
      return row && fromRow(row);
    },
    /** Place of the last answer in the record, of any class; 0 where there is none. */
    last: (): number => selectLast.get() ?? 0,
    /** First tries of one child behind a place in the record, oldest first. @param most of them; -1 for all */
    firstTriesOfChild: (childId: number, after: number, most: number): FirstTry[] =>
      selectFirstTriesOfChild.all(childId, after, most),
    /** Tasks, as JSON, that a child has done outside of rounds since a moment, as far as they count. @param since ISO 8601, UTC */
    doneAloneSince: (childId: number, since: string): string[] => selectAloneSince.all(childId, since),
    /** Answers of one child as they count (first tries; in a round the latest to an item; corrected), oldest first. */
    countedOfChild: (childId: number): AnswerRow[] => selectCountedOfChild.all(childId).flatMap(countedFromRow),
    /** Every row of the class behind a place in the record, oldest first, whether it counts or not. @param most of them */
    everyAfter: (seq: number, most: number): EveryAnswer[] =>
      selectEvery.all(seq, classId, most).map((row) => ({
        ...lookedAtFromRow(row),
        seq: row.seq,
        counts: row.counts === 1 && row.says !== 'out',
      })),
    /** The same as they were given, those that were taken out too, with what the teacher says of them: the latest first, read as they are taken. */
    *latestOfChild(childId: number): Generator<LookedAtAnswer> {
      for (const row of selectLatestOfChild.iterate(childId)) yield lookedAtFromRow(row);
    },
    /** Those of them that have these ids. */
    someOfChild: (childId: number, ids: readonly string[]): LookedAtAnswer[] =>
      selectSome.all(JSON.stringify(ids), childId).map(lookedAtFromRow),
    /** Answers to one task of a round, the latest of each child as it was given, with what the teacher says of it. */
    lookedAtOfTask: (roundId: string, index: number): LookedAtAnswer[] =>
      selectCountedOfTask.all(roundId, index).map(lookedAtFromRow),
    /** Keeps a correction. @throws SqliteError when its id is there already, or the answer is not */
    correct: (correction: PostCorrection & { saidAt: string }): void => {
      insertCorrection.run({ why: null, ...correction });
      corrections += 1;
    },
    maybeCorrection: (id: string) => selectCorrection.get(id),
    /** Grows whenever one is kept: answers that were there before count otherwise. */
    corrections: (): number => corrections,
    /** Answers in a round behind a place in the record, every one, oldest first, as they were read. @param seq 0 for all */
    ofRoundAfter: (roundId: string, seq: number): RoundAnswerRead[] =>
      (seq === 0 ? selectOfRound.all(roundId) : selectOfRoundAfter.all(seq, roundId)).map(fromRoundRow),
    /** Of every answer behind a place in the record: its lesson, its school day, whether a round asked for it. */
    heldAfter: (seq: number): HeldRow[] => selectHeld.all(seq, classId),
    /** Has a child answered a task of a round on a tablet? */
    hasAnswered: (roundId: string, index: number, childId: number): boolean =>
      selectHasAnswered.get(roundId, index, childId) !== undefined,
    /** Grows whenever answers were taken out of the record: otherwise they only come. */
    removals: (): number => removals,
    /** Tasks of a lesson that children have done alone since a moment, each task of a child once. @param since ISO 8601, UTC */
    doneAlone: (lessonId: number, since: string): { childId: number; item: AnswerRow['item'] }[] =>
      selectDoneAlone
        .all(lessonId, since)
        .map(({ childId, item }) => ({ childId, item: JSON.parse(item) as AnswerRow['item'] })),
    noteStandIn: (id: string): void => {
      insertStandIn.run(id);
    },
    standIns: (): number => countStandIns.get()!,
    /** Answers of a child were deleted, with all that was stored of it. */
    noteRemoval: (): void => {
      removals += 1;
    },
    /** Takes every answer of stand-ins out of the record: the only ones that can be. */
    removeStandIns: (): void => {
      deleteStandIns.run();
      removals += 1;
    },
    /** What a child has answered in a round on a tablet, in order. */
    fromTablet: (roundId: string, childId: number): AnswerRow[] => selectTablet.all(roundId, childId).map(fromRow),
  };
};
export type AnswerRepository = ReturnType<typeof createAnswerRepository>;
