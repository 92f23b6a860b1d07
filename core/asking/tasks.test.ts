import { describe, expect, it } from '@jest/globals';
import { ALL_DIAL_TIMES, TAUGHT_TIMES, isTaught, timeOf, type DialTime } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { ITEM_KINDS, faultsOf, rightAnswers, type Answer, type Item } from '../items/index.ts';
import { makeItem } from '../making/index.ts';
import { anyStyle, simulateAnswer, simulateDrawing, simulateScribble } from '../simulation/index.ts';
import { groupOfTime } from '../sets/index.ts';
import { sayInParts, sentence } from '../wording/index.ts';
import { DEFAULT_CONVENTIONS, CHOICES, type Conventions } from '../conventions/index.ts';
import {
  PROMPTS,
  askPhrase,
  heardPhrase,
  helpFor,
  judgementAt,
  regionOf,
  sameAnswerKey,
  tilesIn,
  tilesOf,
  tilesTogether,
  timeNamed,
  timeWords,
  type Prompt,
} from './index.ts';
import { markGiven as mark, asRead } from '../marking/given.test.support.ts';

const usual = DEFAULT_CONVENTIONS;
const british: Conventions = { ...usual, locale: 'en-GB', handNames: 'short-long' };
const said = (item: Item, conventions = usual, prompt: Prompt = 'words'): string =>
  sentence(askPhrase(item, conventions, prompt), conventions);

describe.each(ITEM_KINDS)('a task of kind %s', (kind) => {
  const rng = seededRng(5);
  const items = Array.from({ length: 60 }, () => makeItem(kind, rng));
  it('is asked in one short sentence in either English', () => {
    for (const item of items)
      for (const conventions of [usual, british]) expect(said(item, conventions)).toMatch(/^[^{}]{6,60}[.?]$/);
  });
  it('has help after any wrong answer, in words and never the answer itself', () => {
    for (const item of items) {
      const answer = simulateAnswer({ rule: undefined, faith: 0, slip: 1 }, item, rng);
      if (answer.kind === 'observed' || mark(item, answer).verdict === 'right') continue;
      const help = sentence(helpFor(item, asRead(answer), british).sentence, british);
      expect(help).toMatch(/^[^{}]{6,110}[.?]$/);
    }
  });
});

it('a part that is many is asked for as many', () => {
  expect(said({ kind: 'name-part', part: 'numerals' })).toBe('Where are the numbers?');
  expect(said({ kind: 'name-part', part: 'face' })).toBe('Where is the face?');
});

describe('a time that is asked for', () => {
  const draw: Item = { kind: 'draw', shown: timeOf(4, 30) };
  it.each([
    ['words', 'Draw half past 4.'],
    ['both', 'Draw half past 4.'],
    ['digits', 'Draw 4:30.'],
    ['spoken', 'Listen to the time.'],
  ] as const)('stands there %s: %s', (prompt, words) => expect(said(draw, usual, prompt)).toBe(words));
  it.each([
    [{ kind: 'set-hour-hand', shown: timeOf(4, 30) }, 'Where is the hour hand at 4:30?'],
    [{ kind: 'words-to-digits', shown: timeOf(4, 30) }, 'Write half past 4 in digits.'],
    [{ kind: 'digits-to-words', shown: timeOf(4, 30), options: [timeOf(4, 30), timeOf(5)] }, 'How do you say 4:30?'],
  ] as const satisfies readonly (readonly [Item, string])[])(
    'is never asked in what is to be given back: %j',
    (item, words) => {
      for (const prompt of ['words', 'digits', 'both'] as const) expect(said(item, usual, prompt)).toBe(words);
    },
  );
  it('is never heard where hearing it would be the answer: digits are only seen', () => {
    for (const kind of ITEM_KINDS) {
      const item = makeItem(kind, seededRng(9));
      const heard = sentence(heardPhrase(item, usual), usual);
      if (kind === 'digits-to-words') expect(heard).not.toMatch(/\d/);
      else expect(heard).toBe(said(item));
    }
  });
  it('changes nothing where the clock itself is the question', () => {
    const rng = seededRng(9);
    for (const kind of ITEM_KINDS) {
      const item = makeItem(kind, rng);
      if (timeNamed(item) === undefined)
        for (const prompt of PROMPTS) expect(said(item, usual, prompt)).toBe(said(item));
    }
  });
});

