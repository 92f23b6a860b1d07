import { Router, type Request, type Response } from 'express';
import { PostGroups, PutGroups, PutPair, type MaybeGroups } from '../../contract/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { mustBeUnchanged } from '../common/unchanged.ts';
import { fileName } from '../common/fileName.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import type { Classroom } from '../classroom/classroom.ts';
import { solveHere, type SolveGroups } from './solvedGroups.ts';

/** Times groups are solved once more because somebody moved a child meanwhile; what was solved last is then kept. */
const MAX_SOLVED_AGAIN = 3;

/** Who sits with whom. */
export const groupRoutes = (
  find: FindClassroom,
  solve: SolveGroups = solveHere,
  /** Looks at the groups; in a thread, where there is one. */
  look: (classroom: Classroom) => unknown = ({ grouping }) => ({ view: grouping.view() }) satisfies MaybeGroups,
): Router => {
  const say = async (req: Request, res: Response): Promise<void> => void res.json(await look(find(req)));
  const changed = async (req: Request, res: Response, checkId: number | null): Promise<void> => {
    find(req).live.groupsChanged(checkId);
    await say(req, res);
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
    const pdf = await groupPdf(name, groups, children.all(), settings.one(), classroom.now());
    res.attachment(fileName(name, 'pdf')).type('pdf').send(pdf);
  });
  router.put('/', async (req, res) => {
    const groups = PutGroups.parse(req.body);
    const { grouping } = find(req);
    mustBeUnchanged(req, grouping.keptOf(groups.checkId) ?? null);
    grouping.put(groups);
    await changed(req, res, groups.checkId);
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
    await changed(req, res, checkId);
  });
  router.put('/pairs', async (req, res) => {
    const { grouping } = find(req);
    grouping.pair(PutPair.parse(req.body));
    await changed(req, res, grouping.lastCheck() ?? null);
  });
  return router;
};
