import type { DialTime } from '../../clock/index.ts';
import { shuffled, type Rng } from '../../common/index.ts';
import { isHourAlone } from '../../items/index.ts';
import { suits } from '../../making/index.ts';
import { groupsOf, recencies, usesIn, type Standing } from '../../planning/index.ts';
import { TIMES_OF_GROUP, askedOrder, chooseTimes, groupOfTime, isHardTime, mixedTimes } from '../../sets/index.ts';
import type { PaperKind } from '../kinds/index.ts';
import { isAboutOneTime, kindsOf, type SheetRecipe } from './recipe.ts';

/**
 * Why a recipe cannot be kept.
 * - `no-task`: it asks for nothing
 * - `too-many`: it asks for more tasks than a sheet may have, `most`
 * - `no-group`: it has no times to choose from
 * - `too-few-times`: there are only `most` different times of these groups
 * - `not-drawable`: 12:00 must be there, and every task wants hands that can be told apart
 */
export type RecipeProblem =
  | { readonly problem: 'no-task' | 'no-group' | 'not-drawable' }
  | { readonly problem: 'too-many' | 'too-few-times'; readonly asked: number; readonly most: number };

/** Where a sheet stands in the unit: the lessons before it. */
export type Before = Standing['before'];

/** Times a recipe may take: of its groups, not banned, and such as a kind that asks for two drawn hands can be asked about. */
export const timesAllowed = ({
  groups,
  banned,
  counts,
}: Pick<SheetRecipe, 'groups' | 'banned' | 'counts'>): DialTime[] => {
  const kinds = kindsOf({ counts }).filter(isAboutOneTime);
  return groups
    .flatMap((group) => TIMES_OF_GROUP[group])
    .filter((time) => !banned.includes(time) && (kinds.length === 0 || kinds.some((kind) => suits(kind, time))));
};

/** Times in a place each that suits the kind asked there; two change places where one does not. None where that cannot be. */
export const suited = (times: readonly DialTime[], kinds: readonly PaperKind[]): DialTime[] | undefined => {
  const placed = [...times];
  for (const [place, time] of times.entries()) {
    if (suits(kinds[place]!, placed[place]!)) continue;
    const other = kinds.findIndex((kind, i) => suits(kind, time) && suits(kinds[place]!, placed[i]!));
    if (other < 0) return undefined;
    [placed[place], placed[other]] = [placed[other]!, placed[place]!];
  }
  return placed;
};

/** In an order that is asked: not in counting order, hard ones late; where no such order is, in any. */
const ordered = (rng: Rng, times: readonly DialTime[], hardLate: boolean): DialTime[] =>
  askedOrder(rng, times, times.length, hardLate) ?? askedOrder(rng, times, times.length, false) ?? shuffled(rng, times);

/**
 * Times for the tasks of a recipe that are about one, in their order: the fixed ones, and others by the rules for practice.
 * The same for the same seed.
 */
export const timesFor = (rng: Rng, recipe: SheetRecipe, before: Before): DialTime[] | RecipeProblem => {
  const kinds = kindsOf(recipe).filter(isAboutOneTime);
  const count = kinds.length;
  if (count === 0) return [];
  if (recipe.groups.length === 0) return { problem: 'no-group' };
  const allowed = timesAllowed(recipe);
  const fixed = recipe.fixed.filter((time) => !recipe.banned.includes(time)).slice(0, count);
  const all = [...new Set([...fixed, ...allowed])];
  if (count > all.length && !recipe.repeats) return { problem: 'too-few-times', asked: count, most: all.length };
  const hardLate = !kinds.every(isHourAlone);
  const isWanted = (time: DialTime): boolean => allowed.includes(time) && !fixed.includes(time);
  const lately = recencies(before);
  const uses = usesIn(before);
  /** Hard times wait until the easy ones of their group have been taught, as everywhere. */
  const known = groupsOf(before);
  const isEarly = (time: DialTime): boolean => hardLate && isHardTime(time) && !known.includes(groupOfTime(time));
  // Hands that lie on each other are asked about only where a teacher wants them, if any kind is drawn.
  const easy = (time: DialTime): boolean => kinds.every((kind) => suits(kind, time));
  const chosen = chooseTimes(rng, {
    count: Math.min(count - fixed.length, all.length - fixed.length),
    groups: recipe.groups,
    hardLate,
    recency: (time) => (lately.get(time) ?? 0) + (isEarly(time) ? 5 : 0) + (easy(time) ? 0 : 10),
    uses: (time) => uses.get(time) ?? 0,
    suits: isWanted,
  });
  const rest = shuffled(
    rng,
    all.filter((time) => !fixed.includes(time) && !chosen.includes(time)),
  );
  const different = [...fixed, ...chosen, ...rest].slice(0, count);
  const times =
    count <= all.length
      ? ordered(rng, different, hardLate)
      : [
          ...ordered(rng, different, hardLate),
          ...mixedTimes(rng, recipe.groups, 4 * count).filter((time) => all.includes(time)),
        ].slice(0, count);
  return suited(times, kinds) ?? { problem: 'not-drawable' };
};

/** Is this a reason why not? */
export const isProblem = (one: object): one is RecipeProblem => 'problem' in one;

/** The groups whose times are these. */
export const groupsOfTimes = (times: readonly DialTime[]) => [...new Set(times.map(groupOfTime))];
