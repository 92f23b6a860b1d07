import { describe, expect, it } from '@jest/globals';
import { DEFAULT_CONVENTIONS } from '../../conventions/index.ts';
import { timeOf, type DialTime } from '../../clock/index.ts';
import type { Item } from '../../items/index.ts';
import type { Skill } from '../../skills/index.ts';
import {
  brokenRules,
  layUnit,
  reasonsOf,
  standingOf,
  suggestTimes,
  thingsOfLesson,
  wordsOfLesson,
  type PlannedLesson,
  type Segment,
  type SegmentKind,
} from '../index.ts';
import { CHOICES } from '../unit.test.support.ts';

const read = (times: readonly DialTime[]): Item[] => times.map((shown) => ({ kind: 'read', shown }));
const segment = (kind: SegmentKind, times: readonly DialTime[], items = read(times)): Segment => ({
  kind,
  startsAt: 0,
  minutes: 4,
  times,
  items: kind === 'show' ? [] : items,
});
const lesson = (skill: Skill, ...segments: Segment[]): PlannedLesson => ({
  key: 'oclock-meet',
  kind: 'lesson',
  skills: [skill],
  day: '2026-11-24',
  segments,
});
const rulesAt = (lessons: PlannedLesson[], at = 0): [string, number][] =>
  brokenRules(standingOf(lessons, lessons.length - 1, at)).map(({ rule, place }) => [rule, place]);
const clean = [timeOf(3), timeOf(8), timeOf(10)];
/** A lesson long ago, so that o'clock is known and hard times may come. */
const known = [lesson('oclock-read', segment('together', [])), lesson('parts'), lesson('parts')];

describe('rules on times', () => {
  it('are kept by a clean set', () =>
    expect(rulesAt([...known, lesson('oclock-set', segment('show-me', clean))])).toEqual([]));
  it.each<[string, DialTime[], [string, number][]]>([
    ['a time twice', [timeOf(3), timeOf(8), timeOf(3)], [['repeated', 2]]],
    ['counting on', [timeOf(3), timeOf(8), timeOf(9)], [['counting-order', 2]]],
    [
      'an hour and its half past',
      [timeOf(8), timeOf(8, 30), timeOf(3)],
      [
        ['counting-order', 1],
        ['not-taught', 1],
      ],
    ],
    ['12 first', [timeOf(12), timeOf(8), timeOf(3)], [['hard-early', 0]]],
    ['12 last', [timeOf(8), timeOf(3), timeOf(12)], []],
  ])('see %s', (_, times, expected) =>
    expect(rulesAt([...known, lesson('oclock-set', segment('show-me', times))])).toEqual(expected),
  );
  it('see a hard time in the first lesson of its kind, wherever it stands', () =>
    expect(rulesAt([lesson('oclock-read', segment('together', [timeOf(8), timeOf(3), timeOf(12)]))])).toEqual([
      ['hard-early', 2],
    ]));
  it('see a time of the last two lessons while a fresh one would do, and let it be when none would', () => {
    const last = lesson('oclock-read', segment('show-me', [timeOf(3)]));
    const now = lesson('oclock-set', segment('show-me', clean));
    expect(rulesAt([...known, last, now])).toEqual([['recent', 0]]);
    expect(rulesAt([...known, last, lesson('parts'), now])).toEqual([['recent', 0]]);
    expect(rulesAt([...known, last, lesson('parts'), lesson('parts'), now])).toEqual([]);
    const all = lesson(
      'oclock-read',
      segment(
        'show-me',
        [...Array(12).keys()].map((h) => timeOf(h + 1)),
      ),
    );
    expect(rulesAt([...known, all, now])).toEqual([]);
  });
  it('let a warm-up bring back what was practised yesterday', () => {
    const last = lesson('oclock-read', segment('show-me', [timeOf(3)]));
    expect(rulesAt([...known, last, lesson('oclock-set', segment('warm-up', clean))])).toEqual([]);
  });
  it('let hour, half past and next hour stand side by side where they are shown, but not begin with a hard one', () => {
    const contrast = [timeOf(4), timeOf(4, 30), timeOf(5)];
    expect(rulesAt([...known, lesson('half-past-read', segment('show', contrast))])).toEqual([]);
    expect(rulesAt([...known, lesson('half-past-read', segment('show', [timeOf(12), timeOf(12, 30)]))])).toEqual([
      ['not-clean', 0],
    ]);
  });
  it('find no time hard where the hour hand is alone', () => {
    const alone: Item[] = [timeOf(12), timeOf(6)].map((shown) => ({ kind: 'hour-hand', shown }));
    expect(rulesAt([lesson('hour-hand-on', segment('together', [timeOf(12), timeOf(6)], alone))])).toEqual([]);
  });
  it('see that 12:00 cannot be drawn: its hands lie on each other', () => {
    const draw: Item[] = [timeOf(8), timeOf(3), timeOf(12)].map((shown) => ({ kind: 'draw', shown }));
    expect(
      rulesAt([...known, lesson('oclock-draw', segment('alone', [timeOf(8), timeOf(3), timeOf(12)], draw))]),
    ).toEqual([['not-drawable', 2]]);
  });
});

