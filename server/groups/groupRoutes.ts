import { Router, type Request, type Response } from 'express';
import { PostGroups, PutGroups, PutPair, type MaybeGroups } from '../../contract/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { fileName } from '../common/fileName.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';

/** Who sits with whom. */
export const groupRoutes = (find: FindClassroom): Router => {
  const say = (req: Request, res: Response): void => {
    res.json({ view: find(req).grouping.view() } satisfies MaybeGroups);
  };
  const changed = (req: Request, res: Response): void => {
    const { grouping, live } = find(req);
    live.groupsChanged(grouping.view()?.check.id ?? null);
    say(req, res);
  };
  const router = Router();
  router.get('/', say);
  /** Who sits there today, on cards to take along. */
  router.get('/cards.pdf', async (req, res) => {
    const { grouping, settings, children, ...classroom } = find(req);
    const groups = grouping.hereToday();
    if (groups.length === 0) throw new HoppelError('nothing-to-print');
    const { groupPdf } = await import('./groupPdf.ts');
    const { name } = classroom.row();
    const pdf = await groupPdf(name, groups, children.all(), settings.one());
    res.attachment(fileName(name, 'pdf')).type('pdf').send(pdf);
  });
  router.put('/', (req, res) => {
    find(req).grouping.put(PutGroups.parse(req.body));
    changed(req, res);
  });
  router.post('/again', (req, res) => {
    find(req).grouping.again(PostGroups.parse(req.body).checkId);
    changed(req, res);
  });
  router.put('/pairs', (req, res) => {
    find(req).grouping.pair(PutPair.parse(req.body));
    changed(req, res);
  });
  return router;
};
