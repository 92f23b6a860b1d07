import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { TAUGHT_TIMES, timeOf } from '../clock/index.ts';
import { seededRng, type Rng } from '../common/index.ts';
import { guessChance, timeOfItem, type Item } from '../items/index.ts';
import { skillOfItem, SKILLS, type Skill } from '../skills/index.ts';
import { WRONG_RULES, isInvisible } from '../misconceptions/index.ts';
import { makeItem } from '../making/index.ts';
import { knowing, simulateAnswer, type SimulatedChild } from '../simulation/index.ts';
import { recallOf } from '../recall/index.ts';
import {
  FEWEST_ITEMS,
  MOST_ITEMS,
  candidateOf,
  chanceRight,
  information,
  makePool,
  needsOf,
  prepareByNeed,
  prepareSet,
  prospectOf,
  shownSkills,
  stonesOf,
  stonesOn,
  taskAfter,
  taskOn,
  wayAnew,
  wayInto,
  wayOn,
  type PracticeNeeds,
  type Practised,
  type Session,
} from './index.ts';
import { markGiven as mark, response } from '../marking/given.test.support.ts';
import { NEED_OF_RULE, begun, judgeChild, type Belief } from '../diagnosis/index.ts';
import { UNKNOWN, believed, judgedGiven, sharesAfter } from '../diagnosis/judged.test.support.ts';

const FIRST_GRADE = SKILLS.filter((skill) => /^(parts|clockwise|hour-hand|oclock|half-past|mixed|judge)/.test(skill));
const needs: PracticeNeeds = needsOf([], FIRST_GRADE, TAUGHT_TIMES, '2026-11-24');

/** What a made-up child does in a session, from its first task to its last; made ready anew after each answer where that is said how. */
const walk = (
  prepared: Session,
  child: SimulatedChild,
  rng: Rng,
  anew?: (done: readonly Practised[]) => Session,
  most = Infinity,
): readonly Practised[] => {
  let way = wayInto(prepared);
  for (let item = taskOn(way); item !== undefined && way.done.length < most; item = taskOn(way)) {
    const answer = simulateAnswer(child, item, rng);
    way = wayOn(way, { item, answer, verdict: mark(item, answer).verdict });
    if (anew !== undefined) way = wayAnew(way, anew(way.done));
  }
  return way.done;
};
/** A session's answers as they are kept. */
const heard = (done: readonly Practised[]) => done.map(({ item, answer }) => response(item, answer));
const pool = makePool(needs, seededRng(1));
/** A session made ready once, as for a tablet without a network. */
const alone = (child: SimulatedChild, seed: number): readonly Practised[] =>
  walk(prepareByNeed(needs, makePool(needs, seededRng(seed))), child, seededRng(seed));
/** A session made again after each answer, as for a tablet the server hears. @param most looked at no further than so many tasks */
const session = (child: SimulatedChild, seed: number, given = needs, most?: number): readonly Practised[] => {
  const rng = seededRng(seed);
  const tasks = makePool(given, rng);
  const prepare = (done: readonly Practised[]): Session =>
    prepareByNeed({ ...given, belief: believed(heard(done), given.belief) }, tasks, done);
  return walk(prepare([]), child, rng, prepare, most);
};
/** Every way through a session, as verdicts and tasks met: at most as many as asked for. */
const everyWay = (prepared: Session, most: number): Practised[][] => {
  const ways: Practised[][] = [];
  const go = (done: readonly Practised[]): void => {
    const item = taskAfter(prepared, done);
    if (ways.length >= most) return;
    if (item === undefined) {
      ways.push([...done]);
      return;
    }
    for (const verdict of ['wrong', 'right'] as const)
      go([...done, { item, verdict, answer: { kind: 'yes-no', yes: true } }]);
  };
  go([]);
  return ways;
};
const bareChance = (item: Item, belief = needs.belief, knows = 0.6): number =>
  chanceRight(belief, prospectOf(item), knows);
/** Of a child that guesses, as sure as can be. */
const guessingBelief = (): Belief =>
  believed(
    [1, 2, 4, 5, 7, 8].map((hour) =>
      response({ kind: 'read', shown: timeOf(hour) }, { kind: 'time', time: timeOf(((hour * 5) % 12) + 1, 35) }),
    ),
  );
