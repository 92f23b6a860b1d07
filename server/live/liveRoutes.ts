import { Router } from 'express';
import { z } from 'zod';
import { SenderId } from '../../contract/index.ts';
import type { Live } from './live.ts';

const StationQuery = z.object({ seat: SenderId.optional() });

/** The stream of the teacher's screens. */
export const teacherLiveRoutes = (live: Live): Router => Router().get('/', (req, res) => live.joinTeacher(req, res));

/** The stream of a tablet, with the seat a child has taken there. */
export const stationLiveRoutes = (live: Live): Router =>
  Router().get('/', (req, res) => live.joinStation(req, res, StationQuery.parse(req.query).seat));
