import type { Database } from 'better-sqlite3';
import { PlanDeed, StoredPlan } from '../../contract/index.ts';
import type { Plan } from '../../core/planning/index.ts';
import { UnreadableStored, readStored } from '../db/stored.ts';
import { HoppelError } from '../errors/hoppelError.ts';

interface StateRow {
  seq: number;
  deed: string;
  before: number | null;
  made_at: string;
  plan: string;
}
/** A state of a unit, and what led to it. */
export interface PlanRecord {
  readonly seq: number;
  readonly deed: PlanDeed;
  /** The state it was made from; none for the first. */
  readonly before: number | undefined;
  readonly madeAt: Date;
  readonly plan: Plan;
}
/** The state that holds, or the newest before it that can be read. */
export interface PlanHead extends PlanRecord {
  /** Cannot the one that should hold be read? */
  readonly fellBack: boolean;
}
const COLUMNS = 'p.seq, p.deed, p.before, p.made_at, p.plan';

/** States of units kept at most a class; older ones cannot be gone back to. */
const KEPT = 300;

/** Every state of one class's unit. The one that holds is the class's `plan_seq`; nothing is ever changed in place. */
export const createPlanRepository = (db: Database, classId: number) => {
  const selectHead = db.prepare<[number], StateRow>(
    `SELECT ${COLUMNS} FROM plan_state AS p JOIN class AS c ON c.plan_seq = p.seq WHERE c.id = ?`,
  );
  const selectOne = db.prepare<[number], StateRow>(`SELECT ${COLUMNS} FROM plan_state AS p WHERE p.seq = ?`);
  const selectOlder = db.prepare<[number], StateRow>(`
    SELECT ${COLUMNS}
    FROM plan_state AS p JOIN class AS c ON c.id = p.class_id
    WHERE c.id = ? AND p.seq < c.plan_seq
    ORDER BY p.seq DESC`);
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

  // States never change, so what was read once need not be checked again; nor said again that it cannot be read.
  const readBefore = new Map<number, PlanRecord | undefined>();
  const read = (row: StateRow): PlanRecord | undefined => {
    try {
      return {
        seq: row.seq,
        deed: readStored(PlanDeed, `what led to state ${row.seq} of a unit`, () => JSON.parse(row.deed)),
        before: row.before ?? undefined,
        madeAt: new Date(row.made_at),
        plan: readStored(StoredPlan, `state ${row.seq} of a unit`, () => JSON.parse(row.plan)),
      };
    } catch (error) {
      if (!(error instanceof UnreadableStored)) throw error;
      console.error(error);
      return undefined;
    }
  };
  const maybe = (row: StateRow | undefined): PlanRecord | undefined => {
    if (row === undefined) return undefined;
    if (!readBefore.has(row.seq)) {
      if (readBefore.size > 20) readBefore.clear();
      readBefore.set(row.seq, read(row));
    }
    return readBefore.get(row.seq);
  };
  const maybeHead = (): PlanHead | undefined => {
    const row = selectHead.get(classId);
    if (row === undefined) return undefined;
    const head = maybe(row);
    if (head !== undefined) return { ...head, fellBack: false };
    for (const older of selectOlder.iterate(classId)) {
      const found = maybe(older);
      if (found !== undefined) return { ...found, fellBack: true };
    }
    throw new UnreadableStored('every state of a unit', undefined);
  };
  return {
    /**
     * The state that holds, or the newest before it where that one cannot be read; none before a unit was laid out.
     * @throws UnreadableStored when none can be read
     */
    maybeHead,
    maybeOne: (seq: number): PlanRecord | undefined => maybe(selectOne.get(seq)),
    /** The newest state made from another one; what redo leads to. */
    maybeAfter: (seq: number): PlanRecord | undefined => maybe(selectAfter.get(classId, seq)),
    isKnown: (changeId: string): boolean => isKnown.get(changeId) !== undefined,
    /** Adds a state made from the one that holds, and lets it hold. @throws HoppelError cannot-be-kept what could not be read again */
    add: (changeId: string, deed: PlanDeed, plan: Plan, at: Date): void => {
      const kept = StoredPlan.safeParse(plan);
      const issue = kept.error?.issues[0];
      if (issue !== undefined) throw new HoppelError('cannot-be-kept', `${issue.path.join('.')}: ${issue.message}`);
      const { lastInsertRowid } = insert.run({
        classId,
        changeId,
        deed: JSON.stringify(deed),
        before: maybeHead()?.seq ?? null,
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
