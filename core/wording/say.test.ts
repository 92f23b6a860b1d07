import { describe, expect, it } from '@jest/globals';
import { ALL_DIAL_TIMES, handAngles, timeOf } from '../clock/index.ts';
import { digital, handName, handPlace, parse, phrases, say, sentence } from './index.ts';
import { wordsOf } from '../locales/index.ts';
import { DEFAULT_CONVENTIONS, CHOICES } from '../conventions/index.ts';

const US = DEFAULT_CONVENTIONS;
const UK = { ...US, locale: 'en-GB' } as const;

describe('saying a time', () => {
  it.each([
    [3, 0, '3 o’clock', 'three o’clock'],
    [12, 0, '12 o’clock', 'twelve o’clock'],
    [4, 30, 'half past 4', 'half past four'],
    [12, 30, 'half past 12', 'half past twelve'],
    [4, 15, 'quarter after 4', 'quarter after four'],
    [4, 45, 'quarter to 5', 'quarter to five'],
    [12, 45, 'quarter to 1', 'quarter to one'],
    [11, 45, 'quarter to 12', 'quarter to twelve'],
    [9, 50, 'ten to 10', 'ten to ten'],
    [9, 5, 'five after 9', 'five after nine'],
    [2, 25, 'twenty-five after 2', 'twenty-five after two'],
    [6, 35, 'twenty-five to 7', 'twenty-five to seven'],
    [1, 1, 'one minute after 1', 'one minute after one'],
    [7, 59, 'one minute to 8', 'one minute to eight'],
    [8, 13, 'thirteen minutes after 8', 'thirteen minutes after eight'],
    [10, 47, 'thirteen minutes to 11', 'thirteen minutes to eleven'],
  ])('%d:%d is said "%s", in words "%s"', (hour, minute, numerals, words) => {
    expect(say(timeOf(hour, minute), US)).toBe(numerals);
    expect(say(timeOf(hour, minute), US, 'words')).toBe(words);
  });
  it('says "quarter past" in UK English', () => {
    expect(say(timeOf(4, 15), UK)).toBe('quarter past 4');
    expect(phrases(timeOf(4, 15), UK)).toEqual(['quarter past four', 'fifteen minutes past four', 'four fifteen']);
  });
  it('says "four thirty" where the class does', () => {
    const thirty = { ...US, halfPastPhrase: 'thirty' } as const;
    expect(say(timeOf(4, 30), thirty)).toBe('four thirty');
    expect(phrases(timeOf(4, 30), thirty).slice(0, 2)).toEqual(['four thirty', 'half past four']);
    expect(phrases(timeOf(4, 30), { ...US, halfPastPhrase: 'both' }).slice(0, 2)).toEqual([
      'half past four',
      'four thirty',
    ]);
  });
  it.each([
    [9, 50, ['ten to ten', 'ten of ten', 'ten minutes to ten', 'nine fifty']],
    [4, 5, ['five after four', 'five past four', 'five minutes after four', 'five minutes past four', 'four oh five']],
    [12, 0, ['twelve o’clock', 'noon', 'midnight']],
    [4, 0, ['four o’clock']],
    [4, 30, ['half past four', 'four thirty', 'thirty minutes after four', 'thirty minutes past four']],
    [8, 7, ['seven minutes after eight', 'seven minutes past eight', 'eight oh seven']],
  ])('knows every way to say %d:%d', (hour, minute, all) => expect(phrases(timeOf(hour, minute), US)).toEqual(all));

  const everyConvention = CHOICES.locale.choices.flatMap((locale) =>
    CHOICES.halfPastPhrase.choices.map((halfPastPhrase) => ({ locale, halfPastPhrase })),
  );
  it.each(everyConvention)('has phrases for all 720 times, each understood again: %o', (conventions) => {
    // One check for thousands of phrases.
    const wrong: unknown[] = [];
    for (const time of ALL_DIAL_TIMES)
      for (const form of ['words', 'numerals'] as const) {
        const all = phrases(time, conventions, form);
        if (all[0] !== say(time, conventions, form)) wrong.push([time, 'does not begin with what is said']);
        if (new Set(all).size !== all.length) wrong.push([time, 'has a phrase twice', all]);
        for (const phrase of all) {
          const read = parse(phrase, { ...US, ...conventions });
          if (read.kind !== 'time' || read.time !== time) wrong.push([phrase, read]);
          // What is only understood is never said.
          if (/half past \w+ o’clock|undefined|\{/.test(phrase)) wrong.push([phrase, 'is never said']);
        }
      }
    expect(wrong).toEqual([]);
  });
});

describe('writing a time in digits', () => {
  it.each([
    ['4:30', 4, 30, '4:30'],
    ['04:30', 4, 30, '04:30'],
    ['4.30', 4, 30, '4.30'],
    ['4:30', 12, 0, '12:00'],
    ['04:30', 9, 5, '09:05'],
  ] as const)('as %s', (digitalForm, hour, minute, written) =>
    expect(digital(timeOf(hour, minute), { digitalForm })).toBe(written),
  );
});

describe('the hands', () => {
  it('have a name in every convention', () =>
    expect(
      CHOICES.handNames.choices.map((handNames) =>
        (['hour', 'minute'] as const).map((hand) => handName(hand, { ...US, handNames })),
      ),
    ).toEqual([
      ['hour hand', 'minute hand'],
      ['short hand', 'long hand'],
      ['little hand', 'big hand'],
    ]));
  it('stand on a numeral or between two, which never tells the time', () => {
    const place = (hand: 'hour' | 'minute', hour: number, minute: number): string =>
      sentence(handPlace(hand, timeOf(hour, minute)), US);
    expect(place('hour', 3, 0)).toBe('on 3');
    expect(place('minute', 3, 0)).toBe('on 12');
    expect(place('hour', 4, 30)).toBe('between 4 and 5');
    expect(place('hour', 12, 30)).toBe('between 12 and 1');
    expect(place('hour', 11, 30)).toBe('between 11 and 12');
  });
  it('stand within a numeral of the place named, at all 720 times', () => {
    for (const time of ALL_DIAL_TIMES)
      for (const hand of ['hour', 'minute'] as const) {
        const { values } = handPlace(hand, time);
        const passed = Number(values['numeral'] ?? values['passed']) % 12;
        const gone = handAngles(time)[hand] - passed * 30;
        expect(gone).toBeGreaterThanOrEqual(0);
        expect(gone).toBeLessThan(30);
      }
  });
});

describe('words', () => {
  it('differ in UK English only where it differs', () => {
    expect(wordsOf('clock.words.analog', 'en-US')).toBe('analog clock');
    expect(wordsOf('clock.words.analog', 'en-GB')).toBe('analogue clock');
    expect(wordsOf('clock.words.digital', 'en-GB')).toBe('digital clock');
  });
  it('that are missing are a mistake of ours, and said so', () =>
    expect(() => wordsOf('clock.nothing', 'en-US')).toThrow('no words for clock.nothing'));
});
