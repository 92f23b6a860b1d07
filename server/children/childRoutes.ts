import { Router } from 'express';
import { z } from 'zod';
import { PostChildren, PutChild, PutOrder } from '../../contract/index.ts';
import type { ClassRepository } from '../classes/classRepository.ts';
import type { ClassroomState } from '../classroom/classroomState.ts';
import { dayOf, type Now } from '../clock.ts';
import type { Live } from '../live/live.ts';
import type { ChildRepository } from './childRepository.ts';

interface Parts {
  readonly classes: ClassRepository;
  readonly children: ChildRepository;
  readonly state: ClassroomState;
  readonly live: Live;
  readonly now: Now;
}

/** The class list: more children, their order, and what is known of each. */
export const childRoutes = ({ classes, children, state, live, now }: Parts): Router => {
  const router = Router();
  router.post('/', (req, res) => {
    classes.opened();
    children.add(PostChildren.parse(req.body).names.map((name) => ({ name })));
    live.classroomChanged();
    res.status(201).json(state());
  });
  router.put('/order', (req, res) => {
    children.order(PutOrder.parse(req.body).ids);
    live.classroomChanged();
    res.json(state());
  });
  router.put('/:id', (req, res) => {
    const id = z.coerce.number().int().parse(req.params['id']);
    children.change(id, PutChild.parse(req.body), dayOf(now()));
    live.classroomChanged();
    res.json(state());
  });
  return router;
};
