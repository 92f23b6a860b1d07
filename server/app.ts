import type { Database } from 'better-sqlite3';
import express, { type Express } from 'express';
import { gate, isLong } from './access/gate.ts';
import { remoteOf } from './access/visitor.ts';
import { answerRoutes } from './answers/answerRoutes.ts';
import { backupRoutes, type Keeper } from './backups/backupRoutes.ts';
import { boardRoutes } from './board/boardRoutes.ts';
import { childRoutes } from './children/childRoutes.ts';
import { createClassRepository } from './classes/classRepository.ts';
import { classRoutes, type MakeUp } from './classes/classRoutes.ts';
import { createClassSetUp } from './classes/setUpClass.ts';
import type { Classroom } from './classroom/classroom.ts';
import { createClassrooms, type Classrooms, type FindClassroom } from './classroom/classrooms.ts';
import { currentLesson } from '../core/planning/index.ts';
import { TICKS, createSensibleClock, dayOf, type Now, type Ticks } from './clock.ts';
import { createCommitTogether } from './common/commitTogether.ts';
import { createKnocking } from './common/knocking.ts';
import { rememberScreen, screenOf } from './classroom/screens.ts';
import { dayRoutes } from './day/dayRoutes.ts';
import { prepareEmpty } from './db/emptyDatabase.ts';
import type { IsFileThere } from './db/presence.ts';
import { errorHandler } from './errors/errorHandler.ts';
import { HoppelError } from './errors/hoppelError.ts';
import { entryRoutes } from './passphrase/entryRoutes.ts';
import { createTeacherDoor, type TeacherDoor } from './passphrase/teacherDoor.ts';
import { exchangeRoutes } from './exchange/exchangeRoutes.ts';
import { deskRoutes } from './lessons/deskRoutes.ts';
import { stationLiveRoutes, teacherLiveRoutes } from './live/liveRoutes.ts';
import { createOwnNames, ownNamesOnly, ownPagesOnly } from './names.ts';
import { createLog, requestLog, type Log } from './log/requestLog.ts';
import { createArrivals } from './moving/arrivals.ts';
import { movingRoutes } from './moving/movingRoutes.ts';
import { createOpenStreams } from './live/openStreams.ts';
import { pileRoutes } from './piles/pileRoutes.ts';
import { sweep } from './privacy/sweep.ts';
import { createCalendarAddresses } from './plan/calendarRepository.ts';
import { calendarAddressRoutes, sharedCalendarRoutes } from './plan/calendarRoutes.ts';
import { planRoutes } from './plan/planRoutes.ts';
import { groupRoutes } from './groups/groupRoutes.ts';
import { solveHere, solveIn } from './groups/solvedGroups.ts';
import type { Reader } from './reading/reader.ts';
import { recordRoutes } from './record/recordRoutes.ts';
import { REHEARSAL, rehearsalRoutes, rehearsedSchool } from './rehearsal/rehearsalRoutes.ts';
import { createRehearsals } from './rehearsal/rehearsals.ts';
import { createPairing } from './remote/pairing.ts';
import { joinRoutes, remoteRoutes, type Reach } from './remote/remoteRoutes.ts';
import { remoteClassroom } from './remote/remoteView.ts';
import { roundRoutes } from './rounds/roundRoutes.ts';
import { healthRoutes } from './house/healthRoutes.ts';
import { sheetRoutes } from './sheets/sheetRoutes.ts';
import { settingsRoutes } from './settings/settingsRoutes.ts';
import type { Behaviours } from './standIns/room.ts';
import { doorRoutes, stationRoutes } from './station/stationRoutes.ts';
import { maybeTabletOf, throughTheDoor } from './station/throughTheDoor.ts';
import { createTabletRepository } from './tablets/tabletRepository.ts';
import { tabletRoutes } from './tablets/tabletRoutes.ts';
import { createTemplateRepository } from './templates/templateRepository.ts';
import { templateRoutes } from './templates/templateRoutes.ts';
import { security } from './web/security.ts';
import { webRoutes } from './web/webRoutes.ts';

