import fc from 'fast-check';
import { CHOICES as CONVENTIONS } from '../conventions/index.ts';
import { CLASS_LEVELS, MEDIA, WEEKDAYS, addDays, defaultChoices, type UnitChoices } from './index.ts';

export const anyDay = fc.integer({ min: 0, max: 4000 }).map((n) => addDays('2024-01-01', n));

const anyDayOff = fc.record({ from: anyDay, long: fc.integer({ min: 0, max: 20 }) }).map(({ from, long }) => ({
  from,
  to: addDays(from, long),
  name: 'off',
}));

/** Any answers a teacher could give, days off near the unit among them. */
export const anyChoices: fc.Arbitrary<UnitChoices> = fc
  .record({
    firstDay: anyDay,
    seed: fc.string(),
    weekdays: fc.subarray([...WEEKDAYS], { minLength: 1 }),
    minutes: fc.integer({ min: 15, max: 30 }),
    level: fc.constantFrom(...CLASS_LEVELS),
    order: fc.constantFrom(...CONVENTIONS.teachingOrder.choices),
    handFirst: fc.boolean(),
    media: fc.constantFrom(...MEDIA),
    pace: fc.record({
      ask: fc.integer({ min: 2, max: 20 }),
      think: fc.integer({ min: 0, max: 30 }),
      show: fc.integer({ min: 2, max: 20 }),
      reveal: fc.integer({ min: 5, max: 60 }),
    }),
    daysOff: fc.array(anyDayOff, { maxLength: 3 }),
    near: fc.array(fc.record({ after: fc.integer({ min: 0, max: 60 }), long: fc.integer({ min: 0, max: 12 }) }), {
      maxLength: 3,
    }),
  })
  .map(({ near, firstDay, daysOff, ...rest }) => ({
    ...rest,
    firstDay,
    daysOff: [
      ...daysOff,
      ...near.map(({ after, long }) => ({
        from: addDays(firstDay, after),
        to: addDays(firstDay, after + long),
        name: 'near',
      })),
    ],
  }));

export const CHOICES = defaultChoices('2026-11-16', 'Clover Room');
