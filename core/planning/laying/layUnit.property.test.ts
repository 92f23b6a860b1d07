import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { hourOf, isPossible, timeOf, type DialTime } from '../../clock/index.ts';
import { makeItem } from '../../making/index.ts';
import { SKILL_DATA, skillOfItem, type Skill } from '../../skills/index.ts';
import {
  brokenRules,
  isTeachingDay,
  itemCount,
  ladderOf,
  layUnit,
  lessonMinutes,
  standingOf,
  type PlannedLesson,
  type Segment,
  type UnitChoices,
} from '../index.ts';
import { CHOICES, anyChoices } from '../unit.test.support.ts';

/** Segments in which children answer about two hands. */
const practice = (lesson: PlannedLesson): Segment[] =>
  lesson.segments.filter(
    ({ kind, items }) =>
      ['together', 'show-me', 'alone', 'ticket'].includes(kind) && items.every((item) => item.kind !== 'hour-hand'),
  );
const hourHand = (time: DialTime): number => time / 2;
const apart = (a: DialTime, b: DialTime): number => {
  const turn = Math.abs(hourHand(a) - hourHand(b));
  return Math.min(turn, 360 - turn);
};
/** The hard times by name, and any other whose hands are nearer than 20 degrees. */
const HARD = new Set([timeOf(12), timeOf(6), timeOf(12, 30), timeOf(6, 30), timeOf(11, 30)]);
const isHard = (time: DialTime): boolean => {
  const minuteHand = (time % 60) * 6;
  const turn = Math.abs(hourHand(time) - minuteHand);
  return HARD.has(time) || Math.min(turn, 360 - turn) < 20;
};
const groupOf = (time: DialTime): string =>
  ({ 0: 'oclock', 30: 'half-past', 15: 'quarter-past', 45: 'quarter-to' })[time % 60] ?? 'five-minutes';
const teaches = (lesson: PlannedLesson, group: string): boolean =>
  lesson.skills.some((skill) => SKILL_DATA[skill].group === group || skill === group);

/** What is wrong with a unit, one line a fault; nothing, whatever the answers. */
const faultsIn = (unit: readonly PlannedLesson[], choices: UnitChoices): string[] => {
  const faults: string[] = [];
  const known = new Set<Skill>();
  unit.forEach((lesson, i) => {
    const must = (holds: boolean, what: string): void => {
      if (!holds) faults.push(`lesson ${i + 1}, ${lesson.key}: ${what}`);
    };
    must(isTeachingDay(choices, lesson.day), `${lesson.day} is no teaching day`);
    must(i === 0 || lesson.day > unit[i - 1]!.day, 'not after the lesson before');
    must(lessonMinutes(lesson.segments) === choices.minutes, 'minutes do not add up');
    lesson.segments.forEach(({ startsAt, minutes }, at) => {
      must(Number.isInteger(minutes) && minutes > 0, 'a segment without whole minutes');
      must(startsAt === lessonMinutes(lesson.segments.slice(0, at)), 'a gap between segments');
      must(brokenRules(standingOf(unit, i, at)).length === 0, `rules broken in segment ${at}`);
    });
    for (const skill of lesson.skills) {
      must(
        SKILL_DATA[skill].prerequisites.every((one) => known.has(one)),
        `${skill} before what it leans on`,
      );
      known.add(skill);
    }
    for (const { times } of practice(lesson)) {
      must(new Set(times).size === times.length, 'a time twice');
      times.forEach((time, place) => {
        must(place === 0 || apart(times[place - 1]!, time) > 30, `counting order at ${time}`);
        const first = unit.findIndex((one) => teaches(one, groupOf(time)));
        must(first >= 0 && first <= i, `${time} not taught yet`);
        must(!isHard(time) || (place >= times.length / 2 && i > first), `${time} too early`);
      });
    }
  });
  return faults;
};

describe('a unit laid out from any answers', () => {
  it('adds up, keeps every rule on times, puts what is leaned on first, and has no lesson on a day off', () =>
    fc.assert(
      fc.property(anyChoices, (choices) => expect(faultsIn(layUnit(choices), choices)).toEqual([])),
      { numRuns: 250 },
    ));
  it('is the same for the same answers, and has other times for another seed', () =>
    fc.assert(
      fc.property(anyChoices, (choices) => {
        const unit = layUnit(choices);
        expect(layUnit(choices)).toEqual(unit);
        expect(layUnit({ ...choices, seed: `${choices.seed}!` })).not.toEqual(unit);
      }),
      { numRuns: 10 },
    ));
  it('practises all twelve hours at o’clock, and at half past where that is taught', () =>
    fc.assert(
      fc.property(anyChoices, (choices) => {
        const times = layUnit(choices).flatMap((lesson) => practice(lesson).flatMap((segment) => segment.times));
        const hoursAt = (minute: number): number =>
          new Set(times.filter((time) => time % 60 === minute).map(hourOf)).size;
        expect(hoursAt(0)).toBe(12);
        expect(hoursAt(30)).toBe(choices.level === 'kindergarten' ? 0 : 12);
      }),
      { numRuns: 60 },
    ));
  it('brings a ticket every second or third lesson, and one at the end', () =>
    fc.assert(
      fc.property(anyChoices, (choices) => {
        const ladder = ladderOf(choices);
        const tickets = ladder.flatMap(({ kind }, i) => (kind === 'check' ? [i + 1] : []));
        expect(tickets.at(-1)).toBe(ladder.length);
        tickets.forEach((place, i) => expect([2, 3]).toContain(place - (tickets[i - 1] ?? 0)));
      }),
      { numRuns: 60 },
    ));
  it('asks in a ticket what its lesson is about', () =>
    fc.assert(
      fc.property(anyChoices, (choices) => {
        for (const { skills, segments } of layUnit(choices))
          for (const { items } of segments.filter(({ kind }) => kind === 'ticket'))
            expect(items.some((item) => skills.includes(skillOfItem(item)))).toBe(true);
      }),
      { numRuns: 60 },
    ));
  it('has as many times as fit into the minutes of a segment', () =>
    fc.assert(
      fc.property(anyChoices, (choices) => {
        for (const { segments } of layUnit(choices))
          for (const { kind, items, minutes, times } of segments) {
            // A round practised again on their own has the round's own times.
            if (items.length === 0 || times.length === 0 || kind === 'alone') continue;
            const tasks = [...new Set(items.map((item) => item.kind))];
            expect(times.length).toBeLessThanOrEqual(itemCount(kind, tasks, minutes, choices.pace));
          }
      }),
      { numRuns: 60 },
    ));
});

