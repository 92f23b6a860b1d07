/**
 * How practice by need does on simulated children of a model that is not its own: after how many answers a need is named, whether it is the
 * right one, on what a session settles, and which kinds come up. One session of a child nobody knows yet, all of the unit being taught.
 * Neither practice nor the judgement was tuned on it.
 */
import { TAUGHT_TIMES } from '../core/clock/index.ts';
import { seededRng } from '../core/common/index.ts';
import { DEFAULT_CONVENTIONS } from '../core/conventions/index.ts';
import { beliefOf, judge, judgeChild, type JudgedAnswer } from '../core/diagnosis/index.ts';
import { readAndMark } from '../core/marking/index.ts';
import {
  makePool,
  needsOf,
  prepareByNeed,
  settledOn,
  taskOn,
  wayAnew,
  wayInto,
  wayOn,
} from '../core/practice/index.ts';
import { CLASS_SKILLS } from '../core/skills/index.ts';
import { TRUTHS, answerOf, needOf, upTo, type State } from './independentChild.ts';

/** Children of each rule. */
const CHILDREN = Number(process.argv[2] ?? 20);
const SEED = Number(process.argv[3] ?? 1);
const DAY = '2026-11-24';

const needs = needsOf([], CLASS_SKILLS, TAUGHT_TIMES, DAY);
const kindsAsked = new Map<string, number>();
let kindsTaught: readonly string[] = [];

/** One session of one child. @param anew made ready anew after each answer, as where there is a network; otherwise once, at its beginning */
const session = (state: State, faith: number, seed: number, anew: boolean) => {
  const rng = seededRng(seed);
  const slip = upTo(0.05)(rng);
  const pool = makePool(needs, seededRng(seed));
  kindsTaught = [...new Set(pool.map(({ item }) => item.kind))];
  let way = wayInto(prepareByNeed(needs, pool));
  const answers: JudgedAnswer[] = [];
  let namedAfter: number | undefined;
  let named: string | undefined;
  for (;;) {
    const item = taskOn(way);
    if (item === undefined) break;
    kindsAsked.set(item.kind, (kindsAsked.get(item.kind) ?? 0) + 1);
    const answer = answerOf(rng, state, item, faith, slip);
    const marked = readAndMark(item, answer, DEFAULT_CONVENTIONS);
    way = wayOn(way, { item, answer, verdict: marked.verdict });
    answers.push(judge({ childId: 1, lessonId: 1, day: DAY, item, ...marked }));
    const [reason] = named === undefined ? judgeChild(answers).reasons : [];
    if (anew) {
      const known = needsOf(answers, CLASS_SKILLS, TAUGHT_TIMES, DAY);
      way = wayAnew(way, prepareByNeed(known, pool, way.done));
    }
    if (reason !== undefined) [named, namedAfter] = [reason.need, answers.length];
  }
  return { named, namedAfter, settled: settledOn(beliefOf(answers)), answers: answers.length };
};

const trial = (states: readonly State[], faith: number, anew: boolean) => {
  let [all, named, right, sum, settledWrongly, answers] = [0, 0, 0, 0, 0, 0];
  for (const [s, state] of states.entries())
    for (let i = 0; i < CHILDREN; i++) {
      const one = session(state, faith, SEED + 1000 * s + i, anew);
      all += 1;
      answers += one.answers;
      if (one.named !== undefined) {
        named += 1;
        sum += one.namedAfter!;
        if (one.named === needOf(state)) right += 1;
      }
      if (one.settled !== undefined && one.settled !== needOf(state)) settledWrongly += 1;
    }
  const percent = (count: number, of = all): string => ((100 * count) / Math.max(1, of)).toFixed(1);
  return {
    'named, %': percent(named),
    'after answers': (sum / Math.max(1, named)).toFixed(2),
    'right of named, %': percent(right, named),
    'settled wrongly, %': percent(settledWrongly),
    'answers of a session': (answers / all).toFixed(1),
  };
};
const KNOWS = Array.from({ length: 8 }, () => 'none' as const);
for (const anew of [false, true]) {
  console.log(anew ? 'with a network: made ready anew after each answer' : 'without a network: made ready once');
  console.table({
    'a rule, used always': trial(TRUTHS, 1, anew),
    'a rule, used 0.8': trial(TRUTHS, 0.8, anew),
    knows: trial(KNOWS, 1, anew),
  });
}
console.log(
  `kinds that came up: ${kindsTaught.filter((kind) => kindsAsked.has(kind)).length} of ${kindsTaught.length}`,
);
console.log(`never: ${kindsTaught.filter((kind) => !kindsAsked.has(kind)).join(', ') || 'none'}`);
