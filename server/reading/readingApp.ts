import type { Database } from 'better-sqlite3';
import express, { type Express, type Request } from 'express';
import { createClassRepository } from '../classes/classRepository.ts';
import type { Classroom } from '../classroom/classroom.ts';
import { createClassrooms } from '../classroom/classrooms.ts';
import { TICKS } from '../clock.ts';
import { createKnocking } from '../common/knocking.ts';
import { errorHandler } from '../errors/errorHandler.ts';
import { exchangeRoutes } from '../exchange/exchangeRoutes.ts';
import { groupRoutes } from '../groups/groupRoutes.ts';
import { solvedGroupsRoutes } from '../groups/solvedGroups.ts';
import { deskRoutes } from '../lessons/deskRoutes.ts';
import { createOpenStreams } from '../live/openStreams.ts';
import { planRoutes } from '../plan/planRoutes.ts';
import { recordRoutes } from '../record/recordRoutes.ts';
import { createPairing } from '../remote/pairing.ts';
import { sheetRoutes } from '../sheets/sheetRoutes.ts';
import { createTabletRepository } from '../tablets/tabletRepository.ts';
import { ASKED } from './asked.ts';

/**
 * The routes that read much and work long, on a data file that is only read. Who may ask was looked at by the server, which passes
 * requests on; it says which class each is about, and when rows read before have changed.
 */
export const createReadingApp = (db: Database): Express => {
  let nowMs = 0;
  const now = (): Date => new Date(nowMs);
  const classes = createClassRepository(db);
  const classrooms = createClassrooms({
    db,
    classes,
    tablets: createTabletRepository(db),
    now,
    ticks: TICKS,
    streams: createOpenStreams(),
    pairing: createPairing(TICKS, now),
    knocking: createKnocking(TICKS),
    remoteTries: () => 0,
    behaviours: {},
    isFileThere: () => true,
    isClockWrong: () => false,
  });
  const versions = new Map<number, string>();
  const find = (req: Request): Classroom => {
    const said = (name: keyof typeof ASKED): string => String(req.headers[ASKED[name]]);
    nowMs = Number(said('now'));
    const classId = Number(said('classId'));
    if (versions.get(classId) !== said('version')) classrooms.forget(classId);
    versions.set(classId, said('version'));
    return classrooms.one(classId);
  };
  const app = express();
  app.use('/api/groups', solvedGroupsRoutes(find), groupRoutes(find));
  app.use('/api/exchange', exchangeRoutes(find));
  app.use('/api/plan', planRoutes(find));
  app.use('/api/record', recordRoutes(find));
  app.use('/api/lessons', deskRoutes(find));
  app.use('/api/sheets', sheetRoutes(find));
  app.use(errorHandler);
  return app;
};
