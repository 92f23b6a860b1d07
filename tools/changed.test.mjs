import { readdirSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { journeysFor } from './changed.mjs';

const journeys = readdirSync(new URL('../e2e/', import.meta.url)).flatMap(
  (file) => /^(\w+)\.e2e\.ts$/.exec(file)?.[1] ?? [],
);

describe('journeys after a change', () => {
  it('are those through the area that changed, each once, and one that changed itself', () => {
    expect(journeysFor(['web/remote/useRemote.ts', 'web/remote/JoinRemote.vue', 'e2e/walk.e2e.ts'])).toEqual([
      'remote',
      'walk',
    ]);
  });
  it('are none where only a test, a word of the docs or the core changed: the quick tests tell', () =>
    expect(journeysFor(['docs/decisions.md', 'core/clock/time.ts', 'web/station/unsent.test.ts'])).toEqual([]));
  it('are all known by name', () => {
    const areas = [
      'board',
      'clock',
      'class',
      'children',
      'desk',
      'plan',
      'remote',
      'settings',
      'shell',
      'station',
      'tablets',
      'pages',
      'stores',
      'messages',
    ];
    const named = journeysFor([
      ...areas.map((area) => `web/${area}/x.ts`),
      'server/live/x.ts',
      'server/rounds/x.ts',
      'tools/x.mjs',
    ]);
    for (const name of named) expect(journeys).toContain(name);
    expect(named.length).toBeGreaterThan(12);
  });
});
