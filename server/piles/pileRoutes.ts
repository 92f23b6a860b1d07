import { Router, type Request } from 'express';
import {
  PostPile,
  PostPileDeeds,
  SenderId,
  type Pile,
  type PileList,
  type PileNews,
  type PileSummary,
} from '../../contract/index.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';

/** Piles of paper: opened, marked, summed up. */
export const pileRoutes = (find: FindClassroom): Router => {
  const router = Router();
  const idOf = (req: Request): string => SenderId.parse(req.params['id']);
  router.get('/', (req, res) => {
    res.json(find(req).piles.list() satisfies PileList);
  });
  router.post('/', (req, res) => {
    const { id, source } = PostPile.parse(req.body);
    const { pile, fresh } = find(req).piles.open(id, source);
    res.status(fresh ? 201 : 200).json(pile satisfies Pile);
  });
  router.get('/:id', (req, res) => {
    res.json(find(req).piles.one(idOf(req)) satisfies Pile);
  });
  router.get('/:id/summary', (req, res) => {
    res.json(find(req).piles.summary(idOf(req)) satisfies PileSummary);
  });
  router.post('/:id/deeds', (req, res) => {
    const { piles, live } = find(req);
    const { news, rows } = piles.do(idOf(req), PostPileDeeds.parse(req.body).deeds);
    live.piled(news, rows);
    res.json(news satisfies PileNews);
  });
  return router;
};
