import { Router } from 'express';
import { PostClass, PutClass, PutOpenClass } from '../../contract/index.ts';
import type { ClassroomState } from '../classroom/classroomState.ts';
import type { Live } from '../live/live.ts';
import type { ClassRepository } from './classRepository.ts';
import type { ClassSetUp } from './setUpClass.ts';

interface Parts {
  readonly classes: ClassRepository;
  readonly setUp: ClassSetUp;
  readonly state: ClassroomState;
  readonly live: Live;
}

/** Classes: set one up, open another, change the open one. */
export const classRoutes = ({ classes, setUp, state, live }: Parts): Router => {
  const router = Router();
  router.post('/', (req, res) => {
    const { id, name, children } = PostClass.parse(req.body);
    setUp({ id, name, demo: false, children: children.map((child) => ({ name: child })) });
    live.classOpened();
    res.status(201).json(state());
  });
  router.put('/open', (req, res) => {
    classes.open(PutOpenClass.parse(req.body).classId);
    live.classOpened();
    res.json(state());
  });
  router.put('/opened', (req, res) => {
    classes.change(PutClass.parse(req.body));
    live.classroomChanged();
    res.json(state());
  });
  return router;
};
