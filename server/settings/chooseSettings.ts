import type { Database } from 'better-sqlite3';
import { v4 as newId } from 'uuid';
import type { Settings } from '../../contract/index.ts';
import { DEFAULT_CONVENTIONS, type Conventions } from '../../core/conventions/index.ts';
import { dayOf, type Now } from '../clock.ts';
import type { Planner } from '../plan/planner.ts';
import type { SettingsRepository } from './settingsRepository.ts';

interface Parts {
  readonly db: Database;
  readonly settings: SettingsRepository;
  readonly planner: Pick<Planner, 'changeNow' | 'maybeState'>;
  readonly now: Now;
}

/**
 * Chooses settings with all that hangs on them, all or nothing.
 * @returns whether the unit is another one now
 * @throws HoppelError why the unit cannot be changed; then the settings are as before
 */
export const createSettingsChoice = ({ db, settings, planner, now }: Parts) =>
  db.transaction((chosen: Settings): { unitChanged: boolean } => {
    const before = settings.one();
    settings.save(chosen);
    for (const convention of Object.keys(DEFAULT_CONVENTIONS) as (keyof Conventions)[])
      if (JSON.stringify(chosen[convention]) !== JSON.stringify(before[convention]))
        settings.noteChange({ convention, day: dayOf(now()) });
    // A class that goes by "the smaller number" meets its exception in the sets.
    const unitChanged =
      chosen.hourFinding === 'smaller' && before.hourFinding !== 'smaller' && planner.maybeState() !== undefined;
    if (unitChanged) planner.changeNow(newId(), { kind: 'exception' });
    return { unitChanged };
  });
