import { describe, expect, it } from '@jest/globals';
import type { Skill } from '../skills/index.ts';
import {
  bandOf,
  daysIf,
  forecasting,
  soFarOf,
  type ChildSoFar,
  type DayAhead,
  type Forecast,
  type ForecastStep,
  type ForecastWishes,
} from './index.ts';

const READ: Skill = 'oclock-read';
const LATER: Skill = 'half-past-read';
const day = (at: number): string => `2026-11-${String(2 + at).padStart(2, '0')}`;
/** Answers of a child to one skill: so many right of five each day. */
const child = (...right: readonly number[]): ChildSoFar =>
  right.map((count, at) => ({ skill: READ, day: day(at), right: count, answers: 5, guess: 0 }));
const ahead = (count: number, skill: Skill = READ): DayAhead[] =>
  Array.from({ length: count }, (_, at) => ({ day: day(10 + at), skills: [{ skill, weight: 1 }] }));
const steps = (wishes: Partial<ForecastWishes>): Generator<ForecastStep, Forecast | undefined> =>
  forecasting({ children: [], ahead: ahead(4), skills: [READ], seed: 1, draws: 400, ...wishes });
const forecast = (wishes: Partial<ForecastWishes>): Forecast => {
  const all = steps(wishes);
  let step = all.next();
  while (step.done !== true) step = all.next();
  return step.value!;
};
const SLOW = Array.from({ length: 10 }, () => child(1, 1, 2, 1));
const QUICK = Array.from({ length: 10 }, () => child(0, 2, 4, 5));

describe('a forecast', () => {
  it('is the same for the same seed, and looks at now and at each day ahead', () => {
    const one = forecast({ children: SLOW });
    expect(forecast({ children: SLOW })).toEqual(one);
    expect(one.days).toEqual(['', day(10), day(11), day(12), day(13)]);
    expect(one.of).toBe(10);
    for (const { bands } of one.skills)
      for (const { low, middle, high } of bands) {
        expect(low).toBeLessThanOrEqual(middle);
        expect(middle).toBeLessThanOrEqual(high);
        expect(low).toBeGreaterThanOrEqual(0);
        expect(high).toBeLessThanOrEqual(10);
      }
  });
  it('says nothing of a class that was seen on fewer than three days', () => {
    for (const children of [[], [[]], [child(1, 2)], [child(5), child(3), child(2)]])
      expect(steps({ children }).next()).toEqual({ done: true, value: undefined });
  });
  it('learns from how this class has moved so far: who went up goes on', () => {
    const [slow, quick] = [forecast({ children: SLOW }), forecast({ children: QUICK })];
    expect(quick.rate).toBeGreaterThan(slow.rate + 0.2);
    expect(quick.skills[0]!.bands.at(-1)!.low).toBeGreaterThan(slow.skills[0]!.bands.at(-1)!.high - 3);
    expect(quick.skills[0]!.bands.at(-1)!.middle).toBe(10);
  });
  it('has no fewer secure the longer it is worked on, and more of them with more days', () => {
    const found = forecast({ children: SLOW, ahead: ahead(8) });
    const middles = found.skills[0]!.bands.map(({ middle }) => middle);
    expect([...middles].sort((a, b) => a - b)).toEqual(middles);
    expect(middles.at(-1)!).toBeGreaterThan(middles[0]!);
    const half = ahead(8).map((one) => ({ ...one, skills: one.skills.map((skill) => ({ ...skill, weight: 0.25 })) }));
    expect(forecast({ children: SLOW, ahead: half }).skills[0]!.bands.at(-1)!.middle).toBeLessThan(middles.at(-1)!);
  });
  it('is surer of a skill that was seen than of one that comes later', () => {
    const found = forecast({
      children: [...SLOW, ...SLOW.map(() => child(4, 5, 5, 5))],
      skills: [READ, LATER],
      ahead: ahead(2, LATER),
    });
    const width = (at: number): number => {
      const { low, high } = found.skills[at]!.bands[0]!;
      return high - low;
    };
    expect(width(1)).toBeGreaterThan(width(0));
    for (const [at, band] of found.all.entries())
      expect(band.middle).toBeLessThanOrEqual(Math.min(...found.skills.map(({ bands }) => bands[at]!.middle)));
  });
  it('knows nothing of a child that answered nothing but what it knows of the class', () => {
    const found = forecast({ children: [...QUICK, []], ahead: [] });
    expect(found.of).toBe(11);
    expect(found.days).toEqual(['']);
  });
  it('is there for a class of one, and for one that is always right', () => {
    expect(forecast({ children: [child(2, 3, 4)] }).of).toBe(1);
    const sure = forecast({ children: Array.from({ length: 8 }, () => child(5, 5, 5, 5)) });
    expect(sure.skills[0]!.bands[0]!.low).toBeGreaterThanOrEqual(7);
  });
  it('takes a right guess for less than a right answer', () => {
    const guessed = SLOW.map(() => child(3, 3, 3, 3).map((one) => ({ ...one, guess: 0.5 })));
    const known = SLOW.map(() => child(3, 3, 3, 3));
    const now = (children: readonly ChildSoFar[]): number =>
      forecast({ children, ahead: [] }).skills[0]!.bands[0]!.middle;
    expect(now(guessed)).toBeLessThan(now(known));
  });
  it('says how far it is, and can be left half-way', () => {
    const all = steps({ children: SLOW });
    expect(all.next()).toEqual({ done: false, value: { done: 50, of: 400 } });
    expect(all.next()).toEqual({ done: false, value: { done: 100, of: 400 } });
    expect(all.return(undefined)).toEqual({ done: true, value: undefined });
  });
});

