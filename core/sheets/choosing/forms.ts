import type { DialTime } from '../../clock/index.ts';
import { shuffled, type Rng } from '../../common/index.ts';
import { hiddenRules } from '../../diagnosis/index.ts';
import { isHourAlone, type Item } from '../../items/index.ts';
import { suits } from '../../making/index.ts';
import { TIME_GROUPS, areNeighbours, groupOfTime, isHardTime, laterHalf } from '../../sets/index.ts';
import type { PaperItem, PaperKind } from '../kinds/index.ts';
import { isAboutOneTime, timeOfTask } from './recipe.ts';
import { tasksOf, type TaskWishes } from './tasks.ts';

/** Points a hard time counts beside those of its group. */
const HARD = 1;

/**
 * How hard a form is, in points: a task counts 1, and one about a time as many more as its group comes late in teaching (o'clock 0,
 * half past 1, quarters 2 and 3 ...), and one more where the time is a hard one. Forms of the same kinds with the same
 * sum are called equally hard; it is a measure of the tasks, not of children.
 */
export const hardnessOf = (items: readonly PaperItem[]): number =>
  items.reduce((sum, item) => {
    const time = timeOfTask(item);
    const ofTime = time === undefined ? 0 : TIME_GROUPS.indexOf(groupOfTime(time)) + (isHardTime(time) ? HARD : 0);
    return sum + 1 + ofTime;
  }, 0);

/**
 * What right answers to a task leave open: the wrong rules that would have been right as well, such as swapped hands at 12:00. Who has one
 * form shows as much as who has the other only where both leave the same open.
 */
const leftOpen = (kind: PaperKind, time: DialTime): string =>
  hiddenRules({ kind, shown: time } as Item)
    .toSorted()
    .join();

/**
 * A time as hard as another, wherever there is one: of its group, hard or not as that one is; not used yet, and best not on the first form.
 * A time that leaves more open than all others, such as 12:00 or 6:30, comes on both forms where there are others to put between.
 */
const partners = (
  rng: Rng,
  times: readonly DialTime[],
  kinds: readonly PaperKind[],
  allowed: readonly DialTime[],
): DialTime[] => {
  const used = new Set<DialTime>();
  const pool = shuffled(rng, [...new Set([...allowed, ...times])]);
  return times.map((time, place) => {
    const alike = pool.filter(
      (one) =>
        groupOfTime(one) === groupOfTime(time) && isHardTime(one) === isHardTime(time) && suits(kinds[place]!, one),
    );
    const kind = kinds[place]!;
    const asOpen = times.length > 1 ? alike.filter((one) => leftOpen(kind, one) === leftOpen(kind, time)) : [];
    const found =
      asOpen.find((one) => !used.has(one) && !times.includes(one)) ??
      asOpen.find((one) => !used.has(one)) ??
      alike.find((one) => !used.has(one) && !times.includes(one)) ??
      alike.find((one) => !used.has(one) && one !== time) ??
      alike.find((one) => !used.has(one)) ??
      time;
    used.add(found);
    return found;
  });
};

/** Ways of ordering the second form that are tried; the best is taken. */
const ORDERS = 400;

/** What the tasks of each kind leave open together. */
const openByKind = (times: readonly DialTime[], kinds: readonly PaperKind[]): string =>
  times
    .map((time, place) => `${kinds[place]!}: ${leftOpen(kinds[place]!, time)}`)
    .sort()
    .join('; ');

/**
 * What an order of the second form does wrong, weighed: a time a kind cannot be asked about, the same answer beside it, other rules left open than
 * on the first form, counting order, a hard one early.
 */
const faultsOf = (
  order: readonly DialTime[],
  first: readonly DialTime[],
  kinds: readonly PaperKind[],
  hardLate: boolean,
): number => {
  const asOpen = openByKind(order, kinds) === openByKind(first, kinds);
  return order.reduce(
    (sum, time, place) => {
      const isUnsuited = !suits(kinds[place]!, time);
      const isSame = time === first[place];
      const isCounting = place > 0 && areNeighbours(order[place - 1]!, time);
      const isEarly = hardLate && isHardTime(time) && place < laterHalf(order.length);
      return sum + (isUnsuited ? 1000 : 0) + (isSame ? 100 : 0) + (isCounting ? 3 : 0) + (isEarly ? 1 : 0);
    },
    asOpen ? 0 : 10,
  );
};

/** Times in an order in which neighbours cannot copy: no place has the time it has on the first form, wherever that can be. */
const reordered = (
  rng: Rng,
  times: readonly DialTime[],
  first: readonly DialTime[],
  kinds: readonly PaperKind[],
): DialTime[] => {
  const hardLate = !kinds.every(isHourAlone);
  let best = [...times];
  let least = faultsOf(best, first, kinds, hardLate);
  for (let tries = 0; tries < ORDERS && least > 0; tries++) {
    const order = shuffled(rng, times);
    const faults = faultsOf(order, first, kinds, hardLate);
    if (faults < least) [best, least] = [order, faults];
  }
  return best;
};

/**
 * Form B to a form A, for the neighbour: the same kinds in the same places, equally hard, other times, and at no place the same time
 * wherever there are enough of them.
 * @param allowed times that may come @param taught times children have met, for wrong options
 */
export const otherForm = (
  rng: Rng,
  first: readonly PaperItem[],
  allowed: readonly DialTime[],
  taught: readonly DialTime[],
  wishes: TaskWishes,
): PaperItem[] => {
  const kinds = first.map(({ kind }) => kind);
  const timed = kinds.filter(isAboutOneTime);
  const times = first.flatMap((item) => timeOfTask(item) ?? []);
  const others = reordered(rng, partners(rng, times, timed, allowed), times, timed);
  return tasksOf(rng, kinds, others, taught, wishes, first);
};
