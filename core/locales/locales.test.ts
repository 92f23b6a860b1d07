import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { HANDS } from '../clock/index.ts';
import { TIMED_DEEDS } from '../activities/index.ts';
import { CLOCK_PARTS, DAY_EVENTS, UNITS } from '../items/index.ts';
import { CLOCK_WORDS } from '../skills/index.ts';
import { CHOICES } from '../conventions/index.ts';
import { ALL_DIAL_TIMES } from '../clock/index.ts';
import { LOCALES, paperOf, waysOf } from './index.ts';
import { keysOf, keysUnder } from './keys.test.support.ts';

const file = (name: string): string => readFileSync(new URL(name, import.meta.url), 'utf8');
const text = file('en-US/words.json');
const us = keysOf(JSON.parse(text) as object);
const uk = keysOf(JSON.parse(file('en-GB/words.json')) as object);

describe('word files', () => {
  it.each([
    ['clock.hands', CHOICES.handNames.choices.flatMap((names) => HANDS.map((hand) => `${names}.${hand}`))],
    ['clock.words', CLOCK_WORDS.filter((word) => !word.endsWith('-hand'))],
    ['clock.parts', CLOCK_PARTS.filter((part) => !part.endsWith('-hand'))],
    ['clock.units', UNITS],
    ['clock.deeds', TIMED_DEEDS],
    ['clock.dayEvents', DAY_EVENTS],
  ] as const)('name every one of the %s, and nothing else', (group, names) =>
    expect(keysUnder(us, `${group}`).sort()).toEqual([...names].sort()),
  );
  it('say nothing in UK English that US English does not know', () =>
    expect(uk.filter((key) => !us.includes(key))).toEqual([]));
  it('are plain', () => expect(text).not.toMatch(/\b(user|entity|submit|error|score|fail)\b/i));
});

describe.each(Object.values(LOCALES))('the grammar of $tag', ({ grammar }) => {
  it('says each of the 720 times in some way', () => {
    for (const time of ALL_DIAL_TIMES) expect(waysOf(grammar, time, 'both')[0]?.said[0]).toBeDefined();
  });
  it('has a word for each number below sixty, none twice', () => {
    expect(grammar.numbers).toHaveLength(60);
    expect(new Set(grammar.numbers).size).toBe(60);
    expect([0, 12, 20, 21, 59].map((n) => grammar.numbers[n])).toEqual([
      'zero',
      'twelve',
      'twenty',
      'twenty-one',
      'fifty-nine',
    ]);
  });
});

describe('paper', () => {
  it.each([
    ['usual', 'en-US', 'letter'],
    ['usual', 'en-GB', 'a4'],
    ['a4', 'en-US', 'a4'],
    ['letter', 'en-GB', 'letter'],
  ] as const)('%s for %s is %s', (paper, locale, size) => expect(paperOf({ paper, locale })).toBe(size));
});
