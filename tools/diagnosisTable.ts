/** Simulated children of a model that is not the judgement's own: need right first, named, false alarms, wrong needs. */
import { timeOf } from '../core/clock/index.ts';
import { pick, seededRng, type Rng } from '../core/common/index.ts';
import { DEFAULT_CONVENTIONS } from '../core/conventions/index.ts';
import { readAndMark } from '../core/marking/index.ts';
import { rightAnswers, guessChance, type Answer, type Item } from '../core/items/index.ts';
import { TAUGHT_TIMES } from '../core/clock/index.ts';
import { WRONG_RULES, isInvisible, predict, visibleRules, type WrongRule } from '../core/misconceptions/index.ts';
import { begun, sharesOf, withAnswers } from '../core/diagnosis/belief.ts';
import { clueOf } from '../core/diagnosis/clue.ts';
import { namedNeeds } from '../core/diagnosis/naming.ts';
import { NEEDS, NEED_OF_RULE, type Need } from '../core/diagnosis/needs.ts';

const CHILDREN = Number(process.argv[2] ?? 300);

const anyAnswer = (rng: Rng, item: Item): Answer => {
  if ('options' in item) return { kind: 'choice', chosen: [Math.floor(rng() * item.options.length)] };
  if ('shown' in item) return rightAnswers({ ...item, shown: pick(rng, TAUGHT_TIMES) } as Item)[0]!;
  return rightAnswers(item)[0]!;
};
/** Half of the slips are near misses such as rules lead to. */
const slip = (rng: Rng, item: Item): Answer => {
  const rules = visibleRules(item);
  return rng() < 0.5 && rules.length > 0 ? pick(rng, pick(rng, rules).own) : anyAnswer(rng, item);
};
export type State = 'none' | 'guessing' | WrongRule;
const answerOf = (rng: Rng, state: State, item: Item, faith: number, slips: number): Answer => {
  if (rng() < slips) return slip(rng, item);
  const right = rightAnswers(item)[0]!;
  if (state === 'none') return right;
  if (state === 'guessing') return rng() < guessChance(item) ? right : anyAnswer(rng, item);
  const predicted = predict(state, item);
  if (rng() >= faith) return right;
  if (predicted.kind === 'guess') return anyAnswer(rng, item);
  if (predicted.kind !== 'answers' || isInvisible(state, item)) return right;
  if (predicted.orRight && rng() < 0.5) return right;
  return rng() < 2 / 3 ? predicted.own[0]! : pick(rng, predicted.own);
};
const at = timeOf;
const choose = (hour: number): Item => ({
  kind: 'choose-writings',
  shown: at(hour),
  options: [`${hour}00`, `${hour}:00`, `${hour}:0`, `00:${hour}`],
});
export const PROBE: readonly Item[] = [
  { kind: 'draw', shown: at(9, 30) },
  { kind: 'draw', shown: at(4, 30) },
  { kind: 'write-digital', shown: at(12, 30) },
  { kind: 'write-digital', shown: at(2) },
  { kind: 'read', shown: at(8, 30) },
  { kind: 'read', shown: at(6) },
  choose(9),
  choose(4),
];
const READINGS: readonly Item[] = [at(3), at(8, 30), at(7), at(4, 30), at(12, 30), at(6), at(10), at(1, 30)].map(
  (shown) => ({ kind: 'read', shown }),
);
const GEARED: readonly Item[] = [at(3), at(8, 30), at(7), at(4, 30), at(12, 30), at(6), at(10), at(1, 30)].map(
  (shown) => ({ kind: 'set', shown }),
);

const judge = (items: readonly Item[], answers: readonly Answer[]) => {
  const marked = items.map((item, i) => {
    const { read, verdict, findings } = readAndMark(item, answers[i]!, DEFAULT_CONVENTIONS);
    return { ...clueOf({ item, read, verdict, findings }), verdict };
  });
  const shares = sharesOf(withAnswers(begun(), marked));
  return { shares, named: namedNeeds(shares, marked) };
};
const needOf = (state: State): Need => (state === 'none' || state === 'guessing' ? state : NEED_OF_RULE[state]);
const TRUTHS = [
  'hands-swapped',
  'coming-hour',
  'smaller-number',
  'larger-number',
  'numeral-as-minutes',
  'always-oclock',
  'always-half-past',
  'long-hand-only',
  'long-hand-names-hour',
  'anticlockwise',
  'hour-hand-on-numeral',
  'wrong-side',
  'same-length',
  'parts-reversed',
  'colon-missing',
  'one-zero',
] as const;
const run = (
  items: readonly Item[],
  states: readonly State[],
  faith: number,
  slips: (rng: Rng) => number,
  seed: number,
) => {
  const rng = seededRng(seed);
  let [n, first, named, wrong, over] = [0, 0, 0, 0, 0];
  for (const state of states)
    for (let i = 0; i < CHILDREN; i++) {
      const s = slips(rng);
      const { shares, named: found } = judge(
        items,
        items.map((item) => answerOf(rng, state, item, faith, s)),
      );
      const need = needOf(state);
      const top = NEEDS.reduce((most, one) => (shares.needs[one] > shares.needs[most] ? one : most));
      n++;
      if (top === need) first++;
      if (found.some((one) => one.need === need)) named++;
      if (need !== 'none' && shares.needs[need] > 0.8) over++;
      if (found.some((one) => one.need !== need)) wrong++;
    }
  const percent = (k: number): string => ((100 * k) / n).toFixed(1);
  return { first: percent(first), named: percent(named), over: percent(over), 'other named': percent(wrong) };
};
const MOST = Number(process.argv[4] ?? 0.15);
const slips = (rng: Rng): number => 0.02 + (MOST - 0.02) * rng();
const out: Record<string, object> = {};
for (const [name, items] of [
  ['probe', PROBE],
  ['readings', READINGS],
  ['geared', GEARED],
] as const) {
  for (const faith of [1, 0.8, 0.6]) {
    out[`${name}, rules of the trial, used ${faith}`] = run(items, TRUTHS, faith, slips, 1);
    if (name === 'probe')
      out[`${name}, all rules, used ${faith}`] = run(
        items,
        WRONG_RULES.filter((rule) => rule !== 'names-swapped'),
        faith,
        slips,
        2,
      );
  }
  out[`${name}, knows`] = run(
    items,
    Array.from({ length: 10 }, () => 'none' as const),
    1,
    slips,
    3,
  );
  out[`${name}, guesses`] = run(items, ['guessing'], 1, slips, 4);
}
if (process.argv[3] === 'each8')
  for (const rule of WRONG_RULES) out[`probe ${rule}`] = run(PROBE, [rule], 0.8, slips, 5);
if (process.argv[3] === 'each') for (const rule of WRONG_RULES) out[`probe ${rule}`] = run(PROBE, [rule], 1, slips, 5);
console.table(out);
