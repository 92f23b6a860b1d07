import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { HANDS } from '../clock/index.ts';
import { CLOCK_FAULTS, CLOCK_PARTS, DAY_EVENTS, DEEDS, ITEM_KINDS, UNITS } from '../items/index.ts';
import { DRAWING_PROBLEMS } from '../marking/index.ts';
import { RULE_TEXTS, WRONG_RULES } from '../misconceptions/index.ts';
import { CLOCK_WORDS, SKILLS } from '../skills/index.ts';
import { HAND_NAMES, WRITING_FAULTS } from './index.ts';
import { GRAMMARS, NUMBER_WORDS, SAID_KINDS } from './words.ts';

const load = (file: string): object =>
  JSON.parse(readFileSync(new URL(`messages/${file}`, import.meta.url), 'utf8')) as object;
const keys = (words: object, prefix = ''): string[] =>
  Object.entries(words).flatMap(([key, value]) =>
    typeof value === 'object' && value !== null ? keys(value, `${prefix}${key}.`) : [`${prefix}${key}`],
  );
const us = keys(load('en-US.json'));
const under = (group: string): string[] =>
  us.filter((key) => key.startsWith(`clock.${group}.`)).map((key) => key.slice(`clock.${group}.`.length));

describe('word files', () => {
  it.each([
    ['hands', HAND_NAMES.flatMap((names) => HANDS.map((hand) => `${names}.${hand}`))],
    ['words', CLOCK_WORDS.filter((word) => !word.endsWith('-hand'))],
    ['skills', SKILLS.map((skill) => `${skill}.iCan`)],
    ['rules', WRONG_RULES.flatMap((rule) => RULE_TEXTS.map((part) => `${rule}.${part}`))],
    ['findings.writing', WRITING_FAULTS],
    ['findings.drawing', DRAWING_PROBLEMS],
    ['tasks', ITEM_KINDS],
    ['faults', CLOCK_FAULTS],
    ['parts', CLOCK_PARTS.filter((part) => !part.endsWith('-hand'))],
    ['units', UNITS],
    ['deeds', DEEDS],
    ['dayEvents', DAY_EVENTS],
  ] as const)('name every one of the %s, and nothing else', (group, names) =>
    expect([...under(group)].sort()).toEqual([...names].sort()),
  );
  it('say nothing in UK English that US English does not know', () =>
    expect(keys(load('en-GB.json')).filter((key) => !us.includes(key))).toEqual([]));
  it('are short and plain, and end reasons with a stop', () => {
    const words = JSON.stringify(load('en-US.json'));
    expect(words).not.toMatch(/\b(user|entity|submit|misconception|error|score|fail)\b/i);
    const sentences = load('en-US.json') as { clock: { rules: Record<string, Record<string, string>> } };
    for (const { see, why, help } of Object.values(sentences.clock.rules))
      for (const text of [see, why, help]) expect(text).toMatch(/^[\dA-Z“].{10,110}\.$/);
  });
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