describe('suggestions for another time', () => {
  const lessons = [...known, lesson('oclock-set', segment('show-me', clean))];
  const suggested = suggestTimes(standingOf(lessons, 3, 0), 1);
  it('name first what keeps every rule, and say of the others which they break', () => {
    const good = suggested.filter(({ breaks }) => breaks.length === 0).map(({ time }) => time);
    expect(suggested.slice(0, good.length).map(({ time }) => time)).toEqual(good);
    // 12 and 6 are hard and stand in the first half; 2 to 4 count on from 3; 9 to 11 count on to 10; 3, 10 are there.
    expect(good).toEqual([timeOf(1), timeOf(5), timeOf(7)]);
    const nine = suggested.find(({ time }) => time === timeOf(9))!;
    expect(nine.breaks.map(({ rule }) => rule)).toEqual(['counting-order']);
  });
  it('offer every other o’clock, and nothing that is not taught yet', () =>
    expect(suggested.map(({ time }) => time % 60)).toEqual(Array(11).fill(0)));
});

describe('reasons for times', () => {
  const unit = layUnit(CHOICES);
  const reasons = (lessonAt: number, kind: SegmentKind) =>
    reasonsOf(
      standingOf(
        unit,
        lessonAt,
        unit[lessonAt]!.segments.findIndex((one) => one.kind === kind),
      ),
    );
  it('say that the hour stays from 4:00 to 4:30 and turns at 5:00', () => {
    const [first, second, third] = [timeOf(4), timeOf(4, 30), timeOf(5)];
    const shown = [...known, lesson('half-past-read', segment('show', [first, second, third]))];
    expect(reasonsOf(standingOf(shown, 3, 0))).toEqual([
      { reason: 'clean' },
      { reason: 'hour-stays', first, second, hour: 4 },
      { reason: 'hour-turns', first: second, second: third, hour: 5 },
    ]);
  });
  it('are there for every segment that has times', () => {
    for (const [i, { segments }] of unit.entries())
      segments.forEach(({ times }, at) => expect(reasonsOf(standingOf(unit, i, at)).length > 0).toBe(times.length > 0));
  });
  it('name hours that have their first turn, and hard times that come last', () => {
    expect(reasons(5, 'together')).toContainEqual(expect.objectContaining({ reason: 'first-turn' }));
    const round = unit[11]!.segments.find(({ kind }) => kind === 'show-me')!;
    expect(reasons(11, 'show-me')).toContainEqual({
      reason: 'hard-last',
      times: round.times.filter((time) => [30, 330, 390, 690].includes(time)),
    });
  });
  it('say that a round comes again, and why wrong clocks are the ones they are', () => {
    expect(reasons(7, 'alone')).toEqual([{ reason: 'round-again' }]);
    expect(reasons(8, 'together')).toContainEqual({ reason: 'wrong-clocks' });
  });
});

describe('what a lesson needs', () => {
  const unit = layUnit(CHOICES);
  it('lies ready by what happens in it and what the children work with', () => {
    expect(thingsOfLesson(unit[7]!, 'both')).toEqual(['geared-clock', 'paper-clocks', 'tablets', 'practice-paper']);
    expect(thingsOfLesson(unit[7]!, 'paper')).toEqual(['geared-clock', 'paper-clocks', 'practice-paper']);
    expect(thingsOfLesson(unit[9]!, 'both')).toEqual([
      'geared-clock',
      'tablets',
      'pencils',
      'ticket-paper',
      'practice-paper',
    ]);
    expect(thingsOfLesson(unit[9]!, 'tablets')).toEqual(['geared-clock', 'tablets']);
    expect(thingsOfLesson(unit[0]!, 'paper')).toEqual(['wall-clock', 'day-pictures']);
  });
  it('has the words of its skills, analog and digital where the parts are named', () => {
    expect(wordsOfLesson(unit[2]!, DEFAULT_CONVENTIONS)).toEqual([
      'face',
      'numbers',
      'hour-hand',
      'minute-hand',
      'analog',
      'digital',
    ]);
    for (const one of unit) expect(wordsOfLesson(one, DEFAULT_CONVENTIONS).length).toBeGreaterThan(0);
    // Words go by how the class finds hour and minutes.
    const halfPast = { key: 'half-turn', skills: ['half-past-read'] } as const;
    expect(wordsOfLesson(halfPast, DEFAULT_CONVENTIONS)).toEqual(['half-past', 'half-turn', 'passed']);
    const agreed = { hourFinding: 'room', minuteSupport: 'fives' } as const;
    expect(wordsOfLesson(halfPast, agreed)).toEqual(['half-past', 'five-minutes', 'room']);
    expect(wordsOfLesson(halfPast, { hourFinding: 'step-back', minuteSupport: 'both' })).toEqual([
      'half-past',
      'half-turn',
      'five-minutes',
      'step-back',
    ]);
  });
});
