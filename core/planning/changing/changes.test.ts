import { describe, expect, it } from '@jest/globals';
import { timeOf } from '../../clock/index.ts';
import { isInvisible } from '../../misconceptions/index.ts';
import {
  applyChange,
  brokenRules,
  isDayTaken,
  keepsThePast,
  lessonMinutes,
  lessonsMet,
  newPlan,
  standingOf,
  suggestTimes,
  type ChangeContext,
  type Plan,
  type PlanChange,
} from '../index.ts';
import { CHOICES } from '../unit.test.support.ts';

const plan = newPlan({ ...CHOICES, firstDay: '2026-11-13' }, 0); // 16 lessons from Friday 2026-11-13, ids 0..15: 7 is on the 24th
const context: ChangeContext = { today: '2026-11-24', taught: new Set(), nextId: 99 };
const make = (change: PlanChange, from: Plan = plan, at: ChangeContext = context) => {
  const result = applyChange(from, change, at);
  if (!result.done) throw new Error(result.refusal);
  return result;
};
const refusal = (change: PlanChange, from: Plan = plan, at: ChangeContext = context) => {
  const result = applyChange(from, change, at);
  return result.done ? 'done' : result.refusal;
};
const ids = ({ lessons }: Plan): number[] => lessons.map(({ id }) => id);
const dayOf = ({ lessons }: Plan, id: number): string => lessons.find((lesson) => lesson.id === id)!.day;

describe('days that fall out', () => {
  it('push today’s lesson to tomorrow and the others behind it, one day each', () => {
    const { plan: after, moved } = make({ kind: 'skip', day: '2026-11-24', name: 'fire drill' });
    expect(ids(after)).toEqual(ids(plan));
    expect(dayOf(after, 7)).toBe('2026-11-25');
    expect(moved.map(({ id }) => id)).toEqual([7, 8, 9, 10, 11, 12, 13, 14, 15]);
    expect(moved[0]).toEqual({ id: 7, from: '2026-11-24', to: '2026-11-25' });
  });
  it('move nothing but what is in the way: a free day takes the push', () => {
    const gap = make({ kind: 'remove', lessonId: 9 }).plan; // Thursday 26 is free now
    const { moved } = make({ kind: 'skip', day: '2026-11-24', name: 'fire drill' }, gap);
    expect(moved.map(({ id, to }) => [id, to])).toEqual([
      [7, '2026-11-25'],
      [8, '2026-11-26'],
    ]);
  });
  it('move nothing where no lesson was', () =>
    expect(make({ kind: 'skip', day: '2026-11-28', name: 'garden day' }).moved).toEqual([]));
  it('do not bring anything back by themselves when they are taught after all', () => {
    const { plan: after } = make({ kind: 'skip', day: '2026-11-24', name: 'fire drill' });
    const back = make({ kind: 'unskip', day: '2026-11-24' }, after);
    expect(back.plan.skipped).toEqual([]);
    expect(back.moved).toEqual([]);
  });
  it('are refused once the lesson was given', () => {
    expect(refusal({ kind: 'skip', day: '2026-11-23', name: 'x' })).toBe('past');
    const given = { ...context, taught: new Set([7]) };
    expect(refusal({ kind: 'skip', day: '2026-11-24', name: 'x' }, plan, given)).toBe('held');
  });
});

