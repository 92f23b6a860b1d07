import { describe, expect, it } from '@jest/globals';
import { timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import type { Verdict } from '../marking/index.ts';
import type { WrongRule } from '../misconceptions/index.ts';
import { judgedGiven } from './judged.test.support.ts';
import { isFading, mastery, schoolDaysBetween, skillsOf } from './index.ts';

/** Of an open task: guessing helps nobody. */
const OPEN = 1 / 24;
const evidence = (verdicts: string, days = 2, guess = OPEN) =>
  [...verdicts].map((letter, i) => ({
    verdict: ({ r: 'right', n: 'nearly', w: 'wrong' } as const)[letter]! satisfies Verdict,
    day: `2026-11-${10 + (i % days)}`,
    guess,
  }));
const on = (day: string, verdict: 'right' | 'wrong', count: number) =>
  Array.from({ length: count }, () => ({ verdict, day, guess: OPEN }));

describe('how far a skill has come', () => {
  it.each([
    ['nothing answered', '', 'not-seen'],
    ['one right answer', 'r', 'beginning'],
    ['one wrong answer', 'w', 'beginning'],
    ['three right answers', 'rrr', 'getting-there'],
    ['four of five', 'rrrrw', 'getting-there'],
    ['four of six', 'rrrrww', 'beginning'],
    ['five right answers', 'rrrrr', 'getting-there'],
    ['seven right answers', 'rrrrrrr', 'secure'],
    ['ten right and one slip', 'rrrrrrrrrrw', 'secure'],
    ['six right and one nearly', 'rrrrrrn', 'getting-there'],
  ])('%s', (_, verdicts, level) => expect(mastery(evidence(verdicts)).level).toBe(level));

  it('is not secure on the evidence of one day, nor of a single answer on a second', () => {
    expect(mastery(evidence('rrrrrrrrrr', 1)).level).toBe('getting-there');
    const lonely = [...on('2026-11-10', 'right', 9), ...on('2026-11-11', 'right', 1)];
    expect(mastery(lonely).level).toBe('getting-there');
    expect(mastery([...lonely, ...on('2026-11-11', 'right', 1)]).level).toBe('secure');
  });
  it('tells less the more there is to guess', () => {
    const of = (guess: number) => mastery(evidence('rrrrrrrr', 2, guess));
    expect(of(OPEN).level).toBe('secure');
    expect(of(1 / 2).level).not.toBe('secure');
    expect(of(1 / 3).share).toBeLessThan(of(1 / 12).share);
  });
  it.each([OPEN, 1 / 4, 1 / 3, 1 / 2])(
    'calls hardly any child secure within twenty answers who is right in six of ten, where guessing helps by %f',
    (guess) => {
      const rng = seededRng(8);
      const isEver = (): boolean => {
        const seen: ReturnType<typeof on> = [];
        return Array.from({ length: 20 }).some((_, i) => {
          seen.push({ verdict: rng() < 0.6 ? 'right' : 'wrong', day: `2026-11-${10 + Math.floor(i / 5)}`, guess });
          return mastery(seen).level === 'secure';
        });
      };
      expect(Array.from({ length: 500 }, isEver).filter(Boolean).length / 500).toBeLessThan(0.08);
    },
  );
  it('ends with eight wrong in a row, and is not kept back by what was wrong a month ago', () => {
    const was = [...on('2026-11-09', 'right', 15), ...on('2026-11-10', 'right', 15)];
    expect(mastery(was).level).toBe('secure');
    expect(mastery([...was, ...on('2026-11-11', 'wrong', 8)]).level).not.toBe('secure');
    const now = [...on('2026-11-10', 'right', 5), ...on('2026-11-11', 'right', 5)];
    expect(mastery([...on('2026-10-08', 'wrong', 10), ...now]).level).toBe('secure');
  });
  it('counts right answers, and gives a share with its band and the day it was seen last', () => {
    const { right, answers, share, band, last } = mastery(evidence('rrnw'));
    expect([right, answers, last]).toEqual([2, 4, '2026-11-11']);
    expect(share).toBeGreaterThan(0.5);
    expect(share).toBeLessThan(0.65);
    expect(band[0]).toBeLessThan(share);
    expect(band[1]).toBeGreaterThan(share);
  });
  it('is to be looked at again three weeks after it was seen, where it was secure', () => {
    const seen = mastery(evidence('rrrrrrrr'));
    expect(isFading(seen, '2026-11-26')).toBe(false);
    expect(isFading(seen, '2026-12-03')).toBe(true);
    expect(isFading(mastery(evidence('rw')), '2027-01-03')).toBe(false);
  });
  it('is told less by answers that a likely rule would have given, too', () => {
    const swapped = [timeOf(12), timeOf(6, 30), timeOf(12), timeOf(6, 30), timeOf(12), timeOf(6, 30)].map((shown) =>
      judgedGiven({ kind: 'read', shown }, { kind: 'time', time: shown }),
    );
    const share = (rules: Partial<Record<WrongRule, number>>) => skillsOf(swapped, rules)['oclock-read']!.share;
    expect(share({ 'hands-swapped': 0.9 })).toBeLessThan(share({}) - 0.1);
  });
});

it('counts the days of a working week between two dates', () => {
  expect(schoolDaysBetween('2026-11-09', '2026-11-13')).toBe(4);
  expect(schoolDaysBetween('2026-11-13', '2026-11-16')).toBe(1);
  expect(schoolDaysBetween('2026-11-09', '2026-11-23')).toBe(10);
  expect(schoolDaysBetween('2026-11-10', '2026-11-10')).toBe(0);
});