const anyChild = fc.record({
  rule: fc.option(fc.constantFrom(...WRONG_RULES), { nil: undefined }),
  faith: fc.constant(0.8),
  slip: fc.constantFrom(0, 0.1, 0.9),
});

describe('practice that goes by what a child needs', () => {
  it('has six to twelve tasks, no two alike, about what was taught, and not the same time twice running', () =>
    fc.assert(
      fc.property(anyChild, fc.integer(), fc.constantFrom(session, alone), (child, seed, practised) => {
        const done = practised(child, seed);
        expect(done.length).toBeGreaterThanOrEqual(FEWEST_ITEMS);
        expect(done.length).toBeLessThanOrEqual(MOST_ITEMS);
        const asked = done.map(({ item }) => JSON.stringify(item));
        expect(new Set(asked).size).toBe(asked.length);
        done.forEach(({ item }, i) => {
          expect(FIRST_GRADE).toContain(skillOfItem(item));
          const before = done[i - 1];
          if (before?.verdict === 'right' && timeOfItem(item) !== undefined)
            expect(timeOfItem(item)).not.toBe(timeOfItem(before.item));
        });
      }),
      { numRuns: 12 },
    ));
  it('is the same whatever was made ready before, and leaves what is believed of a child as it was', () => {
    const guessing: PracticeNeeds = { ...needs, belief: guessingBelief() };
    const untouched = needs.belief.slice();
    const ready = (): Session[] =>
      [needs, guessing, needs, guessing].map((each, i) => prepareByNeed(each, makePool(each, seededRng(i % 2))));
    const [first, guessed, again, guessedAgain] = ready();
    expect(again).toEqual(prepareByNeed(needs, makePool(needs, seededRng(0))));
    expect([again, guessedAgain]).toEqual([first, guessed]);
    expect(needs.belief).toEqual(untouched);
  });
  it('asks nobody a task twice, whichever way it comes: all of 4096 ways through each session are tried', () => {
    for (let seed = 0; seed < 2; seed++) {
      const ways = everyWay(prepareByNeed(needs, makePool(needs, seededRng(seed))), 4096);
      expect(ways.length).toBeGreaterThan(1000);
      for (const done of ways) {
        expect(new Set(done.map(({ item }) => JSON.stringify(item))).size).toBe(done.length);
        expect(done.length).toBeGreaterThanOrEqual(FEWEST_ITEMS);
        expect(done.length).toBeLessThanOrEqual(MOST_ITEMS);
      }
    }
  });
  it('never has a third hard one after two wrong answers in a row: an easier one comes', () =>
    fc.assert(
      fc.property(anyChild, fc.integer(), (child, seed) => {
        const done = session(child, seed);
        for (let i = 2; i < done.length; i++) {
          const [first, second] = [done[i - 2]!, done[i - 1]!];
          if (first.verdict === 'right' || second.verdict === 'right') continue;
          const belief = believed(heard(done.slice(0, i)));
          const chance = ({ item }: Practised): number => bareChance(item, belief);
          expect(chance(done[i]!)).toBeGreaterThan(Math.min(chance(first), chance(second)) - 0.05);
        }
      }),
      { numRuns: 12 },
    ));
  it('asks a child who guesses nothing harder than yes or no after two of these went wrong', () => {
    const guessing: PracticeNeeds = {
      ...needsOf([], ['judge-clock', 'half-past-match', 'half-past-read'], TAUGHT_TIMES, '2026-11-24'),
      belief: guessingBelief(),
    };
    const set = [0, 1, 2].map((i) => makeItem('judge-clock', seededRng(i), TAUGHT_TIMES, TAUGHT_TIMES));
    for (let seed = 0; seed < 20; seed++) {
      const eased = taskAfter(prepareSet(set, guessing, makePool(guessing, seededRng(seed))), [
        { verdict: 'wrong' },
        { verdict: 'wrong' },
      ]);
      expect(guessChance(eased!)).toBe(0.5);
    }
  });
  it('begins with something sure, and with another at every third place', () => {
    for (let seed = 0; seed < 5; seed++) {
      const done = session({ rule: 'hands-swapped', faith: 1, slip: 0 }, seed, needs, 4);
      for (const at of [0, 3]) {
        const belief = believed(heard(done.slice(0, at)));
        expect(bareChance(done[at]!.item, belief, 0.8)).toBeGreaterThan(0.6);
      }
    }
  });
  it('finds out what a child does: after a session the rule it follows stands first', () => {
    for (const rule of ['hands-swapped', 'coming-hour', 'hour-hand-on-numeral', 'colon-missing'] as const) {
      let found = 0;
      for (let seed = 0; seed < 4; seed++) {
        const { rules, needs: shares } = sharesAfter(heard(session({ rule, faith: 1, slip: 0 }, seed)));
        if (rules[rule] >= Math.max(...WRONG_RULES.map((other) => rules[other])) && rules[rule] > shares.none)
          found += 1;
      }
      expect([rule, found >= 3]).toEqual([rule, true]);
    }
  });
  it('finds it out in most sessions made ready once, too, where only right or not is known', () => {
    const rules = ['hands-swapped', 'coming-hour', 'hour-hand-on-numeral'] as const;
    const found = rules.flatMap((rule) =>
      [0, 1, 2, 3, 4].filter((seed) => {
        const { rules: shares } = sharesAfter(heard(alone({ rule, faith: 1, slip: 0 }, seed)));
        return shares[rule] >= Math.max(...WRONG_RULES.map((other) => shares[other]));
      }),
    );
    expect(found.length).toBeGreaterThanOrEqual(9);
  });
  it('does not end on what is sure before it was seen in as many tasks as a name takes', () => {
    let early = 0;
    for (const rule of ['long-hand-only', 'coming-hour', 'anticlockwise', 'colon-missing'] as const)
      for (let seed = 0; seed < 3; seed++) {
        const rng = seededRng(seed);
        const tasks = makePool(needs, rng);
        const known = (sofar: readonly Practised[]) => sofar.map(({ item, answer }) => judgedGiven(item, answer));
        const done = walk(prepareByNeed(needs, tasks), { rule, faith: 1, slip: 0 }, rng, (sofar) =>
          prepareByNeed(needsOf(known(sofar), FIRST_GRADE, TAUGHT_TIMES, '2026-11-24'), tasks, sofar),
        );
        if (done.length === MOST_ITEMS) continue;
        early += 1;
        expect([rule, seed, judgeChild(known(done)).reasons.map(({ need }) => need)]).toEqual([
          rule,
          seed,
          [NEED_OF_RULE[rule]],
        ]);
      }
    expect(early).toBeGreaterThan(6);
  });
  it('asks a task in which a rule shows that waits to be seen once more, before one that is sure', () => {
    const read = (hour: number): Item => ({ kind: 'read', shown: timeOf(hour) });
    const once = [
      response(read(3), { kind: 'time', time: timeOf(12, 15) }),
      response({ kind: 'set', shown: timeOf(9) }, { kind: 'hands', hour: 0, minute: 270 }),
    ];
    const waiting = { ...needs, belief: believed(once), waiting: 'hands-swapped' as const };
    const asked = once.slice(0, 1).map(({ item }): Practised => ({ item, answer: once[0]!.answer, verdict: 'right' }));
    for (let seed = 0; seed < 5; seed++) {
      const item = taskAfter(prepareByNeed(waiting, makePool(needs, seededRng(seed)), asked), []);
      expect(isInvisible('hands-swapped', item!)).toBe(false);
    }
  });
  it('asks about what was not seen for long before what was just seen', () => {
    const sure = (skill: Skill) => ({ skill, share: 0.9 });
    const seen = (skill: Skill, day: string) => ({ skill, day, verdict: 'right', guess: 0, time: undefined }) as const;
    const given: PracticeNeeds = {
      ...needs,
      skills: [sure('oclock-write'), sure('oclock-draw'), sure('oclock-set')],
      recall: recallOf([
        seen('oclock-write', '2026-11-03'),
        seen('oclock-draw', '2026-11-23'),
        seen('oclock-set', '2026-11-23'),
      ]),
    };
    let writes = 0;
    for (let seed = 0; seed < 20; seed++) {
      const [, second] = session(knowing(0), seed, given, 2);
      if (skillOfItem(second!.item) === 'oclock-write') writes += 1;
    }
    expect(writes).toBeGreaterThan(13);
  });
  it('is over, not endless, where nothing was taught yet', () =>
    expect(prepareByNeed(needsOf([], [], [], '2026-11-24'), [])).toEqual({
      tasks: [],
      steps: [],
      fewest: 0,
    }));
  it('has something to ask, and an end, where only one thing was taught', () => {
    for (const skill of FIRST_GRADE) {
      const given = needsOf([], [skill], TAUGHT_TIMES, '2026-11-24');
      const prepared = prepareByNeed(given, makePool(given, seededRng(3)));
      for (const done of everyWay(prepared, 200)) {
        expect(done.length).toBeGreaterThanOrEqual(FEWEST_ITEMS);
        expect(done.length).toBeLessThanOrEqual(MOST_ITEMS);
      }
    }
  });
  it('says nothing of a child: no rule, no share, no verdict is in it', () => {
    const told = JSON.stringify(prepareByNeed(needs, pool));
    for (const rule of WRONG_RULES) expect(told).not.toContain(`"${rule}"`);
    expect(told).not.toMatch(/share|due|suspicion|verdict|secure|needs/);
  });
  it('is small enough to be sent at every look', () =>
    expect(JSON.stringify(prepareByNeed(needs, pool)).length).toBeLessThan(40_000));
});