describe('help', () => {
  const help = (item: Item, answer: Answer) => helpFor(item, asRead(answer), usual);
  const write = (shown: ReturnType<typeof timeOf>, text: string) =>
    help({ kind: 'write-digital', shown }, { kind: 'text', text });
  const hands = (hour: number, minute: number): Answer => ({ kind: 'hands', hour, minute });
  const at = timeOf(4, 30);

  it('lights the hour’s room at half past when only the hour hand is off, and the half turn when the minute hand is', () => {
    expect(help({ kind: 'set-free', shown: at }, hands(120, 180)).light).toEqual({ room: 4 });
    expect(help({ kind: 'set', shown: at }, hands(130, 100)).light).toEqual({ numeral: 6, half: true });
  });
  it('lights the numeral of the hour at o’clock', () =>
    expect(help({ kind: 'set-free', shown: timeOf(4) }, hands(200, 0)).light).toEqual({ numeral: 4 }));
  it('shows where the two dots belong when they are missing, whatever else is right', () => {
    expect(write(at, '430')).toMatchObject({ light: { colon: true }, sentence: { key: 'clock.help.colon' } });
    expect(write(timeOf(4), '4:0')).toMatchObject({ sentence: { key: 'clock.help.twoDigits' } });
    expect(write(at, '30:4')).toMatchObject({ sentence: { key: 'clock.help.hourFirst' } });
    for (const unfinished of ['80', '8:', '008'])
      expect(write(timeOf(8), unfinished)).toMatchObject({ sentence: { key: 'clock.help.twoDigits' } });
    // Among writings to choose from too.
    const options = ['8:00', '800', '8 o’clock', '9:00'];
    const chosen: Item = { kind: 'choose-writings', shown: timeOf(8), options };
    expect(help(chosen, { kind: 'choice', chosen: [0, 1, 2] })).toMatchObject({
      sentence: { key: 'clock.help.colon' },
      light: { places: [1] },
    });
    expect(help(chosen, { kind: 'choice', chosen: [0, 2, 3] }).sentence.key).toMatch(/^clock\.steps/);
  });
  it('goes by the clock when the writing is fine and the time is not', () =>
    expect(write(at, '5:30').light).toEqual({ room: 4 }));
  it('of words and digits says where the hour and the minutes stand, hour first', () => {
    const digits = (text: string) => help({ kind: 'words-to-digits', shown: at }, { kind: 'text', text }).sentence.key;
    expect(digits('430')).toBe('clock.help.colon');
    expect(digits('5:00')).toBe('clock.help.hourSaid');
    expect(digits('4:00')).toBe('clock.help.halfOfMinutes');
    const words: Item = { kind: 'digits-to-words', shown: at, options: [timeOf(5, 30), timeOf(4), at] };
    const chosen = (place: number) => help(words, { kind: 'choice', chosen: [place] });
    expect(chosen(0)).toMatchObject({ sentence: { key: 'clock.help.hourBefore' }, light: { places: [0] } });
    expect(chosen(1)).toMatchObject({ sentence: { key: 'clock.help.minutesBehind' }, light: { places: [1] } });
  });
  it('says why a clock that was taken does not show it, and lights the room of an hour hand alone', () => {
    const options = [
      { time: timeOf(3, 30), form: 'analog' },
      { time: at, form: 'digital' },
    ] as const;
    const which: Item = { kind: 'which-of', shown: at, options };
    expect(help(which, { kind: 'choice', chosen: [0] })).toMatchObject({
      sentence: { key: 'clock.whyNot.hourPast' },
      light: { places: [0] },
    });
    expect(help({ kind: 'set-hour-hand', shown: at }, { kind: 'hour-angle', angle: 120 }).light).toEqual({ room: 4 });
  });
  it('asks what to ask oneself where a clock is read, as the board does, of the hand that went wrong', () => {
    const read = (time: ReturnType<typeof timeOf>) => help({ kind: 'read', shown: at }, { kind: 'time', time });
    expect(read(timeOf(5, 30)).question).toEqual({ key: 'clock.questions.hour.passed', values: {} });
    expect(read(timeOf(4)).question?.key).toMatch(/^clock\.questions\.minute/);
    expect(help({ kind: 'set', shown: at }, hands(130, 100)).question).toBeUndefined();
    expect(write(at, '430').question).toBeUndefined();
  });
  it('gives back the options that are wrong; where none is, says that there is another', () => {
    const item: Item = { kind: 'choose-writings', shown: at, options: ['4:30', '5:30', 'half past 4'] };
    expect(help(item, { kind: 'choice', chosen: [0, 1] }).light.places).toEqual([1]);
    expect(help(item, { kind: 'choice', chosen: [0] })).toMatchObject({ sentence: { key: 'clock.help.another' } });
  });
  it('points to the first picture that is out of place, and to the first clock that is not matched', () => {
    const day: Item = { kind: 'day-order', events: ['lunch', 'arrive', 'home'] };
    expect(help(day, { kind: 'order', order: [1, 2, 0] }).light.places).toEqual([2]);
    const pair: Item = { kind: 'pair', times: [timeOf(1), timeOf(2)], digitsOrder: [1, 0], wordsOrder: [1, 0] };
    const pairs = [
      { digits: 1, words: 1 },
      { digits: 1, words: 0 },
    ];
    expect(help(pair, { kind: 'pairs', pairs }).light.places).toEqual([1]);
  });
  it('says which half of the clock to look at when a fault was overlooked', () => {
    for (let seed = 0; seed < 60; seed++) {
      const item = makeItem('judge-clock', seededRng(seed));
      if (item.kind !== 'judge-clock' || faultsOf(item.clock).length === 0) continue;
      expect(help(item, { kind: 'judgement', possible: true }).light.region).toBe(regionOf(faultsOf(item.clock)[0]!));
    }
  });
});

