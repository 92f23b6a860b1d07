import type { DialTime } from '../../clock/index.ts';
import { shuffled, type Rng } from '../../common/index.ts';
import { pictureAt, rightAnswers, type ItemOf } from '../../items/index.ts';
import { faceDistractors, makeBothWays, makeItem, whichOf, withTwin } from '../../making/index.ts';
import { asPrinted, type PaperItem, type PaperKind } from '../kinds/index.ts';
import { isAboutOneTime, type SheetRecipe } from './recipe.ts';

/** What a task on paper is made by. */
export type TaskWishes = Pick<SheetRecipe, 'clocks' | 'several'>;

/** Of so many tasks of circling one has a twin where several may be right. */
const TWIN_EVERY = 2;

/** A task of a kind about a time. @param taught times children have met, from which wrong options are made @param place on its form */
export const taskAt = (
  rng: Rng,
  kind: PaperKind,
  time: DialTime | undefined,
  taught: readonly DialTime[],
  { clocks, several }: TaskWishes,
  place: number,
): PaperItem => {
  if (kind === 'choose-clock') {
    const wrong = faceDistractors(rng, time!, taught).slice(0, clocks - 1);
    const isTwin = several && place % TWIN_EVERY === 0;
    const options = [pictureAt(time!), ...(isTwin ? wrong.slice(0, clocks - 2) : wrong)];
    const item: ItemOf<'choose-clock'> = { kind, shown: time!, options: shuffled(rng, options) };
    return isTwin ? (withTwin(rng, item) as ItemOf<'choose-clock'>) : item;
  }
  if (kind === 'which-of') return { kind, shown: time!, options: whichOf(rng, time!, taught, clocks) };
  return asPrinted(makeItem(kind, rng, time === undefined ? taught : [time], taught));
};

type WithOptions = Extract<PaperItem, { readonly options: readonly unknown[] }>;
const hasOptions = (item: PaperItem): item is WithOptions => 'options' in item;

/** The place of the one right option; none where several are right, or there is nothing to choose from. */
export const rightPlace = (item: PaperItem): number | undefined => {
  if (!hasOptions(item)) return undefined;
  const [right] = rightAnswers(item);
  return right?.kind === 'choice' && right.chosen.length === 1 ? right.chosen[0] : undefined;
};

/** The same task, its right option at another place. */
const withRightAt = (item: WithOptions, from: number, to: number): PaperItem => {
  const options = [...(item.options as unknown[])];
  [options[from], options[to]] = [options[to], options[from]];
  return { ...item, options } as WithOptions;
};

/**
 * Tasks with the place of the right option spread evenly over the sheet, in no order that could be guessed: of tasks with as many
 * options no place comes twice more often than another.
 */
export const balanced = (rng: Rng, items: readonly PaperItem[]): PaperItem[] => {
  const bags = new Map<number, number[]>();
  return items.map((item) => {
    const from = rightPlace(item);
    if (from === undefined || !hasOptions(item)) return item;
    const count = item.options.length;
    const left = bags.get(count) ?? [];
    const bag =
      left.length > 0
        ? left
        : shuffled(
            rng,
            Array.from({ length: count }, (_, place) => place),
          );
    bags.set(count, bag.slice(1));
    return withRightAt(item, from, bag[0]!);
  });
};

const isSame = (a: PaperItem, b: PaperItem): boolean => JSON.stringify(a) === JSON.stringify(b);
/** Each try gives another task, where there is another. */
const TRIES = 30;

/**
 * Tasks of a form: each kind in its place, about the times in turn; those about no one time no two alike while there are others.
 * @param avoid tasks of another form that should not come again at the same place
 */
export const tasksOf = (
  rng: Rng,
  kinds: readonly PaperKind[],
  times: readonly DialTime[],
  taught: readonly DialTime[],
  wishes: TaskWishes,
  avoid: readonly PaperItem[] = [],
): PaperItem[] => {
  const left = [...times];
  const made = kinds.reduce<PaperItem[]>((done, kind, place) => {
    const time = isAboutOneTime(kind) ? left.shift() : undefined;
    const make = (): PaperItem => makeBothWays(done, () => taskAt(rng, kind, time, taught, wishes, place)) as PaperItem;
    let item = make();
    if (time === undefined)
      for (let tries = 0; tries < TRIES; tries++) {
        const others = tries < TRIES / 2 ? [...done, ...avoid] : done;
        if (!others.some((other) => isSame(other, item))) break;
        item = make();
      }
    return [...done, item];
  }, []);
  return balanced(rng, made);
};
