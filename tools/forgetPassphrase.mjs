// npm run forget-passphrase: takes the teacher's passphrase out of the data file, for whoever may start Hoppel on this machine.
import { join, resolve } from 'node:path';
import { ROOT, ensureNode, ensurePackages, run } from './ensure.mjs';
import { DATA_FOLDER } from './serve.mjs';

ensureNode();
ensurePackages();
const [file = join(DATA_FOLDER, 'hoppel.sqlite')] = process.argv.slice(2);
const script = join(ROOT, 'server/passphrase/forgetMain.ts');
process.exit(run(process.execPath, ['--import', 'tsx', script, resolve(file)]).status ?? 1);
