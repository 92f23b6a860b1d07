import { Router } from 'express';
import { Settings } from '../../contract/index.ts';
import type { Live } from '../live/live.ts';
import type { SettingsRepository } from './settingsRepository.ts';

export const settingsRoutes = (settings: SettingsRepository, live: Live): Router =>
  Router().put('/', (req, res) => {
    const chosen = Settings.parse(req.body);
    settings.save(chosen);
    live.settingsChanged();
    res.json(chosen);
  });
