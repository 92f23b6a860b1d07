import { Router, type Request } from 'express';
import type { CalendarAddress } from '../../contract/index.ts';
import type { Classroom } from '../classroom/classroom.ts';
import type { Classrooms, FindClassroom } from '../classroom/classrooms.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { Reach } from '../remote/remoteRoutes.ts';
import { calendarOf, eventsOfUnit } from './unitCalendar.ts';

/** The unit of a class as a calendar, as it stands. @throws HoppelError no-unit */
export const calendarText = ({ row, planner, settings, calendar, now }: Classroom): string => {
  const about = row();
  const events = calendar.events(eventsOfUnit(about, planner.plan(), settings.one()), now());
  return calendarOf({ name: about.name, uid: calendar.uid() }, events);
};

/** Where the calendar of a class can be subscribed to: made and withdrawn by the teacher. */
export const calendarAddressRoutes = (find: FindClassroom, reach: Pick<Reach, 'addresses'>): Router => {
  const say = (req: Request): CalendarAddress => {
    const address = find(req).calendar.maybeAddress();
    const [origin] = reach.addresses();
    return { address: address === undefined ? null : `${origin ?? '/'}api/calendar/${address}.ics` };
  };
  const router = Router();
  router.get('/', (req, res) => {
    res.json(say(req));
  });
  router.post('/', (req, res) => {
    const { calendar, planner } = find(req);
    planner.plan();
    calendar.makeAddress();
    res.status(201).json(say(req));
  });
  router.delete('/', (req, res) => {
    find(req).calendar.withdrawAddress();
    res.json(say(req));
  });
  return router;
};

/** The calendar itself, for whoever knows its address: no name of a child is in it. */
export const sharedCalendarRoutes = (
  classrooms: Pick<Classrooms, 'one'>,
  classAt: (address: string) => number | undefined,
): Router =>
  Router().get('/:address.ics', (req, res) => {
    const classId = classAt(String(req.params['address']));
    if (classId === undefined) throw new HoppelError('not-found');
    res.type('text/calendar').send(calendarText(classrooms.one(classId)));
  });