describe('a lesson whose day is past and in which nobody answered', () => {
  const yesterday = 6; // on the 23rd
  it('is held today when the teacher says so, and pushes today’s lesson and those behind it', () => {
    const { plan: after, moved } = make({ kind: 'reschedule', lessonId: yesterday, day: '2026-11-24' });
    expect(moved.slice(0, 2)).toEqual([
      { id: 6, from: '2026-11-23', to: '2026-11-24' },
      { id: 7, from: '2026-11-24', to: '2026-11-25' },
    ]);
    expect(ids(after)).toEqual(ids(plan));
  });
  it('is not held on a day on which another was held already', () => {
    const given = { ...context, taught: new Set([7]) };
    expect(isDayTaken(plan.lessons, yesterday, '2026-11-24', context)).toBe(false);
    expect(isDayTaken(plan.lessons, yesterday, '2026-11-24', given)).toBe(true);
    expect(refusal({ kind: 'reschedule', lessonId: yesterday, day: '2026-11-24' }, plan, given)).toBe('day-taken');
  });
  it('comes later by itself, is taken out, or is said to have been held or left out', () => {
    expect(dayOf(make({ kind: 'reschedule', lessonId: yesterday, day: '2026-11-27' }).plan, yesterday)).toBe(
      '2026-11-27',
    );
    expect(ids(make({ kind: 'remove', lessonId: yesterday }).plan)).not.toContain(yesterday);
    for (const outcome of ['held', 'left-out'] as const) {
      const { plan: after, moved } = make({ kind: 'outcome', lessonId: yesterday, outcome });
      expect(moved).toEqual([]);
      expect(after.lessons[yesterday]).toEqual({ ...plan.lessons[yesterday]!, outcome });
      expect(make({ kind: 'outcome', lessonId: yesterday, outcome: null }, after).plan).toEqual(plan);
    }
  });
  it('keeps its day once it is said to have been held; one that was left out may be held yet', () => {
    const held = make({ kind: 'outcome', lessonId: yesterday, outcome: 'held' }).plan;
    expect(refusal({ kind: 'reschedule', lessonId: yesterday, day: '2026-11-24' }, held)).toBe('held');
    expect(refusal({ kind: 'remove', lessonId: yesterday }, held)).toBe('held');
    const left = make({ kind: 'outcome', lessonId: yesterday, outcome: 'left-out' }).plan;
    const late = make({ kind: 'reschedule', lessonId: yesterday, day: '2026-11-25' }, left).plan;
    expect(late.lessons.find(({ id }) => id === yesterday)).not.toHaveProperty('outcome');
  });
  it('was held where children answered in it, and nothing else is said of it', () => {
    const given = { ...context, taught: new Set([yesterday]) };
    for (const change of [
      { kind: 'reschedule', lessonId: yesterday, day: '2026-11-24' },
      { kind: 'remove', lessonId: yesterday },
      { kind: 'outcome', lessonId: yesterday, outcome: 'left-out' },
    ] as const)
      expect(refusal(change, plan, given)).toBe('held');
    expect(refusal({ kind: 'outcome', lessonId: 9, outcome: 'left-out' })).toBe('not-yet');
  });
  it('goes back to where it was on the day it was moved, and not later', () => {
    const { plan: after } = make({ kind: 'reschedule', lessonId: yesterday, day: '2026-11-24' });
    expect(keepsThePast(after, plan, context, true)).toBe(true);
    expect(keepsThePast(after, plan, context)).toBe(false);
    expect(keepsThePast(after, plan, { ...context, taught: new Set([yesterday]) }, true)).toBe(false);
  });
  it('is not among what a class has met, once it was left out', () => {
    const left = make({ kind: 'outcome', lessonId: yesterday, outcome: 'left-out' }).plan;
    const numbered = left.lessons.map((lesson, i) => ({ ...lesson, number: i + 1 }));
    expect(lessonsMet(numbered, 8).map(({ id }) => id)).toEqual([0, 1, 2, 3, 4, 5, 7]);
  });
});

describe('a lesson that moves', () => {
  it('one place on changes days with the next one, and nothing else moves', () => {
    const { plan: after, moved } = make({ kind: 'move', lessonId: 8, to: 10 });
    expect(ids(after).slice(7, 11)).toEqual([7, 9, 8, 10]);
    expect(moved).toEqual([
      { id: 9, from: '2026-11-26', to: '2026-11-25' },
      { id: 8, from: '2026-11-25', to: '2026-11-26' },
    ]);
  });
  it('to a free day moves alone', () => {
    const saturdayFree = make({ kind: 'remove', lessonId: 10 }).plan;
    const { moved, plan: after } = make({ kind: 'reschedule', lessonId: 8, day: '2026-11-27' }, saturdayFree);
    expect(moved).toEqual([{ id: 8, from: '2026-11-25', to: '2026-11-27' }]);
    expect(ids(after).slice(7, 10)).toEqual([7, 9, 8]);
  });
  it('to a day that has a lesson pushes that one and those behind it', () => {
    const { plan: after } = make({ kind: 'reschedule', lessonId: 8, day: '2026-11-26' });
    expect(ids(after).slice(7, 10)).toEqual([7, 8, 9]);
    expect(dayOf(after, 9)).toBe('2026-11-27');
  });
  it.each<[string, PlanChange, string]>([
    ['from the past', { kind: 'move', lessonId: 3, to: 10 }, 'past'],
    ['into the past', { kind: 'move', lessonId: 9, to: 3 }, 'past'],
    ['to nowhere', { kind: 'move', lessonId: 9, to: 17 }, 'no-such-place'],
    ['to a Sunday', { kind: 'reschedule', lessonId: 9, day: '2026-11-29' }, 'not-a-teaching-day'],
    ['to yesterday', { kind: 'reschedule', lessonId: 9, day: '2026-11-23' }, 'past'],
    ['that is not there', { kind: 'remove', lessonId: 77 }, 'no-such-lesson'],
  ])('%s is refused', (_, change, why) => expect(refusal(change)).toBe(why));
});

