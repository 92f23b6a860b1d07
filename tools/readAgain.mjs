// npm run read-again: reads every answer of the teacher's own data file again, after the reader was bettered.
import { join } from 'node:path';
import { ROOT, ensureNode, ensurePackages, run } from './ensure.mjs';
import { DATA_FOLDER } from './serve.mjs';

ensureNode();
ensurePackages();
const file = process.argv[2] ?? join(DATA_FOLDER, 'hoppel.sqlite');
process.exit(run(process.execPath, ['--import', 'tsx', join(ROOT, 'server/readAgainMain.ts'), file]).status ?? 1);
