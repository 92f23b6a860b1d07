import { describe, expect, it } from '@jest/globals';
import { TAUGHT_TIMES, timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { begun, skillsOf } from '../diagnosis/index.ts';
import { believed, judgedGiven } from '../diagnosis/judged.test.support.ts';
import { response } from '../marking/given.test.support.ts';
import { readAndMark } from '../marking/index.ts';
import type { Item } from '../items/index.ts';
import { DEFAULT_PACE } from '../planning/index.ts';
import { ROUND_START, moveRound, type MovingRound } from '../rounds/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { following, simulateAnswer } from '../simulation/index.ts';
import type { WrongRule } from '../misconceptions/index.ts';
import {
  answerOf,
  drawChild,
  expectedMisses,
  roundMinutes,
  secondsBefore,
  secondsHere,
  secondsToAnswer,
  suggestNext,
  type Believed,
} from './index.ts';

const read = (hour: number, minute: 0 | 30 = 0): Item => ({ kind: 'read', shown: timeOf(hour, minute) });
const HALF_PAST = [2, 4, 7, 8, 9, 10].map((hour) => read(hour, 30));

/** What is believed of a child after it followed a rule, or none, in these tasks. */
const after = (rule: WrongRule | undefined, items: readonly Item[]): Believed => {
  const rng = seededRng(7);
  const child = rule === undefined ? undefined : { ...following(rule), faith: 1, slip: 0 };
  const answers = items.map((item) =>
    child === undefined
      ? ({ kind: 'time', time: (item as { shown: number }).shown } as never)
      : simulateAnswer(child, item, rng),
  );
  return {
    belief: believed(items.map((item, i) => response(item, answers[i]!))),
    skills: skillsOf(items.map((item, i) => judgedGiven(item, answers[i]!))),
  };
};
const UNKNOWN: Believed = { belief: begun(), skills: {} };
const draws = (from: Believed, count: number, seed = 1) => {
  const rng = seededRng(seed);
  return Array.from({ length: count }, () => drawChild(from, rng));
};
const isWrong = (item: Item, answer: Parameters<typeof readAndMark>[1]): boolean =>
  readAndMark(item, answer, DEFAULT_CONVENTIONS).verdict !== 'right';

/** At these times the larger of two numbers is the coming hour. */
const isComingHour = ({ reading }: { readonly reading: string }): boolean =>
  reading === 'coming-hour' || reading === 'larger-number';

describe('a child of a made-up class', () => {
  it('does what the real one was found to do, and may do something else where that is not sure', () => {
    const sure = draws(after('coming-hour', HALF_PAST), 200);
    const surely = sure.filter(isComingHour).length;
    expect(surely).toBeGreaterThan(190);
    const unsure = draws(after('coming-hour', HALF_PAST.slice(0, 1)), 200);
    const same = unsure.filter(isComingHour).length;
    expect(same).toBeGreaterThan(20);
    expect(same).toBeLessThan(surely);
  });
  it('knows what it was shown to know', () => {
    const known = draws(after(undefined, [...HALF_PAST, ...HALF_PAST]), 200);
    expect(known.filter(({ reading }) => reading === 'knows').length).toBeGreaterThan(130);
    const rng = seededRng(3);
    const missed = known.filter((child) => isWrong(HALF_PAST[0]!, answerOf(child, HALF_PAST[0]!, rng))).length;
    expect(missed).toBeLessThan(40);
  });
  it('is another for another seed, and the same for the same', () => {
    expect(draws(UNKNOWN, 20, 4)).toEqual(draws(UNKNOWN, 20, 4));
    expect(draws(UNKNOWN, 20, 4)).not.toEqual(draws(UNKNOWN, 20, 5));
  });
  it('misses, over many draws, about what is foretold of the class', () => {
    const items: Item[] = [
      read(4, 30),
      read(3),
      { kind: 'set', shown: timeOf(7, 30) },
      { kind: 'draw', shown: timeOf(8, 30) },
    ];
    for (const from of [
      UNKNOWN,
      after('coming-hour', HALF_PAST),
      after('hands-swapped', [read(3), read(8), read(5)]),
    ]) {
      const foretold = expectedMisses([from], items);
      const children = draws(from, 600, 11);
      items.forEach((item, i) => {
        const rng = seededRng(i);
        const share = children.filter((child) => isWrong(item, answerOf(child, item, rng))).length / children.length;
        expect(Math.abs(share - foretold[i]!)).toBeLessThan(0.1);
      });
    }
  });
  it('answers most tasks while there is time to think, and a few not at all', () => {
    const rng = seededRng(1);
    const times = Array.from({ length: 1000 }, () => secondsToAnswer(rng));
    const within = (seconds: number): number => times.filter((time) => time <= seconds).length;
    expect(within(1)).toBeLessThan(10);
    expect(within(15)).toBeGreaterThan(800);
    expect(1000 - within(120)).toBeGreaterThan(20);
  });
});

describe('what could be said or shown next', () => {
  const given = (item: Item, rules: readonly (WrongRule | undefined)[]) =>
    rules.map((rule) => {
      const rng = seededRng(2);
      const answer =
        rule === undefined
          ? ({ kind: 'time', time: (item as { shown: number }).shown } as never)
          : simulateAnswer({ rule, faith: 1, slip: 0 }, item, rng);
      const { read: asRead, verdict } = readAndMark(item, answer, DEFAULT_CONVENTIONS);
      return { read: asRead, verdict };
    });
  const times = TAUGHT_TIMES;
  it('is what shows the rule that most wrong answers fit with', () => {
    const item = read(7, 30);
    const said = suggestNext(
      item,
      given(item, ['coming-hour', 'coming-hour', 'coming-hour', 'hands-swapped', undefined]),
      times,
    );
    expect(said).toMatchObject({ answered: 5, missed: 4, rule: 'coming-hour', lens: 'hours-room' });
    expect(said.same).toMatchObject({ count: 3, read: { kind: 'time', time: timeOf(8, 30) } });
    expect(said.contrast).toHaveLength(2);
  });
  it('shows no time the class has not met, where others tell as well', () => {
    const item = read(8);
    const oclock = times.filter((time) => time % 60 === 0);
    const { contrast } = suggestNext(item, given(item, ['hands-swapped', 'hands-swapped']), oclock);
    for (const time of contrast!) expect(oclock).toContain(time);
  });
  it('is what was asked beside what several made of it, where that fits with nothing', () => {
    const item: Item = { kind: 'set', shown: timeOf(2) };
    const wrong = { kind: 'hands', hour: 150, minute: 0 } as const;
    const { read: asRead, verdict } = readAndMark(item, wrong, DEFAULT_CONVENTIONS);
    const said = suggestNext(
      item,
      [1, 2, 3].map(() => ({ read: asRead, verdict })),
      times,
    );
    expect(said).toMatchObject({ missed: 3, rule: undefined, lens: undefined, contrast: [timeOf(2), timeOf(5)] });
  });
  it('is nothing where one child alone missed it, everybody another way, or nobody', () => {
    const item = read(7, 30);
    expect(suggestNext(item, given(item, ['coming-hour', undefined]), times).rule).toBeUndefined();
    expect(suggestNext(item, given(item, [undefined, undefined]), times)).toMatchObject({ missed: 0, same: undefined });
    expect(suggestNext(item, [], times)).toMatchObject({ answered: 0, missed: 0, rule: undefined });
  });
});

describe('the time a round takes', () => {
  const round = (over: Partial<MovingRound> = {}): MovingRound => ({
    ...ROUND_START,
    entries: [3, 7, 10].map((hour) => ({ item: { kind: 'read', shown: timeOf(hour) }, origin: 'planned' as const })),
    spares: [],
    thinkSeconds: DEFAULT_PACE.think,
    countdown: false,
    repeatMissed: true,
    prompt: 'words',
    ...over,
  });
  const walked = (start: MovingRound): number => {
    let seconds = 0;
    for (let at = start; ; at = { ...at, ...moveRound(at, 'next') }) {
      const here = secondsHere(at, DEFAULT_PACE);
      if (here === undefined) return seconds;
      if (at.phase === 'show') expect(secondsBefore(at, DEFAULT_PACE)).toBe(DEFAULT_PACE.ask + at.thinkSeconds);
      seconds += here;
    }
  };
  it('is, stage by stage, what is said beforehand of the whole', () =>
    expect(walked(round())).toBeCloseTo(60 * roundMinutes(3, DEFAULT_PACE)));
  it('is longer with three, two, one, and shorter with no time to think', () => {
    expect(walked(round({ countdown: true }))).toBeCloseTo(60 * roundMinutes(3, DEFAULT_PACE) + 9);
    expect(walked(round({ thinkSeconds: 0 }))).toBeCloseTo(60 * roundMinutes(3, DEFAULT_PACE) - 30);
  });
});
