import type { Database } from 'better-sqlite3';
import { Router, type Request, type Response } from 'express';
import {
  type Classroom as ClassroomState,
  PostClass,
  PostErase,
  PutClass,
  PutOpenClass,
} from '../../contract/index.ts';
import type { Day } from '../../core/planning/index.ts';
import { dayOf, type Now } from '../clock.ts';
import type { Classrooms, FindClassroom } from '../classroom/classrooms.ts';
import { rememberScreen, screenOf } from '../classroom/screens.ts';
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

/** Classes: set one up, look at another, change the one a screen looks at. */
export const classRoutes = ({ db, now, makeUp, classes, classrooms, setUp, find }: Parts): Router => {
  const router = Router();
  /** The screen that asks looks at another class from now on. @returns what it sees */
  const openBy = (req: Request, res: Response, work: () => void): ClassroomState => {
    const now = classrooms.openBy(screenOf(req), work);
    rememberScreen(req, res, now.id);
    return now.state();
  };
  router.post('/', (req, res) => {
    const { id, name, children } = PostClass.parse(req.body);
    const fresh = { id, name, demo: false, beside: find(req).id, children: children.map((child) => ({ name: child })) };
    res.status(201).json(openBy(req, res, () => setUp(fresh)));
  });
  /** The made-up class to look round in. One of an earlier day gives way to it. */
  const makeUpAnew = db.transaction(() => {
    if (classes.hasDemo()) classes.putDemoAway();
    makeUp(db, dayOf(now()));
  });
  router.post('/made-up', (req, res) => {
    res.status(201).json(openBy(req, res, makeUpAnew));
  });
  router.post('/made-up/away', (req, res) => {
    const at = find(req);
    const away = db.transaction(() => {
      const stays = classes.maybe(at.id)?.demo === false;
      classes.putDemoAway();
      if (stays) classes.open(at.id);
    });
    res.json(openBy(req, res, away));
  });
  router.put('/open', (req, res) => {
    const { classId } = PutOpenClass.parse(req.body);
    res.json(openBy(req, res, () => classes.open(classId)));
  });
  /** The class the screen looks at with all its children, for good; its name says that it is the one that is meant. */
  router.post('/opened/erase', (req, res) => {
    const { id, row } = find(req);
    if (PostErase.parse(req.body).name !== row().name)
      throw new HoppelError('malformed', 'name: not that of the class');
    openBy(req, res, () => {
      eraseClass(db, id);
      classes.openFirst();
    });
    classrooms.forget(id);
    sweep(db);
    res.json(find(req).state());
  });
  router.put('/opened', (req, res) => {
    const { change, live, state } = find(req);
    change(PutClass.parse(req.body));
    live.classroomChanged();
    res.json(state());
  });
  return router;
};
