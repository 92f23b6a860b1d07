// npm run backup -- FOLDER: copies the teacher's own data file whole into a folder, such as a stick, while Hoppel runs or not.
import { join, resolve } from 'node:path';
import { ensureNode, giveUp, maintenance, run } from './ensure.mjs';
import { DATA_FOLDER } from './serve.mjs';

ensureNode();
const [folder, file = join(DATA_FOLDER, 'hoppel.sqlite')] = process.argv.slice(2);
if (folder === undefined) giveUp('say where to: npm run backup -- FOLDER');
process.exit(
  run(process.execPath, [...maintenance('backupMain', 'server/backups/backupMain.ts'), file, resolve(folder)]).status ??
    1,
);
