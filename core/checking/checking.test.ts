import { describe, expect, it } from '@jest/globals';
import { seededRng } from '../common/index.ts';
import { timeOf } from '../clock/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { ITEM_KINDS, KINDS, answersOf, drawnAt, type Answer, type Item } from '../items/index.ts';
import { makeItem, suits } from '../making/index.ts';
import { WRONG_RULES, visibleRules, type WrongRule } from '../misconceptions/index.ts';
import { UNKNOWN, sharesAfter } from '../diagnosis/judged.test.support.ts';
import { shownAnswer, type Writing } from '../sheets/index.ts';
import { following, knowing, simulateAnswer } from '../simulation/index.ts';
import {
  MOST_OFFERS,
  afterMark,
  againstTablets,
  commonRules,
  firstPlace,
  fittingTogether,
  goneOn,
  hardestTask,
  nextChild,
  offersOf,
  readEntry,
  stepped,
  suspectedRules,
  suspectedWith,
  taskResults,
  type OfferContext,
} from './index.ts';
import { markGiven as mark, isSameGiven as isSame, asRead, response } from '../marking/given.test.support.ts';

const CONTEXT: OfferContext = {
  conventions: DEFAULT_CONVENTIONS,
  suspected: [],
  common: [],
  given: [],
  writing: 'line',
};
const TIMES = [timeOf(3), timeOf(4, 30), timeOf(6, 30), timeOf(12, 30), timeOf(12), timeOf(6)];
const itemsOf = (kind: (typeof ITEM_KINDS)[number]): Item[] => {
  const rng = seededRng(5);
  return TIMES.filter((time) => suits(kind, time)).map((time) => makeItem(kind, rng, [time]));
};
const DRAW: Item = { kind: 'draw', shown: timeOf(4, 30) };
const WRITE: Item = { kind: 'write-digital', shown: timeOf(4, 30) };
const looks = (item: Item, answer: Answer): string => JSON.stringify(shownAnswer(item, answer, DEFAULT_CONVENTIONS));

describe('the answers offered for a task', () => {
  it.each(ITEM_KINDS)('%s: begin with the right one, are at most eight, and no two look alike', (kind) => {
    for (const item of itemsOf(kind)) {
      const offers = offersOf(item, CONTEXT);
      expect(mark(item, offers[0]!.answer).verdict).toBe('right');
      expect(offers.length).toBeGreaterThan(1);
      expect(offers.length).toBeLessThanOrEqual(MOST_OFFERS);
      expect(new Set(offers.map(({ answer }) => looks(item, answer))).size).toBe(offers.length);
      for (const { answer, isRight } of offers) expect(isRight).toBe(mark(item, answer).verdict === 'right');
    }
  });
  it.each(ITEM_KINDS)('%s: each reason is one that leads to the answer', (kind) => {
    for (const item of itemsOf(kind))
      for (const { answer, rules } of offersOf(item, CONTEXT))
        for (const rule of rules)
          expect(
            visibleRules(item)
              .find((one) => one.rule === rule)!
              .own.some((own) => isSame(item, answer, own)),
          ).toBe(true);
  });
  it('put first, behind the right one, what is suspected of the child, then what is common in the class', () => {
    const plain = offersOf(DRAW, CONTEXT);
    const suspected = offersOf(DRAW, { ...CONTEXT, suspected: ['minute-hand-at-3'], common: ['same-length'] });
    expect(suspected[1]!.rules).toContain('minute-hand-at-3');
    expect(suspected.slice(2, 4).flatMap(({ rules }) => rules)).toContain('same-length');
    expect(plain[1]!.rules).not.toContain('minute-hand-at-3');
  });
  it('have what others gave before near misses, and once only', () => {
    const given: Answer[] = [
      { kind: 'text', text: '7:10' },
      { kind: 'text', text: '7:10' },
      { kind: 'observed', got: false },
    ];
    const offers = offersOf(
      { kind: 'write-words', shown: timeOf(12) },
      { ...CONTEXT, given: given.map((one) => asRead(one)) },
    );
    expect(offers.filter(({ answer }) => answer.kind === 'text' && answer.text === '7:10')).toHaveLength(1);
  });
  it('hold nothing that boxes with a printed colon cannot hold', () => {
    const texts = (writing: Writing): string[] =>
      offersOf(WRITE, { ...CONTEXT, writing }).flatMap(({ answer }) => (answer.kind === 'text' ? [answer.text] : []));
    expect(texts('line')).toContain('430');
    expect(texts('boxes')).not.toContain('430');
    expect(texts('boxes')).toContain('5:30');
    // Words are written on a line, whatever digits are.
    const inWords = offersOf({ kind: 'write-words', shown: timeOf(4, 30) }, { ...CONTEXT, writing: 'boxes' });
    expect(inWords.length).toBeGreaterThan(3);
  });
  it('hold what nine in ten children with a wrong rule give, simulated, once the rule is suspected', () => {
    const rng = seededRng(3);
    let [held, all] = [0, 0];
    for (const rule of WRONG_RULES)
      for (const kind of ITEM_KINDS.filter((one) => KINDS[one].printedAs === 'itself'))
        for (const item of itemsOf(kind)) {
          const answer = simulateAnswer({ rule, faith: 1, slip: 0 }, item, rng);
          if (answer.kind === 'observed' || mark(item, answer).verdict === 'right') continue;
          all += 1;
          const offers = offersOf(item, { ...CONTEXT, suspected: [rule] });
          if (offers.some((one) => isSame(item, answer, one.answer))) held += 1;
        }
    expect(all).toBeGreaterThan(300);
    expect(held / all).toBeGreaterThan(0.9);
  });
});

