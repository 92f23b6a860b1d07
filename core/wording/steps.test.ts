import { describe, expect, it } from '@jest/globals';
import { ALL_DIAL_TIMES, timeOf } from '../clock/index.ts';
import { LENSES } from '../face/index.ts';
import { readingOrder, readingSteps, sentence } from './index.ts';
import { DEFAULT_CONVENTIONS, CHOICES, type Conventions } from '../conventions/index.ts';

const said = (hour: number, minute: number, change: Partial<Conventions> = {}): string[] => {
  const conventions = { ...DEFAULT_CONVENTIONS, ...change };
  return readingSteps(timeOf(hour, minute), conventions).map((step) => sentence(step.sentence, conventions));
};
const lenses = (hour: number, minute: number, change: Partial<Conventions> = {}) =>
  readingSteps(timeOf(hour, minute), { ...DEFAULT_CONVENTIONS, ...change }).map(({ lens }) => lens);

describe('reading steps', () => {
  it('go hour hand, minute hand, whole time by default', () =>
    expect(said(3, 0)).toEqual([
      'The hour hand points to 3.',
      'The minute hand points straight up: zero minutes past.',
      'It is 3 o’clock.',
    ]));
  it('begin with the minute hand where the class reads it first', () =>
    expect(said(4, 30, { firstRead: 'minute', handNames: 'short-long' })).toEqual([
      'The long hand points straight down: half a turn.',
      'The short hand has just passed 4.',
      'It is half past 4.',
    ]));
  it.each([
    ['passed', 4, 'The hour hand has just passed 4.'],
    ['room', 4, 'The hour hand is in the room of 4.'],
    ['step-back', 4, 'The hour hand is on its way to 5. One step back is 4.'],
    ['step-back', 12, 'The hour hand is on its way to 1. One step back is 12.'],
    ['smaller', 4, 'The hour hand is between 4 and 5. The smaller number is 4.'],
    ['smaller', 11, 'The hour hand is between 11 and 12. The smaller number is 11.'],
  ] as const)('find the hour at half past by "%s": half past %d', (hourFinding, hour, words) =>
    expect(said(hour, 30, { hourFinding })[0]).toBe(words),
  );
  it('never say "the smaller number" at half past twelve, where it would be 1', () => {
    expect(said(12, 30, { hourFinding: 'smaller' })[0]).toBe(
      'The hour hand is between 12 and 1. Here the hour is 12, although 1 is smaller.',
    );
    for (const time of ALL_DIAL_TIMES.slice(1, 60))
      expect(readingSteps(time, { ...DEFAULT_CONVENTIONS, hourFinding: 'smaller' })[0]!.sentence.key).toMatch(
        /Twelve$/,
      );
  });
  it.each([
    [0, 'straight', ['The minute hand points straight up: zero minutes past.']],
    [0, 'fives', ['The minute hand points to 12: zero minutes past.']],
    [30, 'straight', ['The minute hand points straight down: half a turn.']],
    [30, 'fives', ['Count by fives to 6: 30 minutes.']],
    [30, 'both', ['The minute hand points straight down: half a turn.', 'Count by fives to 6: 30 minutes.']],
    [15, 'straight', ['The minute hand has gone a quarter of a turn.']],
    [45, 'straight', ['The minute hand has a quarter of a turn to go.']],
    [20, 'straight', ['Count by fives to 4: 20 minutes.']],
    [23, 'fives', ['Count by fives to 4, then on by ones: 23 minutes.']],
    [3, 'both', ['Count by ones from 12: 3.']],
  ] as const)('say the minutes at :%d by "%s"', (minute, minuteSupport, words) =>
    expect(said(7, minute, { minuteSupport }).slice(1, -1)).toEqual(words),
  );
  it('name the lens that shows each step', () => {
    expect(lenses(3, 0)).toEqual(['hour-hand-alone', 'minute-hand-alone', undefined]);
    expect(lenses(4, 30, { hourFinding: 'room' })).toEqual(['hours-room', 'half-turn', undefined]);
    expect(lenses(4, 30, { minuteSupport: 'fives' })).toEqual(['hour-hand-alone', 'minute-numbers', undefined]);
  });
  it('are two to four sentences, whole ones, in every convention at all 720 times', () => {
    for (const locale of CHOICES.locale.choices)
      for (const handNames of CHOICES.handNames.choices)
        for (const hourFinding of CHOICES.hourFinding.choices)
          for (const minuteSupport of CHOICES.minuteSupport.choices)
            for (const firstRead of CHOICES.firstRead.choices) {
              const conventions = { ...DEFAULT_CONVENTIONS, locale, handNames, hourFinding, minuteSupport, firstRead };
              for (const time of ALL_DIAL_TIMES) {
                const steps = readingSteps(time, conventions);
                const sentences = steps.map((step) => sentence(step.sentence, conventions));
                const wellFormed =
                  steps.length >= 2 &&
                  steps.length <= 4 &&
                  steps.at(-1)!.part === 'whole' &&
                  steps[0]!.part === firstRead &&
                  steps.every(({ lens }) => lens === undefined || LENSES.includes(lens)) &&
                  sentences.every((words) => /^[A-Z].*[.]$/.test(words) && !/undefined|[{}]/.test(words));
                // One check a time, for a hundred thousand of them.
                if (!wellFormed) expect(sentences).toBe('two to four whole sentences');
              }
            }
  });
  it('uncover the parts in the order they are read', () => {
    expect(readingOrder({ firstRead: 'hour' })).toEqual(['hour', 'minute', 'whole']);
    expect(readingOrder({ firstRead: 'minute' })).toEqual(['minute', 'hour', 'whole']);
  });
});
