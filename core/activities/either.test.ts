import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { TAUGHT_TIMES, dayTime, handAngles, hourOf, readHands, timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { CHOICES, DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { DEEDS, HOW_LONG, faultsOf } from '../items/index.ts';
import { sentence } from '../wording/index.ts';
import {
  EITHERS,
  HOW_MANY_EITHER,
  LENGTHS,
  SECONDS_OF,
  TIMED_DEEDS,
  dayToPlace,
  digitsToJudge,
  eithersOf,
  endOf,
  faultOfDigits,
  fromTos,
  hourOfDay,
  turnsIn,
  wayPhrase,
  type Either,
} from './index.ts';

const usual = DEFAULT_CONVENTIONS;
const made = (kind: (typeof EITHERS)[number], seed: number): readonly Either[] =>
  eithersOf(kind, seededRng(seed), TAUGHT_TIMES, usual);

describe.each(EITHERS)('questions with two answers: %s', (kind) => {
  it('are six, said in whole sentences, with two answers that differ, and the same for the same seed', () =>
    fc.assert(
      fc.property(fc.integer(), (seed) => {
        const questions = made(kind, seed);
        expect(questions).toHaveLength(HOW_MANY_EITHER);
        expect(made(kind, seed)).toEqual(questions);
        for (const { ask, choices, because } of questions) {
          const [first, second] = choices.map((one) => sentence(one, usual));
          expect(first).not.toBe(second);
          expect(sentence(ask, usual)).toMatch(/\?$/);
          expect(sentence(because, usual)).toMatch(/[.!]$/);
        }
      }),
      { numRuns: 60 },
    ));
  it('have either answer for the right one, sometimes this and sometimes that', () => {
    const rights = Array.from({ length: 40 }, (_, seed) => made(kind, seed)).flatMap((all) =>
      all.map(({ right }) => right),
    );
    const share = rights.filter((right) => right === 0).length / rights.length;
    expect(share).toBeGreaterThan(0.2);
    expect(share).toBeLessThan(0.95);
  });
});

describe('what is asked', () => {
  const seeds = Array.from({ length: 60 }, (_, seed) => seed);
  it('of a clock is whether anything is wrong with it', () => {
    for (const { picture, right } of seeds.flatMap((seed) => made('possible', seed)))
      if (picture.kind === 'clock') expect(faultsOf(picture.clock).length === 0).toBe(right === 0);
  });
  it('of the hour hand alone is its hour and the one beside it; 12 or 1 is always among them', () => {
    for (const seed of seeds) {
      const questions = made('six-or-seven', seed);
      for (const { picture, choices, right } of questions) {
        if (picture.kind !== 'clock') throw new Error('no clock');
        expect(picture.clock.handsDrawn).toBe('hour');
        const hour = hourOf(readHands(picture.clock.hands).time);
        const numbers = choices.map((choice) => Number(sentence(choice, usual)));
        expect(numbers[right]).toBe(hour);
        expect((numbers[1]! - numbers[0]! + 12) % 12).toBe(1);
      }
      const angles = questions.map(({ picture }) => picture.kind === 'clock' && picture.clock.hands.hour);
      expect(angles).toContain(handAngles(timeOf(12, 30)).hour);
    }
  });
  it('of a thing to do is the length it takes, beside one that is at least twelve times as long or as short', () => {
    expect(TIMED_DEEDS).toHaveLength(30);
    for (const deed of TIMED_DEEDS) {
      const { span, instead } = LENGTHS[deed];
      const times = SECONDS_OF[span] / SECONDS_OF[instead];
      expect(Math.max(times, 1 / times)).toBeGreaterThanOrEqual(12);
    }
    // What is sorted by its unit is asked about with that unit.
    for (const deed of DEEDS) expect(LENGTHS[deed].span).toBe(HOW_LONG[deed]);
  });
});

describe('digits to be judged', () => {
  it.each(CHOICES.digitalForm.choices)('are half possible, and told as the class reads them: %s', (digitalForm) =>
    fc.assert(
      fc.property(fc.integer(), (seed) => {
        const conventions = { ...usual, digitalForm };
        const all = digitsToJudge(seededRng(seed), TAUGHT_TIMES, conventions, 6);
        expect(new Set(all.map(({ text }) => text)).size).toBe(6);
        expect(all.filter(({ fault }) => fault === undefined)).toHaveLength(3);
        for (const { text, fault } of all) expect([text, faultOfDigits(text, conventions)]).toEqual([text, fault]);
      }),
    ),
  );
});

describe('from one clock to another', () => {
  it('is half an hour to four hours, a whole hour first, never the same length twice in a row', () =>
    fc.assert(
      fc.property(fc.integer(), (seed) => {
        const ways = fromTos(seededRng(seed), 8);
        expect(ways[0]!.minutes % 60).toBe(0);
        ways.forEach(({ minutes }, i) => {
          expect(minutes % 30).toBe(0);
          expect(minutes).toBeGreaterThanOrEqual(30);
          expect(minutes).toBeLessThanOrEqual(240);
          expect(minutes).not.toBe(ways[i - 1]?.minutes);
        });
      }),
    ));
  it('goes on past twelve', () => expect(endOf({ from: timeOf(11, 30), minutes: 120 })).toBe(timeOf(1, 30)));
  it.each([
    [30, 0, 0.5, 'Half an hour: half a turn.'],
    [60, 1, 0, '1 hour: one whole turn.'],
    [90, 1, 0.5, '1 hour and a half: one whole turn and a half.'],
    [180, 3, 0, '3 hours: 3 whole turns.'],
    [210, 3, 0.5, '3 hours and a half: 3 whole turns and a half.'],
  ])('%i minutes are %i whole turns and %f of one: %s', (minutes, whole, share, said) => {
    expect(turnsIn(minutes)).toEqual({ whole, share });
    expect(sentence(wayPhrase(minutes), usual)).toBe(said);
  });
});

describe('things of the day on its hours', () => {
  const day = [480, 510, 540, 720, 810].map((at, id) => ({ id, at: dayTime(at) }));
  it('are each in another hour, and no more than there is room for', () => {
    const placed = dayToPlace(seededRng(4), day, 3);
    expect(placed).toHaveLength(3);
    // 8:00 and 8:30 lie in one hour.
    expect(
      dayToPlace(seededRng(4), day, 9)
        .map(({ id }) => id)
        .sort(),
    ).toEqual([0, 2, 3, 4]);
  });
  it('belong to the hour that has begun', () => {
    expect(hourOfDay(dayTime(0))).toBe(0);
    expect(hourOfDay(dayTime(719))).toBe(11);
    expect(hourOfDay(dayTime(1439))).toBe(23);
  });
});
