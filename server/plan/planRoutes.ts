import { Router, type Request } from 'express';
import {
  PostCalendarFile,
  PostPlanChange,
  PostPlanStep,
  PostUnit,
  PostUnitFile,
  type CalendarFileReply,
} from '../../contract/index.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import { fileName } from '../common/fileName.ts';
import { readDaysOff } from './calendarFile.ts';
import { calendarText } from './calendarRoutes.ts';
import { readUnitFile, writeUnitFile } from './unitFile.ts';

/** The unit: laid out, changed, undone, taken out and in. */
export const planRoutes = (find: FindClassroom): Router => {
  const router = Router();
  const changed = (req: Request) => {
    const { live, state } = find(req);
    live.classroomChanged();
    return state();
  };
  router.post('/', (req, res) => {
    const { id, choices } = PostUnit.parse(req.body);
    find(req).planner.make(id, choices);
    res.status(201).json(changed(req));
  });
  router.post('/changes', (req, res) => {
    find(req).planner.change(PostPlanChange.parse(req.body));
    res.json(changed(req));
  });
  router.post('/undo', (req, res) => {
    find(req).planner.undo(PostPlanStep.parse(req.body).version);
    res.json(changed(req));
  });
  router.post('/redo', (req, res) => {
    find(req).planner.redo(PostPlanStep.parse(req.body).version);
    res.json(changed(req));
  });

  router.post('/days-off', async (req, res) => {
    res.json((await readDaysOff(PostCalendarFile.parse(req.body))) satisfies CalendarFileReply);
  });
  router.post('/unit-file', (req, res) => {
    const { id, text } = PostUnitFile.parse(req.body);
    find(req).planner.readIn(id, readUnitFile(text));
    res.status(201).json(changed(req));
  });
  router.get('/unit.json', (req, res) => {
    const { row, planner } = find(req);
    const { name } = row();
    const text = writeUnitFile(name, planner.plan());
    res.attachment(fileName(name, 'hoppel.json')).type('json').send(text);
  });
  router.get('/unit.ics', (req, res) => {
    const classroom = find(req);
    const text = calendarText(classroom);
    res.attachment(fileName(classroom.row().name, 'ics')).type('text/calendar').send(text);
  });
  router.get('/plan.pdf', async (req, res) => {
    const { planner, settings, children, ...classroom } = find(req);
    const row = classroom.row();
    // What prints is large and seldom wanted: a server that starts at eight in the morning does not wait for it.
    const { planPdf } = await import('./planPdf.ts');
    const pdf = await planPdf(row, planner.plan(), settings.one(), children.all().length, classroom.now());
    res.attachment(fileName(row.name, 'pdf')).type('pdf').send(pdf);
  });
  return router;
};
