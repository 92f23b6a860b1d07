// Builds the interface with Vite and the server (and the maker of the demo class) with esbuild into dist/.
import { cpSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build as bundle } from 'esbuild';
import { build as buildWeb } from 'vite';
import { ROOT } from './ensure.mjs';
import { FOR_NODE, THREADS } from './threads.mjs';

rmSync(join(ROOT, 'dist'), { recursive: true, force: true });
await buildWeb({ configFile: join(ROOT, 'web/vite.config.ts'), logLevel: 'warn' });
await bundle({
  ...FOR_NODE,
  absWorkingDir: ROOT,
  entryPoints: {
    main: 'server/main.ts',
    makeDemo: 'demo/main.ts',
    backupMain: 'server/backups/backupMain.ts',
    restoreMain: 'server/backups/restoreMain.ts',
    readAgainMain: 'server/readAgainMain.ts',
    forgetMain: 'server/passphrase/forgetMain.ts',
    ...THREADS,
  },
  outdir: 'dist/server',
});
cpSync(join(ROOT, 'server/db/migrations'), join(ROOT, 'dist/server/migrations'), { recursive: true });
