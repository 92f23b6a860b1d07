import { Router } from 'express';
import { z } from 'zod';
import {
  AnswersWished,
  PostCorrection,
  OfChildren,
  PostNote,
  SenderId,
  SkillName,
  type ChildAnswers,
  type ChildHistory,
  type ClassView,
  type CorrectionReply,
  type ForecastBase,
  type LikelyStates,
  type Notes,
  type SkillView,
} from '../../contract/index.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';

const ChildId = z.coerce.number().int();

/** What the record says, about the class and about one child, and what the teacher says of it. */
export const recordRoutes = (find: FindClassroom): Router => {
  const router = Router();
  router.get('/class', (req, res) => {
    res.json(find(req).classView.ofClass() satisfies ClassView);
  });
  router.get('/forecast', (req, res) => {
    res.json(find(req).forecastBase() satisfies ForecastBase);
  });
  router.get('/children/:id', (req, res) => {
    res.json(
      find(req).classView.ofChild(
        ChildId.parse(req.params['id']),
        AnswersWished.parse(req.query),
      ) satisfies ChildAnswers,
    );
  });
  router.get('/children/:id/history', (req, res) => {
    res.json(find(req).classView.historyOf(ChildId.parse(req.params['id'])) satisfies ChildHistory);
  });
  router.post('/children/:id/notes', (req, res) => {
    const { notes, fresh } = find(req).noting.add(ChildId.parse(req.params['id']), PostNote.parse(req.body));
    res.status(fresh ? 201 : 200).json({ notes } satisfies Notes);
  });
  router.delete('/children/:id/notes/:note', (req, res) => {
    const notes = find(req).noting.remove(ChildId.parse(req.params['id']), SenderId.parse(req.params['note']));
    res.json({ notes } satisfies Notes);
  });
  router.get('/likely', (req, res) => {
    const { children } = OfChildren.parse(req.query);
    res.json(find(req).classView.likely(children) satisfies LikelyStates);
  });
  router.get('/skills/:skill', (req, res) => {
    res.json(find(req).classView.ofSkill(SkillName.parse(req.params['skill'])) satisfies SkillView);
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