export interface AppParts {
  readonly db: Database;
  readonly now: Now;
  /** The clock that runs evenly; the machine's own unless a test passes another. */
  readonly ticks?: Ticks;
  /** Folder of the built interface; left out in tests of the routes alone. */
  readonly webFolder?: string;
  /** Where other devices reach this server; nowhere unless said otherwise. */
  readonly reach?: Reach;
  /** Makes the made-up class; left out where nobody asks for it. */
  readonly makeUp?: MakeUp;
  /** How stand-ins for the children of the made-up class behave, by name. */
  readonly behaviours?: Behaviours;
  /** False for the school of a rehearsal itself. */
  readonly canRehearse?: boolean;
  /** The way in to the teacher's side; one of its own unless another is passed, as to a rehearsal. */
  readonly teacher?: TeacherDoor;
  /** Notes what is done; nowhere unless said otherwise. */
  readonly log?: Log;
  /** Answers what takes long; without one it is answered where everything else is. */
  readonly reader?: Reader;
  /** Is the data file still where it was opened? One in memory always is. */
  readonly isFileThere?: IsFileThere;
  /** Keeps the data file; nowhere for one in memory. */
  readonly keeper?: () => Keeper | undefined;
}

const NOWHERE: Reach = {
  lan: () => false,
  letNetworkIn: () => Promise.reject(new HoppelError('no-network')),
  addresses: () => [],
  own: () => '',
  isOwnName: createOwnNames([]),
};
const NOTHING_MADE_UP: MakeUp = () => {
  throw new HoppelError('not-found');
};

/** The server, and what to call before its data file is closed. */
export interface App {
  readonly app: Express;
  readonly classrooms: Classrooms;
  readonly end: () => Promise<void>;
  /** Works out ahead what is asked for first, while others are served. */
  readonly warm: () => Promise<void>;
}

