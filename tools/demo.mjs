// npm run demo: everything from a fresh clone to the made-up class in the browser.
import { join } from 'node:path';
import { ensureBuild, ensureNode, ensurePackages } from './ensure.mjs';
import { DATA_FOLDER, makeDemo, serve } from './serve.mjs';

ensureNode();
ensurePackages();
ensureBuild();
const args = process.argv.slice(2);
const data = join(DATA_FOLDER, 'demo.sqlite');
const today = args.includes('--today') ? args[args.indexOf('--today') + 1] : undefined;
makeDemo(data, today);
console.log('Clover Room at Quillbrook School is made up, and so are its answers.');
serve(data, args);
