import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { HANDS } from '../clock/index.ts';
import { CLOCK_PARTS, DAY_EVENTS, DEEDS, UNITS } from '../items/index.ts';
import { CLOCK_WORDS } from '../skills/index.ts';
import { CHOICES } from '../conventions/index.ts';
import { GRAMMARS, NUMBER_WORDS, SAID_KINDS } from './words.ts';
import { keysOf, keysUnder } from './messages.test.support.ts';

const file = (name: string): string => readFileSync(new URL(`messages/${name}`, import.meta.url), 'utf8');
const text = file('en-US.json');
const us = keysOf(JSON.parse(text) as object);
const uk = keysOf(JSON.parse(file('en-GB.json')) as object);

describe('word files', () => {
  it.each([
    ['clock.hands', CHOICES.handNames.choices.flatMap((names) => HANDS.map((hand) => `${names}.${hand}`))],
    ['clock.words', CLOCK_WORDS.filter((word) => !word.endsWith('-hand'))],
    ['clock.parts', CLOCK_PARTS.filter((part) => !part.endsWith('-hand'))],
    ['clock.units', UNITS],
    ['clock.deeds', DEEDS],
    ['clock.dayEvents', DAY_EVENTS],
  ] as const)('name every one of the %s, and nothing else', (group, names) =>
    expect(keysUnder(us, `${group}`).sort()).toEqual([...names].sort()),
  );
  it('say nothing in UK English that US English does not know', () =>
    expect(uk.filter((key) => !us.includes(key))).toEqual([]));
  it('are plain', () => expect(text).not.toMatch(/\b(user|entity|submit|error|score|fail)\b/i));
  it('have a pattern for every way of saying a time, in both Englishes', () => {
    for (const { said } of Object.values(GRAMMARS))
      for (const kind of SAID_KINDS) expect(said[kind].length).toBeGreaterThan(0);
  });
  it('have a word for each number below sixty, none twice', () => {
    expect(NUMBER_WORDS).toHaveLength(60);
    expect(new Set(NUMBER_WORDS).size).toBe(60);
    expect([0, 12, 20, 21, 59].map((n) => NUMBER_WORDS[n])).toEqual([
      'zero',
      'twelve',
      'twenty',
      'twenty-one',
      'fifty-nine',
    ]);
  });
});
