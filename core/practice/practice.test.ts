import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { TAUGHT_TIMES, timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { guessChance, rightAnswers, skillOfItem, timeOfItem, type Item } from '../items/index.ts';
import { mark } from '../marking/index.ts';
import { WRONG_RULES } from '../misconceptions/index.ts';
import { makeItem } from '../sets/index.ts';
import { simulateAnswer, type SimulatedChild } from '../simulation/index.ts';
import { SKILLS, type Skill } from '../skills/index.ts';
import {
  FEWEST_ITEMS,
  MOST_ITEMS,
  UNKNOWN,
  chanceRight,
  information,
  needsOf,
  nextByNeed,
  nextOfSet,
  shownSkills,
  suspect,
  type PracticeNeeds,
  type Practised,
} from './index.ts';

const FIRST_GRADE = SKILLS.filter((skill) => /^(parts|clockwise|hour-hand|oclock|half-past|mixed|judge)/.test(skill));
const needs: PracticeNeeds = needsOf([], FIRST_GRADE, TAUGHT_TIMES, '2026-11-24');

/** A session of a made-up child, from the first task to the last. */
const session = (child: SimulatedChild, seed: number, given: PracticeNeeds = needs): Practised[] => {
  const rng = seededRng(seed);
  const done: Practised[] = [];
  for (;;) {
    const item = nextByNeed(given, done, rng);
    if (item === undefined) return done;
    const answer = simulateAnswer(child, item, rng);
    done.push({ item, answer, verdict: mark(item, answer).verdict });
  }
};
const anyChild = fc.record({
  rule: fc.option(fc.constantFrom(...WRONG_RULES), { nil: undefined }),
  faith: fc.constant(0.8),
  slip: fc.constantFrom(0, 0.1, 0.9),
});

describe('practice that goes by what a child needs', () => {
  it('has six to twelve tasks, no two alike, about what was taught, and not the same time twice running', () =>
    fc.assert(
      fc.property(anyChild, fc.integer(), (child, seed) => {
        const done = session(child, seed);
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
  it('never has a third hard one after two wrong answers in a row: an easier one comes', () =>
    fc.assert(
      fc.property(anyChild, fc.integer(), (child, seed) => {
        const done = session(child, seed);
        for (let i = 2; i < done.length; i++) {
          const [first, second] = [done[i - 2]!, done[i - 1]!];
          if (first.verdict === 'right' || second.verdict === 'right') continue;
          const suspicion = suspect(needs.suspicion, done.slice(0, i));
          const chance = ({ item }: Practised): number => chanceRight(suspicion, item, 0.6);
          // Of tasks made afresh each time the easiest are alike to a twentieth.
          expect(chance(done[i]!)).toBeGreaterThan(Math.min(chance(first), chance(second)) - 0.05);
        }
      }),
      { numRuns: 12 },
    ));
  it('asks a child who guesses nothing harder than yes or no after two of these went wrong', () => {
    const guessing: PracticeNeeds = {
      ...needsOf([], ['judge-clock', 'half-past-match', 'half-past-read'], TAUGHT_TIMES, '2026-11-24'),
      suspicion: Object.assign({}, UNKNOWN, ...Object.keys(UNKNOWN).map((state) => ({ [state]: 0 })), {
        guessing: 1,
      }) as PracticeNeeds['suspicion'],
    };
    for (let seed = 0; seed < 20; seed++) {
      const rng = seededRng(seed);
      const done = [0, 1].map((): Practised => {
        const item = makeItem('judge-clock', rng, TAUGHT_TIMES, TAUGHT_TIMES);
        const possible = rightAnswers(item).every((right) => right.kind === 'judgement' && right.possible);
        return { item, answer: { kind: 'judgement', possible: !possible }, verdict: 'wrong' };
      });
      expect(guessChance(nextByNeed(guessing, done, rng)!)).toBe(0.5);
    }
  });
  it('begins with something sure, and with another at every third place', () => {
    for (let seed = 0; seed < 10; seed++) {
      const done = session({ rule: 'hands-swapped', faith: 1, slip: 0 }, seed);
      for (const at of [0, 3]) {
        const suspicion = suspect(needs.suspicion, done.slice(0, at));
        expect(chanceRight(suspicion, done[at]!.item, 0.8)).toBeGreaterThan(0.6);
      }
    }
  });
  it('finds out what a child does: after a session the rule it follows stands first', () => {
    for (const rule of ['hands-swapped', 'coming-hour', 'hour-hand-on-numeral', 'colon-missing'] as const) {
      let found = 0;
      for (let seed = 0; seed < 8; seed++) {
        const suspicion = suspect(needs.suspicion, session({ rule, faith: 1, slip: 0 }, seed));
        const others = WRONG_RULES.filter((other) => other !== rule);
        if (suspicion[rule] >= Math.max(...others.map((other) => suspicion[other])) && suspicion[rule] > suspicion.none)
          found += 1;
      }
      expect([rule, found >= 6]).toEqual([rule, true]);
    }
  });
  it('asks about what was not seen for long before what was just seen', () => {
    const sure = (skill: Skill, due: number) => ({ skill, share: 0.9, due });
    const given: PracticeNeeds = {
      ...needs,
      skills: [sure('oclock-write', 1), sure('oclock-draw', 0), sure('oclock-set', 0)],
    };
    let writes = 0;
    for (let seed = 0; seed < 20; seed++) {
      const [, second] = session({ rule: undefined, faith: 0, slip: 0 }, seed, given);
      if (skillOfItem(second!.item) === 'oclock-write') writes += 1;
    }
    expect(writes).toBeGreaterThan(13);
  });
  it('is over, not endless, where nothing was taught yet', () =>
    expect(nextByNeed(needsOf([], [], [], '2026-11-24'), [], seededRng(1))).toBeUndefined());
});

describe('a set', () => {
  const set: Item[] = [timeOf(3), timeOf(9), timeOf(7), timeOf(2)].map((shown) => ({ kind: 'set', shown }));
  const wrong = (item: Item): Practised => ({
    item,
    answer: { kind: 'hands', hour: 0, minute: 200 },
    verdict: 'wrong',
  });
  const right = (item: Item): Practised => ({ item, answer: { kind: 'hands', hour: 90, minute: 0 }, verdict: 'right' });
  it('is asked in its order to its end', () => {
    const done: Practised[] = [];
    for (let item = nextOfSet(set, needs, done, seededRng(1)); item !== undefined;) {
      done.push(right(item));
      item = nextOfSet(set, needs, done, seededRng(1));
    }
    expect(done.map(({ item }) => item)).toEqual(set);
  });
  it('has an easier one put in after two wrong answers, and goes on where it was', () => {
    const two = [wrong(set[0]!), wrong(set[1]!)];
    for (let seed = 0; seed < 20; seed++) {
      const eased = nextOfSet(set, needs, two, seededRng(seed))!;
      expect(set).not.toContainEqual(eased);
      expect(nextOfSet(set, needs, [...two, right(eased)], seededRng(seed))).toBe(set[2]);
      expect(nextOfSet(set, needs, [...two, wrong(eased)], seededRng(seed))).toBe(set[2]);
      // Stood it in the set itself, for later, another would be put in.
      expect(nextOfSet([...set, eased], needs, two, seededRng(seed))).not.toEqual(eased);
    }
  });
});

describe('what is suspected', () => {
  it('is not moved by a task that hides the rule, and is by one that shows it', () => {
    const after = (item: Item, answer: Parameters<typeof mark>[1]) => suspect(UNKNOWN, [{ item, answer }]);
    const swapped = after({ kind: 'read', shown: timeOf(3) }, { kind: 'time', time: timeOf(12, 15) });
    expect(swapped['hands-swapped']).toBeGreaterThan(UNKNOWN['hands-swapped']);
  });
  it('finds more in reading half past than in reading 12:00, where both hands lie on each other', () => {
    const of = (shown: ReturnType<typeof timeOf>): number => information(UNKNOWN, { kind: 'read', shown }, 0.8);
    expect(of(timeOf(4, 30))).toBeGreaterThan(1.4 * of(timeOf(12)));
  });
  it('is nothing where a task says nothing about it', () =>
    expect(information({ ...UNKNOWN, guessing: 0 }, { kind: 'how-long', deed: 'clap' }, 0.8)).toBeCloseTo(0));
  it('is needed for no skill that is secure and was just seen', () => {
    const answers = Array.from({ length: 8 }, (_, i) => ({
      childId: 1,
      lessonId: 1,
      item: { kind: 'read', shown: timeOf((i % 11) + 1) } as const,
      answer: { kind: 'time', time: timeOf((i % 11) + 1) } as const,
      verdict: 'right' as const,
      day: i < 4 ? '2026-11-23' : '2026-11-24',
    }));
    const [read, set] = needsOf(answers, ['oclock-read', 'oclock-set'], TAUGHT_TIMES, '2026-11-24').skills;
    expect(read).toMatchObject({ due: 0 });
    expect(set).toMatchObject({ due: 1 });
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
