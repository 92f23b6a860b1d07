import { Router } from 'express';
import { v4 as newId } from 'uuid';
import { Settings } from '../../contract/index.ts';
import type { Live } from '../live/live.ts';
import type { Planner } from '../plan/planner.ts';
import type { SettingsRepository } from './settingsRepository.ts';

interface Parts {
  readonly settings: SettingsRepository;
  readonly planner: Planner;
  readonly live: Live;
}

export const settingsRoutes = ({ settings, planner, live }: Parts): Router =>
  Router().put('/', (req, res) => {
    const chosen = Settings.parse(req.body);
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