describe('a lesson put in', () => {
  it('to teach again comes on the next teaching day and pushes the rest', () => {
    const change: PlanChange = {
      kind: 'insert',
      after: 7,
      what: 'again',
      skills: ['oclock-read'],
      rules: ['hands-swapped'],
    };
    const { plan: after, moved } = make(change);
    expect(after.lessons[8]).toMatchObject({ id: 99, key: 'again', day: '2026-11-25' });
    expect(moved).toHaveLength(9);
    expect(lessonMinutes(after.lessons[8]!.segments)).toBe(20);
  });
  it('shows what sets the wrong rule beside the right, and practises only times that tell', () => {
    const change: PlanChange = {
      kind: 'insert',
      after: 11,
      what: 'again',
      skills: ['half-past-read'],
      rules: ['coming-hour'],
    };
    const lesson = make(change).plan.lessons[12]!;
    expect(lesson.segments.find(({ kind }) => kind === 'show')!.times).toEqual([timeOf(4, 30), timeOf(5)]);
    const items = lesson.segments.flatMap((segment) => (segment.kind === 'show' ? [] : segment.items));
    expect(items.length).toBeGreaterThan(8);
    for (const item of items) expect(isInvisible('coming-hour', item)).toBe(false);
    lesson.segments.forEach((_, at) => expect(brokenRules(standingOf(make(change).plan.lessons, 12, at))).toEqual([]));
  });
  it('never asks 12:00 of children who swap the hands: there it cannot be seen', () => {
    const change: PlanChange = {
      kind: 'insert',
      after: 7,
      what: 'again',
      skills: ['oclock-read'],
      rules: ['hands-swapped'],
    };
    for (let seed = 0; seed < 40; seed++) {
      const from = newPlan({ ...CHOICES, firstDay: '2026-11-13', seed: `seed ${seed}` }, 0);
      const lesson = make(change, from).plan.lessons[8]!;
      const asked = lesson.segments.flatMap((segment) => (segment.kind === 'show' ? [] : segment.times));
      expect(asked.length).toBeGreaterThan(8);
      expect(asked).not.toContain(timeOf(12));
    }
  });
  it('before the past, or past forty, is refused', () => {
    expect(refusal({ kind: 'insert', after: 3, what: 'blank' })).toBe('past');
    let long = plan;
    for (let i = 0; i < 24; i++)
      long = make({ kind: 'insert', after: 15, what: 'blank' }, long, { ...context, nextId: 100 + i }).plan;
    expect(refusal({ kind: 'insert', after: 15, what: 'blank' }, long)).toBe('too-many-lessons');
  });
});

