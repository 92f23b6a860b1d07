import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { handAngles, timeOf } from '../clock/index.ts';
import { CLOCK_FAULTS, ITEM_KINDS, drawnAt, pictureAt, type Answer, type Item } from '../items/index.ts';
import { DRAWING_PROBLEMS, type Finding } from '../marking/index.ts';
import { WRONG_RULES } from '../misconceptions/index.ts';
import { SKILLS } from '../skills/index.ts';
import { DEFAULT_CONVENTIONS, ENGLISHES, WRITING_FAULTS } from '../wording/index.ts';
import { RULE_TEXTS, describeAnswer, describeItem, findingSentence, ruleText, teacherSentence } from './index.ts';
import { keysOf, keysUnder } from '../wording/messages.test.support.ts';

const at = (hour: number, minute = 0) => timeOf(hour, minute);
const file = (name: string): string => readFileSync(new URL(`messages/${name}`, import.meta.url), 'utf8');
const text = file('en-US.json');
const us = keysOf(JSON.parse(text) as object);
const uk = keysOf(JSON.parse(file('en-GB.json')) as object);

describe('the teacher’s word files', () => {
  it.each([
    ['skills', SKILLS.map((skill) => `${skill}.iCan`)],
    ['rules', WRONG_RULES.flatMap((rule) => RULE_TEXTS.map((part) => `${rule}.${part}`))],
    ['findings.writing', WRITING_FAULTS],
    ['findings.drawing', DRAWING_PROBLEMS],
    ['tasks', ITEM_KINDS],
    ['faults', CLOCK_FAULTS],
  ] as const)('name every one of the %s, and nothing else', (group, names) =>
    expect(keysUnder(us, `teacher.${group}`).sort()).toEqual([...names].sort()),
  );
  it('say nothing in UK English that US English does not know', () =>
    expect(uk.filter((key) => !us.includes(key))).toEqual([]));
  it('are plain, and say of every reason what is seen, why, and what helps', () => {
    expect(text).not.toMatch(/\b(user|entity|submit|misconception|error|score|fail)\b/i);
    for (const rule of WRONG_RULES)
      for (const part of ['see', 'why', 'help'] as const)
        expect(teacherSentence(ruleText(rule, part), DEFAULT_CONVENTIONS)).toMatch(/^[\dA-Z“].{10,110}\.$/);
    const names = WRONG_RULES.map((rule) => teacherSentence(ruleText(rule, 'name'), DEFAULT_CONVENTIONS));
    expect(new Set(names).size).toBe(WRONG_RULES.length);
  });
  it('have an I-can sentence for every skill, in both Englishes', () => {
    for (const skill of SKILLS)
      for (const english of ENGLISHES)
        expect(
          teacherSentence({ key: `teacher.skills.${skill}.iCan`, values: {} }, { ...DEFAULT_CONVENTIONS, english }),
        ).toMatch(/^I can .+\.$/);
  });
});

describe('words about answers', () => {
  it('has a sentence for every finding', () => {
    const findings: Finding[] = [
      ...WRONG_RULES.map((rule): Finding => ({ kind: 'rule', rule })),
      ...WRITING_FAULTS.map((fault): Finding => ({ kind: 'writing', fault })),
      ...DRAWING_PROBLEMS.map((problem): Finding => ({ kind: 'drawing', problem })),
      ...[-3, -1, 1, 3].map((minutes): Finding => ({ kind: 'minute-hand-off', minutes })),
      ...[-3, 3].map((degrees): Finding => ({ kind: 'hour-hand-off', degrees })),
      { kind: 'hour-off', askedHour: 4, answeredHour: 5 },
      { kind: 'choice', leftOut: 1, wronglyTaken: 0 },
      { kind: 'choice', leftOut: 0, wronglyTaken: 2 },
    ];
    const sentences = findings.map((finding) => findingSentence(finding, DEFAULT_CONVENTIONS));
    for (const words of sentences) expect(words).toMatch(/^[^{}]{4,}$/);
    expect(new Set(sentences).size).toBe(sentences.length);
    expect(sentences[0]).toBe('fits with: hands swapped');
  });
  it.each([
    [{ kind: 'read', shown: at(4, 30) }, { kind: 'time', time: at(5, 30) }, 'Read 4:30', 'Said 5:30'],
    [{ kind: 'set', shown: at(3) }, { kind: 'hands', ...handAngles(at(12, 15)) }, 'Set 3:00', 'Turned to 12:15'],
    [{ kind: 'write-digital', shown: at(4, 30) }, { kind: 'text', text: '430' }, 'Write 4:30 in digits', 'Wrote 430'],
    [{ kind: 'draw', shown: at(9) }, drawnAt(at(9)), 'Draw 9:00', 'Drew 9:00'],
    [{ kind: 'draw', shown: at(9) }, { kind: 'strokes', strokes: [] }, 'Draw 9:00', 'Drew no time'],
    [{ kind: 'name-part', part: 'hour-hand' }, { kind: 'part', part: 'face' }, 'Name the hour hand', 'Said face'],
    [{ kind: 'direction' }, { kind: 'direction', direction: 'clockwise' }, 'Which way round', 'Clockwise'],
    [{ kind: 'hour-hand', shown: at(4, 30) }, { kind: 'hour', hour: 5 }, 'The hour of one hand: 4', 'Said 5'],
    [
      { kind: 'yet', shown: at(4, 20), target: at(4, 30) },
      { kind: 'yes-no', yes: false },
      'Is it half past 4 yet, at 4:20?',
      'No',
    ],
    [
      { kind: 'judge-clock', clock: pictureAt(at(3)) },
      { kind: 'judgement', possible: false, fault: 'one-hand' },
      'Can this clock be right?',
      'It cannot be right: a hand is missing',
    ],
    [{ kind: 'how-long', deed: 'hop' }, { kind: 'unit', unit: 'hour' }, 'How long: hop once', 'Said an hour'],
    [
      { kind: 'day-order', events: ['lunch', 'home'] },
      { kind: 'order', order: [0, 1] },
      'Order of 2 events',
      'Put in order',
    ],
    [{ kind: 'read', shown: at(3) }, { kind: 'observed', got: false }, 'Read 3:00', 'Missed it'],
  ] as const satisfies readonly (readonly [Item, Answer, string, string])[])(
    'describes %j, answered %j',
    (item, answer, task, words) => {
      expect(describeItem(item, DEFAULT_CONVENTIONS)).toBe(task);
      expect(describeAnswer(answer, DEFAULT_CONVENTIONS)).toBe(words);
    },
  );
});
