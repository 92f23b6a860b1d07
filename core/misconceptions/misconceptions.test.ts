import { describe, expect, it } from '@jest/globals';
import { OCLOCK_TIMES, hourOf, timeOf } from '../clock/index.ts';
import type { Item } from '../items/index.ts';
import { explain, isInvisible, predict } from './index.ts';

const read = (hour: number, minute = 0): Item => ({ kind: 'read', shown: timeOf(hour, minute) });
const clock = (item: Item, rule: 'hands-swapped' | 'numeral-as-minutes'): string[] =>
  predict(rule, item).map((time) => `${hourOf(time)}:${String(time % 60).padStart(2, '0')}`);

describe('hands swapped', () => {
  // Worked by hand: the long hand names the hour; the short hand's place is read in fives, as its bare numeral, or not at all.
  it.each([
    ['3:00', 3, 0, ['12:15', '12:03', '12:00']],
    ['6:00', 6, 0, ['12:30', '12:06']],
    ['12:00', 12, 0, ['12:00']],
    ['4:30', 4, 30, ['6:25', '6:20', '6:05', '6:04', '6:00']],
  ])('reads %s as', (_, hour, minute, answers) => expect(clock(read(hour, minute), 'hands-swapped')).toEqual(answers));

  it('is seen in every o’clock but 12:00', () => {
    for (const shown of OCLOCK_TIMES) {
      expect(isInvisible('hands-swapped', { kind: 'read', shown })).toBe(shown === 0);
      expect(isInvisible('hands-swapped', { kind: 'set', shown })).toBe(shown === 0);
    }
  });
});

describe('the numeral read as minutes', () => {
  it('is seen in every o’clock read, twelve included, and in none that is set', () => {
    for (const shown of OCLOCK_TIMES) {
      expect(clock({ kind: 'read', shown }, 'numeral-as-minutes')).toEqual([`${hourOf(shown)}:12`]);
      expect(isInvisible('numeral-as-minutes', { kind: 'set', shown })).toBe(true);
    }
  });
});

describe('explaining an answer', () => {
  it('names no rule for a right answer, nor for one no rule leads to', () => {
    for (const shown of OCLOCK_TIMES) {
      expect(explain({ kind: 'read', shown }, shown)).toEqual([]);
      expect(explain({ kind: 'read', shown }, timeOf(hourOf(shown), 45))).toEqual([]);
    }
  });
  it('says nothing of items beyond o’clock and half past, or of other kinds', () => {
    expect(predict('hands-swapped', read(3, 15))).toEqual([]);
    expect(predict('hands-swapped', { kind: 'name-part', part: 'face' })).toEqual([]);
    expect(isInvisible('numeral-as-minutes', { kind: 'hour-hand', shown: timeOf(3) })).toBe(true);
  });
});
