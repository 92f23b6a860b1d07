import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { handAngles, timeOf } from '../clock/index.ts';
import { CLOCK_FAULTS, ITEM_KINDS, drawnAt, pictureAt, pictureOf, type Answer, type Item } from '../items/index.ts';
import { DRAWING_PROBLEMS, type Finding } from '../marking/index.ts';
import { WRONG_RULES } from '../misconceptions/index.ts';
import {
  LESSON_KEYS,
  PLAN_CHANGES,
  READY_ITEMS,
  SEGMENT_KINDS,
  TIME_REASONS,
  TIME_RULES,
  brokenRules,
  defaultChoices,
  ladderOf,
  layUnit,
  reasonsOf,
  standingOf,
} from '../planning/index.ts';
import { LEVELS } from '../diagnosis/index.ts';
import { CLASS_SKILLS, SKILLS } from '../skills/index.ts';
import { WRITING_FAULTS } from '../wording/index.ts';
import { DEFAULT_CONVENTIONS, CHOICES } from '../conventions/index.ts';
import {
  RULE_TEXTS,
  clockWord,
  describeAnswer,
  describeItem,
  findingSentence,
  lessonICan,
  lessonTitle,
  planDeedWords,
  ruleText,
  segmentText,
  teacherSentence,
  timeReasonSentence,
  timeRuleSentence,
} from './index.ts';
import { keysOf, keysUnder } from '../locales/keys.test.support.ts';
import { asRead } from '../marking/given.test.support.ts';

/** Every ladder there is, so that every kind of lesson is met. */
const LADDERS = (['kindergarten', 'first-grade', 'onward'] as const).flatMap((level) =>
  (['one-by-one', 'together'] as const).map((order) => ({ level, order, handFirst: true })),
);
const ALL_KINDS = SEGMENT_KINDS.map((kind) => ({ kind }));
const at = (hour: number, minute = 0) => timeOf(hour, minute);
const file = (name: string): string => readFileSync(new URL(`messages/${name}`, import.meta.url), 'utf8');
const text = file('en-US.json');
const us = keysOf(JSON.parse(text) as object);
const uk = keysOf(JSON.parse(file('en-GB.json')) as object);

