// Builds the interface with Vite and the server (and the maker of the demo class) with esbuild into dist/.
import { cpSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build as bundle } from 'esbuild';
import { build as buildWeb } from 'vite';
import { ROOT } from './ensure.mjs';

rmSync(join(ROOT, 'dist'), { recursive: true, force: true });
await buildWeb({ configFile: join(ROOT, 'web/vite.config.ts'), logLevel: 'warn' });
await bundle({
  absWorkingDir: ROOT,
  entryPoints: {
    main: 'server/main.ts',
    makeDemo: 'demo/main.ts',
    calendarWorker: 'server/plan/calendarWorker.ts',
    arrivalWorker: 'server/moving/arrivalWorker.ts',
    backupMain: 'server/backups/backupMain.ts',
    restoreMain: 'server/backups/restoreMain.ts',
    readAgainMain: 'server/readAgainMain.ts',
    forgetMain: 'server/passphrase/forgetMain.ts',
    readingThread: 'server/reading/readingThread.ts',
  },
  outdir: 'dist/server',
  bundle: true,
  // What is loaded only when it is wanted stays a file of its own.
  splitting: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  packages: 'external',
  sourcemap: true,
});
cpSync(join(ROOT, 'server/db/migrations'), join(ROOT, 'dist/server/migrations'), { recursive: true });
