// npm run bench: the judgement's speed, sets chosen for what they find out, what forecasts hold, groups, start-up, frames of a drag, a remote's step, size of the station's first load, answers kept a second, a round of drawings, a year of answers, a school's tablets at once, what holds up answers.
import { join } from 'node:path';
import { ROOT, ensureBrowser, ensureBuild, ensureNode, ensurePackages, giveUp, run } from './ensure.mjs';

ensureNode();
ensurePackages();
ensureBrowser();
ensureBuild();
/** Each bench by its name; `npm run bench -- load` runs that one alone, with what is said after it. */
const BENCHES = {
  core: 'tools/benchCore.ts',
  diagnosis: 'tools/benchDiagnosis.ts',
  finding: 'tools/benchFinding.ts',
  forecast: 'tools/benchForecast.ts',
  groups: 'tools/benchGroups.ts',
  screens: 'e2e/bench.ts',
  round: 'e2e/benchRound.ts',
  record: 'e2e/benchRecord.ts',
  sheets: 'e2e/benchSheets.ts',
  load: 'e2e/benchLoad.ts',
  held: 'e2e/benchHeld.ts',
};
const [name, ...more] = process.argv.slice(2);
if (name !== undefined && !(name in BENCHES)) giveUp(`there is no bench ${name}: ${Object.keys(BENCHES).join(', ')}.`);
for (const script of name === undefined ? Object.values(BENCHES) : [BENCHES[name]]) {
  const { status } = run(process.execPath, ['--import', 'tsx', join(ROOT, script), ...more]);
  if (status !== 0) process.exit(status ?? 1);
}
