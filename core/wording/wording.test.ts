import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import { ALL_DIAL_TIMES, handAngles, timeOf } from '../clock/index.ts';
import { DEFAULT_CONVENTIONS, HAND_NAMES, digital, handName, handPlace, readingSteps, say } from './index.ts';

const words = JSON.parse(readFileSync(new URL('messages/en-US.json', import.meta.url), 'utf8')) as object;
/** The sentence of a key with its values filled in, as the interface does it. */
const sentence = (key: string, values: Readonly<Record<string, string | number>>): string => {
  const found = key
    .split('.')
    .reduce<unknown>((at, part) => (at as Record<string, unknown> | undefined)?.[part], words);
  if (typeof found !== 'string') throw new Error(`no words for ${key}`);
  return found.replace(/\{(\w+)\}/g, (_, name: string) =>
    String({ hourHand: 'hour hand', minuteHand: 'minute hand', ...values }[name]),
  );
};

describe('saying a time', () => {
  it.each([
    [3, 0, '3 o’clock'],
    [12, 0, '12 o’clock'],
    [4, 30, 'half past 4'],
    [12, 30, 'half past 12'],
    [9, 5, '9:05'],
  ])('%d:%d is said "%s"', (hour, minute, said) => {
    const { key, values } = say(timeOf(hour, minute));
    expect(sentence(key, values)).toBe(said);
  });
  it('has words for all 720 times and each of their reading steps', () => {
    for (const time of ALL_DIAL_TIMES)
      for (const { sentence: phrase } of readingSteps(time, DEFAULT_CONVENTIONS))
        expect(sentence(phrase.key, phrase.values)).not.toMatch(/undefined|\{/);
  });
  it('has a name for both hands in every convention', () => {
    for (const handNames of HAND_NAMES)
      for (const hand of ['hour', 'minute'] as const)
        expect(sentence(handName(hand, { handNames }).key, {})).toMatch(/ hand$/);
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

describe('reading steps', () => {
  const steps = (hour: number, minute: number, firstRead: 'hour' | 'minute') =>
    readingSteps(timeOf(hour, minute), { firstRead }).map(({ part, sentence: { key, values } }) => [
      part,
      sentence(key, values),
    ]);
  it('go hour hand, minute hand, whole time by default', () =>
    expect(steps(3, 0, 'hour')).toEqual([
      ['hour', 'The hour hand points to 3.'],
      ['minute', 'The minute hand points straight up: o’clock.'],
      ['whole', '3 o’clock'],
    ]));
  it('begin with the minute hand where the class reads it first', () =>
    expect(steps(12, 30, 'minute')).toEqual([
      ['minute', 'The minute hand points straight down: half past.'],
      ['hour', 'The hour hand has passed 12.'],
      ['whole', 'half past 12'],
    ]));
});

describe('where a hand stands, for a screen reader', () => {
  it('is a numeral or the space between two, never the time', () => {
    expect(handPlace('hour', timeOf(12, 30))).toEqual({
      key: 'clock.place.between',
      values: { passed: 12, coming: 1 },
    });
    expect(handPlace('minute', timeOf(12, 30))).toEqual({ key: 'clock.place.on', values: { numeral: 6 } });
    expect(handPlace('minute', timeOf(3))).toEqual({ key: 'clock.place.on', values: { numeral: 12 } });
  });
  it('lies within a numeral of the hand at all 720 times', () => {
    for (const time of ALL_DIAL_TIMES)
      for (const hand of ['hour', 'minute'] as const) {
        const { values } = handPlace(hand, time);
        const passed = Number(values['numeral'] ?? values['passed']) % 12;
        const along = handAngles(time)[hand] - passed * 30;
        expect(along).toBeGreaterThanOrEqual(0);
        expect(along).toBeLessThan(30);
      }
  });
});
