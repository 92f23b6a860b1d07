import { describe, expect, it } from '@jest/globals';
import { timeOf, wrapToDial } from '../clock/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { digital, sentence } from '../wording/index.ts';
import { demonstrate, durationOf, sceneAt, stepStarts, type Demonstration, type DemonstrationKind } from './index.ts';

const make = (kind: DemonstrationKind, time = timeOf(4)): Demonstration => demonstrate(kind, time, DEFAULT_CONVENTIONS);
const said = ({ steps }: Demonstration): string[] => steps.map((step) => sentence(step.sentence, DEFAULT_CONVENTIONS));
/** What is shown when a step is over. */
const ends = (shown: Demonstration) =>
  [...stepStarts(shown).slice(1), durationOf(shown)].map((moment) => sceneAt(shown, moment - 1e-9));

describe('a face cut in four', () => {
  const shown = make('quarters', timeOf(4, 20));
  it('stops at each quarter of the hour, and says what it is called', () => {
    expect(ends(shown).map(({ minutes }) => Math.round(minutes) - timeOf(4))).toEqual([0, 15, 30, 45, 60]);
    expect(said(shown).slice(1, 4)).toEqual([
      'The minute hand has gone one quarter: quarter after 4.',
      'Two quarters are half a turn: half past 4.',
      'Three quarters are gone, one quarter is left: quarter to 5.',
    ]);
    expect(sceneAt(shown, 5).lenses).toContain('quarters');
  });
});

describe('fives round the rim', () => {
  it('counts by fives, one number at a time, up to the coming hour', () => {
    const shown = make('fives', timeOf(12, 40));
    const counts = new Set<number>();
    for (let moment = 0; moment <= durationOf(shown); moment += 0.05) counts.add(sceneAt(shown, moment).count!);
    counts.add(sceneAt(shown, durationOf(shown)).count!);
    expect([...counts]).toEqual(Array.from({ length: 13 }, (_, i) => i * 5));
    expect(said(shown)[3]).toBe('15 minutes, at the 3.');
    expect(said(shown).at(-1)).toBe('60 minutes, at the 12: it is 1 o’clock.');
  });
});

describe('minutes to the coming hour', () => {
  it('are said as the class says them, and grow fewer', () => {
    const shown = make('minutes-to', timeOf(11, 5));
    expect(said(shown)[1]).toBe('25 minutes are left: twenty-five to 12.');
    expect(said(shown)[3]).toBe('15 minutes are left: quarter to 12.');
    expect(ends(shown).map(({ minutes }) => wrapToDial(Math.round(minutes)))).toEqual(
      [30, 35, 40, 45, 50, 55, 60].map((minutes) => wrapToDial(timeOf(11) + minutes)),
    );
    expect(sceneAt(shown, durationOf(shown)).count).toBe(0);
  });
});

describe('day and night', () => {
  const shown = make('day-and-night', timeOf(9));
  it('is two turns of the hour hand, from midnight over noon to midnight, whatever the clock showed', () => {
    expect(sceneAt(shown, 0).minutes).toBe(0);
    expect(sceneAt(shown, durationOf(shown)).minutes).toBe(24 * 60);
    expect(said(shown).at(-1)).toBe('Midnight again. Two turns of the hour hand are one day: 24 hours.');
    for (let moment = 0; moment < durationOf(shown); moment += 0.5)
      expect(sceneAt(shown, moment).lenses).toEqual(['day-strip']);
  });
  it('stands at noon half way', () => {
    const noon = said(shown).findIndex((words) => words.startsWith('Noon'));
    expect(sceneAt(shown, stepStarts(shown)[noon]!).minutes).toBe(12 * 60);
  });
});

describe('digits that count', () => {
  it.each([
    [timeOf(4), '5:00'],
    [timeOf(12), '1:00'],
  ])('go over 59 to 00 and the next hour, and never show 60: %i', (time, end) => {
    const shown = make('digits-count', time);
    const digits: string[] = [];
    for (let moment = 0; moment <= durationOf(shown); moment += 0.02) {
      const now = digital(wrapToDial(Math.floor(sceneAt(shown, moment).minutes)), DEFAULT_CONVENTIONS);
      if (digits.at(-1) !== now) digits.push(now);
    }
    expect(digits).toHaveLength(61);
    expect(digits.at(-2)).toMatch(/:59$/);
    expect(digits.at(-1)).toBe(end);
  });
});