describe('a set', () => {
  const set: Item[] = [timeOf(3), timeOf(9), timeOf(7), timeOf(2)].map((shown) => ({ kind: 'set', shown }));
  const wrong = (item: Item): Practised => ({
    item,
    answer: { kind: 'hands', hour: 0, minute: 200 },
    verdict: 'wrong',
  });
  const right = (item: Item): Practised => ({ item, answer: { kind: 'hands', hour: 90, minute: 0 }, verdict: 'right' });
  it('is asked in its order to its end, with a stone for each of its tasks', () => {
    const prepared = prepareSet(set, needs, pool);
    const done: Practised[] = [];
    for (let item = taskAfter(prepared, done); item !== undefined; item = taskAfter(prepared, done)) {
      expect(stonesOf(prepared, done)).toBe(set.length);
      done.push(right(item));
    }
    expect(done.map(({ item }) => item)).toEqual(set);
  });
  it('has as many stones on a way made ready anew after two answers as it had', () => {
    const way = [set[0]!, set[1]!].map(right).reduce(wayOn, wayInto(prepareSet(set, needs, pool)));
    expect(stonesOn(way)).toBe(set.length);
    const anew = wayAnew(way, { ...prepareSet(set.slice(2), needs, pool), fewest: set.length });
    expect(stonesOn(anew)).toBe(set.length);
    expect(taskOn(anew)).toEqual(set[2]);
    expect(stonesOn([right(set[2]!), right(set[3]!)].reduce(wayOn, anew))).toBe(set.length);
  });
  it('has an easier one put in after two wrong answers, and goes on where it was', () => {
    const two = [wrong(set[0]!), wrong(set[1]!)];
    for (let seed = 0; seed < 20; seed++) {
      const tasks = makePool(needs, seededRng(seed));
      const prepared = prepareSet(set, needs, tasks);
      const eased = taskAfter(prepared, two)!;
      expect(set).not.toContainEqual(eased);
      expect(bareChance(eased)).toBeGreaterThanOrEqual(Math.min(bareChance(set[0]!), bareChance(set[1]!)));
      expect(stonesOf(prepared, two)).toBe(set.length);
      expect(stonesOf(prepared, [...two, right(eased)])).toBe(set.length + 1);
      expect(taskAfter(prepared, [...two, right(eased)])).toEqual(set[2]);
      expect(taskAfter(prepared, [...two, wrong(eased)])).toEqual(set[2]);
      // Stood it in the set itself, for later, another would be put in.
      expect(taskAfter(prepareSet([...set, eased], needs, tasks), two)).not.toEqual(eased);
    }
  });
  it('is never left out of, nor asked twice, whatever goes wrong: all ways through it are tried', () => {
    const longer = [...set, { kind: 'set', shown: timeOf(5) } as const, { kind: 'set', shown: timeOf(8) } as const];
    for (const done of everyWay(prepareSet(longer, needs, pool), 1000)) {
      const asked = done.map(({ item }) => item);
      expect(asked.filter((item) => longer.some((one) => JSON.stringify(one) === JSON.stringify(item)))).toEqual(
        longer,
      );
      expect(new Set(asked.map((item) => JSON.stringify(item))).size).toBe(asked.length);
      // One is put in wherever two went wrong and none was put in just before, and the set is not through.
      const putIn = asked.filter((item) => !longer.some((one) => JSON.stringify(one) === JSON.stringify(item)));
      if (done.every(({ verdict }) => verdict === 'right')) expect(putIn).toEqual([]);
      if (done.every(({ verdict }) => verdict === 'wrong')) expect(putIn.length).toBeGreaterThanOrEqual(2);
    }
  });
});

