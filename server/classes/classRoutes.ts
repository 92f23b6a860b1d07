import { Router } from 'express';
import { PostClass, PutClass, PutOpenClass } from '../../contract/index.ts';
import type { Classrooms, FindClassroom } from '../classroom/classrooms.ts';
import type { ClassRepository } from './classRepository.ts';
import type { ClassSetUp } from './setUpClass.ts';

interface Parts {
  readonly classes: ClassRepository;
  readonly classrooms: Classrooms;
  readonly setUp: ClassSetUp;
  readonly find: FindClassroom;
}

/** Classes: set one up, open another, change the open one. */
export const classRoutes = ({ classes, classrooms, setUp, find }: Parts): Router => {
  const router = Router();
  router.post('/', (req, res) => {
    const { id, name, children } = PostClass.parse(req.body);
    classrooms.openBy(() => setUp({ id, name, demo: false, children: children.map((child) => ({ name: child })) }));
    res.status(201).json(classrooms.opened().state());
  });
  router.put('/open', (req, res) => {
    const { classId } = PutOpenClass.parse(req.body);
    classrooms.openBy(() => classes.open(classId));
    res.json(classrooms.opened().state());
  });
  router.put('/opened', (req, res) => {
    const { change, live, state } = find(req);
    change(PutClass.parse(req.body));
    live.classroomChanged();
    res.json(state());
  });
  return router;
};
