// npm test: everything from a fresh clone to "N passed, N failed". Stops at the first step that fails.
// npm test -- --changed [COMMIT]: what a change since a commit (the latest, unless one is named) can have touched, for work in between.
import { spawn, spawnSync } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { changedSince, journeysFor } from './changed.mjs';
import {
  ROOT,
  ensureBrowser,
  ensureBuild,
  ensureNode,
  ensurePackages,
  ensurePoppler,
  preferLightBrowser,
} from './ensure.mjs';

ensureNode();
ensurePackages();
ensureBrowser();
ensurePoppler();
preferLightBrowser();

const onlySome = process.argv.includes('--changed');
const counts = { passed: 0, failed: 0 };
const finish = () => {
  console.log(`${counts.passed} passed, ${counts.failed} failed`);
  process.exit(counts.failed === 0 && (counts.passed > 0 || onlySome) ? 0 : 1);
};

/** Runs one step with its time; `bin` is a script of an installed package, started by this Node without a shell. */
const step = (name, bin, args, nodeArgs = []) => {
  const began = Date.now();
  const { status } = spawnSync(process.execPath, [...nodeArgs, join(ROOT, 'node_modules', bin), ...args], {
    cwd: ROOT,
    stdio: 'inherit',
  });
  console.log(`-- ${name}: ${status === 0 ? 'ok' : 'FAILED'} (${((Date.now() - began) / 1000).toFixed(1)} s)`);
  return status === 0;
};
/** Steps without tests of their own, as many at once as there are processors; they count only when they fail. */
const checks = async (list) => {
  const waiting = [...list];
  const worker = async () => {
    for (let next = waiting.shift(); next !== undefined; next = waiting.shift()) {
      const [name, bin, args] = next;
      const began = Date.now();
      let said = '';
      const child = spawn(process.execPath, [join(ROOT, 'node_modules', bin), ...args], { cwd: ROOT });
      child.stdout.on('data', (text) => (said += text));
      child.stderr.on('data', (text) => (said += text));
      const status = await new Promise((ended) => child.once('close', ended));
      // Each says all it has to say in one piece.
      if (said.trim() !== '') console.log(said.trimEnd());
      console.log(`-- ${name}: ${status === 0 ? 'ok' : 'FAILED'} (${((Date.now() - began) / 1000).toFixed(1)} s)`);
      if (status !== 0) counts.failed += 1;
    }
  };
  await Promise.all(Array.from({ length: availableParallelism() }, worker));
  if (counts.failed > 0) finish();
};
/** @param only arguments that choose some of the tests; all of them without */
const jest = (project, only = []) => {
  const report = join(ROOT, 'node_modules', `.jest-${project}.json`);
  rmSync(report, { force: true });
  const args = [
    '--selectProjects',
    project,
    '--json',
    `--outputFile=${report}`,
    // Every processor works; of browser tests one file more is begun than there are processors, for each waits now and then.
    `--maxWorkers=${project === 'e2e' ? availableParallelism() + 1 : '100%'}`,
    ...only,
  ];
  const ok = step(`${project} tests`, 'jest/bin/jest.js', args, [
    '--experimental-vm-modules',
    '--disable-warning=ExperimentalWarning',
  ]);
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(readFileSync(report, 'utf8'));
  counts.passed += numPassedTests;
  counts.failed += numFailedTests + numRuntimeErrorTestSuites;
  if (!ok && counts.failed === 0) counts.failed = 1;
  if (!ok) finish();
};

/** Where checks keep what they found of files that have not changed since; gone with the packages. */
const CACHE = join(ROOT, 'node_modules', '.cache', 'hoppel');
const incremental = (room) => ['--incremental', '--tsBuildInfoFile', join(CACHE, `${room}.tsbuildinfo`)];
/** What the contract needs of the browser and Node is found out by web, which has no Node, and by the server. */
const TYPES = {
  web: ['types of web', 'vue-tsc/bin/vue-tsc.js', ['-p', 'web', '--noEmit', ...incremental('web')]],
  core: ['types of core', 'typescript/bin/tsc', ['-p', 'core', ...incremental('core')]],
  server: ['types of server', 'typescript/bin/tsc', ['-p', 'server', ...incremental('server')]],
};
/** @param files what to look at, `.` for all */
const lint = (...files) => [
  'lint',
  'eslint/bin/eslint.js',
  ['--cache', '--cache-strategy', 'content', '--cache-location', join(CACHE, 'eslint'), ...files],
];
/** @param args what to look at, `.` for all, and how */
const format = (...args) => [
  'format',
  'prettier/bin/prettier.cjs',
  [
    '--check',
    '--cache',
    '--cache-strategy',
    'content',
    '--cache-location',
    join(CACHE, 'prettier'),
    '--log-level',
    'warn',
    ...args,
  ],
];
/** Rooms whose types a room's code can break: those that import it, and itself. */
const LEANS_ON = {
  core: ['core', 'server', 'web'],
  contract: ['server', 'web'],
  server: ['server'],
  demo: ['server'],
  e2e: ['server'],
  web: ['web'],
};

const everything = async () => {
  await checks([TYPES.web, lint('.'), format('.'), TYPES.server, TYPES.core]);
  jest('unit');
  ensureBuild();
  jest('e2e');
};

const onlyChanged = async (base) => {
  const files = changedSince(base);
  if (files.length === 0) {
    console.log(`Nothing differs from ${base}.`);
    return;
  }
  const code = files.filter((file) => /\.(ts|vue|mjs)$/.test(file));
  const rooms = new Set(files.flatMap((file) => LEANS_ON[file.split('/')[0]] ?? []));
  await checks([
    ...Object.entries(TYPES).flatMap(([room, check]) => (rooms.has(room) ? [check] : [])),
    ...(code.length > 0 ? [lint(...code)] : []),
    format('--ignore-unknown', ...files),
  ]);
  if (code.length > 0) jest('unit', ['--findRelatedTests', '--passWithNoTests', ...code]);
  const journeys = journeysFor(files);
  if (journeys.length > 0) {
    ensureBuild();
    jest('e2e', ['--testPathPatterns', `/(${journeys.join('|')})\\.e2e\\.ts$`]);
  }
  console.log(`Tested what ${files.length} changed files can have touched; npm test alone tests everything.`);
};

const [wanted, base = 'HEAD'] = process.argv.slice(2);
if (wanted === '--changed') await onlyChanged(base);
else await everything();
finish();