describe('what is suspected', () => {
  it('is not moved by a task that hides the rule, and is by one that shows it', () => {
    const after = (item: Item, answer: Parameters<typeof mark>[1]) => sharesAfter([response(item, answer)]).rules;
    const swapped = after({ kind: 'read', shown: timeOf(3) }, { kind: 'time', time: timeOf(12, 15) });
    expect(swapped['hands-swapped']).toBeGreaterThan(UNKNOWN.rules['hands-swapped']);
  });
  it('finds more in reading half past than in reading 12:00, where both hands lie on each other', () => {
    const of = (shown: ReturnType<typeof timeOf>): number =>
      information(begun(), prospectOf({ kind: 'read', shown }), 0.8);
    expect(of(timeOf(4, 30))).toBeGreaterThan(1.4 * of(timeOf(12)));
  });
  it('is nothing where a task says nothing about it', () =>
    expect(information(begun(), prospectOf({ kind: 'how-long', deed: 'clap' }), 0.8)).toBeCloseTo(0));
  it('is needed for no skill that is secure and was just seen', () => {
    const answers = Array.from({ length: 8 }, (_, i) =>
      judgedGiven(
        { kind: 'read', shown: timeOf((i % 11) + 1) },
        { kind: 'time', time: timeOf((i % 11) + 1) },
        i < 4 ? '2026-11-23' : '2026-11-24',
      ),
    );
    const after = needsOf(answers, ['oclock-read', 'oclock-set'], TAUGHT_TIMES, '2026-11-24');
    const due = (item: Item): number => candidateOf(after, prospectOf(item)).due;
    expect(due({ kind: 'read', shown: timeOf(8) })).toBe(0);
    expect(due({ kind: 'set', shown: timeOf(8) })).toBeGreaterThan(0.5);
    expect(due({ kind: 'set', shown: timeOf(12) })).toBe(1);
    // A time that never came up is due more than one that just did.
    expect(due({ kind: 'read', shown: timeOf(12) })).toBeGreaterThan(0.5);
  });
  it('begins, of what a child is as sure of, with what has faded most', () => {
    const right = (hour: number, day: string) =>
      judgedGiven({ kind: 'read', shown: timeOf(hour) }, { kind: 'time', time: timeOf(hour) }, day);
    const days = ['2026-11-09', '2026-11-10', '2026-11-23'];
    // 3 and 8 were asked two weeks ago, all others yesterday.
    const answers = days.flatMap((day, i) =>
      (i < 2 ? [3, 8] : [1, 2, 4, 5, 7, 9, 10, 11]).map((hour) => right(hour, day)),
    );
    const known = needsOf(answers, ['oclock-read'], TAUGHT_TIMES, '2026-11-24');
    for (let seed = 0; seed < 10; seed++) {
      const first = taskAfter(prepareByNeed(known, makePool(known, seededRng(seed))), []);
      // 12 and 6 never came up, or came up long ago: either is to come back.
      expect([timeOf(3), timeOf(8), timeOf(6), timeOf(12)]).toContain(timeOfItem(first!));
    }
  });
});

it('tells a child what it has shown: each skill once, none it was never right in', () => {
  const one = (shown: ReturnType<typeof timeOf>, verdict: 'right' | 'wrong'): Practised => ({
    item: { kind: 'read', shown },
    answer: { kind: 'time', time: shown },
    verdict,
  });
  expect(shownSkills([one(timeOf(3), 'right'), one(timeOf(4), 'right'), one(timeOf(4, 30), 'wrong')])).toEqual([
    'oclock-read',
  ]);
});
