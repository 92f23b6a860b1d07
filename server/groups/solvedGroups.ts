import { Router } from 'express';
import { z } from 'zod';
import { KeptGroups } from '../../contract/index.ts';
import type { Classroom } from '../classroom/classroom.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';
import type { Reader } from '../reading/reader.ts';

/** Works out groups of a check around what is locked and held; nothing is kept. @throws HoppelError unknown-lesson, not-found */
export type SolveGroups = (classroom: Classroom, checkId: number) => Promise<KeptGroups>;

/** Solves where there is no thread for it. */
export const solveHere: SolveGroups = async ({ grouping }, checkId) => grouping.solved(checkId);

/** Solves in a thread: with wishes of who sits together it may take seconds. */
export const solveIn =
  (reader: Pick<Reader, 'json'>): SolveGroups =>
  async (classroom, checkId) =>
    KeptGroups.parse(await reader.json(classroom, `/groups/solved/${checkId}`));

/** What the thread answers. */
export const solvedGroupsRoutes = (find: FindClassroom): Router =>
  Router().get('/solved/:checkId', (req, res) => {
    res.json(find(req).grouping.solved(z.coerce.number().int().parse(req.params.checkId)) satisfies KeptGroups);
  });
