import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { groupsThatHelp, type Candidate, type GroupWishes, type Grouping, type Kept } from './solve.ts';
import { ALONE_HELPS, GROUP_COSTS, TOPICS, benefitOf, type Benefit } from './topics.ts';

const NO_HELP = Object.fromEntries(TOPICS.map((topic) => [topic, 0])) as Benefit;
const child = (id: number, benefit: Partial<Benefit>): Candidate => ({ id, benefit: { ...NO_HELP, ...benefit } });
const membersOf = ({ groups }: Grouping): number[][] => groups.map(({ childIds }) => [...childIds]);

/** What it helps, counted anew: nobody's word is taken for it. */
const valueOf = (children: readonly Candidate[], { groups, alone }: Grouping, kept: number): number =>
  groups.reduce(
    (sum, { topic, childIds }) =>
      sum + children.reduce((all, { id, benefit }) => all + (childIds.includes(id) ? benefit[topic] : 0), 0),
    ALONE_HELPS * alone.length - GROUP_COSTS * (groups.length - kept),
  );

/** The most of all ways to put children into up to four groups of two to six, each about what helps it most, or alone: every way is looked at. */
const mostOfAll = ({ children, together = [], apart = [] }: GroupWishes): number => {
  const places = children.map(() => 0);
  const keeps = (): boolean => {
    const at = (id: number): number => places[children.findIndex((one) => one.id === id)]!;
    return together.every(([a, b]) => at(a) === at(b)) && apart.every(([a, b]) => at(a) === 0 || at(a) !== at(b));
  };
  let most = -Infinity;
  const go = (next: number, groups: number): void => {
    if (next < children.length) {
      // The next group begins with its first child: ways that differ in nothing but the groups' order are looked at once.
      for (let place = 0; place <= Math.min(groups + 1, 4); place++) {
        places[next] = place;
        go(next + 1, Math.max(groups, place));
      }
      return;
    }
    if (!keeps()) return;
    let value = 0;
    for (let group = 1; group <= groups; group++) {
      const members = children.filter((_, i) => places[i] === group);
      if (members.length < 2 || members.length > 6) return;
      value += Math.max(...TOPICS.map((topic) => members.reduce((sum, { benefit }) => sum + benefit[topic], 0)));
      value -= GROUP_COSTS;
    }
    most = Math.max(most, value + ALONE_HELPS * places.filter((place) => place === 0).length);
  };
  go(0, 0);
  return most;
};

const anyBenefit = fc
  .array(fc.constantFrom(0, 0, 0.1, 0.3, 0.55, 0.8, 0.95), { minLength: TOPICS.length, maxLength: TOPICS.length })
  .map((values) => Object.fromEntries(TOPICS.map((topic, i) => [topic, values[i]!])) as Benefit);
const anyClass = (most: number): fc.Arbitrary<Candidate[]> =>
  fc.array(anyBenefit, { maxLength: most }).map((all) => all.map((benefit, i) => ({ id: i + 1, benefit })));
const anyPairs = (most: number) =>
  fc
    .array(fc.tuple(fc.integer({ min: 1, max: most }), fc.integer({ min: 1, max: most })), { maxLength: 2 })
    .map((all) => all.filter(([a, b]) => a !== b));

describe('groups that help most', () => {
  it('put children together by what they need, and leave on their own whom no group would help', () =>
    expect(
      groupsThatHelp({
        children: [
          child(1, { hands: 0.9 }),
          child(2, { writing: 0.95, hands: 0.1 }),
          child(3, { hands: 0.85 }),
          child(4, { writing: 0.9 }),
          child(5, { practice: 0.15 }),
        ],
      }),
    ).toMatchObject({
      groups: [
        { topic: 'hands', childIds: [1, 3] },
        { topic: 'writing', childIds: [2, 4] },
      ],
      alone: [5],
    }));
  it('are never of seven: the seventh sits in a second one only where that is worth a teacher’s time', () => {
    const seven = Array.from({ length: 7 }, (_, i) => child(i + 1, { between: 0.9 }));
    // Seven in two groups help 6.3 less two costs; six and one alone 5.4 + .2 less one.
    expect(
      membersOf(groupsThatHelp({ children: seven }))
        .map(({ length }) => length)
        .sort(),
    ).toEqual([2, 5].sort());
    const six = seven.slice(0, 6);
    expect(membersOf(groupsThatHelp({ children: six }))).toEqual([[1, 2, 3, 4, 5, 6]]);
  });
  it('help as much as the best of all ways, on every small class', () =>
    fc.assert(
      fc.property(anyClass(7), (children) => {
        const found = groupsThatHelp({ children });
        expect(found.value).toBeCloseTo(mostOfAll({ children }), 9);
        expect(valueOf(children, found, 0)).toBeCloseTo(found.value, 9);
      }),
      { numRuns: 60, seed: 20 },
    ));
  it('help as much as the best of all ways that keep two apart or together', () =>
    fc.assert(
      fc.property(anyClass(6), anyPairs(6), anyPairs(6), (children, together, apart) => {
        const wishes = { children, together, apart };
        const most = mostOfAll(wishes);
        const found = groupsThatHelp(wishes);
        if (most > -Infinity) expect(found.value).toBeCloseTo(most, 9);
      }),
      { numRuns: 60, seed: 21 },
    ));
  it('hold every child once, are at most four, of two to six, and the same every time', () =>
    fc.assert(
      fc.property(anyClass(30), anyPairs(30), (children, apart) => {
        const found = groupsThatHelp({ children, apart });
        const everybody = [...found.groups.flatMap(({ childIds }) => childIds), ...found.alone];
        expect(everybody.sort((a, b) => a - b)).toEqual(children.map(({ id }) => id));
        expect(found.groups.length).toBeLessThanOrEqual(4);
        for (const { childIds } of found.groups) {
          expect(childIds.length).toBeGreaterThanOrEqual(2);
          expect(childIds.length).toBeLessThanOrEqual(6);
          for (const [a, b] of apart) expect(childIds.includes(a) && childIds.includes(b)).toBe(false);
        }
        expect(groupsThatHelp({ children, apart })).toEqual(found);
      }),
      { numRuns: 15, seed: 22 },
    ));
});

