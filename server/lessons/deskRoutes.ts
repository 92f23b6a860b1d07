import type { Database } from 'better-sqlite3';
import { Router, type Request } from 'express';
import { z } from 'zod';
import {
  PutDecision,
  PutNote,
  PutReady,
  type AnswerRow,
  type Desk,
  type Known,
  type Lesson,
} from '../../contract/index.ts';
import { summariseCheck } from '../../core/diagnosis/index.ts';
import { READY_ITEMS, skillOfCheck, suggestDecision } from '../../core/planning/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { ClassRepository } from '../classes/classRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { Live } from '../live/live.ts';
import type { Planner } from '../plan/planner.ts';
import type { LessonRepository } from './lessonRepository.ts';

interface Parts {
  readonly db: Database;
  readonly classes: ClassRepository;
  readonly lessons: LessonRepository;
  readonly children: ChildRepository;
  readonly answers: AnswerRepository;
  readonly planner: Planner;
  readonly live: Live;
  readonly now: Now;
}

const lessonId = (req: Request): number => z.coerce.number().int().parse(req.params['id']);
const ReadyItem = z.enum(READY_ITEMS);

/** What a teacher sees and does at the desk of one lesson. */
export const deskRoutes = ({ db, classes, lessons, children, answers, planner, live, now }: Parts): Router => {
  /** What the last check before a lesson said; one that nobody has answered yet is passed over. */
  const known = (lesson: Lesson): Known | null => {
    const childIds = children.all().map(({ id }) => id);
    const counted = answers.counted();
    const checks = lessons.all().filter(({ kind, number }) => kind === 'check' && number < lesson.number);
    for (const check of checks.reverse()) {
      const found = saidBy(check, childIds, counted);
      if (found !== undefined) return found;
    }
    return null;
  };
  const saidBy = (check: Lesson, childIds: number[], counted: AnswerRow[]): Known | undefined => {
    const skill = skillOfCheck(check);
    if (skill === undefined) return undefined;
    const summary = summariseCheck({ lessonId: check.id, day: check.day, skill }, childIds, counted);
    if (summary === undefined) return undefined;
    const { goOn, withGroup } = classes.opened().thresholds;
    return {
      check: { id: check.id, number: check.number, day: check.day, skill, key: check.key },
      levels: [...summary.levels],
      away: [...summary.away],
      reasons: summary.reasons.map(({ reason, childIds: ids }) => ({
        reason: { ...reason, fitting: [...reason.fitting] },
        childIds: [...ids],
      })),
      suggestion:
        suggestDecision(
          summary.levels.map(({ level }) => level),
          { goOn: goOn / 100, withGroup: withGroup / 100 },
        ) ?? null,
      decided: lessons.maybeDecision(check.id) ?? null,
    };
  };
  const desk = (id: number): Desk => {
    const lesson = lessons.one(id);
    const before = lessons.all()[lesson.number - 2];
    return {
      lessonId: id,
      ticked: lessons.ticks(id),
      note: lessons.note(id),
      noteBefore: before === undefined ? '' : lessons.note(before.id),
      known: known(lesson),
    };
  };

  /**
   * Keeps a decision; "teach again" puts a lesson in behind the one on the desk, or behind the last one given, aimed at the
   * reasons found. Once for each id.
   */
  const decide = db.transaction((lesson: Lesson, { id, decision }: z.infer<typeof PutDecision>): void => {
    const found = known(lesson);
    if (found === null) throw new HoppelError('not-found', 'there is no check to decide upon yet');
    const check = lessons.one(found.check.id);
    lessons.decide(check.id, decision, now());
    if (decision !== 'teach-again') return;
    const taught = lessons.taught();
    const today = dayOf(now());
    const lastGiven = lessons.all().findLast(({ id: other, day }) => day < today || taught.has(other));
    planner.changeNow(id, {
      kind: 'insert',
      what: 'again',
      after: lastGiven?.id ?? null,
      skills: [found.check.skill],
      rules: found.reasons.map(({ reason }) => reason.rule),
    });
  });

  const router = Router();
  router.get('/:id/desk', (req, res) => {
    res.json(desk(lessonId(req)));
  });
  router.put('/:id/ready/:item', (req, res) => {
    const id = lessons.one(lessonId(req)).id;
    lessons.tick(id, ReadyItem.parse(req.params['item']), PutReady.parse(req.body).ticked);
    live.recordChanged(id);
    res.json(desk(id));
  });
  router.put('/:id/note', (req, res) => {
    const id = lessons.one(lessonId(req)).id;
    lessons.saveNote(id, PutNote.parse(req.body).note);
    live.recordChanged(id);
    res.json(desk(id));
  });
  router.put('/:id/decision', (req, res) => {
    const lesson = lessons.one(lessonId(req));
    decide(lesson, PutDecision.parse(req.body));
    live.recordChanged(lesson.id);
    live.classroomChanged();
    res.json(desk(lesson.id));
  });
  return router;
};
