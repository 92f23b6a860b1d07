/** A source of numbers in [0, 1), the same sequence every time for the same seed. */
export type Rng = () => number;

/**
 * A small seeded generator (mulberry32: a 32-bit counter stepped by the odd constant 0x6D2B79F5 and
 * mixed by multiply-xorshift rounds). Good enough for choosing times and simulating children; not for secrets.
 * @param seed any integer; only its lower 32 bits count
 */
export const seededRng = (seed: number): Rng => {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = state;
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
};

/**
 * One element of a list, each equally likely.
 * @throws RangeError when the list is empty
 */
export const pick = <T>(rng: Rng, list: readonly T[]): T => {
  const chosen = list[Math.floor(rng() * list.length)];
  if (chosen === undefined) throw new RangeError('cannot pick from an empty list');
  return chosen;
};

/** A shuffled copy (Fisher-Yates), leaving the list itself as it was. */
export const shuffled = <T>(rng: Rng, list: readonly T[]): T[] => {
  const result = [...list];
  for (let last = result.length - 1; last > 0; last--) {
    const other = Math.floor(rng() * (last + 1));
    [result[last], result[other]] = [result[other]!, result[last]!];
  }
  return result;
};

/** A seed made from a text (FNV-1a, 32 bits), so that a name or a date always gives the same numbers. */
export const seedFromText = (text: string): number => {
  let hash = 0x811c9dc5;
  for (const letter of text) hash = Math.imul(hash ^ letter.codePointAt(0)!, 0x01000193);
  return hash >>> 0;
};
