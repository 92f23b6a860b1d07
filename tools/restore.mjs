// npm run restore -- FILE: puts a backup in the place of the teacher's own data file; the one before is kept beside it.
import { join, resolve } from 'node:path';
import { ensureNode, giveUp, maintenance, run } from './ensure.mjs';
import { DATA_FOLDER } from './serve.mjs';

ensureNode();
const [backup, file = join(DATA_FOLDER, 'hoppel.sqlite')] = process.argv.slice(2);
if (backup === undefined) giveUp('say which: npm run restore -- FILE');
process.exit(
  run(process.execPath, [...maintenance('restoreMain', 'server/backups/restoreMain.ts'), file, resolve(backup)])
    .status ?? 1,
);
