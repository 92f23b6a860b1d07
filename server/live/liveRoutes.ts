import { Router } from 'express';
import { z } from 'zod';
import type { Live } from './live.ts';

const StationQuery = z.object({ child: z.coerce.number().int().positive().optional() });

/** The stream of the teacher's screens. */
export const teacherLiveRoutes = (live: Live): Router => Router().get('/', (req, res) => live.joinTeacher(req, res));

/** The stream of a tablet, with the child who tapped their picture there. */
export const stationLiveRoutes = (live: Live): Router =>
  Router().get('/', (req, res) => live.joinStation(req, res, StationQuery.parse(req.query).child));