describe('the teacher’s word files', () => {
  it.each([
    ['skills', [...SKILLS.map((skill) => `${skill}.iCan`), ...CLASS_SKILLS.map((skill) => `${skill}.short`)]],
    ['levels', LEVELS],
    ['family.do', SKILLS],
    ['rules', WRONG_RULES.flatMap((rule) => RULE_TEXTS.map((part) => `${rule}.${part}`))],
    ['findings.writing', WRITING_FAULTS],
    ['findings.drawing', DRAWING_PROBLEMS],
    ['tasks', ITEM_KINDS],
    ['faults', CLOCK_FAULTS],
    ['lessons', LESSON_KEYS.flatMap((key) => [`${key}.title`, `${key}.iCan`])],
    ['segments', SEGMENT_KINDS.flatMap((kind) => [`${kind}.title`, `${kind}.who`, `${kind}.text`])],
    ['ready', READY_ITEMS],
    ['timeRules', TIME_RULES],
    ['timeReasons', TIME_REASONS],
    [
      'planChanges',
      PLAN_CHANGES.flatMap((kind) =>
        kind === 'insert'
          ? ['insert-blank', 'insert-again', 'insert-content']
          : kind === 'outcome'
            ? ['outcome-held', 'outcome-left-out', 'outcome-none']
            : [kind],
      ).concat('made', 'read-in'),
    ],
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
      for (const locale of CHOICES.locale.choices)
        expect(
          teacherSentence({ key: `teacher.skills.${skill}.iCan`, values: {} }, { ...DEFAULT_CONVENTIONS, locale }),
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
    [
      { kind: 'choose-words', shown: at(4, 30), options: [at(5, 30), at(4, 30), at(4)] },
      { kind: 'choice', chosen: [0] },
      'Find the words for 4:30',
      'Chose half past 5',
    ],
    [
      { kind: 'choose-writings', shown: at(4, 30), options: ['4:30', '430', 'half past 4'] },
      { kind: 'choice', chosen: [0, 1] },
      'Find the writings of 4:30',
      'Chose 4:30, 430',
    ],
    [
      {
        kind: 'choose-clock',
        shown: at(3),
        options: [pictureAt(at(3)), pictureAt(at(12, 15)), pictureOf({ hour: 45, minute: 0 })],
      },
      { kind: 'choice', chosen: [1, 2] },
      'Find the clocks for 3:00',
      'Chose clock B, 12:15; clock C, where the hands are swapped',
    ],
    [
      { kind: 'pair', times: [at(1), at(2), at(3)], digitsOrder: [1, 0, 2], wordsOrder: [2, 1, 0] },
      {
        kind: 'pairs',
        pairs: [
          { digits: 1, words: 2 },
          { digits: 0, words: 0 },
          { digits: 2, words: 1 },
        ],
      },
      'Pair 3 times',
      'Put together: 1 of 3 belong together',
    ],
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
    [
      { kind: 'mend-clock', clock: pictureAt(at(3)), shown: at(3) },
      { kind: 'hands', ...handAngles(at(3)) },
      'Mend a clock: 3:00',
      'Turned to 3:00',
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
      expect(describeAnswer(item, asRead(answer), DEFAULT_CONVENTIONS)).toBe(words);
    },
  );
});

describe('words about a unit', () => {
  const unit = layUnit(defaultChoices('2026-11-16', 'Clover Room'));
  it('have a text for every segment, a sentence for every reason, and nothing left to fill in', () => {
    const said = unit.flatMap((lesson, i) => [
      lessonTitle(lesson, DEFAULT_CONVENTIONS),
      lessonICan(lesson, DEFAULT_CONVENTIONS),
      ...lesson.segments.flatMap((segment, at) => [
        segmentText(lesson.key, segment, DEFAULT_CONVENTIONS),
        ...reasonsOf(standingOf(unit, i, at)).map((reason) => timeReasonSentence(reason, DEFAULT_CONVENTIONS)),
      ]),
    ]);
    for (const words of said) expect(words).toMatch(/^[^{}]{5,}$/);
  });
  it('have own texts only for lessons and segments there are', () => {
    const kinds = new Map(
      [
        ...LADDERS.flatMap((scope) => ladderOf(scope)),
        { key: 'again', segments: ALL_KINDS },
        { key: 'blank', segments: ALL_KINDS },
      ].map(({ key, segments }) => [key, segments.map(({ kind }) => kind as string)]),
    );
    for (const own of keysUnder(us, 'teacher.segmentsOf')) {
      const [key, kind] = own.split('.') as [string, string];
      expect([own, kinds.get(key)?.includes(kind)]).toEqual([own, true]);
    }
  });
  it('say why two times stand side by side, in the class’s own digits', () => {
    const reason = { reason: 'hour-stays', first: at(4), second: at(4, 30), hour: 4 } as const;
    expect(timeReasonSentence(reason, { ...DEFAULT_CONVENTIONS, digitalForm: '4.30' })).toBe(
      '4.00 and 4.30 side by side: the hour stays 4.',
    );
  });
  it('say which rule a time breaks, and with which other', () => {
    const lesson = { ...unit[7]!, segments: [{ ...unit[7]!.segments[3]!, times: [at(8), at(9)] }] };
    const [broken] = brokenRules({ before: [], lesson, at: 0 });
    expect(timeRuleSentence(broken!, DEFAULT_CONVENTIONS)).toBe(
      '9:00 comes right after 8:00: children can count on instead of reading.',
    );
  });
  it('take the teacher’s own title, call hands as the class does, and name what was done', () => {
    expect(lessonTitle({ key: 'blank', title: 'The sundial' }, DEFAULT_CONVENTIONS)).toBe('The sundial');
    expect(clockWord('hour-hand', { ...DEFAULT_CONVENTIONS, handNames: 'short-long' })).toBe('short hand');
    const words = (deed: Parameters<typeof planDeedWords>[0]) => planDeedWords(deed, DEFAULT_CONVENTIONS, (day) => day);
    expect(words({ kind: 'skip', day: '2026-11-24', name: 'fire drill' })).toBe('2026-11-24 skipped: fire drill');
    expect(words({ kind: 'insert', after: 1, what: 'blank' })).toBe('Lesson put in');
  });

  it('says what was circled beside the hands of a drawing', () => {
    const read = {
      kind: 'drawing',
      hands: [
        { angle: 135, reach: 50 },
        { angle: 180, reach: 80 },
      ],
      offCentre: false,
      confidence: 0.95,
      aside: [{ kind: 'tip' }, { kind: 'ring', numeral: 4 }, { kind: 'ring', numeral: 4 }],
    } as const;
    const item: Item = { kind: 'draw', shown: timeOf(4, 30) };
    expect(describeAnswer(item, read, DEFAULT_CONVENTIONS)).toBe('Drew 4:30, circled the 4');
  });
});
