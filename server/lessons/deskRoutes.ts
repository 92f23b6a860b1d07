import { Router, type Request } from 'express';
import { z } from 'zod';
import { PutDecision, PutNote, PutReady } from '../../contract/index.ts';
import { READY_ITEMS } from '../../core/planning/index.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import { mustBeUnchanged } from '../common/unchanged.ts';
import { solveHere, type SolveGroups } from '../groups/solvedGroups.ts';
import type { Classroom } from '../classroom/classroom.ts';

const ReadyItem = z.enum(READY_ITEMS);

/** What a teacher sees and does at the desk of one lesson. */
export const deskRoutes = (
  find: FindClassroom,
  solve: SolveGroups = solveHere,
  /** Looks at a desk; in a thread, where there is one. */
  look: (classroom: Classroom, lessonId: number) => unknown = ({ desk }, lessonId) => desk.of(lessonId),
): Router => {
  /** The lesson of an address. @throws HoppelError unknown-lesson */
  const lessonOf = (req: Request) => find(req).lessons.one(z.coerce.number().int().parse(req.params['id']));
  const router = Router();
  router.get('/:id/desk', (req, res) => {
    res.json(find(req).desk.of(lessonOf(req).id));
  });
  router.put('/:id/ready/:item', async (req, res) => {
    const classroom = find(req);
    const { lessons, live } = classroom;
    const { id } = lessonOf(req);
    lessons.tick(id, ReadyItem.parse(req.params['item']), PutReady.parse(req.body).ticked);
    live.recordChanged(id);
    res.json(await look(classroom, id));
  });
  router.put('/:id/note', async (req, res) => {
    const classroom = find(req);
    const { lessons, live } = classroom;
    const { id } = lessonOf(req);
    const { note } = PutNote.parse(req.body);
    if (note !== lessons.note(id)) mustBeUnchanged(req, lessons.note(id));
    lessons.saveNote(id, note);
    live.recordChanged(id);
    res.json(await look(classroom, id));
  });
  router.put('/:id/decision', async (req, res) => {
    const classroom = find(req);
    const { live, desk, grouping } = classroom;
    const lesson = lessonOf(req);
    const decided = PutDecision.parse(req.body);
    const checkId = decided.decision === 'go-on-with-group' ? desk.checkBefore(lesson) : undefined;
    const hasNone = checkId !== undefined && grouping.keptOf(checkId) === undefined;
    desk.decide(lesson, decided, hasNone ? await solve(classroom, checkId) : undefined);
    live.recordChanged(lesson.id);
    live.classroomChanged();
    res.json(await look(classroom, lesson.id));
  });
  return router;
};
