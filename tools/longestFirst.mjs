import { statSync } from 'node:fs';
import { basename } from 'node:path';

/** Files that take longest, the longest first: one that began last would be waited for while the other processors rest. */
const LONGEST = [
  'stationTasks.e2e.ts',
  'stationRoom.e2e.ts',
  'places.e2e.ts',
  'walk.e2e.ts',
  'roundTypes.e2e.ts',
  'roundRun.e2e.ts',
  'stationOffline.e2e.ts',
  'plan.e2e.ts',
  'demonstrations.e2e.ts',
  'lenses.e2e.ts',
  'practice.test.ts',
  'standIns.test.ts',
  'station.test.ts',
  'layUnit.property.test.ts',
];
const rank = (path) => {
  const place = LONGEST.indexOf(basename(path));
  return place < 0 ? LONGEST.length : place;
};

/** The order test files run in, the same on every machine; of the others, large files first. */
export default class LongestFirst {
  sort(tests) {
    const size = new Map(tests.map(({ path }) => [path, statSync(path).size]));
    return [...tests].sort((a, b) => rank(a.path) - rank(b.path) || size.get(b.path) - size.get(a.path));
  }
  shard(tests) {
    return tests;
  }
  allFailedTests(tests) {
    return tests;
  }
  cacheResults() {
    // Nothing is remembered: the order goes by the list.
  }
}