describe('what is suspected', () => {
  it('is nothing of a child nobody knows, and a rule once answers speak for it', () => {
    expect(suspectedRules(UNKNOWN)).toEqual([]);
    const rng = seededRng(1);
    const child = following('coming-hour');
    const responses = [1, 2, 3, 7, 8].map((hour) => {
      const item: Item = { kind: 'read', shown: timeOf(hour, 30) };
      return response(item, simulateAnswer({ ...child, faith: 1, slip: 0 }, item, rng));
    });
    expect(suspectedRules(sharesAfter(responses))[0]).toBe('coming-hour');
    expect(commonRules([UNKNOWN, sharesAfter(responses)])[0]).toBe('coming-hour');
    expect(commonRules([])).toEqual([]);
  });
  it('takes what the same paper shows before what was suspected', () => {
    const marked = [response(WRITE, { kind: 'text', text: '5:30' })];
    expect(suspectedWith(['colon-missing'], marked)[0]).toBe('coming-hour');
    expect(suspectedWith(['colon-missing'], marked)).toContain('colon-missing');
    expect(suspectedWith(['larger-number'], marked)[0]).toBe('larger-number');
    expect(suspectedWith([], [response(WRITE, { kind: 'text', text: '4:30' })])).toEqual([]);
  });
});

