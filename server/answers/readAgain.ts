import { isDeepStrictEqual } from 'node:util';
import type { Database } from 'better-sqlite3';
import { READER, readAnswer, type ReadAnswer } from '../../core/answers/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import type { Answer, Item } from '../../core/items/index.ts';
import { mark, type MarkingRules } from '../../core/marking/index.ts';
import { UnreadableStored } from '../db/stored.ts';
import { createSettingsRepository } from '../settings/settingsRepository.ts';

interface OldRow {
  readonly seq: number;
  readonly class_id: number;
  readonly item: string;
  readonly answer: string;
  readonly read: string | null;
  readonly rules: string | null;
  readonly verdict: string;
  readonly findings: string;
}

/** Rows read at a step: of drawings that is some tens of megabytes at most. */
const AT_A_TIME = 200;

/** How many answers were read, and how many of them say something else than before. */
export interface ReadAgain {
  readonly read: number;
  readonly changed: number;
}

/**
 * Reads answers that no reader, or an older one, has read, each by what its class had agreed on when it was given, and judges those anew
 * of which something else was read. What was given is never touched, and what a teacher said of it stands. All of it is kept, or nothing.
 * @param every also those the reader of today has read before
 */
export const readAgain = (db: Database, every = false): ReadAgain => {
  const select = db.prepare<[number, number], OldRow>(`
    SELECT a.seq, c.class_id, a.item, a.answer, a.read, a.rules, a.verdict, a.findings
    FROM answer AS a JOIN child AS c ON c.id = a.child_id
    WHERE a.seq > ? AND (a.reader IS NULL OR a.reader < ${READER})
    ORDER BY a.seq
    LIMIT ?`);
  const keep = db.prepare<[string, string, string, number]>(
    `UPDATE answer SET read = ?, verdict = ?, findings = ?, reader = ${READER} WHERE seq = ?`,
  );
  const settings = new Map<number, Conventions>();
  /** Of answers from before rules were stored, those of the class today. */
  const rulesOf = ({ class_id: classId, rules }: Pick<OldRow, 'class_id' | 'rules'>): Conventions => {
    const known = settings.get(classId) ?? createSettingsRepository(db, classId).one();
    settings.set(classId, known);
    return rules === null ? known : { ...known, ...(JSON.parse(rules) as MarkingRules) };
  };
  return db.transaction((): ReadAgain => {
    if (every) db.exec('UPDATE answer SET reader = NULL');
    let [after, count, changed] = [0, 0, 0];
    for (let rows = select.all(after, AT_A_TIME); rows.length > 0; rows = select.all(after, AT_A_TIME)) {
      for (const row of rows) {
        after = row.seq;
        const answer = JSON.parse(row.answer) as Answer;
        const rules = rulesOf(row);
        const read = readOr(answer, rules, row.seq);
        const text = JSON.stringify(read);
        count += 1;
        const isOther = saysElse(row.read, text, answer);
        const { verdict, findings } = isOther
          ? judged(JSON.parse(row.item) as Item, read, rules)
          : { verdict: row.verdict, findings: row.findings };
        keep.run(text, verdict, findings, row.seq);
        if (isOther) changed += 1;
      }
    }
    return { read: count, changed };
  })();
};

const judged = (item: Item, read: ReadAnswer, rules: Conventions): { verdict: string; findings: string } => {
  const { verdict, findings } = mark(item, read, rules);
  return { verdict, findings: JSON.stringify(findings) };
};

/** An answer that is damaged in the data file leaves all others standing: nobody can read it, and it is said where Hoppel runs. */
const readOr = (answer: Answer, rules: Conventions, seq: number): ReadAnswer => {
  try {
    return readAnswer(answer, rules);
  } catch (error) {
    console.error(new UnreadableStored(`answer ${seq}`, error));
    return { kind: 'no-answer', why: 'illegible' };
  }
};

/** Was something else read before? Of answers from before readings were kept, only drawings are read otherwise now. */
const saysElse = (before: string | null, now: string, answer: Answer): boolean =>
  before === null
    ? answer.kind === 'strokes'
    : !isDeepStrictEqual(JSON.parse(before) as ReadAnswer, JSON.parse(now) as ReadAnswer);
