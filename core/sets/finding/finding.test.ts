import { describe, expect, it } from '@jest/globals';
import { TAUGHT_TIMES, isOclock, timeOf, type DialTime } from '../../clock/index.ts';
import { pick, seededRng, type Rng } from '../../common/index.ts';
import { NEED_OF_RULE, begun, foretoldOf, judge, judgeChild, sharesOf } from '../../diagnosis/index.ts';
import { rightAnswers, type Answer, type Item } from '../../items/index.ts';
import { response } from '../../marking/given.test.support.ts';
import { WRONG_RULES, type WrongRule } from '../../misconceptions/index.ts';
import { alikeIn, alikeInAll, bitsOf, together } from './parting.ts';
import { FINDING_STATES, answersTo } from './states.ts';
import { AS_MUCH, asMuchAs, bestSwap, bettered, informationOf, likelyOf, whatItFinds, type Choice } from './index.ts';

const ANYBODY = likelyOf([sharesOf(begun())]);
const read = (shown: DialTime): Item => ({ kind: 'read', shown });
const [R, D, W]: readonly Item[] = [
  { kind: 'read', shown: timeOf(4, 30) },
  { kind: 'draw', shown: timeOf(9, 30) },
  { kind: 'write-digital', shown: timeOf(3) },
];

/** An answer of a column of what is foretold: right, one that rules lead to, any other. */
const answerOf = (item: Item, column: number, rng: Rng): Answer => {
  const { own } = foretoldOf(item);
  if (column === 0) return rightAnswers(item)[0]!;
  return own[column - 1] ?? rightAnswers({ ...item, shown: pick(rng, TAUGHT_TIMES) } as Item)[0]!;
};

describe('how likely each state is', () => {
  it('is a share of children, and the same for each where there are none', () => {
    expect(ANYBODY.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
    const none = likelyOf([]);
    expect(new Set(none).size).toBe(1);
    expect(none).toHaveLength(WRONG_RULES.length + 2);
  });
  it('goes with what is thought of the children', () => {
    const swaps = judgeChild(
      [3, 9, 4, 2].map((hour) =>
        judge({
          childId: 1,
          lessonId: 1,
          day: '2026-11-10',
          ...response(read(timeOf(hour)), { kind: 'time', time: timeOf(12, hour * 5) }),
        }),
      ),
    ).shares;
    const likely = likelyOf([swaps, sharesOf(begun())]);
    expect(likely[FINDING_STATES.indexOf('hands-swapped')]!).toBeGreaterThan(0.3);
  });
});

describe('what a set tells', () => {
  it('is foretold with chances that sum to one in each state', () => {
    for (const item of [R!, D!, W!]) {
      const { columns, rows } = answersTo(item);
      FINDING_STATES.forEach((_, s) =>
        expect(rows.slice(s * columns, (s + 1) * columns).reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 4),
      );
    }
  });
  it('is nothing without tasks, more with each, and never more than there is to know', () => {
    expect(informationOf(ANYBODY, [])).toBeCloseTo(0, 9);
    const told = [[R!], [R!, D!], [R!, D!, W!]].map((items) => informationOf(ANYBODY, items));
    expect(told[0]!).toBeGreaterThan(0.2);
    expect(told[1]!).toBeGreaterThan(told[0]!);
    expect(told[2]!).toBeGreaterThan(told[1]!);
    const entropy = ANYBODY.reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0);
    expect(told[2]!).toBeLessThan(entropy);
  });
  it('is no more than the answers really tell, counted through for two tasks', () => {
    for (const [one, other] of [
      [R!, D!],
      [R!, W!],
      [D!, W!],
      [R!, read(timeOf(12))],
    ]) {
      const [a, b] = [answersTo(one!), answersTo(other!)];
      let exact = 0;
      for (let i = 0; i < a.columns; i++)
        for (let j = 0; j < b.columns; j++) {
          const joint = FINDING_STATES.map((_, s) => a.rows[s * a.columns + i]! * b.rows[s * b.columns + j]!);
          const all = joint.reduce((sum, p, s) => sum + ANYBODY[s]! * p, 0);
          joint.forEach((p, s) => {
            if (p > 0) exact += ANYBODY[s]! * p * Math.log2(p / all);
          });
        }
      const bound = informationOf(ANYBODY, [one!, other!]);
      expect(bound).toBeLessThanOrEqual(exact + 1e-4);
      expect(bound).toBeGreaterThan(0.4 * exact);
    }
  });
});

