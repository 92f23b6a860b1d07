import { shuffled, type Rng } from '../common/index.ts';
import { SLIP } from '../diagnosis/index.ts';
import { skillOfItem, timeOfItem, type Answer, type Item, type ItemKind } from '../items/index.ts';
import type { Verdict } from '../marking/index.ts';
import { makeItem, suits, withTwin } from '../sets/index.ts';
import { SKILL_DATA, type Skill } from '../skills/index.ts';
import type { PracticeNeeds } from './needs.ts';
import { chanceRight, information, suspect, type Suspicion } from './suspicion.ts';

/** The first answer to an item of a session of practice. */
export interface Practised {
  readonly item: Item;
  readonly answer: Answer;
  readonly verdict: Verdict;
}

const isRight = ({ verdict }: Practised): boolean => verdict === 'right';

/** Items of a session that goes by what a child needs. */
export const FEWEST_ITEMS = 6;
export const MOST_ITEMS = 12;

/** Every so many items one that will very likely be right: the first, and never two hard ones without one between. */
const SURE_EVERY = 3;
/** Wrong answers in a row after which an easier one comes. */
const MOST_WRONG = 2;
/** What is suspected is settled above this probability; no more has to be found out then. */
const SETTLED = 0.8;
/** Tasks of each kind looked at for one choice: enough to find a good one, few enough for a slow tablet. */
const EACH_KIND = 4;
/** Share of tasks of circling that have two right clocks. */
const TWINS = 1 / 3;
/** A skill that is due counts as much as this many bits about the reason. */
const DUE_BITS = 0.35;

interface Candidate {
  readonly item: Item;
  readonly chance: number;
  readonly tells: number;
  readonly due: number;
}

/** Probability that a child who follows no rule does right what it did right in this share of its answers. */
const knowsOf = (share: number): number => Math.min(1 - SLIP, Math.max(0.5, share));

/** Kinds of task that are about one time. */
const isTimed = (kind: ItemKind): boolean => !['name-part', 'direction', 'how-long', 'day-order'].includes(kind);

/** Tasks to choose from: some of every kind that shows a skill taught, so that there is always an easy one among them. */
const makeCandidates = (needs: PracticeNeeds, suspicion: Suspicion, rng: Rng): Candidate[] => {
  const bySkill = new Map(needs.skills.map((need) => [need.skill, need]));
  const kinds = [...new Set(needs.skills.flatMap(({ skill }) => SKILL_DATA[skill].itemKinds))];
  return kinds.flatMap((kind) => {
    const times = shuffled(
      rng,
      needs.times.filter((time) => suits(kind, time)),
    );
    const made = isTimed(kind)
      ? times.slice(0, EACH_KIND).map((time) => {
          const item = makeItem(kind, rng, [time], needs.times);
          return rng() < TWINS ? withTwin(rng, item) : item;
        })
      : [makeItem(kind, rng, needs.times, needs.times)];
    return made.flatMap((item): Candidate[] => {
      const need = bySkill.get(skillOfItem(item));
      if (need === undefined) return [];
      const knows = knowsOf(need.share);
      const chance = chanceRight(suspicion, item, knows);
      return [{ item, chance, tells: information(suspicion, item, knows), due: need.due }];
    });
  });
};

const best = (candidates: readonly Candidate[], value: (one: Candidate) => number): Item | undefined =>
  candidates.reduce<Candidate | undefined>(
    (found, one) => (found === undefined || value(one) > value(found) ? one : found),
    undefined,
  )?.item;

/** Wrong answers since the last right one. */
const wrongInARow = (done: readonly Practised[]): number => done.length - 1 - done.findLastIndex(isRight);

/** The same task, also when one of the two was kept and read again. */
const isSameItem = (a: Item, b: Item): boolean => JSON.stringify(a) === JSON.stringify(b);
const wasAsked = (done: readonly Practised[], { item }: Candidate): boolean =>
  done.some((one) => isSameItem(one.item, item));

/** Not again what was just there: neither the same task, nor its time, nor a third of one kind in a row. */
const isFresh = (done: readonly Practised[], candidate: Candidate): boolean => {
  if (wasAsked(done, candidate)) return false;
  const { item } = candidate;
  const [last, before] = [done.at(-1), done.at(-2)];
  const time = timeOfItem(item);
  if (time !== undefined && last !== undefined && timeOfItem(last.item) === time) return false;
  return !(last?.item.kind === item.kind && before?.item.kind === item.kind);
};

