import { Router, type Request } from 'express';
import { z } from 'zod';
import {
  PostMove,
  PostRound,
  PostTaps,
  PutAway,
  PutRoundOrder,
  RoundPace,
  SenderId,
  type TaskAnswers,
} from '../../contract/index.ts';
import { MOST_ROUND_ITEMS } from '../../core/rounds/index.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';

const roundId = (req: Request): string => SenderId.parse(req.params['id']);
const TaskQuery = z.object({ child: z.coerce.number().int().positive().optional() });

export const roundRoutes = (find: FindClassroom): Router => {
  const router = Router();
  router.post('/', (req, res) => {
    const { runner, live } = find(req);
    runner.begin(PostRound.parse(req.body));
    live.roundChanged();
    res.status(201).json(live.board());
  });
  router.post('/:id/moves', (req, res) => {
    const { runner, live } = find(req);
    runner.move(roundId(req), PostMove.parse(req.body));
    live.roundChanged();
    res.json(live.board());
  });
  router.post('/:id/taps', (req, res) => {
    const { runner, live } = find(req);
    runner.tap(roundId(req), PostTaps.parse(req.body));
    live.answersChanged(null);
    res.json(live.board());
  });
  router.get('/:id/answers/:index', (req, res) => {
    const index = z.coerce.number().int().min(0).max(MOST_ROUND_ITEMS).parse(req.params['index']);
    const { child } = TaskQuery.parse(req.query);
    res.json(find(req).runner.taskAnswers(roundId(req), index, child) satisfies TaskAnswers);
  });
  router.put('/:id/order', (req, res) => {
    const { runner, live } = find(req);
    runner.reorder(roundId(req), PutRoundOrder.parse(req.body));
    live.roundChanged();
    res.json(live.board());
  });
  router.put('/:id/pace', (req, res) => {
    const { runner, live } = find(req);
    runner.setPace(roundId(req), RoundPace.parse(req.body));
    live.roundChanged();
    res.json(live.board());
  });
  router.put('/:id/away', (req, res) => {
    const { runner, live } = find(req);
    runner.setAway(roundId(req), PutAway.parse(req.body).away);
    live.roundChanged();
    res.json(live.board());
  });
  return router;
};
