import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { TAUGHT_TIMES, isPossible, timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { CLOCK_FAULTS, ITEM_KINDS, faultsOf, rightAnswers, type Item, type ItemKind } from '../items/index.ts';
import { parse } from '../wording/index.ts';
import { makeItem } from './index.ts';
import { markGiven as mark } from '../marking/given.test.support.ts';

const many = (kind: ItemKind, count = 400): Item[] => {
  const rng = seededRng(11);
  return Array.from({ length: count }, () => makeItem(kind, rng));
};

describe.each(ITEM_KINDS)('made items of kind %s', (kind) => {
  it('have a right answer that is marked right, and the same ones for the same seed', () =>
    fc.assert(
      fc.property(fc.integer(), (seed) => {
        const item = makeItem(kind, seededRng(seed));
        expect(item.kind).toBe(kind);
        for (const right of rightAnswers(item)) expect(mark(item, right).verdict).toBe('right');
        expect(makeItem(kind, seededRng(seed))).toEqual(item);
      }),
    ));
});

describe('a made choice', () => {
  it('of words has three different times, one of them right', () => {
    for (const item of many('choose-words'))
      if (item.kind === 'choose-words') {
        expect(new Set(item.options).size).toBe(3);
        expect(item.options.filter((time) => time === item.shown)).toHaveLength(1);
      }
  });
  it('of clocks has three that can be told apart, one of them right, and most wrong ones name a reason', () => {
    let [wrong, named] = [0, 0];
    for (const item of many('choose-clock'))
      if (item.kind === 'choose-clock') {
        expect(item.options).toHaveLength(3);
        const verdicts = item.options.map((_, place) => mark(item, { kind: 'choice', chosen: [place] }));
        expect(verdicts.filter(({ verdict }) => verdict === 'right')).toHaveLength(1);
        for (const { verdict, findings } of verdicts)
          if (verdict === 'wrong') {
            wrong += 1;
            if (findings[0]?.kind === 'rule') named += 1;
          }
      }
    expect(named / wrong).toBeGreaterThan(0.9);
  });
  it('of writings has two that are right and three that are not', () => {
    for (const item of many('choose-writings'))
      if (item.kind === 'choose-writings') {
        expect(new Set(item.options).size).toBe(5);
        const right = item.options.filter((text) => {
          const read = parse(text);
          return read.kind === 'time' && read.time === item.shown;
        });
        expect(right).toHaveLength(2);
      }
  });
});

describe('a made clock to judge', () => {
  const clocks = many('judge-clock', 2000).flatMap((item) => (item.kind === 'judge-clock' ? [item.clock] : []));
  it('is possible about as often as not', () => {
    const share = clocks.filter((clock) => faultsOf(clock).length === 0).length / clocks.length;
    expect(share).toBeGreaterThan(0.45);
    expect(share).toBeLessThan(0.55);
  });
  it('has one fault or none, and every fault occurs', () => {
    for (const clock of clocks) expect(faultsOf(clock).length).toBeLessThanOrEqual(1);
    expect(new Set(clocks.flatMap((clock) => faultsOf(clock)))).toEqual(new Set(CLOCK_FAULTS));
  });
  it('with hands that cannot be is clearly so', () => {
    for (const clock of clocks)
      if (faultsOf(clock).some((fault) => fault === 'hands-swapped' || fault === 'hands-disagree'))
        expect(isPossible(clock.hands, 9)).toBe(false);
  });
});

describe('other made items', () => {
  it('draw no 12:00, where both hands lie on each other', () => {
    for (const item of many('draw')) expect(item).not.toMatchObject({ shown: timeOf(12) });
    expect(() => makeItem('draw', seededRng(1), [timeOf(12)])).toThrow(RangeError);
  });
  it('keep to the times they are given', () => {
    const rng = seededRng(2);
    for (let i = 0; i < 50; i++)
      expect([timeOf(4), timeOf(4, 30)]).toContain(
        (makeItem('read', rng, [timeOf(4), timeOf(4, 30)]) as { shown: number }).shown,
      );
  });
  it('never pair columns in the same order as the clocks', () => {
    for (const item of many('pair'))
      if (item.kind === 'pair')
        for (const order of [item.digitsOrder, item.wordsOrder]) expect(order).not.toEqual([0, 1, 2]);
  });
  it('never ask for an order that is there already', () => {
    for (const item of many('day-order'))
      expect(rightAnswers(item)).not.toEqual([{ kind: 'order', order: [0, 1, 2, 3] }]);
  });
  it('ask "is it yet" within half an hour, as often before as after', () => {
    const answers = many('yet').map((item) => rightAnswers(item)[0]);
    const yes = answers.filter((answer) => answer?.kind === 'yes-no' && answer.yes).length / answers.length;
    expect(yes).toBeGreaterThan(0.4);
    expect(yes).toBeLessThan(0.65);
  });
});

describe('a contrast', () => {
  it.each(TAUGHT_TIMES)('can be made about %d alone, though not every fault can be', (time) => {
    for (let seed = 0; seed < 60; seed++) {
      const item = makeItem('judge-clock', seededRng(seed), [time]);
      expect(item.kind === 'judge-clock' && faultsOf(item.clock).length <= 1).toBe(true);
    }
  });
});
