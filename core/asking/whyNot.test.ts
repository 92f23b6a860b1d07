import { describe, expect, it } from '@jest/globals';
import { ALL_DIAL_TIMES, TAUGHT_TIMES, timeOf, type DialTime } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { FORMS, type Form } from '../items/index.ts';
import { WHICH_OF, whichOf } from '../making/index.ts';
import { sentence } from '../wording/index.ts';
import { whyNot } from './index.ts';

const said = (form: Form, time: DialTime, asked: DialTime): string =>
  sentence(whyNot({ time, form }, asked, DEFAULT_CONVENTIONS), DEFAULT_CONVENTIONS);

describe('why a clock does not show a time', () => {
  it.each([
    ['analog', timeOf(7, 30), timeOf(8), 'The hour hand is past 7, not yet 8.'],
    ['analog', timeOf(12, 30), timeOf(1), 'The hour hand is past 12, not yet 1.'],
    ['analog', timeOf(9), timeOf(8), 'The hour hand points to 9.'],
    ['analog', timeOf(8), timeOf(8, 30), 'The minute hand points straight up: zero minutes past.'],
    ['digital', timeOf(9, 30), timeOf(8, 30), 'Here the hour is 9.'],
    ['digital', timeOf(8, 5), timeOf(8, 50), 'Here the minutes are 05.'],
  ] as const)('%s %i, asked for %i', (form, time, asked, words) => expect(said(form, time, asked)).toBe(words));
  it('never says the answer, and has words for every pair', () => {
    for (const time of ALL_DIAL_TIMES.filter((one) => one % 35 === 0))
      for (const asked of ALL_DIAL_TIMES.filter((one) => one % 25 === 0))
        for (const form of FORMS) {
          if (time === asked) expect(() => whyNot({ time, form }, asked, DEFAULT_CONVENTIONS)).toThrow(RangeError);
          else expect(said(form, time, asked)).toMatch(/^[^{}]{8,}\.$/);
        }
  });
});

describe('which of several', () => {
  it('has one right clock, hands and digits mixed, all different, at any time at all', () => {
    for (const asked of ALL_DIAL_TIMES.filter((one) => one % 5 === 0))
      for (const count of WHICH_OF) {
        const options = whichOf(seededRng(asked + count), asked, TAUGHT_TIMES, count);
        expect(options).toHaveLength(count);
        expect(new Set(options.map(({ time }) => time)).size).toBe(count);
        expect(options.filter(({ time }) => time === asked)).toHaveLength(1);
        expect(new Set(options.map(({ form }) => form)).size).toBe(2);
        expect(whichOf(seededRng(asked + count), asked, TAUGHT_TIMES, count)).toEqual(options);
      }
  });
});
