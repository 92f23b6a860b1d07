// npm run read-again: reads every answer of the teacher's own data file again, after the reader was bettered.
import { join } from 'node:path';
import { ensureNode, maintenance, run } from './ensure.mjs';
import { DATA_FOLDER } from './serve.mjs';

ensureNode();
const file = process.argv[2] ?? join(DATA_FOLDER, 'hoppel.sqlite');
process.exit(run(process.execPath, [...maintenance('readAgainMain', 'server/readAgainMain.ts'), file]).status ?? 1);
