// npm run screenshots: refreshes docs/screenshots/.
import { join } from 'node:path';
import { ROOT, ensureBrowser, ensureBuild, ensureNode, ensurePackages, run } from './ensure.mjs';

ensureNode();
ensurePackages();
ensureBrowser();
ensureBuild();
process.exit(run(process.execPath, ['--import', 'tsx', join(ROOT, 'e2e/screenshots.ts')]).status ?? 1);