describe('what a teacher types for what stands on the paper', () => {
  const line = { conventions: DEFAULT_CONVENTIONS, writing: 'line' as const };
  const boxes = { conventions: DEFAULT_CONVENTIONS, writing: 'boxes' as const };
  const CHOICE: Item = { kind: 'choose-words', shown: timeOf(3), options: [timeOf(4), timeOf(3), timeOf(3, 30)] };
  it.each<[string, Item, string, Answer, string]>([
    ['a writing stays as it stands', WRITE, '430', { kind: 'text', text: '430' }, 'Wrote 430'],
    ['words too', WRITE, 'half past 4', { kind: 'text', text: 'half past 4' }, 'Wrote half past 4'],
    ['hands are a time, read leniently', DRAW, '530', drawnAt(timeOf(5, 30)), 'Drew 5:30'],
    ['an hour', { kind: 'hour-hand', shown: timeOf(4) }, '5', { kind: 'hour', hour: 5 }, 'Said 5'],
    ['letters of what was circled', CHOICE, 'c', { kind: 'choice', chosen: [2] }, 'Chose half past 3'],
    ['the words themselves', CHOICE, "4 o'clock", { kind: 'choice', chosen: [0] }, 'Chose 4 o’clock'],
    ['two letters', CHOICE, 'c A', { kind: 'choice', chosen: [0, 2] }, 'Chose 4 o’clock, half past 3'],
    [
      'the beginning of a word',
      { kind: 'yet', shown: timeOf(3), target: timeOf(4) },
      'y',
      { kind: 'yes-no', yes: true },
      'Yes',
    ],
    ['a unit', { kind: 'how-long', deed: 'clap' }, 'minute', { kind: 'unit', unit: 'minute' }, 'Said a minute'],
    [
      'rows that were joined',
      { kind: 'pair', times: [timeOf(1), timeOf(2), timeOf(3)], digitsOrder: [1, 0, 2], wordsOrder: [0, 1, 2] },
      '21 12 33',
      {
        kind: 'pairs',
        pairs: [
          { digits: 1, words: 0 },
          { digits: 0, words: 1 },
          { digits: 2, words: 2 },
        ],
      },
      'Put together: 3 of 3',
    ],
    ['left empty', DRAW, '-', { kind: 'no-answer', why: 'empty' }, 'Left empty'],
    ['cannot be read', DRAW, ' ? ', { kind: 'no-answer', why: 'illegible' }, 'Cannot be read'],
  ])('%s', (_, item, text, answer, echo) => {
    const read = readEntry(item, text, line);
    expect(read?.answer).toEqual(answer);
    expect(read?.echo.startsWith(echo)).toBe(true);
  });
  it('numbers under pictures of the day, from the left', () => {
    const item: Item = { kind: 'day-order', events: ['lunch', 'arrive', 'home'] };
    expect(readEntry(item, '2 1 3', line)?.answer).toEqual({ kind: 'order', order: [1, 0, 2] });
    for (const odd of ['1 1 3', '1 2', '1 2 4', 'a b c']) expect(readEntry(item, odd, line)).toBeUndefined();
  });
  it('says what is wrong with a writing, and does not miss a colon that was printed', () => {
    expect(readEntry(WRITE, '430', line)!.echo).toContain('the dots are missing');
    expect(readEntry(WRITE, '430', boxes)).toEqual({
      answer: { kind: 'text', text: '4:30' },
      echo: 'Wrote 4:30',
    });
    expect(readEntry(WRITE, '4:3', boxes)!.answer).toEqual({ kind: 'text', text: '4:3' });
  });
  it.each<[Item, string]>([
    [DRAW, 'kat'],
    [CHOICE, 'd'],
    [CHOICE, 'aa'],
    [CHOICE, 'xyz'],
    [{ kind: 'hour-hand', shown: timeOf(4) }, '13'],
    [{ kind: 'yet', shown: timeOf(3), target: timeOf(4) }, 'maybe'],
    [WRITE, 'x'.repeat(61)],
    [WRITE, '   '],
  ])('is not guessed at: %o %s', (item, text) => expect(readEntry(item, text, line)).toBeUndefined());
  it('is understood again when it is what Hoppel itself would write', () => {
    const rng = seededRng(8);
    for (const kind of ITEM_KINDS.filter((one) => answersOf(one).includes('text')))
      for (const item of itemsOf(kind)) {
        const answer = simulateAnswer(knowing(0), item, rng);
        const text = answer.kind === 'text' ? answer.text : shownAnswer(item, answer, DEFAULT_CONVENTIONS).text;
        expect(mark(item, readEntry(item, text, line)!.answer).verdict).toBe('right');
      }
  });
});