describe('what a set can find out', () => {
  const half = [1, 3, 5, 8, 9, 10].map((hour) => read(timeOf(hour, 30)));
  it('is, for each need, about as often as the judgement itself names it', () => {
    const rng = seededRng(3);
    for (const [rule, items] of [
      ['coming-hour', half],
      ['numeral-as-minutes', half],
      ['hands-swapped', half.slice(0, 3)],
      ['wrong-side', [D!, { kind: 'draw', shown: timeOf(2, 30) }, { kind: 'draw', shown: timeOf(7, 30) }]],
    ] as readonly (readonly [WrongRule, readonly Item[]])[]) {
      const likely = new Float64Array(FINDING_STATES.length);
      likely[FINDING_STATES.indexOf(rule)] = 1;
      const need = NEED_OF_RULE[rule];
      const { named } = whatItFinds(likely, items);
      let found = 0;
      const CHILDREN = 150;
      for (let child = 0; child < CHILDREN; child++) {
        const answers = items.map((item) => {
          const { columns, rows } = answersTo(item);
          const state = FINDING_STATES.indexOf(rule);
          let [column, left] = [0, rng()];
          while (column < columns - 1 && left >= rows[state * columns + column]!)
            left -= rows[state * columns + column++]!;
          return judge({ childId: 1, lessonId: 1, day: '2026-11-10', ...response(item, answerOf(item, column, rng)) });
        });
        if (judgeChild(answers).reasons.some((one) => one.need === need)) found += 1;
      }
      expect(Math.abs(found / CHILDREN - named[need])).toBeLessThan(0.12);
      expect(named[need]).toBeGreaterThan(0.4);
    }
  });
  it('is nothing of what no task shows, and such rules are said', () => {
    const { named, hidden } = whatItFinds(ANYBODY, half);
    expect(named.writing).toBe(0);
    for (const rule of ['colon-missing', 'wrong-side', 'names-swapped'] as const) expect(hidden).toContain(rule);
    expect(hidden).not.toContain('coming-hour');
    const none = whatItFinds(ANYBODY, []);
    expect(none.hidden).toHaveLength(WRONG_RULES.length);
    expect(Object.values(none.named).every((chance) => chance === 0)).toBe(true);
  });
  it('says which reasons it cannot tell apart', () => {
    const { alike } = whatItFinds(ANYBODY, [read(timeOf(12)), read(timeOf(12, 30))]);
    for (const [one, other] of alike) expect(NEED_OF_RULE[one]).not.toBe(NEED_OF_RULE[other]);
    expect(whatItFinds(ANYBODY, half).alike.length).toBeLessThan(alike.length + WRONG_RULES.length);
  });
  it('is the same every time', () => expect(whatItFinds(ANYBODY, half)).toEqual(whatItFinds(ANYBODY, half)));
});

describe('a set chosen for what it finds out', () => {
  const POOL = TAUGHT_TIMES.map(read);
  const choice = (likely = ANYBODY): Choice => ({
    likely,
    others: (set) => POOL.filter((item) => !set.includes(item)),
  });
  const last = (steps: Generator<readonly Item[], readonly Item[]>): readonly Item[] => {
    let step = steps.next();
    while (!step.done) step = steps.next();
    return step.value;
  };
  /** The most that any six of them tell: every set is looked at. */
  const most = (likely: typeof ANYBODY): number => {
    let best = 0;
    const down = (from: number, left: number, alike: Float64Array): void => {
      for (let i = from; i <= POOL.length - left; i++) {
        if (left === 1) best = Math.max(best, bitsOf(likely, alike, alikeIn(POOL[i]!)));
        else down(i + 1, left - 1, together(alike, alikeIn(POOL[i]!)));
      }
    };
    down(0, 6, alikeInAll([]));
    return best;
  };
  it('tells as much as the best of all sets of six of twenty-four times, to one in a hundred', () => {
    const rng = seededRng(8);
    const best = most(ANYBODY);
    for (let i = 0; i < 5; i++) {
      const start = Array.from({ length: 6 }, () => pick(rng, POOL)).filter((one, at, all) => all.indexOf(one) === at);
      const padded = [...start, ...POOL.filter((one) => !start.includes(one))].slice(0, 6);
      expect(informationOf(ANYBODY, last(bettered(padded, choice()))) / best).toBeGreaterThanOrEqual(0.99);
    }
  });
  it('goes up with every step, and ends where no swap helps', () => {
    let before = informationOf(ANYBODY, POOL.slice(0, 6));
    const steps = bettered(POOL.slice(0, 6), choice());
    for (const set of steps) {
      const now = informationOf(ANYBODY, set);
      expect(now).toBeGreaterThan(before);
      expect(new Set(set).size).toBe(6);
      before = now;
    }
    expect(bestSwap(last(bettered(POOL.slice(0, 6), choice())), choice())).toBeUndefined();
  });
  it('takes nothing but what may stand in a place', () => {
    const oclock = POOL.filter((item) => 'shown' in item && isOclock(item.shown));
    const only: Choice = { likely: ANYBODY, others: (set) => oclock.filter((item) => !set.includes(item)) };
    expect(last(bettered(oclock.slice(0, 6), only)).every((item) => oclock.includes(item))).toBe(true);
    expect(bestSwap(oclock.slice(0, 6), { likely: ANYBODY, others: () => [] })).toBeUndefined();
  });
  it('can be made to tell as much as another form, to two in a hundred', () => {
    const best = last(bettered(POOL.slice(0, 6), choice()));
    const goal = informationOf(ANYBODY, best) * 0.9;
    const told = informationOf(ANYBODY, asMuchAs(best, goal, choice()));
    expect(Math.abs(told - goal) / goal).toBeLessThanOrEqual(AS_MUCH);
  });
});
