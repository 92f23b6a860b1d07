import type { Database } from 'better-sqlite3';
import type { WrongRule } from '../../core/misconceptions/index.ts';
import type { Desk, KeptGroups, Known, Lesson, PutDecision, Reason } from '../../contract/index.ts';
import { summariseCheck } from '../../core/diagnosis/index.ts';
import { groupsOf, lessonsMet, suggestDecision, timesMet, type PlanChange } from '../../core/planning/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { ClassRow } from '../classes/classRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import { rememberLast } from '../common/rememberLast.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { Planner } from '../plan/planner.ts';
import type { Grouping } from '../groups/grouping.ts';
import type { JudgedAnswers } from '../record/judgedAnswers.ts';
import { sendableReason } from '../record/sendable.ts';
import type { LessonRepository } from './lessonRepository.ts';
import { askedBy, type Standing } from './standing.ts';
import type { WarmUps } from './warmUps.ts';

interface Parts {
  readonly db: Database;
  /** @throws HoppelError no-class */
  readonly row: () => ClassRow;
  readonly lessons: LessonRepository;
  readonly children: ChildRepository;
  readonly judged: JudgedAnswers;
  readonly planner: Planner;
  readonly standing: Standing;
  readonly grouping: Pick<Grouping, 'keepFirst'>;
  readonly warmUps: WarmUps;
  readonly now: Now;
}

/** The one or two rules that are likeliest behind a reason. */
const rulesOf = ({ rule, parting }: Reason): readonly WrongRule[] => parting?.rules ?? (rule === null ? [] : [rule]);

/** What a check said, without what was decided upon it. */
type Said = Omit<Known, 'decided'>;

/** What a teacher sees at the desk of one lesson, and what is decided there. */
export const createDesk = (parts: Parts) => {
  const { db, row, lessons, children, judged, planner, standing, grouping, warmUps, now } = parts;
  const saidBy = (check: Lesson, childIds: readonly number[]): Said | undefined => {
    const asked = askedBy(check);
    if (asked === undefined) return undefined;
    const summary = summariseCheck(childIds.map((id) => standing(asked, id)));
    if (summary === undefined) return undefined;
    const { goOn, withGroup } = row().thresholds;
    const met = timesMet(groupsOf(lessonsMet(lessons.all(), check.number)));
    const suggestion = suggestDecision(
      summary.levels.map(({ level }) => level),
      { goOn: goOn / 100, withGroup: withGroup / 100 },
    );
    return {
      check: { id: check.id, number: check.number, day: check.day, skill: asked.skill, key: check.key },
      levels: [...summary.levels],
      away: [...summary.away],
      reasons: summary.reasons.map(({ reason, childIds: ids }) => ({
        reason: sendableReason(reason, met),
        childIds: [...ids],
      })),
      suggestion: suggestion ?? null,
    };
  };
  /** What checks said is worked out anew when an answer, the class list, the unit or a threshold changed: nothing else tells. */
  const said = rememberLast(
    () => JSON.stringify([judged.version(), children.all(), planner.maybeState()?.version, row().thresholds]),
    () => {
      const childIds = children.all().map(({ id }) => id);
      const known = new Map<number, Said | undefined>();
      return (check: Lesson): Said | undefined => {
        if (!known.has(check.id)) known.set(check.id, saidBy(check, childIds));
        return known.get(check.id);
      };
    },
  );
  /** What the last check said, the lesson's own or one before; one that nobody has answered yet is passed over. */
  const known = (lesson: Lesson): Known | null => {
    const checks = lessons.all().filter(({ kind, number }) => kind === 'check' && number <= lesson.number);
    for (const check of checks.reverse()) {
      const found = said()(check);
      if (found !== undefined) return { ...found, decided: lessons.maybeDecision(check.id) ?? null };
    }
    return null;
  };

  /** The lesson that teaches what a check asked once more, behind the last one given, aimed at the reasons found. */
  const againChange = ({ check, reasons }: Known): Extract<PlanChange, { kind: 'insert' }> => {
    const taught = lessons.taught();
    const today = dayOf(now());
    const lastGiven = lessons.all().findLast(({ id: other, day }) => day < today || taught.has(other));
    return {
      kind: 'insert',
      what: 'again',
      after: lastGiven?.id ?? null,
      skills: [check.skill],
      rules: [...new Set(reasons.flatMap(({ reason }) => rulesOf(reason)))],
    };
  };

  return {
    /** What a lesson's own check says; none where it is no check, or nobody answered it. */
    saidBy: (check: Lesson): Known | null => {
      const found = check.kind === 'check' ? said()(check) : undefined;
      return found === undefined ? null : { ...found, decided: lessons.maybeDecision(check.id) ?? null };
    },
    /** @throws HoppelError unknown-lesson, no-class */
    of: (id: number): Desk => {
      const lesson = lessons.one(id);
      const before = lessons.all()[lesson.number - 2];
      const last = known(lesson);
      return {
        lessonId: id,
        ticked: lessons.ticks(id),
        note: lessons.note(id),
        noteBefore: before === undefined ? '' : lessons.note(before.id),
        known: last,
        warmUp: warmUps.of(lesson),
        again: (last?.suggestion ? planner.costOf(againChange(last)) : undefined) ?? null,
      };
    },
    /** The check a lesson's desk decides upon, or undefined if nobody has answered one. */
    checkBefore: (lesson: Lesson): number | undefined => known(lesson)?.check.id,
    /**
     * Keeps a decision; "teach again" puts a lesson in behind the one on the desk, or behind the last one given, aimed at the
     * reasons found. Once for each id.
     * @param solved groups to go on with, where there are none yet
     * @throws HoppelError not-found, or why no lesson can be put in
     */
    decide: db.transaction((lesson: Lesson, { id, decision }: PutDecision, solved?: KeptGroups): void => {
      const found = known(lesson);
      if (found === null) throw new HoppelError('not-found', 'there is no check to decide upon yet');
      if (decision !== 'teach-again') {
        lessons.decide(found.check.id, decision, now());
        if (solved !== undefined) grouping.keepFirst(found.check.id, solved);
        return;
      }
      planner.changeNow(id, againChange(found));
      lessons.decide(found.check.id, decision, now(), id);
    }),
  };
};
export type DeskService = ReturnType<typeof createDesk>;
