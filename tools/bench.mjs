// npm run bench: the judgement's speed, sets chosen for what they find out, what forecasts hold, groups, start-up, frames of a drag, a remote's step, size of the station's first load, answers kept a second, a round of drawings, a year of answers.
import { join } from 'node:path';
import { ROOT, ensureBrowser, ensureBuild, ensureNode, ensurePackages, run } from './ensure.mjs';

ensureNode();
ensurePackages();
ensureBrowser();
ensureBuild();
for (const script of [
  'tools/benchCore.ts',
  'tools/benchDiagnosis.ts',
  'tools/benchFinding.ts',
  'tools/benchForecast.ts',
  'tools/benchGroups.ts',
  'e2e/bench.ts',
  'e2e/benchRound.ts',
  'e2e/benchRecord.ts',
  'e2e/benchSheets.ts',
]) {
  const { status } = run(process.execPath, ['--import', 'tsx', join(ROOT, script)]);
  if (status !== 0) process.exit(status ?? 1);
}
