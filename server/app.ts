import type { Database } from 'better-sqlite3';
import express, { type Express } from 'express';
import helmet from 'helmet';
import { teacherOnly } from './access.ts';
import { createAnswerRepository } from './answers/answerRepository.ts';
import { answerRoutes } from './answers/answerRoutes.ts';
import { createRecorder } from './answers/recordAnswer.ts';
import { createChildRepository } from './children/childRepository.ts';
import { createClassroomRepository } from './classroom/classroomRepository.ts';
import { classroomRoutes } from './classroom/classroomRoutes.ts';
import { createClassSetUp } from './classroom/setUpClass.ts';
import type { Now } from './clock.ts';
import { errorHandler } from './errors/errorHandler.ts';
import { HoppelError } from './errors/hoppelError.ts';
import { deskRoutes } from './lessons/deskRoutes.ts';
import { createLessonRepository } from './lessons/lessonRepository.ts';
import { createLive } from './live/live.ts';
import { stationLiveRoutes, teacherLiveRoutes } from './live/liveRoutes.ts';
import { recordRoutes } from './record/recordRoutes.ts';
import { createRoundRepository } from './rounds/roundRepository.ts';
import { roundRoutes } from './rounds/roundRoutes.ts';
import { createRoundRunner } from './rounds/runRound.ts';
import { createSettingsRepository } from './settings/settingsRepository.ts';
import { settingsRoutes } from './settings/settingsRoutes.ts';
import { stationRoutes } from './station/stationRoutes.ts';
import { webRoutes } from './web/webRoutes.ts';

export interface AppParts {
  readonly db: Database;
  readonly now: Now;
  /** Folder of the built interface; left out in tests of the routes alone. */
  readonly webFolder?: string;
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

/** Far above any real message: the largest, a whole class tapped at once, is about 8 kB. */
const BODY_LIMIT = '64kb';

/** The server, and what to call before its data file is closed. */
export interface App {
  readonly app: Express;
  readonly end: () => void;
}

/** Builds the whole server from its parts; tests build it too. */
export const createApp = ({ db, now, webFolder }: AppParts): App => {
  const children = createChildRepository(db);
  const lessons = createLessonRepository(db);
  const answers = createAnswerRepository(db);
  const rounds = createRoundRepository(db);
  const settings = createSettingsRepository(db);
  const classroom = createClassroomRepository(db);
  const recorder = createRecorder({ answers, children, lessons, rounds, now });
  const runner = createRoundRunner({ db, rounds, lessons, children, answers, recorder, now });
  const live = createLive(runner, settings);
  const setUp = createClassSetUp({ db, classroom, children, lessons });

  const app = express();
  app.use(security);
  app.use('/api', express.json({ limit: BODY_LIMIT }));

  app.use('/api/station/live', stationLiveRoutes(live));
  app.use('/api/station', stationRoutes({ classroom, children, lessons, answers, settings, live, now }));
  app.use('/api/answers', answerRoutes(recorder, live));

  app.use('/api', teacherOnly);
  app.use('/api/live', teacherLiveRoutes(live));
  app.use('/api/classroom', classroomRoutes({ classroom, children, lessons, settings, setUp, now }));
  app.get('/api/board', (_req, res) => {
    res.json(live.board());
  });
  app.use('/api/lessons', deskRoutes({ lessons, children, answers, live, now }));
  app.use('/api/rounds', roundRoutes(runner, live));
  app.use('/api/record', recordRoutes({ answers, children }));
  app.use('/api/settings', settingsRoutes(settings, live));
  app.use('/api', () => {
    throw new HoppelError('not-found');
  });

  if (webFolder !== undefined) app.use(webRoutes(webFolder));
  app.use(errorHandler);
  return { app, end: live.end };
};
