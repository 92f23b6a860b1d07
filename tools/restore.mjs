// npm run restore -- FILE: puts a backup in the place of the teacher's own data file; the one before is kept beside it.
import { join, resolve } from 'node:path';
import { ROOT, ensureNode, ensurePackages, giveUp, run } from './ensure.mjs';
import { DATA_FOLDER } from './serve.mjs';

ensureNode();
ensurePackages();
const [backup, file = join(DATA_FOLDER, 'hoppel.sqlite')] = process.argv.slice(2);
if (backup === undefined) giveUp('say which: npm run restore -- FILE');
const script = join(ROOT, 'server/backups/restoreMain.ts');
process.exit(run(process.execPath, ['--import', 'tsx', script, file, resolve(backup)]).status ?? 1);
