import { readFileSync } from 'node:fs';
import { Router } from 'express';
import type { Health } from '../../contract/index.ts';
import type { Keeper } from '../backups/backupRoutes.ts';
import { MIGRATIONS } from '../db/migrate.ts';

/** The version as the package says it, found from the source and from what is built of it. */
const versionOf = (): string => {
  for (const up of ['../../package.json', '../package.json', '../../../package.json'])
    try {
      return (JSON.parse(readFileSync(new URL(up, import.meta.url), 'utf8')) as { version: string }).version;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'ENOENT') throw error;
    }
  return 'unknown';
};

/** How this Hoppel is: for whoever looks after the machine. */
export const healthRoutes = (keeper: () => Keeper | undefined): Router => {
  const version = versionOf();
  return Router().get('/', (_req, res) => {
    const kept = keeper()?.backups.list();
    res.json({
      version,
      schema: MIGRATIONS.length,
      upSeconds: Math.round(process.uptime()),
      lastBackup: kept?.backups[0]?.at ?? null,
      backupFailed: kept?.failed ?? null,
      free: kept?.free ?? null,
    } satisfies Health);
  });
};
