import type { Database } from 'better-sqlite3';
import { Router } from 'express';
import { PostClass, PostErase, PutClass, PutOpenClass } from '../../contract/index.ts';
import type { Day } from '../../core/planning/index.ts';
import { dayOf, type Now } from '../clock.ts';
import type { Classrooms, FindClassroom } from '../classroom/classrooms.ts';
import type { ClassRepository } from './classRepository.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { eraseClass } from '../privacy/eraseClass.ts';
import { sweep } from '../privacy/sweep.ts';
import type { ClassSetUp } from './setUpClass.ts';

/** Makes the made-up class in a data file, laid around a day, and opens it; the same day again opens the one that is there. */
export type MakeUp = (db: Database, today: Day) => void;

interface Parts {
  readonly db: Database;
  readonly now: Now;
  readonly makeUp: MakeUp;
  readonly classes: ClassRepository;
  readonly classrooms: Classrooms;
  readonly setUp: ClassSetUp;
  readonly find: FindClassroom;
}

/** Classes: set one up, open another, change the open one. */
export const classRoutes = ({ db, now, makeUp, classes, classrooms, setUp, find }: Parts): Router => {
  const router = Router();
  router.post('/', (req, res) => {
    const { id, name, children } = PostClass.parse(req.body);
    classrooms.openBy(() => setUp({ id, name, demo: false, children: children.map((child) => ({ name: child })) }));
    res.status(201).json(classrooms.opened().state());
  });
  /** The made-up class to look round in. One of an earlier day gives way to it. */
  const makeUpAnew = db.transaction(() => {
    if (classes.hasDemo()) classes.putDemoAway();
    makeUp(db, dayOf(now()));
  });
  router.post('/made-up', (_req, res) => {
    classrooms.openBy(makeUpAnew);
    res.status(201).json(classrooms.opened().state());
  });
  router.post('/made-up/away', (_req, res) => {
    classrooms.openBy(db.transaction(() => classes.putDemoAway()));
    res.json(classrooms.opened().state());
  });
  router.put('/open', (req, res) => {
    const { classId } = PutOpenClass.parse(req.body);
    classrooms.openBy(() => classes.open(classId));
    res.json(classrooms.opened().state());
  });
  /** The open class with all its children, for good; its name says that it is the one that is meant. */
  router.post('/opened/erase', (req, res) => {
    const { id, row } = find(req);
    if (PostErase.parse(req.body).name !== row().name)
      throw new HoppelError('malformed', 'name: not that of the class');
    classrooms.openBy(() => {
      eraseClass(db, id);
      classes.openFirst();
    });
    classrooms.forget(id);
    sweep(db);
    res.json(classrooms.opened().state());
  });
  router.put('/opened', (req, res) => {
    const { change, live, state } = find(req);
    change(PutClass.parse(req.body));
    live.classroomChanged();
    res.json(state());
  });
  return router;
};