describe('a lesson’s segments', () => {
  const segments = (from: Plan, id: number) => from.lessons.find((lesson) => lesson.id === id)!.segments;
  it('start one after another in their new order', () => {
    const after = segments(make({ kind: 'order', lessonId: 7, order: [1, 0, 2, 3, 4, 5] }).plan, 7);
    expect(after.map(({ kind }) => kind).slice(0, 3)).toEqual(['show', 'warm-up', 'together']);
    expect(after.map(({ startsAt }) => startsAt)).toEqual([0, 5, 7, 10, 14, 18]);
    expect(refusal({ kind: 'order', lessonId: 7, order: [0, 0, 1, 2, 3, 4] })).toBe('no-such-place');
  });
  it('take as many times as their new minutes hold: the first ones stay, more ones keep the rules', () => {
    const before = segments(plan, 7)[3]!;
    const shorter = segments(make({ kind: 'minutes', lessonId: 7, at: 3, minutes: 2 }).plan, 7)[3]!;
    expect(shorter.times).toEqual(before.times.slice(0, 3)); // 120 s / 35 s
    const longer = make({ kind: 'minutes', lessonId: 7, at: 3, minutes: 5 }).plan;
    expect(segments(longer, 7)[3]!.times).toHaveLength(8); // 300 s / 35 s
    expect(segments(longer, 7)[3]!.items.map((item) => 'shown' in item && item.shown)).toEqual(
      segments(longer, 7)[3]!.times,
    );
    expect(brokenRules(standingOf(longer.lessons, 7, 3))).toEqual([]);
    expect(refusal({ kind: 'minutes', lessonId: 7, at: 3, minutes: 0 })).toBe('no-such-place');
  });
  it('can be left out, but not the last one', () => {
    let few = plan;
    for (let i = 0; i < 5; i++) few = make({ kind: 'drop', lessonId: 7, at: 0 }, few).plan;
    expect(segments(few, 7)).toHaveLength(1);
    expect(refusal({ kind: 'drop', lessonId: 7, at: 0 }, few)).toBe('no-such-place');
  });
  it('without their ticket make no check any more', () => {
    expect(plan.lessons[9]!.kind).toBe('check');
    const at = segments(plan, 9).findIndex(({ kind }) => kind === 'ticket');
    expect(make({ kind: 'drop', lessonId: 9, at }).plan.lessons[9]!.kind).toBe('lesson');
  });
  it('have a time swapped with its task, in the round practised again too', () => {
    const first = suggestTimes(standingOf(plan.lessons, 7, 3), 0)[0]!;
    expect(first.breaks).toEqual([]);
    const after = segments(make({ kind: 'swap', lessonId: 7, at: 3, place: 0, time: first.time }).plan, 7);
    expect(after[3]!.items[0]).toEqual({ kind: 'set', shown: first.time });
    expect(after[4]!.times).toEqual(after[3]!.times);
  });
  it('of the past never change', () => {
    expect(refusal({ kind: 'minutes', lessonId: 5, at: 0, minutes: 3 })).toBe('past');
    expect(refusal({ kind: 'title', lessonId: 5, title: 'x' })).toBe('past');
  });
  it('may have a title of the teacher’s own, and lose it again', () => {
    const named = make({ kind: 'title', lessonId: 8, title: ' The sundial ' }).plan;
    expect(named.lessons[8]!.title).toBe('The sundial');
    expect(make({ kind: 'title', lessonId: 8, title: ' ' }, named).plan.lessons[8]!.title).toBeUndefined();
  });
});

describe('undo', () => {
  it('may not bring back another past', () => {
    const { plan: after } = make({ kind: 'move', lessonId: 8, to: 10 });
    expect(keepsThePast(after, plan, context)).toBe(true);
    expect(keepsThePast(after, plan, { ...context, today: '2026-11-26' })).toBe(false);
    expect(keepsThePast(after, plan, { ...context, taught: new Set([9]) })).toBe(false);
  });
});

describe('a class that goes by “the smaller number”', () => {
  const after = make({ kind: 'exception' }).plan;
  const rounds = (from: Plan) =>
    from.lessons.flatMap((lesson, i) =>
      lesson.segments.flatMap((segment, at) =>
        (segment.kind === 'show-me' || segment.kind === 'ticket') &&
        segment.times.some((time) => time % 60 === 30) &&
        segment.items.every((item) => item.kind !== 'hour-hand')
          ? [{ i, at, segment }]
          : [],
      ),
    );
  it('meets 12:30 in more of its rounds and tickets, and no rule on times is broken for it', () => {
    const withIt = (from: Plan) => rounds(from).filter(({ segment }) => segment.times.includes(timeOf(12, 30))).length;
    expect(withIt(after)).toBeGreaterThanOrEqual(Math.max(2, withIt(plan)));
    for (const { i, at, segment } of rounds(after)) {
      expect(brokenRules(standingOf(after.lessons, i, at))).toEqual([]);
      expect(segment.items.map((item, i) => ('shown' in item ? item.shown : segment.times[i]))).toEqual(segment.times);
    }
  });
  it('has its past left alone', () => {
    expect(keepsThePast(plan, after, context)).toBe(true);
    const late = make({ kind: 'exception' }, plan, { ...context, today: '2027-01-01' });
    expect(late.plan.lessons).toEqual(plan.lessons);
  });
});