describe('going through a pile', () => {
  const rows = [true, false, true].map((isHere) => ({ isHere, tasks: 3 }));
  const at = (row: number, task: number) => ({ row, task });
  it('never leaves a child by a mark where papers lie one on another', () => {
    expect(afterMark(rows, at(0, 1), 'by-child')).toEqual(at(0, 2));
    expect(afterMark(rows, at(0, 2), 'by-child')).toEqual(at(0, 2));
    expect(goneOn(rows, at(0, 2), 'by-child')).toEqual(at(2, 0));
    expect(nextChild(rows, at(0, 1))).toEqual(at(2, 0));
    expect(nextChild(rows, at(2, 1))).toEqual(at(2, 0));
  });
  it('goes down task by task, past whoever is not here', () => {
    expect(afterMark(rows, at(0, 1), 'by-task')).toEqual(at(2, 1));
    expect(afterMark(rows, at(2, 1), 'by-task')).toEqual(at(0, 2));
    expect(afterMark(rows, at(2, 2), 'by-task')).toEqual(at(2, 2));
  });
  it('stops at the edges, and begins with the first who is here', () => {
    expect(stepped(rows, at(0, 0), 'left')).toEqual(at(0, 0));
    expect(stepped(rows, at(0, 2), 'right')).toEqual(at(0, 2));
    expect(stepped(rows, at(0, 1), 'down')).toEqual(at(2, 1));
    expect(stepped(rows, at(0, 1), 'up')).toEqual(at(0, 1));
    expect(firstPlace(rows)).toEqual(at(0, 0));
    expect(firstPlace([{ isHere: false, tasks: 3 }])).toBeUndefined();
  });
  it('takes a shorter paper’s last task', () => {
    const uneven = [
      { isHere: true, tasks: 6 },
      { isHere: true, tasks: 2 },
    ];
    expect(stepped(uneven, at(0, 5), 'down')).toEqual(at(1, 1));
  });
});

describe('what a pile says', () => {
  const mark = (childId: number, task: number, verdict: 'right' | 'nearly' | 'wrong' | 'unreadable') => ({
    childId,
    task,
    skill: task < 2 ? ('half-past-read' as const) : ('half-past-draw' as const),
    verdict,
  });
  const MARKS = [
    mark(1, 0, 'right'),
    mark(2, 0, 'wrong'),
    mark(1, 1, 'nearly'),
    mark(2, 1, 'right'),
    mark(1, 2, 'wrong'),
    mark(2, 2, 'unreadable'),
  ];
  it('counts each task, nearly as had, and what cannot be read not at all', () =>
    expect(taskResults(MARKS)).toEqual([
      { task: 0, given: 2, right: 1 },
      { task: 1, given: 2, right: 2 },
      { task: 2, given: 1, right: 0 },
    ]));
  it('finds the hardest task, or none where everybody had all', () => {
    expect(hardestTask(taskResults(MARKS))?.task).toBe(2);
    expect(hardestTask([{ task: 0, given: 3, right: 3 }])).toBeUndefined();
  });
  it('finds what several wrong answers of a child fit together, and says nothing of one', () => {
    const wrong = (childId: number, ...rules: WrongRule[]) => ({ childId, rules });
    expect(
      fittingTogether([
        wrong(1, 'coming-hour', 'larger-number'),
        wrong(1, 'larger-number'),
        wrong(2, 'one-zero'),
        wrong(3, 'larger-number'),
        wrong(3, 'larger-number', 'coming-hour'),
        wrong(4),
        wrong(5, 'one-zero'),
        wrong(5, 'one-zero'),
      ]),
    ).toEqual([
      { rule: 'larger-number', childIds: [1, 3] },
      { rule: 'one-zero', childIds: [5] },
    ]);
  });
  it('holds paper against tablets for children who have both', () => {
    const tablets = [
      { childId: 1, skill: 'half-past-read' as const, verdict: 'wrong' as const },
      { childId: 3, skill: 'half-past-read' as const, verdict: 'right' as const },
    ];
    expect(againstTablets(MARKS, tablets)).toEqual([
      { skill: 'half-past-read', children: 1, paper: { given: 2, right: 2 }, tablet: { given: 1, right: 0 } },
    ]);
  });
});
