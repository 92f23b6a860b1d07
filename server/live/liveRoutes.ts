import { Router, type RequestHandler } from 'express';
import { z } from 'zod';
import { SenderId } from '../../contract/index.ts';
import { visitorOf } from '../access/visitor.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import { screenOf } from '../classroom/screens.ts';
import { tabletOf } from '../station/throughTheDoor.ts';

const StationQuery = z.object({ seat: SenderId.optional() });

/** A stream has nothing to tell who does not listen to it. */
const onlyHead: RequestHandler = (_req, res) => {
  res.status(204).end();
};

/** The stream of the teacher's screens. */
export const teacherLiveRoutes = (find: FindClassroom): Router =>
  Router()
    .head('/', onlyHead)
    .get('/', (req, res) =>
      find(req).live.joinTeacher(req, res, { visitor: visitorOf(res), screen: screenOf(req)?.id }),
    );

/** The stream of a tablet, with the seat a child has taken there. */
export const stationLiveRoutes = (find: FindClassroom): Router =>
  Router()
    .head('/', onlyHead)
    .get('/', (req, res) => find(req).live.joinStation(req, res, tabletOf(res).id, StationQuery.parse(req.query).seat));