describe('a unit laid out after lessons were given', () => {
  const given = layUnit(CHOICES).slice(0, 7);
  const later = { ...CHOICES, firstDay: '2026-11-25' };
  it('goes on with those that are left', () =>
    expect(layUnit(later, given).map(({ key }) => key)).toEqual(
      ladderOf(later)
        .slice(7)
        .map(({ key }) => key),
    ));
  it('goes on with what a larger unit adds, and begins again once everything was given', () => {
    const all = layUnit(CHOICES);
    expect(layUnit({ ...later, level: 'onward' }, all).map(({ key }) => key)).toEqual([
      'quarter-past',
      'quarter-to',
      'five-minutes',
      'five-minutes-set',
    ]);
    expect(layUnit(later, all)[0]!.key).toBe('why-clocks');
  });
  it('keeps the rules on times towards what was given before', () => {
    const unit = [...given, ...layUnit(later, given)];
    unit.forEach((lesson, i) =>
      lesson.segments.forEach((_, at) => expect(brokenRules(standingOf(unit, i, at))).toEqual([])),
    );
  });
});

describe('the unit of a first grade', () => {
  const unit = layUnit(CHOICES);
  it('has 16 lessons: what clocks are for first, half past after o’clock, both at the end', () => {
    expect(unit.map(({ key }) => key)).toEqual([
      'why-clocks',
      'how-long',
      'parts',
      'clockwise',
      'hour-hand',
      'oclock-meet',
      'oclock-read',
      'oclock-read-set',
      'oclock-match-write',
      'oclock-draw',
      'half-turn',
      'half-past-which-hour',
      'half-past-match-write',
      'half-past-draw',
      'mixed',
      'judge-clock',
    ]);
  });
  it('gives a show-me round of 4 minutes six times of 35 seconds', () => {
    const round = unit[7]!.segments.find(({ kind }) => kind === 'show-me')!;
    expect([round.minutes, round.times.length]).toEqual([4, 6]);
    expect(round.items).toEqual(round.times.map((shown) => ({ kind: 'set', shown })));
  });
  it('puts an hour, its half past and the next hour side by side where half past is met', () => {
    const [first, second, third] = unit[10]!.segments.find(({ kind }) => kind === 'show')!.times;
    expect([second! - first!, third! - second!]).toEqual([30, 30]);
    expect(first! % 60).toBe(0);
  });
  it('offers wrong clocks that differ from each other and from the right one', () => {
    const items = unit[8]!.segments.flatMap((segment) => segment.items).filter((item) => item.kind === 'choose-clock');
    expect(items.length).toBeGreaterThanOrEqual(5);
    for (const { options } of items) expect(new Set(options.map(({ hands }) => JSON.stringify(hands))).size).toBe(3);
  });
  it('without tablets, with o’clock and half past together and no hour hand alone, is shorter and still whole', () => {
    const short = layUnit({ ...CHOICES, order: 'together', handFirst: false, media: 'paper' });
    expect(short).toHaveLength(10);
    expect(short[4]!.skills).toEqual(['hour-hand-on', 'hour-hand-between', 'oclock-read', 'half-past-read']);
  });
  it('offers words, and judges clocks, of the kinds of times children have met only', () => {
    for (let seed = 0; seed < 12; seed++)
      for (const level of ['kindergarten', 'first-grade'] as const) {
        const lessons = layUnit({ ...CHOICES, level, seed: `${seed}` });
        const before = lessons.slice(0, level === 'kindergarten' ? undefined : 10).flatMap(({ segments }) => segments);
        for (const item of before.flatMap((segment) => segment.items)) {
          if (item.kind === 'choose-words') expect(item.options.map((time) => time % 60)).toEqual([0, 0, 0]);
          if (item.kind === 'judge-clock' && isPossible(item.clock.hands)) expect(item.clock.hands.minute).toBe(0);
        }
      }
  });
  it('asks nobody to judge a clock of half past who knows o’clock only', () => {
    for (let i = 0; i < 200; i++) {
      const item = makeItem('judge-clock', () => ((i * 7919) % 1000) / 1000, [timeOf(4), timeOf(9)]);
      expect(item.kind === 'judge-clock' && item.clock.hands.minute === 180).toBe(false);
    }
  });
});
