import { Router } from 'express';
import { z } from 'zod';
import { PostChildren, PutChild, PutOrder } from '../../contract/index.ts';
import { dayOf } from '../clock.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';

/** The class list: more children, their order, and what is known of each. */
export const childRoutes = (find: FindClassroom): Router => {
  const router = Router();
  router.post('/', (req, res) => {
    const { row, children, live, state } = find(req);
    row();
    children.add(PostChildren.parse(req.body).names.map((name) => ({ name })));
    live.classroomChanged();
    res.status(201).json(state());
  });
  router.put('/order', (req, res) => {
    const { children, live, state } = find(req);
    children.order(PutOrder.parse(req.body).ids);
    live.classroomChanged();
    res.json(state());
  });
  router.put('/:id', (req, res) => {
    const { children, live, state, now } = find(req);
    const id = z.coerce.number().int().parse(req.params['id']);
    children.change(id, PutChild.parse(req.body), dayOf(now()));
    live.classroomChanged();
    res.json(state());
  });
  return router;
};
