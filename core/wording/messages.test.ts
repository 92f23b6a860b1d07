import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { HANDS } from '../clock/index.ts';
import { CLOCK_PARTS, DAY_EVENTS, DEEDS, UNITS } from '../items/index.ts';
import { CLOCK_WORDS } from '../skills/index.ts';
import { HAND_NAMES } from './index.ts';
import { GRAMMARS, NUMBER_WORDS, SAID_KINDS } from './words.ts';

const load = (file: string): object =>
  JSON.parse(readFileSync(new URL(`messages/${file}`, import.meta.url), 'utf8')) as object;
const keys = (words: object, prefix = ''): string[] =>
  Object.entries(words).flatMap(([key, value]) =>
    typeof value === 'object' && value !== null ? keys(value, `${prefix}${key}.`) : [`${prefix}${key}`],
  );
const us = keys(load('en-US.json'));
const under = (group: string): string[] =>
  us.filter((key) => key.startsWith(`${group}.`)).map((key) => key.slice(`${group}.`.length));

describe('word files', () => {
  it.each([
    ['clock.hands', HAND_NAMES.flatMap((names) => HANDS.map((hand) => `${names}.${hand}`))],
    ['clock.words', CLOCK_WORDS.filter((word) => !word.endsWith('-hand'))],
    ['clock.parts', CLOCK_PARTS.filter((part) => !part.endsWith('-hand'))],
    ['clock.units', UNITS],
    ['clock.deeds', DEEDS],
    ['clock.dayEvents', DAY_EVENTS],
  ] as const)('name every one of the %s, and nothing else', (group, names) =>
    expect([...under(group)].sort()).toEqual([...names].sort()),
  );
  it('say nothing in UK English that US English does not know', () =>
    expect(keys(load('en-GB.json')).filter((key) => !us.includes(key))).toEqual([]));
  it('are plain', () =>
    expect(JSON.stringify(load('en-US.json'))).not.toMatch(/\b(user|entity|submit|error|score|fail)\b/i));
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
