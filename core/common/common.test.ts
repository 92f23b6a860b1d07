import { existsSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { DEED_PICTURES, PICTURES } from '../pictures/index.ts';
import { pick, seedFromText, seededRng, shuffled } from './index.ts';

describe('chance from a seed', () => {
  it('gives the same numbers in [0, 1) for the same seed, others for another', () =>
    fc.assert(
      fc.property(fc.integer(), (seed) => {
        const [a, b, other] = [seededRng(seed), seededRng(seed), seededRng(seed + 1)];
        const numbers = Array.from({ length: 20 }, a);
        expect(Array.from({ length: 20 }, b)).toEqual(numbers);
        expect(Array.from({ length: 20 }, other)).not.toEqual(numbers);
        numbers.forEach((number) => expect(number >= 0 && number < 1).toBe(true));
      }),
    ));
  it('is even: each of ten parts of [0, 1) gets its share of 20,000 numbers', () => {
    const rng = seededRng(5);
    const parts = Array<number>(10).fill(0);
    for (let i = 0; i < 20_000; i++) parts[Math.floor(rng() * 10)]! += 1;
    // Five standard deviations of a binomial count: sqrt(20000 * .1 * .9) is 42.
    parts.forEach((count) => expect(Math.abs(count - 2000)).toBeLessThan(212));
  });
  it('shuffles without losing anything, and picks only what is there', () =>
    fc.assert(
      fc.property(fc.integer(), fc.array(fc.integer(), { minLength: 1 }), (seed, list) => {
        expect(shuffled(seededRng(seed), list).sort()).toEqual([...list].sort());
        expect(list).toContain(pick(seededRng(seed), list));
      }),
    ));
  it('has nothing to pick from an empty list', () => expect(() => pick(seededRng(1), [])).toThrow(RangeError));
  it('makes a seed from a text, the same each time', () => {
    expect(seedFromText('')).toBe(0x811c9dc5); // the offset basis of FNV-1a
    expect(seedFromText('a')).toBe(0xe40c292c); // published test vector of FNV-1a, 32 bits
  });
});

describe('pictures', () => {
  it('are enough for forty children, all different, each with its drawing', () => {
    expect(new Set(PICTURES).size).toBe(40);
    for (const name of [...PICTURES, ...Object.values(DEED_PICTURES)])
      expect([name, existsSync(new URL(`../../web/public/pictures/${name}.svg`, import.meta.url))]).toEqual([
        name,
        true,
      ]);
  });
});
