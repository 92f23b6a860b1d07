import { Router } from 'express';
import { z } from 'zod';
import { PostCorrection, type ChildAnswers, type ClassView, type CorrectionReply } from '../../contract/index.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';

/** What the record says, about the class and about one child, and what the teacher says of it. */
export const recordRoutes = (find: FindClassroom): Router => {
  const router = Router();
  router.get('/class', (req, res) => {
    res.json(find(req).classView.ofClass() satisfies ClassView);
  });
  router.get('/children/:id', (req, res) => {
    const id = z.coerce.number().int().parse(req.params['id']);
    res.json(find(req).classView.ofChild(id) satisfies ChildAnswers);
  });
  router.post('/corrections', (req, res) => {
    const { correcting, live } = find(req);
    const posted = PostCorrection.parse(req.body);
    const { lessonId, fresh } = correcting.correct(posted);
    if (fresh) live.answersChanged(lessonId);
    res.status(fresh ? 201 : 200).json({ id: posted.id } satisfies CorrectionReply);
  });
  return router;
};
