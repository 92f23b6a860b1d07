import { Router } from 'express';
import {
  PostCalendarFile,
  PostPlanChange,
  PostPlanStep,
  PostUnit,
  PostUnitFile,
  type CalendarFileReply,
} from '../../contract/index.ts';
import type { ClassroomState } from '../classroom/classroomState.ts';
import type { ClassRepository } from '../classes/classRepository.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import type { Live } from '../live/live.ts';
import type { SettingsRepository } from '../settings/settingsRepository.ts';
import { readDaysOff } from './calendarFile.ts';
import { calendarOfUnit } from './unitCalendar.ts';
import { readUnitFile, writeUnitFile } from './unitFile.ts';
import { planPdf } from './planPdf.ts';
import type { Planner } from './planner.ts';

interface Parts {
  readonly planner: Planner;
  readonly classes: ClassRepository;
  readonly children: ChildRepository;
  readonly settings: SettingsRepository;
  readonly state: ClassroomState;
  readonly live: Live;
}

/** A file name from the class's own name, without what file systems mind. */
const fileName = (name: string, ending: string): string =>
  `${name.replace(/[^\p{L}\p{N} -]/gu, '').trim() || 'unit'}.${ending}`;

/** The unit: laid out, changed, undone, taken out and in. */
export const planRoutes = ({ planner, classes, children, settings, state, live }: Parts): Router => {
  const router = Router();
  const changed = (): ReturnType<ClassroomState> => {
    live.classroomChanged();
    return state();
  };
  router.post('/', (req, res) => {
    const { id, choices } = PostUnit.parse(req.body);
    planner.make(id, choices);
    res.status(201).json(changed());
  });
  router.post('/changes', (req, res) => {
    planner.change(PostPlanChange.parse(req.body));
    res.json(changed());
  });
  router.post('/undo', (req, res) => {
    planner.undo(PostPlanStep.parse(req.body).version);
    res.json(changed());
  });
  router.post('/redo', (req, res) => {
    planner.redo(PostPlanStep.parse(req.body).version);
    res.json(changed());
  });

  router.post('/days-off', (req, res) => {
    const { text, from, to } = PostCalendarFile.parse(req.body);
    res.json(readDaysOff(text, from, to) satisfies CalendarFileReply);
  });
  router.post('/unit-file', (req, res) => {
    const { id, text } = PostUnitFile.parse(req.body);
    planner.readIn(id, readUnitFile(text));
    res.status(201).json(changed());
  });
  router.get('/unit.json', (_req, res) => {
    const { name } = classes.opened();
    const text = writeUnitFile(name, planner.plan());
    res.attachment(fileName(name, 'hoppel.json')).type('json').send(text);
  });
  router.get('/unit.ics', (_req, res) => {
    const row = classes.opened();
    const text = calendarOfUnit(row, planner.plan(), settings.one());
    res.attachment(fileName(row.name, 'ics')).type('text/calendar').send(text);
  });
  router.get('/plan.pdf', async (_req, res) => {
    const row = classes.opened();
    const pdf = await planPdf(row, planner.plan(), settings.one(), children.all().length);
    res.attachment(fileName(row.name, 'pdf')).type('pdf').send(pdf);
  });
  return router;
};
