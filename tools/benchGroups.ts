// Groups after a check, for a class of thirty: the aim is 50 milliseconds.
import { NEEDS, type Level, type Need } from '../core/diagnosis/index.ts';
import { pick, seededRng } from '../core/common/index.ts';
import { groupsAfter, type StoodAtCheck } from '../core/grouping/index.ts';
import { median, say } from './median.ts';

const CHILDREN = 30;
/** Children of whom two in three need something, each most of all one thing. */
const classOf = (seed: number): StoodAtCheck[] => {
  const rng = seededRng(seed);
  return Array.from({ length: CHILDREN }, (_, i) => {
    const level: Level = pick(rng, ['secure', 'getting-there', 'beginning'] as const);
    const weights = NEEDS.map(() => rng() ** 6);
    const total = weights.reduce((sum, one) => sum + one, 0);
    const needs = Object.fromEntries(NEEDS.map((need, at) => [need, weights[at]! / total])) as Record<Need, number>;
    return { childId: i + 1, level, needs, rules: [] };
  });
};
const classes = Array.from({ length: 20 }, (_, seed) => classOf(seed));
let turn = 0;
say(
  `groups of ${CHILDREN} children, chosen of all ways`,
  median(() => groupsAfter({ id: 1, skill: 'half-past-read' }, classes[turn++ % classes.length]!, {})),
);
const apart = [
  [1, 2],
  [3, 4],
  [5, 6],
] as const;
say(
  '  with three pairs kept apart and two together',
  median(() =>
    groupsAfter({ id: 1, skill: 'half-past-read' }, classes[turn++ % classes.length]!, {
      apart,
      together: [
        [7, 8],
        [9, 10],
      ],
    }),
  ),
);
say(
  '  yardstick: JSON written and read of what is known of them',
  median(() => JSON.parse(JSON.stringify(classes[turn++ % classes.length])) as unknown),
);
