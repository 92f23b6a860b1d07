// npm run forget-passphrase: takes the teacher's passphrase out of the data file, for whoever may start Hoppel on this machine.
import { join, resolve } from 'node:path';
import { ensureNode, maintenance, run } from './ensure.mjs';
import { DATA_FOLDER } from './serve.mjs';

ensureNode();
const [file = join(DATA_FOLDER, 'hoppel.sqlite')] = process.argv.slice(2);
process.exit(
  run(process.execPath, [...maintenance('forgetMain', 'server/passphrase/forgetMain.ts'), resolve(file)]).status ?? 1,
);