describe('a band', () => {
  it('is the narrowest round the middle that holds about eight in ten', () => {
    // Of 100 draws 10, 20, 40, 20 and 10 came to 0 to 4: 1 to 3 hold eighty.
    expect(bandOf([10, 20, 40, 20, 10])).toEqual({ low: 1, middle: 2, high: 3 });
    // The likelier side is taken in first: 2 and 3 hold 75, nearer to eighty than the 91 that one more would make.
    expect(bandOf([5, 4, 45, 30, 16])).toEqual({ low: 2, middle: 2, high: 3 });
    expect(bandOf([0, 0, 7])).toEqual({ low: 2, middle: 2, high: 2 });
    // 70 and 95 lie as far from eighty as ten and fifteen: seventy.
    expect(bandOf([5, 70, 25])).toEqual({ low: 1, middle: 1, high: 1 });
  });
});

describe('what if', () => {
  // Thursday the 26th to Tuesday the 1st.
  const DAYS: DayAhead[] = ['2026-11-26', '2026-11-27', '2026-11-30', '2026-12-01'].map((one, i) => ({
    day: one,
    skills: [{ skill: i < 2 ? READ : LATER, weight: 1 }],
  }));
  const of = (whatIf: Parameters<typeof daysIf>[0]) => daysIf(whatIf, DAYS, { skill: READ, taught: [READ] });
  const skillsOf = (days: readonly DayAhead[]) => days.map(({ skills }) => skills.map(({ skill }) => skill).join());
  it('it is taught again first, all else comes a lesson later, and the last one too late', () =>
    expect(skillsOf(of('again'))).toEqual([READ, READ, READ, LATER]));
  it('Friday falls out, all after it comes a lesson later', () =>
    expect(skillsOf(of('skip'))).toEqual([READ, '', READ, LATER]));
  it('there is practice: of what was taught by then, less than a lesson, on the same days', () => {
    const days = of('practice');
    expect(days.map(({ day: one }) => one)).toEqual(DAYS.map(({ day: one }) => one));
    expect(days[0]!.skills.reduce((sum, { weight }) => sum + weight, 0)).toBeCloseTo(1.18, 9);
    expect(days[3]!.skills.map(({ skill }) => skill)).toEqual([LATER, READ, LATER]);
  });
  it('nothing is done otherwise where nothing can be', () => {
    expect(of('plan')).toBe(DAYS);
    expect(daysIf('again', DAYS, { skill: undefined, taught: [] })).toBe(DAYS);
    expect(daysIf('skip', DAYS.slice(2), { skill: READ, taught: [] })).toEqual(DAYS.slice(2));
    expect(daysIf('again', [], { skill: READ, taught: [] })).toEqual([]);
  });
  it('practice helps', () => {
    const at = (days: readonly DayAhead[]): number =>
      forecast({ children: SLOW, ahead: days }).skills[0]!.bands.at(-1)!.middle;
    expect(at(daysIf('practice', ahead(8), { skill: READ, taught: [READ] }))).toBeGreaterThanOrEqual(at(ahead(8)));
  });
});

describe('what was answered so far', () => {
  it('is counted by skill and day: nearly is half, and what nobody can read is nothing', () => {
    const one = (verdict: 'right' | 'nearly' | 'wrong' | 'unreadable', guess = 0) => ({
      skill: READ,
      day: day(0),
      verdict,
      guess,
    });
    expect(soFarOf([one('right', 0.5), one('nearly'), one('wrong', 0.25), one('unreadable')])).toEqual([
      { skill: READ, day: day(0), right: 1.5, answers: 3, guess: 0.25 },
    ]);
    expect(soFarOf([one('right'), { ...one('right'), day: day(1) }, { ...one('right'), skill: LATER }])).toHaveLength(
      3,
    );
  });
});
