// npm run bench: start-up, frames of a drag, size of the station's first load, answers kept a second.
import { join } from 'node:path';
import { ROOT, ensureBrowser, ensureBuild, ensureNode, ensurePackages, run } from './ensure.mjs';

ensureNode();
ensurePackages();
ensureBrowser();
ensureBuild();
process.exit(run(process.execPath, ['--import', 'tsx', join(ROOT, 'e2e/bench.ts')]).status ?? 1);
