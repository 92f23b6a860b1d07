import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { newPlan } from '../core/planning/index.ts';
import { anyChoices } from '../core/planning/unit.test.support.ts';
import { PlanChange, PostUnit, StoredPlan, UNIT_FILE, UnitFile } from './index.ts';

const ID = '5a0f6c1e-2f0f-4a58-9d3c-7c1f3f6b0c11';

describe('a unit across the wire', () => {
  it('goes through unchanged, kept and as a file, whatever the answers it was made from', () =>
    fc.assert(
      fc.property(anyChoices, (choices) => {
        const plan = JSON.parse(JSON.stringify(newPlan(choices, 1))) as ReturnType<typeof newPlan>;
        expect(StoredPlan.parse(plan)).toEqual(plan);
        const lessons = plan.lessons.map(({ id: _, ...lesson }) => lesson);
        const file = { ...UNIT_FILE, name: 'Clover Room', choices: plan.choices, skipped: [], lessons };
        expect(UnitFile.parse(file)).toEqual(file);
        expect(PostUnit.parse({ id: ID, choices: plan.choices }).choices).toEqual(plan.choices);
      }),
      { numRuns: 40 },
    ));
  it.each([
    ['a place before the first', { kind: 'move', lessonId: 1, to: 0 }],
    ['a day that is none', { kind: 'reschedule', lessonId: 1, day: '2026-02-30' }],
    ['a lesson put in that is neither blank nor again', { kind: 'insert', after: 1, what: 'party' }],
    ['a rule there is not', { kind: 'insert', after: 1, what: 'again', skills: [], rules: ['lazy'] }],
    ['a week without a day', { kind: 'calendar', weekdays: [], daysOff: [] }],
    ['an eighth day of the week', { kind: 'calendar', weekdays: [8], daysOff: [] }],
    ['half a minute', { kind: 'minutes', lessonId: 1, at: 0, minutes: 2.5 }],
    ['a time beyond the dial', { kind: 'swap', lessonId: 1, at: 0, place: 0, time: 720 }],
    ['words that do not belong there', { kind: 'remove', lessonId: 1, why: 'x' }],
  ])('a change with %s is none', (_, change) => expect(PlanChange.safeParse(change).success).toBe(false));
});
