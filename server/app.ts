import type { Database } from 'better-sqlite3';
import express, { type Express } from 'express';
import helmet from 'helmet';
import { teacherOnly } from './access.ts';
import { createAnswerRepository } from './answers/answerRepository.ts';
import { answerRoutes } from './answers/answerRoutes.ts';
import { createRecorder } from './answers/recordAnswer.ts';
import { createChildRepository } from './children/childRepository.ts';
import { childRoutes } from './children/childRoutes.ts';
import { createBoardRelay } from './board/boardRelay.ts';
import { boardRoutes } from './board/boardRoutes.ts';
import { createClassRepository } from './classes/classRepository.ts';
import { classRoutes } from './classes/classRoutes.ts';
import { createClassSetUp } from './classes/setUpClass.ts';
import { createClassroomState } from './classroom/classroomState.ts';
import type { Now } from './clock.ts';
import { createDayRepository } from './day/dayRepository.ts';
import { dayRoutes } from './day/dayRoutes.ts';
import { errorHandler } from './errors/errorHandler.ts';
import { HoppelError } from './errors/hoppelError.ts';
import { deskRoutes } from './lessons/deskRoutes.ts';
import { createLessonRepository } from './lessons/lessonRepository.ts';
import { createLive } from './live/live.ts';
import { stationLiveRoutes, teacherLiveRoutes } from './live/liveRoutes.ts';
import { createPlanRepository } from './plan/planRepository.ts';
import { planRoutes } from './plan/planRoutes.ts';
import { createPlanner } from './plan/planner.ts';
import { recordRoutes } from './record/recordRoutes.ts';
import { createPairing } from './remote/pairing.ts';
import { joinRoutes, remoteRoutes, type Reach } from './remote/remoteRoutes.ts';
import { createRoundRepository } from './rounds/roundRepository.ts';
import { roundRoutes } from './rounds/roundRoutes.ts';
import { createRoundRunner } from './rounds/runRound.ts';
import { createSettingsRepository } from './settings/settingsRepository.ts';
import { settingsRoutes } from './settings/settingsRoutes.ts';
import { createRoom, type Behaviours } from './standIns/room.ts';
import { createDoor } from './station/door.ts';
import { createHandedSets } from './station/handedSets.ts';
import { createPracticeOf } from './station/practiceOf.ts';
import { createSeats } from './station/seats.ts';
import { doorRoutes, stationRoutes, throughTheDoor } from './station/stationRoutes.ts';
import { tabletRoutes } from './tablets/tabletRoutes.ts';
import { webRoutes } from './web/webRoutes.ts';

export interface AppParts {
  readonly db: Database;
  readonly now: Now;
  /** Folder of the built interface; left out in tests of the routes alone. */
  readonly webFolder?: string;
  /** Where other devices reach this server; nowhere unless said otherwise. */
  readonly reach?: Reach;
  /** How stand-ins for the children of the made-up class behave, by name. */
  readonly behaviours?: Behaviours;
}

/** Only this server is ever asked for anything; Vuetify sets its theme as an inline style. Plain http on the classroom network, so no upgrade. */
const security = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:'],
      objectSrc: ["'none'"],
      baseUri: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  strictTransportSecurity: false,
  // Both need a secure context, which the classroom network's plain http is not.
  crossOriginOpenerPolicy: false,
  originAgentCluster: false,
});

/** Far above any real message but drawings and files: the largest, a whole class tapped at once, is about 8 kB. */
const BODY_LIMIT = '64kb';

/** A drawing of as many points as one may have is about 250 kB. */
const DRAWING_LIMIT = '512kb';

/** Unit files of forty lessons are about 300 kB; a school's calendar file may be larger. */
const FILE_LIMIT = '4mb';

const NOWHERE: Reach = { lan: false, addresses: () => [], own: () => '' };

/** The server, and what to call before its data file is closed. */
export interface App {
  readonly app: Express;
  readonly end: () => Promise<void>;
}

/** Builds the whole server from its parts; tests build it too. */
export const createApp = ({ db, now, webFolder, reach = NOWHERE, behaviours = {} }: AppParts): App => {
  const classes = createClassRepository(db);
  const children = createChildRepository(db, classes);
  const plans = createPlanRepository(db, classes);
  const lessons = createLessonRepository(db, classes, plans);
  const answers = createAnswerRepository(db, classes);
  const rounds = createRoundRepository(db, classes);
  const settings = createSettingsRepository(db, classes);
  const day = createDayRepository(db, classes);
  const planner = createPlanner({ db, classes, plans, lessons, settings, now });
  const recorder = createRecorder({ answers, children, lessons, rounds, settings, now });
  const runner = createRoundRunner({ db, rounds, lessons, children, answers, recorder, plans, now });
  const relay = createBoardRelay();
  const seats = createSeats(now);
  const live = createLive(runner, settings, relay, seats);
  const door = createDoor(db, classes, now);
  const sets = createHandedSets(db, classes);
  const practiceOf = createPracticeOf({ lessons, answers, sets, now });
  const room = createRoom(behaviours);
  const pairing = createPairing(now);
  const setUp = createClassSetUp({ db, classes, children, settings, day });
  const state = createClassroomState({ classes, children, lessons, settings, planner, day, now });

  const app = express();
  app.use(security);
  app.use('/api/plan', express.json({ limit: FILE_LIMIT }));
  app.use(['/api/answers', '/api/station/draft'], express.json({ limit: DRAWING_LIMIT }));
  app.use('/api', express.json({ limit: BODY_LIMIT }));

  app.use('/api/station/door', doorRoutes(door));
  app.use(['/api/station', '/api/answers'], throughTheDoor(door, classes));
  app.use('/api/station/live', stationLiveRoutes(live));
  app.use('/api/station', stationRoutes({ classes, children, answers, settings, live, door, seats, practiceOf }));
  app.use('/api/answers', answerRoutes(recorder, live, door));

  app.use('/api/remote/join', joinRoutes(pairing));

  app.use('/api', teacherOnly(pairing));
  app.use('/api/live', teacherLiveRoutes(live));
  app.get('/api/classroom', (_req, res) => {
    res.json(state());
  });
  app.use('/api/classes', classRoutes({ classes, setUp, state, live }));
  app.use('/api/children', childRoutes({ classes, children, state, live, now }));
  app.use('/api/day', dayRoutes({ classes, day, state, live, now }));
  app.use('/api/plan', planRoutes({ planner, classes, children, settings, state, live }));
  app.use('/api/board', boardRoutes(relay, live));
  app.use(
    '/api/tablets',
    tabletRoutes({ classes, children, lessons, answers, live, door, seats, sets, room, reach, now }),
  );
  app.use('/api/remote', remoteRoutes(pairing, reach));
  app.use('/api/lessons', deskRoutes({ db, classes, lessons, children, answers, planner, live, now }));
  app.use('/api/rounds', roundRoutes(runner, live));
  app.use('/api/record', recordRoutes({ answers, children }));
  app.use('/api/settings', settingsRoutes({ settings, planner, live }));
  app.use('/api', () => {
    throw new HoppelError('not-found');
  });

  if (webFolder !== undefined) app.use(webRoutes(webFolder));
  app.use(errorHandler);
  return {
    app,
    end: async () => {
      live.end();
      await room.stop();
    },
  };
};
