import type { Database } from 'better-sqlite3';
import { PlanDeed, StoredPlan } from '../../contract/index.ts';
import type { Plan } from '../../core/planning/index.ts';

interface StateRow {
  seq: number;
  deed: string;
  before: number | null;
  plan: string;
}
/** A state of a unit, and what led to it. */
export interface PlanRecord {
  readonly seq: number;
  readonly deed: PlanDeed;
  /** The state it was made from; none for the first. */
  readonly before: number | undefined;
  readonly plan: Plan;
}
const COLUMNS = 'p.seq, p.deed, p.before, p.plan';

/** States of units kept at most a class; older ones cannot be gone back to. */
const KEPT = 300;

/** Every state of one class's unit. The one that holds is the class's `plan_seq`; nothing is ever changed in place. */
export const createPlanRepository = (db: Database, classId: number) => {
  const selectHead = db.prepare<[number], StateRow>(
    `SELECT ${COLUMNS} FROM plan_state AS p JOIN class AS c ON c.plan_seq = p.seq WHERE c.id = ?`,
  );
  const selectOne = db.prepare<[number], StateRow>(`SELECT ${COLUMNS} FROM plan_state AS p WHERE p.seq = ?`);
  const selectAfter = db.prepare<[number, number], StateRow>(`
    SELECT ${COLUMNS}
    FROM plan_state AS p
    WHERE p.class_id = ? AND p.before = ?
    ORDER BY p.seq DESC
    LIMIT 1`);
  const isKnown = db.prepare<[string], number>('SELECT 1 FROM plan_state WHERE change_id = ?').pluck();
  const insert = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO plan_state (class_id, change_id, deed, before, made_at, plan)
    VALUES (@classId, @changeId, @deed, @before, @madeAt, @plan)`);
  const setHead = db.prepare<[number | null, number]>('UPDATE class SET plan_seq = ? WHERE id = ?');
  const cutTies = db.prepare<[{ classId: number; kept: number }]>(`
    UPDATE plan_state
    SET before = NULL
    WHERE class_id = @classId AND before < (
      SELECT MIN(seq) FROM (SELECT seq FROM plan_state WHERE class_id = @classId ORDER BY seq DESC LIMIT @kept))`);
  const forget = db.prepare<[{ classId: number; kept: number }]>(`
    DELETE FROM plan_state
    WHERE class_id = @classId
      AND seq NOT IN (SELECT seq FROM plan_state WHERE class_id = @classId ORDER BY seq DESC LIMIT @kept)
      AND seq NOT IN (SELECT plan_seq FROM class WHERE plan_seq IS NOT NULL)`);

  // States never change, so what was read once need not be checked again.
  const readBefore = new Map<number, PlanRecord>();
  const fromRow = (row: StateRow): PlanRecord => {
    const known = readBefore.get(row.seq);
    if (known !== undefined) return known;
    if (readBefore.size > 20) readBefore.clear();
    const record: PlanRecord = {
      seq: row.seq,
      deed: PlanDeed.parse(JSON.parse(row.deed)),
      before: row.before ?? undefined,
      plan: StoredPlan.parse(JSON.parse(row.plan)),
    };
    readBefore.set(row.seq, record);
    return record;
  };
  const maybe = (row: StateRow | undefined): PlanRecord | undefined => row && fromRow(row);
  return {
    /** The state that holds; none before a unit was laid out. */
    maybeHead: (): PlanRecord | undefined => maybe(selectHead.get(classId)),
    maybeOne: (seq: number): PlanRecord | undefined => maybe(selectOne.get(seq)),
    /** The newest state made from another one; what redo leads to. */
    maybeAfter: (seq: number): PlanRecord | undefined => maybe(selectAfter.get(classId, seq)),
    isKnown: (changeId: string): boolean => isKnown.get(changeId) !== undefined,
    /** Adds a state made from the one that holds, and lets it hold. */
    add: (changeId: string, deed: PlanDeed, plan: Plan, at: Date): void => {
      const { lastInsertRowid } = insert.run({
        classId,
        changeId,
        deed: JSON.stringify(deed),
        before: selectHead.get(classId)?.seq ?? null,
        madeAt: at.toISOString(),
        plan: JSON.stringify(plan),
      });
      setHead.run(Number(lastInsertRowid), classId);
      readBefore.clear();
      cutTies.run({ classId, kept: KEPT });
      forget.run({ classId, kept: KEPT });
    },
    /** Lets another state hold; none for a class without a unit. */
    hold: (seq: number | undefined): void => {
      setHead.run(seq ?? null, classId);
    },
  };
};
export type PlanRepository = ReturnType<typeof createPlanRepository>;