describe('groups made again', () => {
  const children = [
    ...[1, 2, 3].map((id) => child(id, { hands: 0.9 })),
    ...[4, 5, 6].map((id) => child(id, { writing: 0.9 })),
    child(7, { hands: 0.5, writing: 0.4 }),
  ];
  const again = (kept: readonly Kept[], more: Partial<GroupWishes> = {}) => groupsThatHelp({ children, kept, ...more });
  it('leave a locked one as it is, and solve the rest', () => {
    const { groups, alone } = again([{ topic: 'writing', childIds: [1, 4], isLocked: true }]);
    expect(groups[0]).toEqual({ topic: 'writing', childIds: [1, 4] });
    expect(groups.slice(1)).toEqual([
      { topic: 'hands', childIds: [2, 3, 7] },
      { topic: 'writing', childIds: [5, 6] },
    ]);
    expect(alone).toEqual([]);
  });
  it('keep whom a teacher put somewhere by hand there, and let others join', () => {
    const { groups } = again([{ topic: 'hands', childIds: [6], isLocked: false }]);
    expect(groups[0]).toEqual({ topic: 'hands', childIds: [1, 2, 3, 6, 7] });
    expect(groups[1]).toEqual({ topic: 'writing', childIds: [4, 5] });
  });
  it('keep a hand-made seat though a pair says otherwise', () => {
    const { groups } = again([{ topic: 'hands', childIds: [1, 2], isLocked: false }], { apart: [[1, 2]] });
    expect(groups[0]!.childIds).toEqual(expect.arrayContaining([1, 2]));
  });
  it('let a wish go that there is no seat for, rather than give up', () => {
    const full = { topic: 'hands', childIds: [1, 2, 3, 4, 5, 6], isLocked: false } as const;
    const { groups, alone } = again([full], { together: [[6, 7]] });
    expect(groups[0]!.childIds).toEqual([1, 2, 3, 4, 5, 6]);
    expect(alone).toEqual([7]);
  });
  it('leave a locked one that is too large, and an empty one, as they are', () => {
    const large = { topic: 'practice', childIds: [1, 2, 3, 4, 5, 6, 7], isLocked: true } as const;
    expect(again([large]).alone).toEqual([]);
    expect(membersOf(again([large]))).toEqual([[1, 2, 3, 4, 5, 6, 7]]);
    expect(membersOf(again([{ topic: 'minute', childIds: [], isLocked: true }]))[0]).toEqual([]);
  });
  it('are no more than four with those that are kept', () => {
    const kept = [1, 2, 3, 4].map((id): Kept => ({ topic: 'practice', childIds: [id], isLocked: true }));
    const { groups, alone } = again(kept);
    expect(groups).toHaveLength(4);
    expect(alone).toEqual([5, 6, 7]);
  });
  it('of nobody are none', () => {
    expect(groupsThatHelp({ children: [] })).toEqual({ groups: [], alone: [], value: 0 });
    expect(groupsThatHelp({ children: [child(1, { hands: 1 })] })).toMatchObject({ groups: [], alone: [1] });
  });
});

describe('what a group would help', () => {
  const needs = { none: 0.05, hands: 0.9, between: 0.1, minute: 0, direction: 0, writing: 0.3, guessing: 0 };
  it('is as sure as the need is, and less for somebody half way there', () => {
    expect(benefitOf(needs, 'beginning')).toMatchObject({ hands: 0.9, writing: 0.3 });
    expect(benefitOf(needs, 'beginning').practice).toBeCloseTo(0.06, 9);
    expect(benefitOf(needs, 'getting-there').hands).toBeCloseTo(0.72, 9);
  });
  it('is more practice where no need stands out', () => {
    const { practice, hands } = benefitOf({ ...needs, none: 0.9, hands: 0.02 }, 'getting-there');
    expect(practice).toBeGreaterThan(ALONE_HELPS);
    expect(practice).toBeGreaterThan(hands);
  });
});
