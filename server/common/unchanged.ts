import type { Request } from 'express';
import { versionOf } from '../../core/common/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/**
 * Looks whether a state is still the one a screen saw when it changed it, where the screen says so: of two windows the later one hears of
 * the earlier one's change instead of writing over it. Programs that do not say what they saw mean it in any case.
 * @throws HoppelError changed-elsewhere
 */
export const mustBeUnchanged = (req: Request, now: unknown): void => {
  const seen = req.get('If-Match');
  if (seen !== undefined && seen !== versionOf(now)) throw new HoppelError('changed-elsewhere');
};
