import { Router, type Request } from 'express';
import type { Backups as Listed } from '../../contract/index.ts';
import type { Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { Backups } from './backups.ts';

/** The backups of this school's data file, and how one takes its place. */
export interface Keeper {
  readonly backups: Backups;
  /** The present state is kept first. @throws HoppelError not-found, bad-file */
  readonly restore: (name: string) => Promise<void>;
}

/** Looks after the backups; none of it where the school has no data file of its own, as in a rehearsal. */
export const backupRoutes = (keeper: () => Keeper | undefined, now: Now): Router => {
  const here = (): Keeper => {
    const found = keeper();
    if (found === undefined) throw new HoppelError('not-found');
    return found;
  };
  const nameOf = (req: Request): string => String(req.params['name']);
  const router = Router();
  router.get('/', (_req, res) => {
    res.json(here().backups.list() satisfies Listed);
  });
  router.post('/', async (_req, res) => {
    const { backups } = here();
    await backups.make('hand');
    res.status(201).json(backups.list() satisfies Listed);
  });
  /** To take along: a copy as of now, in one step. */
  router.get('/now.sqlite', async (_req, res) => {
    const { backups } = here();
    await backups.make('hand');
    const [newest] = backups.list().backups;
    res.download(backups.pathOf(newest!.name), `hoppel ${now().toISOString().slice(0, 10)}.sqlite`);
  });
  router.get('/:name', async (req, res) => {
    res.json(await here().backups.contentsOf(nameOf(req)));
  });
  router.post('/:name/restore', async (req, res) => {
    const { restore } = here();
    await restore(nameOf(req));
    res.json({ restored: nameOf(req) });
  });
  return router;
};
