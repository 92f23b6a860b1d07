// npm test: everything from a fresh clone to "N passed, N failed". Stops at the first step that fails.
import { spawn, spawnSync } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { ROOT, ensureBrowser, ensureBuild, ensureNode, ensurePackages } from './ensure.mjs';

ensureNode();
ensurePackages();
ensureBrowser();

const counts = { passed: 0, failed: 0 };
const finish = () => {
  console.log(`${counts.passed} passed, ${counts.failed} failed`);
  process.exit(counts.failed === 0 && counts.passed > 0 ? 0 : 1);
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
const jest = (project) => {
  const report = join(ROOT, 'node_modules', `.jest-${project}.json`);
  rmSync(report, { force: true });
  const args = [
    '--selectProjects',
    project,
    '--json',
    `--outputFile=${report}`,
    // Every processor works; browsers two files at a time, each with a server, a data file and browsers of its own.
    `--maxWorkers=${project === 'e2e' ? 2 : '100%'}`,
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

await checks([
  ['types of web', 'vue-tsc/bin/vue-tsc.js', ['-p', 'web', '--noEmit']],
  ['format', 'prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', '.']],
  ['lint', 'eslint/bin/eslint.js', ['.']],
  ...['core', 'contract', 'server'].map((room) => [`types of ${room}`, 'typescript/bin/tsc', ['-p', room]]),
]);
jest('unit');
ensureBuild();
jest('e2e');
finish();
