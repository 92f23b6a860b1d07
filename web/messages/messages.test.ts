import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { PROBLEM_CODES } from '../../contract/index.ts';
import { VISIONS } from '../../core/colours/index.ts';
import { PICTURES } from '../../core/pictures/index.ts';
import { CLASS_LEVELS, DECISIONS, MEDIA, WEEKDAYS } from '../../core/planning/index.ts';
import { SKILLS } from '../../core/skills/index.ts';
import { CHOICES, CHOICE_NAMES, CONVENTION_GROUPS } from '../../core/conventions/index.ts';
import { LANGUAGES } from '../children/languages.ts';
import { keysOf } from '../../core/locales/keys.test.support.ts';

const WEB = new URL('..', import.meta.url);
/** Views and scripts in a folder, by their path. */
const sourcesIn = (folder: URL): Map<string, string> =>
  new Map(
    (readdirSync(folder, { recursive: true }) as string[])
      .filter((file) => /\.(vue|ts)$/.test(file) && !/\.test\.ts$|^vite\.config/.test(file))
      .map((file) => [file, readFileSync(new URL(file, folder), 'utf8')]),
  );
const load = (path: string): Record<string, unknown> =>
  JSON.parse(readFileSync(new URL(path, import.meta.url), 'utf8')) as Record<string, unknown>;
// Clock language is core's, and tested there.
const us = new Set(keysOf({ ...load('en-US/teacher.json'), ...load('en-US/station.json') }));

describe('message files', () => {
  it('hold every key that a view asks for by name', () => {
    const sources = sourcesIn(WEB);
    expect(sources.size).toBeGreaterThan(40);
    const missing = [...sources].flatMap(([file, text]) => {
      return [
        ...text.matchAll(/(?:\bt\(\s*'|keypath=")([\w.-]+)['"]/g),
        ...text.matchAll(/'((?:station|round|board|class|child|desk)\.[\w.-]+)'/g),
      ]
        .map(([, key]) => key!)
        .filter((key) => !us.has(key))
        .map((key) => `${file}: ${key}`);
    });
    expect(missing).toEqual([]);
  });
  it('hold nothing that no view asks for any more', () => {
    const text = [...sourcesIn(WEB).values()].join('\n');
    // 'desk.start', `levels.${level}`: what is filled in stands for any name.
    const asked = [...text.matchAll(/(?:['`]|keypath=")([\w-]+(?:\.(?:[\w-]+|\$\{[^}]+\}))+)['`"]/g)].map(
      ([, key]) => new RegExp(`^${key!.replaceAll('.', '\\.').replace(/\$\{[^}]+\}/g, '[\\w-]+')}$`),
    );
    expect([...us].filter((key) => !asked.some((pattern) => pattern.test(key)))).toEqual([]);
  });
  it.each([
    ['problem', PROBLEM_CODES],
    ['skills.long', SKILLS],
    ['desk.decision', DECISIONS],
    ['desk.because', DECISIONS],
    ['pictures', PICTURES],
    ['languages', LANGUAGES],
    ['weekdays', WEEKDAYS.map(String)],
    ['plan.levels', CLASS_LEVELS],
    ['plan.medium', MEDIA],
    ['settings.alike', VISIONS],
    ['settings.row', [...CHOICE_NAMES, 'snap']],
    ['settings.group', CONVENTION_GROUPS],
    // Digits are their own words.
    ...CHOICE_NAMES.filter((name) => name !== 'digitalForm').map((name): [string, readonly string[]] => [
      `settings.choice.${name}`,
      CHOICES[name].choices,
    ]),
  ])('name every one of the %s', (group, names) =>
    expect(names.filter((name) => !us.has(`${group}.${name}`))).toEqual([]),
  );
  it('say nothing in UK English that US English does not know', () => {
    const uk = keysOf({
      ...load('en-GB/teacher.json'),
      ...load('en-GB/station.json'),
    });
    expect(uk.filter((key) => !us.has(key))).toEqual([]);
  });
  it('use the school’s words, not a program’s', () => {
    const text = JSON.stringify([load('en-US/teacher.json'), load('en-US/station.json')]);
    expect(text).not.toMatch(/\b(user|entity|submit|misconception|error)\b/i);
  });
});
