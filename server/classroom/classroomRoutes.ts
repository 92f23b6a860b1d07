import { Router } from 'express';
import { PostClassroom, type Classroom } from '../../contract/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import type { LessonRepository } from '../lessons/lessonRepository.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import type { ClassroomRepository } from './classroomRepository.ts';
import type { ClassSetUp } from './setUpClass.ts';

interface Parts {
  readonly classroom: ClassroomRepository;
  readonly children: ChildRepository;
  readonly lessons: LessonRepository;
  readonly settings: SettingsRepository;
  readonly setUp: ClassSetUp;
  readonly now: Now;
}

export const classroomRoutes = ({ classroom, children, lessons, settings, setUp, now }: Parts): Router => {
  const state = (): Classroom => {
    const found = classroom.maybe();
    return {
      today: dayOf(now()),
      demo: found?.demo ?? false,
      class: found === undefined ? null : { name: found.name, numberTime: found.numberTime },
      settings: settings.one(),
      children: children.all(),
      lessons: lessons.all(),
    };
  };
  const router = Router();
  router.get('/', (_req, res) => {
    res.json(state());
  });
  router.post('/', (req, res) => {
    const { name, children: names, startsOn } = PostClassroom.parse(req.body);
    setUp({
      name,
      demo: false,
      children: names.map((child) => ({ name: child })),
      anchor: { day: startsOn, number: 1 },
      seed: `${name} ${startsOn}`,
    });
    res.status(201).json(state());
  });
  return router;
};
