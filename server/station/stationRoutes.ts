import { Router } from 'express';
import { z } from 'zod';
import type { StationChild, StationState } from '../../contract/index.ts';
import type { AnswerRepository } from '../answers/answerRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { ClassRepository } from '../classes/classRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import { currentLesson } from '../../core/planning/index.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { Live } from '../live/live.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import { stationRound } from './stationRound.ts';

interface Parts {
  readonly classes: ClassRepository;
  readonly children: ChildRepository;
  readonly lessons: LessonRepository;
  readonly answers: AnswerRepository;
  readonly settings: SettingsRepository;
  readonly live: Live;
  readonly now: Now;
}

/** The set a child can practise alone: the times of the lesson's show-me round, or of the last one that had one. */
const practiceSet = (lessons: LessonRepository, today: string): StationState['practice'] => {
  const all = lessons.all();
  const current = currentLesson(all, today);
  const withRound = all
    .filter(({ number }) => current !== undefined && number <= current.number)
    .findLast(({ segments }) => segments.some(({ kind }) => kind === 'show-me'));
  if (withRound === undefined) return null;
  const { items } = withRound.segments.find(({ kind }) => kind === 'show-me')!;
  return { lessonId: withRound.id, items };
};

export const stationRoutes = ({ classes, children, lessons, answers, settings, live, now }: Parts): Router => {
  const router = Router();
  router.get('/', (_req, res) => {
    res.json({
      className: classes.opened().name,
      settings: settings.one(),
      children: children.all(),
      practice: practiceSet(lessons, dayOf(now())),
      round: stationRound(live.board().round),
    } satisfies StationState);
  });
  router.get('/children/:id', (req, res) => {
    const child = children.one(z.coerce.number().int().parse(req.params['id']));
    const { round } = live.board();
    const own = round === null ? [] : answers.fromTablet(round.id, child.id);
    const answered = own.map(({ roundIndex, answer }) => ({ index: roundIndex!, answer }));
    res.json({ childId: child.id, roundId: round?.id ?? null, answered } satisfies StationChild);
  });
  return router;
};