/** A task of what this child is surest of. */
const sureOne = (candidates: readonly Candidate[]): Item | undefined => best(candidates, ({ chance }) => chance);

/** Probability 0..1 that this child does a task right, as far as is known. */
const chanceOf = (needs: PracticeNeeds, suspicion: Suspicion, item: Item): number => {
  const need = needs.skills.find(({ skill }) => skill === skillOfItem(item));
  return chanceRight(suspicion, item, knowsOf(need?.share ?? 0));
};
/**
 * After wrong answers one that is easier than those were, where there is one: the surest that is fresh; where each fresh one is
 * harder than both, as for a child who guesses and was asked yes or no, the surest that was not asked yet.
 */
const easierOne = (
  needs: PracticeNeeds,
  suspicion: Suspicion,
  done: readonly Practised[],
  all: readonly Candidate[],
): Item | undefined => {
  const enough = Math.min(...done.slice(-MOST_WRONG).map(({ item }) => chanceOf(needs, suspicion, item)));
  const fresh = all.filter((one) => isFresh(done, one));
  return (
    sureOne(fresh.filter(({ chance }) => chance >= enough)) ??
    sureOne(all.filter((one) => !wasAsked(done, one))) ??
    sureOne(all)
  );
};

/** What is due, and what tells most about the reason that is suspected. */
const tellingOne = (candidates: readonly Candidate[]): Item | undefined =>
  best(candidates, ({ tells, due }) => tells + DUE_BITS * due);

const isSettled = (suspicion: Suspicion): boolean => Math.max(...Object.values(suspicion)) > SETTLED;

/**
 * The next task for a child who practises by what it needs; none when it is enough. Six to twelve: an end comes after a right
 * answer, and when what is suspected is settled.
 */
export const nextByNeed = (needs: PracticeNeeds, done: readonly Practised[], rng: Rng): Item | undefined => {
  if (done.length >= MOST_ITEMS) return undefined;
  const suspicion = suspect(needs.suspicion, done);
  if (done.length >= FEWEST_ITEMS && isRight(done.at(-1)!) && isSettled(suspicion)) return undefined;
  const all = makeCandidates(needs, suspicion, rng);
  if (wrongInARow(done) >= MOST_WRONG) return easierOne(needs, suspicion, done, all);
  const fresh = all.filter((one) => isFresh(done, one));
  const candidates = fresh.length > 0 ? fresh : all;
  const isSure = done.length % SURE_EVERY === 0 || done.length === MOST_ITEMS - 1;
  return isSure ? sureOne(candidates) : tellingOne(candidates);
};

const isOfSet = (set: readonly Item[], item: Item): boolean => set.some((one) => isSameItem(one, item));
/** Was a task put in because those before went wrong? */
export const isPutIn = (set: readonly Item[], { item }: Practised): boolean => !isOfSet(set, item);

/**
 * The next task of a set that was laid out or handed; none when it is through. After two wrong answers in a row an easier one
 * comes in between.
 */
export const nextOfSet = (
  set: readonly Item[],
  needs: PracticeNeeds,
  done: readonly Practised[],
  rng: Rng,
): Item | undefined => {
  const ofSet = done.filter((one) => !isPutIn(set, one)).length;
  const next = set[ofSet];
  if (next === undefined) return undefined;
  const last = done.at(-1);
  const isNeeded = last !== undefined && !isPutIn(set, last) && wrongInARow(done) >= MOST_WRONG;
  if (!isNeeded) return next;
  const suspicion = suspect(needs.suspicion, done);
  // None of the set itself: that one comes at its own place.
  const others = makeCandidates(needs, suspicion, rng).filter(({ item }) => !isOfSet(set, item));
  return easierOne(needs, suspicion, done, others) ?? next;
};

/** Skills that were shown in a session: at least one right answer, in the order they came. */
export const shownSkills = (done: readonly Practised[]): Skill[] => [
  ...new Set(done.filter(isRight).map(({ item }) => skillOfItem(item))),
];