/** Builds the whole server from its parts; tests build it too. */
export const createApp = ({
  db,
  now: clock,
  ticks = TICKS,
  webFolder,
  reach = NOWHERE,
  makeUp = NOTHING_MADE_UP,
  behaviours = {},
  canRehearse = true,
  keeper = () => undefined,
  teacher = createTeacherDoor(db, clock),
  log = createLog(undefined),
  isFileThere = () => true,
  reader,
}: AppParts): App => {
  const { now, isWrong: isClockWrong } = createSensibleClock(db, clock);
  const classes = createClassRepository(db);
  const tablets = createTabletRepository(db);
  const pairing = createPairing(ticks, now);
  const streams = createOpenStreams();
  const knocking = createKnocking(ticks);
  const remoteTries = pairing.knocking.persistent;
  const shared = {
    db,
    classes,
    tablets,
    now,
    ticks,
    streams,
    pairing,
    knocking,
    remoteTries,
    behaviours,
    isFileThere,
    isClockWrong,
  };
  const classrooms = createClassrooms(shared);
  const setUp = createClassSetUp({ db, classes, classrooms });
  const find: FindClassroom = (req) => {
    const classId = maybeTabletOf(req.res!)?.classId ?? remoteOf(req.res!)?.classId;
    return classId === undefined ? classrooms.ofScreen(screenOf(req)) : classrooms.one(classId);
  };
  // A rehearsal is a whole school of its own in memory: what happens in it cannot reach this one's file.
  const rehearsals = createRehearsals({
    now,
    build: (memory, itsNow) => createApp({ db: memory, now: itsNow, ticks, canRehearse: false, teacher }),
  });

  const arrivals = createArrivals(db);

  const app = express();
  app.use(requestLog(log), ...security);
  app.use(ownNamesOnly(reach.isOwnName));
  if (canRehearse) app.use(REHEARSAL, rehearsedSchool(rehearsals));
  app.use('/api', ownPagesOnly);
  // Names and answers of children: no browser and nothing between keeps them.
  app.use('/api', (_req, res, next) => {
    res.set('Cache-Control', 'no-store');
    next();
  });
  // Looked at before anything is said to be kept.
  app.use('/api', (req, _res, next) => {
    if (req.method !== 'GET' && req.method !== 'HEAD' && !isFileThere()) throw new HoppelError('file-gone');
    next();
  });
  app.use('/api', gate({ teacher, pairing, tabletsOnly: throughTheDoor(classes, tablets) }));

  if (reader !== undefined)
    app.use('/api', (req, res, next) => (isLong(res) ? reader.answer(find(req), req, res) : next()));
  const solve = reader === undefined ? solveHere : solveIn(reader);
  const lookAtDesk = reader && ((classroom: Classroom, id: number) => reader.json(classroom, `/lessons/${id}/desk`));
  const lookAtGroups = reader && ((classroom: Classroom) => reader.json(classroom, '/groups'));

  app.use('/api/station/door', doorRoutes(classrooms, knocking));
  app.use('/api/station/live', stationLiveRoutes(find));
  app.use('/api/station', stationRoutes(find));
  app.use('/api/answers', answerRoutes(classrooms, tablets, createCommitTogether(db)));
  app.use('/api/remote/join', joinRoutes(pairing, classrooms));
  app.use('/api/entry', entryRoutes(teacher, streams, reach));
  app.use('/api/live', teacherLiveRoutes(find));
  app.get('/api/classroom', (req, res) => {
    const { id, state } = find(req);
    if (remoteOf(res)) return void res.json(remoteClassroom(state()));
    rememberScreen(req, res, id);
    res.json(state());
  });
  app.use('/api/classes', classRoutes({ db, now, makeUp, classes, classrooms, setUp, find }));
  app.use(
    '/api/children',
    childRoutes(
      find,
      () => keeper() !== undefined,
      () => sweep(db),
    ),
  );
  app.use('/api/day', dayRoutes(find));
  app.use('/api/plan/calendar', calendarAddressRoutes(find, reach));
  app.use('/api/plan', planRoutes(find));
  app.use('/api/calendar', sharedCalendarRoutes(classrooms, createCalendarAddresses(db)));
  app.use('/api/board', boardRoutes(find));
  app.use('/api/sheets', sheetRoutes(find));
  app.use('/api/piles', pileRoutes(find));
  app.use('/api/exchange', exchangeRoutes(find));
  app.use('/api/templates', templateRoutes(createTemplateRepository(db), now));
  app.use('/api/tablets', tabletRoutes(find, { reach, pairing }));
  app.use('/api/remote', remoteRoutes(pairing, reach));
  app.use('/api/lessons', deskRoutes(find, solve, lookAtDesk));
  app.use('/api/rounds', roundRoutes(find));
  app.use('/api/record', recordRoutes(find));
  app.use('/api/groups', groupRoutes(find, solve, lookAtGroups));
  app.use('/api/settings', settingsRoutes(find));
  app.use('/api/backups', backupRoutes(keeper, now));
  app.use('/api/moving', movingRoutes({ db, now, classes, classrooms, arrivals, keeper, find }));
  app.use('/api/health', healthRoutes(keeper));
  if (canRehearse) app.use('/api/rehearsal', rehearsalRoutes(rehearsals, find));
  app.use('/api', () => {
    throw new HoppelError('not-found');
  });

  if (webFolder !== undefined)
    app.use(
      webRoutes(webFolder, {
        hasPassphrase: teacher.isSet,
        // Before its page asks for anything a screen knows which class it looks at.
        onTeachersPage: (req, res) => rememberScreen(req, res, classrooms.ofScreen(screenOf(req)).id),
      }),
    );
  app.use(errorHandler);
  const end = async (): Promise<void> => {
    arrivals.close();
    await rehearsals.end();
    await classrooms.end();
    await reader?.end();
  };
  /** What the first pages show is worked out in the thread, so that they are there when they are asked for. */
  const warmPages = async (): Promise<void> => {
    if (reader === undefined) return;
    for (const classroom of classrooms.openOnes()) {
      const current = currentLesson(classroom.lessons.all(), dayOf(now()));
      if (current !== undefined) await reader.json(classroom, `/lessons/${current.id}/desk`);
      await reader.json(classroom, '/record/class');
    }
  };
  const warm = async (): Promise<void> => {
    // One after the other: a teacher who has just started Hoppel waits for the pages.
    await warmPages();
    await classrooms.warm();
    prepareEmpty();
  };
  return { app, classrooms, end, warm };
};
