import { Router } from 'express';
import { v4 as newId } from 'uuid';
import { Settings } from '../../contract/index.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';

export const settingsRoutes = (find: FindClassroom): Router =>
  Router().put('/', (req, res) => {
    const { row, settings, planner, live } = find(req);
    const chosen = Settings.parse(req.body);
    row();
    const before = settings.one();
    settings.save(chosen);
    live.settingsChanged();
    // A class that goes by "the smaller number" meets its exception in the sets.
    if (chosen.hourFinding === 'smaller' && before.hourFinding !== 'smaller' && planner.maybeState() !== undefined) {
      planner.changeNow(newId(), { kind: 'exception' });
      live.classroomChanged();
    }
    res.json(chosen);
  });
