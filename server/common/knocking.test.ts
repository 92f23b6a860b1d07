import { beforeEach, describe, expect, it } from '@jest/globals';
import { createKnocking } from './knocking.ts';

let now: number;
let knocking: ReturnType<typeof createKnocking>;
beforeEach(() => {
  now = 0;
  knocking = createKnocking(() => now);
});
const MINUTE = 60_000;
/** What comes of a try: nothing, or why it was refused. */
const tried = (sender: string, right = false): string => {
  try {
    knocking.tried(sender, () => right);
    return 'in';
  } catch (error) {
    return (error as { code: string }).code;
  }
};
const wrong = (sender: string, times: number): string[] => Array.from({ length: times }, () => tried(sender));

describe('tries at a code', () => {
  it('wait after five wrong ones, and twice as long after each further one', () => {
    expect(wrong('a', 5)).toEqual(['wrong-code', 'wrong-code', 'wrong-code', 'wrong-code', 'too-many-tries']);
    now = 4999;
    expect(tried('a', true)).toBe('too-many-tries');
    now = 5000;
    expect(tried('a')).toBe('too-many-tries');
    now = 14_999;
    expect(tried('a', true)).toBe('too-many-tries');
    now = 15_000;
    expect(tried('a', true)).toBe('in');
    // Right once, it begins anew.
    expect(tried('a')).toBe('wrong-code');
    wrong('a', 20);
    knocking.forget();
    expect(tried('a', true)).toBe('in');
  });
  it('of one device shut out no other', () => {
    wrong('a', 300);
    expect(tried('b', true)).toBe('in');
  });
  it('are so slow that four pictures of nine take more than a school day', () => {
    let tries = 0;
    const guess = (): boolean => {
      tries += 1;
      return false;
    };
    for (now = 0; now < 8 * 60 * MINUTE; now += 1000)
      try {
        knocking.tried('a', guess);
      } catch {
        // Never right, it is refused each time.
      }
    // Five at first, then one each two minutes; 3024 codes there are.
    expect(tries).toBeGreaterThan(200);
    expect(tries).toBeLessThan(250);
  });
  it('are told to the teacher only where somebody goes on, and forgotten after a quarter of an hour', () => {
    wrong('small hands', 2);
    expect(knocking.persistent()).toBe(0);
    wrong('a', 5);
    expect(knocking.persistent()).toBe(5);
    now = 16 * MINUTE;
    expect(knocking.persistent()).toBe(0);
  });
  it('of ever new addresses do not fill the memory', () => {
    for (let i = 0; i < 3000; i++) wrong(`10.0.${i >> 8}.${i & 255}`, 5);
    expect(knocking.persistent()).toBe(5000);
  });
});
