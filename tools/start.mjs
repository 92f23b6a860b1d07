// npm start: Hoppel with the teacher's own data file.
import { join } from 'node:path';
import { ensureBuild, ensureNode, ensurePackages } from './ensure.mjs';
import { DATA_FOLDER, serve } from './serve.mjs';

ensureNode();
ensurePackages();
ensureBuild();
serve(join(DATA_FOLDER, 'hoppel.sqlite'), process.argv.slice(2));
