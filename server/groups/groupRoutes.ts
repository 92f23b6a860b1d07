import { Router, type Request, type Response } from 'express';
import { PostGroups, PutGroups, PutPair, type MaybeGroups } from '../../contract/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { fileName } from '../common/fileName.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import { solveHere, type SolveGroups } from './solvedGroups.ts';

/** Times groups are solved once more because somebody moved a child meanwhile; what was solved last is then kept. */
const MAX_SOLVED_AGAIN = 3;

/** Who sits with whom. */
export const groupRoutes = (find: FindClassroom, solve: SolveGroups = solveHere): Router => {
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
  router.post('/again', async (req, res) => {
    const { checkId } = PostGroups.parse(req.body);
    const classroom = find(req);
    const { grouping } = classroom;
    for (let times = 0; ; times++) {
      const from = grouping.solvedFrom(checkId);
      const solved = await solve(classroom, checkId);
      if (from !== grouping.solvedFrom(checkId) && times < MAX_SOLVED_AGAIN) continue;
      grouping.keep(checkId, solved);
      break;
    }
    changed(req, res);
  });
  router.put('/pairs', (req, res) => {
    find(req).grouping.pair(PutPair.parse(req.body));
    changed(req, res);
  });
  return router;
};