describe('tapping the fault', () => {
  it('is right on the faulty part, and wrong on the other and on a clock without a fault', () => {
    for (let seed = 0; seed < 120; seed++) {
      const item = makeItem('judge-clock', seededRng(seed));
      if (item.kind !== 'judge-clock') continue;
      const fault = faultsOf(item.clock)[0];
      for (const region of ['numerals', 'hands'] as const) {
        const right = fault !== undefined && regionOf(fault) === region;
        expect(mark(item, judgementAt(item.clock, region)).verdict).toBe(right ? 'right' : 'wrong');
      }
    }
  });
});

it('a clock to mend stands wrong in one way, and is mended by the hands of its time', () => {
  for (let seed = 0; seed < 200; seed++) {
    const item = makeItem('mend-clock', seededRng(seed));
    if (item.kind !== 'mend-clock') continue;
    expect(faultsOf(item.clock)).toHaveLength(1);
    expect(mark(item, { kind: 'hands', ...item.clock.hands }).verdict).not.toBe('right');
    expect(mark(item, rightAnswers(item)[0]!).verdict).toBe('right');
  }
});

describe('word tiles', () => {
  const quarters = [1, 4, 9, 11, 12].flatMap((hour) => [timeOf(hour, 15), timeOf(hour, 45), timeOf(hour, 20)]);
  it('put together say every o’clock, half past and quarter in the words of the class, from the tiles there are', () => {
    for (const halfPastPhrase of CHOICES.halfPastPhrase.choices)
      for (const time of [...TAUGHT_TIMES, ...quarters]) {
        const conventions = { ...usual, halfPastPhrase };
        const tiles = tilesOf(time, conventions);
        const text = tilesTogether(tiles, conventions);
        expect([text, mark({ kind: 'write-words', shown: time }, { kind: 'text', text }, conventions).verdict]).toEqual(
          [text, 'right'],
        );
        const words = timeWords(time, conventions);
        for (const tile of tiles) expect(words.includes(tile) || /^([1-9]|1[0-2])$/.test(tile)).toBe(true);
        expect(tilesIn(text, words, conventions)).toEqual(tiles);
      }
  });
  it('are the class’s own words, and no more of them than a time needs', () => {
    expect(timeWords(timeOf(7), usual)).toEqual(['half past', 'o’clock']);
    expect(timeWords(timeOf(7, 45), usual)).toEqual(['half past', 'o’clock', 'quarter after', 'quarter to']);
  });
  it.each(CHOICES.halfPastPhrase.choices)(
    'leave three of the right one’s kind to choose from, at every time there is (%s)',
    (halfPastPhrase) => {
      const conventions = { ...usual, halfPastPhrase };
      const wordsOf = (time: DialTime): string[] =>
        sayInParts(time, conventions).flatMap(({ text, isHour }) => (isHour ? [] : [text]));
      /** The words of all times of a kind; quarters and the half are parts of an hour alike. */
      const kindOf = (time: DialTime): string => {
        const group = groupOfTime(time);
        return group === 'quarter-past' || group === 'quarter-to' || group === 'half-past' ? 'part' : group;
      };
      const ofKind = new Map<string, Set<string>>();
      for (const time of ALL_DIAL_TIMES)
        for (const word of wordsOf(time)) ofKind.set(kindOf(time), (ofKind.get(kindOf(time)) ?? new Set()).add(word));
      for (const time of ALL_DIAL_TIMES) {
        const words = timeWords(time, conventions);
        for (const word of wordsOf(time)) expect(words).toContain(word);
        // A class that has met o'clock and half past has two to choose from.
        if (isTaught(time)) continue;
        const same = words.filter((word) => ofKind.get(kindOf(time))!.has(word));
        expect([time, same.length >= 3]).toEqual([time, true]);
      }
    },
  );
  it('can be laid in any order, and are taken apart as they were laid', () =>
    expect(tilesIn('4 half past half', timeWords(timeOf(4), usual), usual)).toEqual(['4', 'half past', 'half']));
});

describe('answers that look alike', () => {
  const key = (answer: Answer): string => sameAnswerKey(asRead(answer));
  const hands = (hour: number, minute: number): Answer => ({ kind: 'hands', hour, minute });
  it('are clocks whose hands stand about alike, set or drawn', () => {
    const set = key(hands(135, 180));
    expect(key(hands(138, 174))).toBe(set);
    expect(key(hands(120, 180))).not.toBe(set);
    const strokes = simulateDrawing({ hour: 135, minute: 180 }, anyStyle(seededRng(4)), seededRng(4));
    expect(key({ kind: 'strokes', strokes })).toBe(set);
  });
  it('are the same choice in whatever order, and the same words', () => {
    expect(key({ kind: 'choice', chosen: [2, 0] })).toBe(key({ kind: 'choice', chosen: [0, 2] }));
    expect(key({ kind: 'text', text: '4:30' })).not.toBe(key({ kind: 'text', text: '430' }));
  });
  it('are not what nobody can read and what somebody can', () =>
    expect(key({ kind: 'strokes', strokes: simulateScribble(seededRng(1)) })).toBe('unreadable'));
});
