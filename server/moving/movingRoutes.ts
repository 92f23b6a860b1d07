import Database from 'better-sqlite3';
import { Router, type Response } from 'express';
import { type Classroom as ClassroomState, PostTakeIn, SenderId } from '../../contract/index.ts';
import type { Keeper } from '../backups/backupRoutes.ts';
import type { ClassRepository } from '../classes/classRepository.ts';
import type { Classrooms, FindClassroom } from '../classroom/classrooms.ts';
import { rememberScreen, screenOf } from '../classroom/screens.ts';
import { dayOf, type Now } from '../clock.ts';
import { fileName } from '../common/fileName.ts';
import { sendPieces } from '../common/sendPieces.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { Arrivals } from './arrivals.ts';
import { writeOut } from './writeOut.ts';

interface Parts {
  readonly db: Database.Database;
  readonly now: Now;
  readonly classes: Pick<ClassRepository, 'all' | 'open'>;
  readonly classrooms: Pick<Classrooms, 'openBy' | 'forget'>;
  readonly arrivals: Arrivals;
  readonly keeper: () => Keeper | undefined;
  readonly find: FindClassroom;
}

/** Classes as a file to take along, and a file of classes that comes in. */
export const movingRoutes = ({ db, now, classes, classrooms, arrivals, keeper, find }: Parts): Router => {
  const router = Router();
  /** Sends a file as all of it is in this moment, whatever is answered meanwhile. */
  const send = async (
    res: Response,
    name: string,
    classIds: readonly number[],
    withTemplates: boolean,
  ): Promise<void> => {
    // A rehearsal is nobody's class.
    if (db.memory) throw new HoppelError('not-found');
    const asNow = new Database(db.name, { readonly: true });
    try {
      // What is read first is the moment all of it is as of.
      asNow.exec('BEGIN; SELECT 1 FROM class;');
      res.attachment(fileName(`${name} ${dayOf(now())}`, 'hoppel.json')).type('application/json');
      await sendPieces(res, writeOut(asNow, classIds, { withTemplates, at: now() }));
    } finally {
      asNow.close();
    }
  };
  router.get('/class.json', async (req, res) => {
    const { id, row } = find(req);
    await send(res, row().name, [id], false);
  });
  router.get('/all.json', async (_req, res) => {
    const all = classes.all().map(({ id }) => id);
    if (all.length === 0) throw new HoppelError('no-class');
    await send(res, 'Hoppel', all, true);
  });
  router.post('/arrivals', async (req, res) => {
    try {
      res.status(201).json(await arrivals.look(req.iterator({ destroyOnReturn: false })));
    } finally {
      // What is still to come of a file that was refused is let go by: who sends it would not hear why otherwise.
      req.resume();
    }
  });
  router.delete('/arrivals/:id', (req, res) => {
    arrivals.letGo(SenderId.parse(req.params['id']));
    res.status(204).end();
  });
  router.post('/arrivals/:id/take', async (req, res) => {
    const id = SenderId.parse(req.params['id']);
    const { classes: wishes } = PostTakeIn.parse(req.body);
    // What comes in cannot be taken out again: the present state is kept first.
    if (!arrivals.isTaken(id)) await keeper()?.backups.make('arrival');
    const changed = await arrivals.take(id, wishes, classrooms.forget);
    const seen = classrooms.openBy(screenOf(req), () => classes.open(changed[0]!));
    rememberScreen(req, res, seen.id);
    res.json(seen.state() satisfies ClassroomState);
  });
  return router;
};
