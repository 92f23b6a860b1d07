import { Router, type Request } from 'express';
import { z } from 'zod';
import { PutDecision, PutReady, type AnswerRow, type Desk, type Known, type Lesson } from '../../contract/index.ts';
import { summariseCheck } from '../../core/diagnosis/index.ts';
import { READY_ITEMS, suggestDecision } from '../../core/planning/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { Live } from '../live/live.ts';
import type { LessonRepository } from './lessonRepository.ts';

interface Parts {
  readonly lessons: LessonRepository;
  readonly children: ChildRepository;
  readonly answers: AnswerRepository;
  readonly live: Live;
  readonly now: Now;
}

const lessonId = (req: Request): number => z.coerce.number().int().parse(req.params['id']);
const ReadyItem = z.enum(READY_ITEMS);

/** What a teacher sees and does at the desk of one lesson. */
export const deskRoutes = ({ lessons, children, answers, live, now }: Parts): Router => {
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
    const skill = check.skills[0]!;
    const summary = summariseCheck({ lessonId: check.id, day: check.day, skill }, childIds, counted);
    if (summary === undefined) return undefined;
    return {
      check: { number: check.number, day: check.day, skill, key: check.key },
      levels: [...summary.levels],
      away: [...summary.away],
      reasons: summary.reasons.map(({ reason, childIds: ids }) => ({
        reason: { ...reason, fitting: [...reason.fitting] },
        childIds: [...ids],
      })),
      suggestion: suggestDecision(summary.levels.map(({ level }) => level)) ?? null,
      decided: lessons.maybeDecision(check.id) ?? null,
    };
  };
  const desk = (id: number): Desk => {
    const lesson = lessons.one(id);
    return { lessonId: id, ticked: lessons.ticks(id), known: known(lesson) };
  };

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
  router.put('/:id/decision', (req, res) => {
    const lesson = lessons.one(lessonId(req));
    const { decision } = PutDecision.parse(req.body);
    const found = known(lesson);
    if (found === null) throw new HoppelError('not-found', 'there is no check to decide upon yet');
    const check = lessons.all().find(({ number }) => number === found.check.number)!;
    lessons.decide(check.id, decision, now());
    live.recordChanged(lesson.id);
    res.json(desk(lesson.id));
  });
  return router;
};
