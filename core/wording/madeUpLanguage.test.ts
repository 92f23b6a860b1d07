import { beforeAll, describe, expect, it } from '@jest/globals';
import { ALL_DIAL_TIMES, TAUGHT_TIMES, timeOf } from '../clock/index.ts';
import { tilesIn, tilesOf, tilesTogether, timeWords } from '../asking/index.ts';
import { DEFAULT_CONVENTIONS, type Conventions, type LocaleTag } from '../conventions/index.ts';
import { LOCALES, chainOf, paperOf, wordsOf, type Locale } from '../locales/index.ts';
import { parse, phrases, quickEntry, readingSteps, say, sayMixed, sentence } from './index.ts';
import { markGiven } from '../marking/given.test.support.ts';

const UNITS = 'nul pa pe pi po pu ta te ti to tu ra re'.split(' ');
const TENS = ['', 'mo', 'bimo', 'trimo', 'kvamo', 'pumo'];
const number = (n: number): string => UNITS[n] ?? TENS[Math.floor(n / 10)]! + (n % 10 === 0 ? '' : UNITS[n % 10]!);

/**
 * A language nobody speaks: half past is named by the coming hour, twenty-five past by its distance from that half, words run together,
 * and hardly anything is put into words yet.
 */
const MADE_UP: Locale = {
  tag: 'x-hop',
  fallback: 'en-GB',
  paper: 'a4',
  words: { clock: { hands: { 'hour-minute': { hour: 'shufo' } }, steps: { whole: 'Ho {said}.' } } },
  grammar: {
    numbers: Array.from({ length: 60 }, (_, n) => number(n)),
    blank: '',
    ways: {
      oclock: { minutes: [0], said: ['{hour}hop'] },
      halfPast: { minutes: [30], said: ['zu{next}'], understood: ['zuzu{next}'] },
      beforeHalf: { minutes: [25], said: ['pufozu{next}'] },
      afterHalf: { minutes: [35], said: ['punazu{next}'] },
      after: { minutes: [{ from: 1, to: 29 }], said: ['{minutes}na{hour}'] },
      before: { minutes: [{ from: 31, to: 59 }], said: ['{toGo}fo{next}'] },
    },
    spellings: [{ like: 'tsu', as: 'zu' }],
    withoutHour: ['zu', 'hop'],
    timeWords: ['zu', 'hop'],
  },
};
const hop: Conventions = { ...DEFAULT_CONVENTIONS, locale: 'x-hop' as LocaleTag };

beforeAll(() => void Object.assign(LOCALES, { 'x-hop': MADE_UP }));

describe('a language that names half past by the coming hour', () => {
  it.each([
    [4, 0, '4hop', 'pohop'],
    [4, 30, 'zu5', 'zupu'],
    [12, 30, 'zu1', 'zupa'],
    [4, 25, 'pufozu5', 'pufozupu'],
    [11, 35, 'punazu12', 'punazure'],
    [11, 40, 'bimofo12', 'bimofore'],
    [9, 13, 'mopina9', 'mopinato'],
  ])('says %d:%d "%s", in words "%s"', (hour, minute, numerals, words) => {
    expect(say(timeOf(hour, minute), hop)).toBe(numerals);
    expect(say(timeOf(hour, minute), hop, 'words')).toBe(words);
  });
  it('has phrases for all 720 times, each understood again', () => {
    for (const time of ALL_DIAL_TIMES)
      for (const form of ['words', 'numerals'] as const)
        for (const phrase of phrases(time, hop, form))
          expect([phrase, parse(phrase, hop)]).toEqual([phrase, expect.objectContaining({ kind: 'time', time })]);
  });
  it('reads what a child writes in it, and nothing of English', () => {
    expect(parse('Zu 5!', hop)).toMatchObject({ kind: 'fault' });
    expect(parse('ZU5!', hop)).toEqual({ kind: 'time', time: timeOf(4, 30), form: 'half-past' });
    expect(parse('tsu5', hop)).toMatchObject({ kind: 'time', time: timeOf(4, 30) });
    expect(parse('zuzu5', hop)).toMatchObject({ kind: 'time', time: timeOf(4, 30) });
    expect(parse('zu', hop)).toEqual({ kind: 'fault', fault: 'hour-missing', meant: undefined });
    expect(parse('zu4:30', hop)).toEqual({ kind: 'fault', fault: 'mixed-forms', meant: timeOf(4, 30) });
    expect(parse('430', hop)).toMatchObject({ fault: 'colon-missing', meant: timeOf(4, 30) });
    for (const english of ['half past 4', 'half 4', 'four thirty', 'half past', '4:30 o’clock'])
      expect(parse(english, hop)).toMatchObject({ fault: 'not-a-time' });
    expect(sayMixed(timeOf(4, 30), hop)).toBe('zu4:30');
  });
  it('echoes a quick entry', () => expect(quickEntry('430', hop)).toEqual({ time: timeOf(4, 30), echo: 'zu5' }));
  it('is put together from tiles and marked right, and wrong where a child names the hour passed', () => {
    expect(timeWords(timeOf(4, 30), hop)).toEqual(['zu', 'hop']);
    for (const shown of TAUGHT_TIMES) {
      const tiles = tilesOf(shown, hop);
      const text = tilesTogether(tiles, hop);
      expect(tilesIn(text, timeWords(shown, hop), hop)).toEqual(tiles);
      expect(markGiven({ kind: 'write-words', shown }, { kind: 'text', text }, hop).verdict).toBe('right');
    }
    const passed = markGiven({ kind: 'write-words', shown: timeOf(4, 30) }, { kind: 'text', text: 'zu4' }, hop);
    expect(passed).toMatchObject({ verdict: 'wrong', seen: { time: timeOf(3, 30) } });
  });
  it('keeps two numbers apart where words run together', () => {
    const text = tilesTogether(['1', '1', 'hop'], hop);
    expect(tilesIn(text, ['zu', 'hop'], hop)).toEqual(['1', '1', 'hop']);
  });
  it('takes words it has not from the languages it falls back on, in their order', () => {
    expect(chainOf(hop.locale)).toEqual(['x-hop', 'en-GB', 'en-US']);
    expect(wordsOf('clock.words.analog', hop.locale)).toBe('analogue clock');
    expect(wordsOf('clock.words.digital', hop.locale)).toBe('digital clock');
    const steps = readingSteps(timeOf(4, 30), hop).map((step) => sentence(step.sentence, hop));
    expect(steps).toEqual([
      'The shufo has just passed 4.',
      'The minute hand points straight down: half a turn.',
      'Ho zu5.',
    ]);
    expect(paperOf(hop)).toBe('a4');
  });
});

it('a language that is not known is spoken as the usual one', () =>
  expect(say(timeOf(4, 30), { ...DEFAULT_CONVENTIONS, locale: 'x-none' as LocaleTag })).toBe('half past 4'));
