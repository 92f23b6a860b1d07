import { Router } from 'express';
import { Settings } from '../../contract/index.ts';
import { mustBeUnchanged } from '../common/unchanged.ts';
import type { FindClassroom } from '../classroom/classrooms.ts';

export const settingsRoutes = (find: FindClassroom): Router =>
  Router().put('/', (req, res) => {
    const { row, chooseSettings, settings, live } = find(req);
    const chosen = Settings.parse(req.body);
    row();
    mustBeUnchanged(req, settings.one());
    const { unitChanged } = chooseSettings(chosen);
    live.settingsChanged();
    if (unitChanged) live.classroomChanged();
    res.json(chosen);
  });
