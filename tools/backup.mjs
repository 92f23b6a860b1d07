// npm run backup -- FOLDER: copies the teacher's own data file whole into a folder, such as a stick, while Hoppel runs or not.
import { join, resolve } from 'node:path';
import { ROOT, ensureNode, ensurePackages, giveUp, run } from './ensure.mjs';
import { DATA_FOLDER } from './serve.mjs';

ensureNode();
ensurePackages();
const [folder, file = join(DATA_FOLDER, 'hoppel.sqlite')] = process.argv.slice(2);
if (folder === undefined) giveUp('say where to: npm run backup -- FOLDER');
const script = join(ROOT, 'server/backups/backupMain.ts');
process.exit(run(process.execPath, ['--import', 'tsx', script, file, resolve(folder)]).status ?? 1);
