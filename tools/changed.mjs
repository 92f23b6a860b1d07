// What a change can have touched, for `npm test -- --changed`: by imports for the quick tests, by area for journeys through a browser.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './ensure.mjs';

/** Journeys that walk through an area of the interface; one that changed is walked itself. */
const JOURNEYS = {
  'web/board/wall/': ['drawnWall'],
  'web/board/': ['boardClock', 'boardTools', 'lenses', 'demonstrations', 'sorting', 'roundTypes', 'roundRun'],
  'web/clock/': ['boardClock', 'stationTasks'],
  'web/class/': ['afterCheck'],
  'web/children/': ['plan'],
  'web/desk/': ['plan', 'afterCheck', 'smallGroup'],
  'web/help/': ['firstMorning'],
  'web/plan/': ['plan', 'ownLesson'],
  'web/remote/': ['remote'],
  'web/settings/': ['conventions'],
  'web/shell/': ['longPath', 'places', 'firstMorning'],
  'web/station/': ['stationAlone', 'stationTasks'],
  'web/tablets/': ['stationRoom', 'quietTicket', 'firstMorning'],
  'web/pages/': ['places'],
  'web/stores/': ['walk'],
  'web/messages/': ['places'],
  'web/station/link/': ['stationOffline'],
  'server/': ['torture'],
  'server/db/': ['start'],
  'server/station/': ['stationAlone'],
  'server/tablets/': ['stationRoom', 'stationOffline'],
  'server/live/': ['walk'],
  'server/rounds/': ['walk', 'drawnWall'],
  'e2e/torture/': ['torture'],
  'tools/': ['start'],
};

const git = (...args) => {
  const { status, stdout } = spawnSync('git', args, { cwd: ROOT, encoding: 'utf8' });
  if (status !== 0) throw new Error(`git ${args.join(' ')} failed`);
  return stdout.split('\n').filter((line) => line !== '');
};

/** Files that differ from a commit, new ones among them, removed ones left out. @param base a commit */
export const changedSince = (base) =>
  [...new Set([...git('diff', '--name-only', base), ...git('ls-files', '--others', '--exclude-standard')])].filter(
    (file) => existsSync(join(ROOT, file)),
  );

/** Names of the journeys to walk after a change of some files. */
export const journeysFor = (files) => {
  const names = new Set();
  for (const file of files) {
    const own = /^e2e\/(\w+)\.e2e\.ts$/.exec(file);
    if (own !== null) names.add(own[1]);
    for (const [area, journeys] of Object.entries(JOURNEYS))
      if (file.startsWith(area) && !/\.test\.\w+$/.test(file)) journeys.forEach((name) => names.add(name));
  }
  return [...names].sort();
};
