import { Router } from 'express';
import { PostRehearsal, PostRehearsed, type MaybeRehearsal, type Rehearsed } from '../../contract/index.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { z } from 'zod';
import type { Rehearsals } from './rehearsals.ts';

/** Where the made-up school is found, page and interface. */
export const REHEARSAL = '/rehearsal';

/** Begins, steers and ends a rehearsal. */
export const rehearsalRoutes = (rehearsals: Rehearsals, find: FindClassroom): Router => {
  const router = Router();
  router.get('/', (_req, res) => {
    res.json({ rehearsal: rehearsals.about() } satisfies MaybeRehearsal);
  });
  router.post('/', async (req, res) => {
    const posted = PostRehearsal.parse(req.body);
    res.status(201).json({ rehearsal: await rehearsals.begin(find(req), posted) } satisfies MaybeRehearsal);
  });
  router.post('/answers', (req, res) => {
    const answered = rehearsals.answer(PostRehearsed.parse(req.body));
    res.json({ answered } satisfies z.infer<typeof Rehearsed>);
  });
  router.post('/ticket', (_req, res) => {
    res.json({ rehearsal: rehearsals.handIn() } satisfies MaybeRehearsal);
  });
  router.delete('/', async (_req, res) => {
    await rehearsals.end();
    res.json({ rehearsal: null } satisfies MaybeRehearsal);
  });
  return router;
};

/** Passes on what is asked of the made-up school; where none is there, a page goes back to the real one. */
export const rehearsedSchool = (rehearsals: Rehearsals): Router =>
  Router().use((req, res, next) => {
    const app = rehearsals.app();
    if (app !== undefined) return app(req, res, next);
    if (req.path.startsWith('/api/')) throw new HoppelError('not-found', 'no rehearsal runs');
    res.redirect('/');
  });
