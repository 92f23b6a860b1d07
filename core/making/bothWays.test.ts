import { describe, expect, it } from '@jest/globals';
import { timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { faultsOf, type Item } from '../items/index.ts';
import { makeBothWays, makeItem } from './index.ts';

const TIMES = [3, 7, 9, 4].map((hour) => timeOf(hour));
const setOf = (kinds: readonly ('judge-clock' | 'yet' | 'read')[], seed: number, count = 9): Item[] => {
  const rng = seededRng(seed);
  const made: Item[] = [];
  while (made.length < count)
    made.push(makeBothWays(made, () => makeItem(kinds[made.length % kinds.length]!, rng, TIMES, TIMES)));
  return made;
};
/** The right answers of a set, as a child would say them. */
const answersOf = (items: readonly Item[], kind: 'judge-clock' | 'yet'): string =>
  items
    .filter((item) => item.kind === kind)
    .map((item) => {
      if (item.kind === 'judge-clock') return faultsOf(item.clock).length === 0 ? 'y' : 'n';
      return item.kind === 'yet' && item.shown >= item.target ? 'y' : 'n';
    })
    .join('');

describe('a set of questions with two answers', () => {
  it('never has the same right answer three times in a row, so that no child learns to say always the same', () => {
    const seen = new Set<string>();
    for (let seed = 0; seed < 300; seed++)
      for (const kind of ['judge-clock', 'yet'] as const) {
        const answers = answersOf(setOf([kind], seed), kind);
        expect(answers).toHaveLength(9);
        expect(answers).not.toMatch(/yyy|nnn/);
        seen.add(answers);
      }
    // Nor do they alternate: what comes cannot be foretold.
    expect(seen.size).toBeGreaterThan(80);
    expect([...seen].join()).toMatch(/yy.*nn/);
  });
  it('holds for each kind by itself where kinds take turns', () => {
    for (let seed = 0; seed < 100; seed++) {
      const items = setOf(['judge-clock', 'read', 'yet'], seed, 18);
      for (const kind of ['judge-clock', 'yet'] as const) expect(answersOf(items, kind)).not.toMatch(/yyy|nnn/);
    }
  });
  it('holds for a task that takes the place of another, too', () => {
    for (let seed = 0; seed < 100; seed++) {
      const rng = seededRng(seed);
      const items = setOf(['yet'], seed);
      const place = seed % items.length;
      const make = (): Item => makeItem('yet', rng, TIMES, TIMES);
      const swapped = items.with(place, makeBothWays(items.slice(0, place), make, items.slice(place + 1)));
      expect(answersOf(swapped, 'yet')).not.toMatch(/yyy|nnn/);
    }
  });
});
