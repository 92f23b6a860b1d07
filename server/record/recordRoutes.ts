import { Router } from 'express';
import { z } from 'zod';
import type { ChildAnswers, ClassView } from '../../contract/index.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';

/** What the record says: about the class, and about one child. */
export const recordRoutes = (find: FindClassroom): Router => {
  const router = Router();
  router.get('/class', (req, res) => {
    res.json(find(req).classView.ofClass() satisfies ClassView);
  });
  router.get('/children/:id', (req, res) => {
    const id = z.coerce.number().int().parse(req.params['id']);
    res.json(find(req).classView.ofChild(id) satisfies ChildAnswers);
  });
  return router;
};
