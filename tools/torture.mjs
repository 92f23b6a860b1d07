// npm run torture: tries to bring the server down, or to make it lose something.
import { join } from 'node:path';
import { ROOT, ensureBuild, ensureNode, ensurePackages, run } from './ensure.mjs';

ensureNode();
ensurePackages();
ensureBuild();
const script = join(ROOT, 'e2e/torture.ts');
process.exit(run(process.execPath, ['--import', 'tsx', script, ...process.argv.slice(2)]).status ?? 1);
