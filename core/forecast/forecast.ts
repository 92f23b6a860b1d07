import { seededRng, type Rng } from '../common/index.ts';
import type { Skill } from '../skills/index.ts';
import { bandOf, type Band } from './band.ts';
import { STARTS_AT, classesLike, saidBy, type ChildSaid, type ClassMaybe } from './learned.ts';
import { FEWEST_DAYS, RATES, SECURE_AT, STARTS, type ChildSoFar, type DayAhead } from './state.ts';

/** What a forecast is made from. */
export interface ForecastWishes {
  /** One list a child; empty for one that has answered nothing. */
  readonly children: readonly ChildSoFar[];
  /** Days ahead up to the end date, in order. */
  readonly ahead: readonly DayAhead[];
  /** Skills that are looked at. */
  readonly skills: readonly Skill[];
  readonly seed: number;
  /** Times the class is lived through. */
  readonly draws?: number;
}
/** How many children may be secure, day by day. */
export interface Forecast {
  /** Children in all. */
  readonly of: number;
  /** Now, then after each day ahead. */
  readonly days: readonly string[];
  readonly skills: readonly { readonly skill: Skill; readonly bands: readonly Band[] }[];
  /** Secure in all of these skills. */
  readonly all: readonly Band[];
  /** What a day of work adds to the log-odds of a child of this class, on average. */
  readonly rate: number;
}
export interface ForecastStep {
  /** Draws made so far. */
  readonly done: number;
  readonly of: number;
}

const DRAWS = 2000;
const STEP = 50;

/**
 * How far a whole class may be off what its answers say of a skill, in log-odds: days are not alike, and a skill is harder or easier for all of
 * them; the more days were seen, the less. One nobody was asked about yet is a little harder as a rule, as what comes later in a unit is.
 */
const LUCK = { always: 0.1, once: 0.9, unseen: 0.7, harder: 0.4 };
/** Of a normal distribution (Box and Muller 1958). */
const bell = (rng: Rng): number => Math.sqrt(-2 * Math.log(1 - rng())) * Math.cos(2 * Math.PI * rng());

const pickPlace = (rng: Rng, weights: ArrayLike<number>, total: number): number => {
  let left = rng() * total;
  for (let i = 0; i < weights.length - 1; i++) {
    left -= weights[i]!;
    if (left < 0) return i;
  }
  return weights.length - 1;
};
/** A value between a step of a grid and its neighbours. */
const between = (rng: Rng, grid: readonly number[], place: number): number =>
  grid[place]! + (rng() - 0.5) * (grid[1]! - grid[0]!);

/** How likely each level of a child (rows) and each rate are together, in a class of some kind; one list, a level after the other. */
const standingsOf = ({ likely }: ChildSaid, { levels, rates }: ClassMaybe): Float64Array => {
  const all = new Float64Array(levels.length * rates.length);
  levels.forEach((level, l) => rates.forEach((rate, r) => (all[l * rates.length + r] = level * rate * likely[l]![r]!)));
  return all;
};
/** How likely each start in a skill is for a child at a level that learns at a rate. */
const startsOf = ({ skills }: ChildSaid, skill: Skill, level: number, rate: number): ArrayLike<number> => {
  const starts = STARTS_AT[level]!;
  const row = skills.get(skill)?.likely[rate];
  return row === undefined ? starts : row.map((one, start) => one * starts[start]!);
};
const sumOf = (weights: ArrayLike<number>): number => {
  let sum = 0;
  for (let i = 0; i < weights.length; i++) sum += weights[i]!;
  return sum;
};

/** Days on which anybody answered. */
export const daysSeen = (children: readonly ChildSoFar[]): number =>
  new Set(children.flat().map(({ day }) => day)).size;

/**
 * How many children will be secure, by living through the days ahead again and again: each time with a class as it may be, and each child as it
 * may be in it. Step by step, so that somebody may look how far it is, or end it; the same for the same seed.
 * @returns nothing where fewer than three days of answers were seen: nobody can say then how this class learns
 */
export function* forecasting({
  children,
  ahead,
  skills,
  seed,
  draws = DRAWS,
}: ForecastWishes): Generator<ForecastStep, Forecast | undefined> {
  if (daysSeen(children) < FEWEST_DAYS || children.length === 0) return undefined;
  const rng = seededRng(seed);
  const said = children.map(saidBy);
  const classes = classesLike(said.filter(({ skills: seen }) => seen.size > 0));
  const shares = classes.map(({ share }) => share);
  const standings = new Map<ClassMaybe, readonly Float64Array[]>();
  /** Each child's starts, worked out when they are first drawn from. */
  const startsKnown = said.map(() => new Map<number, ArrayLike<number>>());
  /** Days on which each skill was seen. */
  const daysOf = skills.map((skill) => daysSeen(children.map((child) => child.filter((one) => one.skill === skill))));
  const moments = ahead.length + 1;
  /** Work on each skill up to each moment ahead. */
  const work = skills.map((skill) => {
    let sum = 0;
    return [
      0,
      ...ahead.map((day) => (sum += day.skills.reduce((all, one) => all + (one.skill === skill ? one.weight : 0), 0))),
    ];
  });
  const zeros = (): number[][] =>
    Array.from({ length: moments }, () => Array.from({ length: children.length + 1 }, () => 0));
  const counts = skills.map(zeros);
  const countsOfAll = zeros();
  let rates = 0;
  for (let draw = 0; draw < draws; draw++) {
    const like = classes[pickPlace(rng, shares, 1)]!;
    const own = standings.get(like) ?? said.map((one) => standingsOf(one, like));
    standings.set(like, own);
    const luck = daysOf.map((days) =>
      days === 0 ? LUCK.unseen * bell(rng) - LUCK.harder : (LUCK.always + LUCK.once / days) * bell(rng),
    );
    const secure = skills.map(() => new Int32Array(moments));
    const inAll = new Int32Array(moments);
    own.forEach((standing, child) => {
      const place = pickPlace(rng, standing, sumOf(standing));
      const [level, step] = [Math.floor(place / RATES.length), place % RATES.length];
      const rate = Math.max(0, between(rng, RATES, step));
      rates += rate;
      const hasAll = new Uint8Array(moments).fill(1);
      skills.forEach((skill, s) => {
        const key = place * skills.length + s;
        const starts = startsKnown[child]!.get(key) ?? startsOf(said[child]!, skill, level, step);
        startsKnown[child]!.set(key, starts);
        const start = between(rng, STARTS, pickPlace(rng, starts, sumOf(starts)));
        const since = said[child]!.skills.get(skill)?.days ?? 0;
        for (let moment = 0; moment < moments; moment++) {
          // What was answered on the last day was answered before that day's work was done.
          if (start + rate * (since + work[s]![moment]!) + luck[s]! > SECURE_AT) secure[s]![moment]! += 1;
          else hasAll[moment] = 0;
        }
      });
      for (let moment = 0; moment < moments; moment++) inAll[moment]! += hasAll[moment]!;
    });
    for (let moment = 0; moment < moments; moment++) {
      skills.forEach((_, s) => (counts[s]![moment]![secure[s]![moment]!]! += 1));
      countsOfAll[moment]![inAll[moment]!]! += 1;
    }
    if ((draw + 1) % STEP === 0) yield { done: draw + 1, of: draws };
  }
  return {
    of: children.length,
    days: ['', ...ahead.map(({ day }) => day)],
    skills: skills.map((skill, s) => ({ skill, bands: counts[s]!.map(bandOf) })),
    all: countsOfAll.map(bandOf),
    rate: rates / (draws * children.length),
  };
}
