import type { Database } from 'better-sqlite3';
import type { PlanDeed, PlanState, PostPlanChange, UnitChoices, UnitFile } from '../../contract/index.ts';
import {
  applyChange,
  isFixed,
  keepsThePast,
  movedBetween,
  relaidPlan,
  MOST_LESSONS,
  type ChangeContext,
  type Plan,
  type PlanChange,
} from '../../core/planning/index.ts';
import type { ClassRow } from '../classes/classRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import type { PlanRecord, PlanRepository } from './planRepository.ts';

interface Parts {
  readonly db: Database;
  /** @throws HoppelError no-class */
  readonly row: () => ClassRow;
  readonly plans: PlanRepository;
  readonly lessons: LessonRepository;
  readonly settings: Pick<SettingsRepository, 'one'>;
  readonly now: Now;
}

/** The id of a lesson that is only thought of. */
const NOT_YET = Number.MAX_SAFE_INTEGER;

/** Lays out units, changes them, and goes back and forth between their states. */
export const createPlanner = ({ db, row, plans, lessons, settings, now }: Parts) => {
  const moment = (): Pick<ChangeContext, 'today' | 'taught'> => ({ today: dayOf(now()), taught: lessons.taught() });
  const head = (): PlanRecord => {
    const found = plans.maybeHead();
    if (found === undefined) throw new HoppelError('no-unit');
    return found;
  };
  const from = (version: number): PlanRecord => {
    const found = head();
    if (found.seq !== version) throw new HoppelError('plan-moved-on');
    return found;
  };
  const fixedLessons = (): Plan['lessons'] => {
    const { today, taught } = moment();
    return plans.maybeHead()?.plan.lessons.filter((lesson) => isFixed(lesson, today, taught)) ?? [];
  };
  /** @param deed the state that is taken back, or done again */
  const goTo = (record: PlanRecord, target: PlanRecord, deed: PlanRecord): void => {
    const at = moment();
    if (!keepsThePast(record.plan, target.plan, at, dayOf(deed.madeAt) === at.today)) throw new HoppelError('too-late');
    plans.hold(target.seq);
  };

  /** @throws HoppelError plan-moved-on, or why the change cannot be made */
  const changeFrom = (record: PlanRecord, id: string, change: PlanChange, deed: PlanDeed): void => {
    const nextId = change.kind === 'insert' ? lessons.reserve(1) : 0;
    const result = applyChange(record.plan, change, { ...moment(), nextId });
    if (!result.done) throw new HoppelError(result.refusal);
    plans.add(id, deed, result.plan, now());
  };

  /** 12:30 in the sets where the class goes by "the smaller number", which is wrong only there. */
  const withExceptions = (plan: Plan): Plan => {
    if (settings.one().hourFinding !== 'smaller') return plan;
    const result = applyChange(plan, { kind: 'exception' }, { ...moment(), nextId: 0 });
    return result.done ? result.plan : plan;
  };

  return {
    /** Where the unit of the class stands; none before one was laid out. */
    maybeState: (): PlanState | undefined => {
      const found = plans.maybeHead();
      if (found === undefined) return undefined;
      const { seq, plan, deed, before, fellBack } = found;
      return {
        version: seq,
        choices: plan.choices as UnitChoices,
        skipped: [...plan.skipped],
        undo: before === undefined ? null : deed,
        redo: plans.maybeAfter(seq)?.deed ?? null,
        fellBack,
      };
    },
    /** Lays out a unit; past and given lessons stay before it. The same id again does nothing. */
    make: db.transaction((id: string, choices: UnitChoices): void => {
      if (plans.isKnown(id)) return;
      row();
      const kept = fixedLessons();
      let plan: Plan;
      try {
        plan = relaidPlan(choices, kept, plans.maybeHead()?.plan.skipped ?? [], 0);
      } catch (error) {
        if (error instanceof RangeError) throw new HoppelError('no-days-left');
        throw error;
      }
      if (plan.lessons.length > MOST_LESSONS) throw new HoppelError('too-many-lessons');
      const first = lessons.reserve(plan.lessons.length - kept.length);
      const numbered = plan.lessons.map((lesson, i) =>
        i < kept.length ? lesson : { ...lesson, id: first + i - kept.length },
      );
      const made: Plan = { ...plan, lessons: numbered };
      plans.add(id, { kind: 'made' }, withExceptions(made), now());
    }),
    /** Changes the unit, once for each id. */
    change: db.transaction(({ id, version, change }: PostPlanChange): void => {
      if (plans.isKnown(id)) return;
      changeFrom(from(version), id, change, change);
    }),
    /** The same from the state that holds, for what follows from a decision. */
    changeNow: (id: string, change: PlanChange): void => {
      if (!plans.isKnown(id)) changeFrom(head(), id, change, change as PlanDeed);
    },
    /** What a change of the state that holds would cost: lessons that come on another day, and the last day; none where it cannot be made. */
    costOf: (change: PlanChange): { readonly pushed: number; readonly ends: string } | undefined => {
      const record = plans.maybeHead();
      if (record === undefined) return undefined;
      const result = applyChange(record.plan, change, { ...moment(), nextId: NOT_YET });
      const last = result.done ? result.plan.lessons.at(-1) : undefined;
      if (!result.done || last === undefined) return undefined;
      const pushed = movedBetween(record.plan.lessons, result.plan.lessons).filter(({ from }) => from !== undefined);
      return { pushed: pushed.length, ends: last.day };
    },
    undo: db.transaction((version: number): void => {
      const record = from(version);
      const target = record.before === undefined ? undefined : plans.maybeOne(record.before);
      if (target === undefined) throw new HoppelError('nothing-to-undo');
      goTo(record, target, record);
    }),
    redo: db.transaction((version: number): void => {
      const record = from(version);
      const target = plans.maybeAfter(record.seq);
      if (target === undefined) throw new HoppelError('nothing-to-undo');
      goTo(record, target, target);
    }),
    /** Takes a unit from a file. @throws HoppelError unit-begun when lessons of the class are past or given */
    readIn: db.transaction((id: string, { choices, skipped, lessons: read }: UnitFile): void => {
      if (plans.isKnown(id)) return;
      row();
      if (fixedLessons().length > 0) throw new HoppelError('unit-begun');
      const first = lessons.reserve(read.length);
      const numbered = read.map((lesson, i) => ({ ...lesson, id: first + i }));
      plans.add(id, { kind: 'read-in' }, { choices, skipped, lessons: numbered }, now());
    }),
    /** The unit as a file. @throws HoppelError no-unit */
    plan: (): Plan => head().plan,
  };
};
export type Planner = ReturnType<typeof createPlanner>;
