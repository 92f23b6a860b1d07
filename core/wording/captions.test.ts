import { describe, expect, it } from '@jest/globals';
import { ALL_DIAL_TIMES, timeOf } from '../clock/index.ts';
import { CHOICES, DEFAULT_CONVENTIONS, type Conventions } from '../conventions/index.ts';
import { hourCaption, minuteCaption, sentence } from './index.ts';

const agreed = (change: Partial<Conventions>): Conventions => ({ ...DEFAULT_CONVENTIONS, ...change });
const captions = (hour: number, minute: number, change: Partial<Conventions> = {}): string[] => {
  const by = agreed(change);
  const time = timeOf(hour, minute);
  return [hourCaption(time, by), minuteCaption(time, by)].map((phrase) => sentence(phrase, by));
};

describe('what stands under hour and minutes', () => {
  it.each([
    [4, 0, {}, 'on the 4', 'straight up'],
    [4, 30, {}, 'just passed', 'half a turn'],
    [12, 30, {}, 'just passed', 'half a turn'],
    [10, 15, {}, 'just passed', 'a quarter turn'],
    [10, 45, {}, 'just passed', 'a quarter to go'],
    [10, 20, {}, 'just passed', 'minutes past'],
    [4, 30, { hourFinding: 'room', minuteSupport: 'fives' }, 'in its room', 'fives to 6'],
    [4, 0, { minuteSupport: 'fives' }, 'on the 4', 'on the 12'],
    [9, 50, { hourFinding: 'step-back', minuteSupport: 'fives' }, 'one step back', 'fives to 10'],
    [4, 30, { hourFinding: 'smaller', minuteSupport: 'both' }, 'the smaller one', 'half a turn'],
    // Between 12 and 1 the smaller number is the wrong one.
    [12, 30, { hourFinding: 'smaller' }, 'just passed', 'half a turn'],
  ] as const)('at %i:%i, by %j: %s, %s', (hour, minute, change, ofHour, ofMinute) =>
    expect(captions(hour, minute, change)).toEqual([ofHour, ofMinute]),
  );
  it('has words at every time, whatever the class has agreed', () => {
    for (const hourFinding of CHOICES.hourFinding.choices)
      for (const minuteSupport of CHOICES.minuteSupport.choices)
        for (const time of ALL_DIAL_TIMES) {
          const by = agreed({ hourFinding, minuteSupport });
          for (const phrase of [hourCaption(time, by), minuteCaption(time, by)])
            expect(sentence(phrase, by)).toMatch(/^[a-z0-9 ]{3,16}$/);
        }
  });
});
