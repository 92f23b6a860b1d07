import { describe, expect, it } from '@jest/globals';
import { seededRng } from '../../common/index.ts';
import { begun, sharesOf } from '../../diagnosis/index.ts';
import type { Item } from '../../items/index.ts';
import { makeItem, suits } from '../../making/index.ts';
import { WRONG_RULES } from '../../misconceptions/index.ts';
import { FINDING_STATES, bettered, informationOf, likelyOf, type Likely } from '../../sets/finding/index.ts';
import { TIMES_OF_GROUP, groupOfTime } from '../../sets/index.ts';
import { defaultChoices } from './choices.ts';
import { layUnit } from './layUnit.ts';
import type { Segment } from './segment.ts';

const ANYBODY = likelyOf([sharesOf(begun())]);
/** A class in which three rules go round. */
const threeRules = (seed: number): Likely => {
  const rng = seededRng(seed);
  const likely = new Float64Array(FINDING_STATES.length);
  likely[FINDING_STATES.indexOf('none')] = 0.55;
  likely[FINDING_STATES.indexOf('guessing')] = 0.06;
  for (let i = 0; i < 3; i++)
    likely[FINDING_STATES.indexOf(WRONG_RULES[Math.floor(rng() * WRONG_RULES.length)]!)]! += 0.13;
  return likely;
};

const ticketsOf = (seed: string): Segment[] =>
  layUnit({ ...defaultChoices('2026-11-16', seed), handFirst: false }).flatMap(({ segments }) =>
    segments.filter(({ kind, times }) => kind === 'ticket' && times.length > 0),
  );
/** The most that tasks of these kinds tell at any times of the same sort, rules for practice or not. */
const mostOf = (likely: Likely, { times, items }: Segment): number => {
  const others = items.map(({ kind }, place) =>
    TIMES_OF_GROUP[groupOfTime(times[place]!)]
      .filter((time) => suits(kind, time))
      .map((time): Item => makeItem(kind, seededRng(time), [time], times)),
  );
  const steps = bettered(items, { likely, others: (_set, place) => others[place]! });
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return informationOf(likely, step.value);
};

describe('tickets of a plan, laid out by the rules for practice', () => {
  const tickets = ['a', 'b', 'c', 'd'].flatMap(ticketsOf);
  /** Parts of the most that could be told, from least to most. */
  const parts = (likely: Likely): number[] =>
    tickets
      .map((ticket) => [informationOf(likely, ticket.items), mostOf(likely, ticket)] as const)
      .flatMap(([told, most]) => (most > 0.01 ? [told / most] : []))
      .sort((a, b) => a - b);

  it('tell of a class that nobody has seen yet all but a twentieth of what any times would', () => {
    const all = parts(ANYBODY);
    expect(all).toHaveLength(20);
    expect(all[0]).toBeGreaterThan(0.9);
    expect(all.reduce((sum, one) => sum + one, 0) / all.length).toBeGreaterThan(0.96);
  });
  it('tell nearly as much where three rules go round in the class', () => {
    const all = [1, 2, 3, 4, 5, 6].flatMap((seed) => parts(threeRules(seed)));
    expect(all.reduce((sum, one) => sum + one, 0) / all.length).toBeGreaterThan(0.95);
  });
});
