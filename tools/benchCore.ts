// The judgement's speed on one core, with the machine's own JSON.parse of the same thing as the yardstick.
import { readAnswer } from '../core/answers/index.ts';
import { performance } from 'node:perf_hooks';
import { ALL_DIAL_TIMES, TAUGHT_TIMES, handAngles } from '../core/clock/index.ts';
import { seededRng } from '../core/common/index.ts';
import type { Answer, Item } from '../core/items/index.ts';
import { mark } from '../core/marking/index.ts';
import { applyChange, defaultChoices, layUnit, newPlan } from '../core/planning/index.ts';
import { WRONG_RULES, explain, predict } from '../core/misconceptions/index.ts';
import { anyStyle, simulateDrawing } from '../core/simulation/index.ts';
import { HABITS, scrawl, type Habit } from '../core/simulation/scrawl/index.ts';
import { readDrawing } from '../core/strokes/index.ts';
import { parse, phrases, say } from '../core/wording/index.ts';
import { DEFAULT_CONVENTIONS } from '../core/conventions/index.ts';

/** Milliseconds each figure is measured for, after as long a warm-up. */
const MEASURE_MS = 700;

/** Calls a second, over a list of arguments taken in turn. */
const rate = <T>(list: readonly T[], call: (one: T) => unknown): number => {
  const run = (ms: number): number => {
    const began = performance.now();
    let calls = 0;
    while (performance.now() - began < ms) {
      for (const one of list) call(one);
      calls += list.length;
    }
    return (calls / (performance.now() - began)) * 1000;
  };
  run(MEASURE_MS);
  return run(MEASURE_MS);
};
const report = (name: string, unit: string, perSecond: number, yardstick: number): void => {
  const format = (value: number): string => Math.round(value).toLocaleString('en-US');
  const ratio = (perSecond / yardstick).toFixed(2);
  console.log(
    `${name.padEnd(65)}${format(perSecond)} ${unit} a second; JSON.parse of the same: ${format(yardstick)} (${ratio})`,
  );
};

/** Milliseconds of one call: the first in this process, then the median of many, each with its own argument. */
const once = (name: string, call: (i: number) => unknown): void => {
  const times = Array.from({ length: 61 }, (_, i) => {
    const began = performance.now();
    call(i);
    return performance.now() - began;
  });
  const later = times.slice(1).sort((a, b) => a - b);
  console.log(
    `${name.padEnd(65)}${later[30]!.toFixed(1)} ms, slowest ${later.at(-1)!.toFixed(1)} ms; the first in this process ${times[0]!.toFixed(1)} ms`,
  );
};

// First, while nothing is warm yet: a teacher lays out one unit, not a hundred.
const unitChoices = (i: number) => ({ ...defaultChoices('2026-11-16', `unit ${i}`), handFirst: false });
once('lay out a unit of 15 lessons', (i) => layUnit(unitChoices(i)));
const unit = JSON.stringify(layUnit(unitChoices(0)));
once('  yardstick: JSON.parse of such a unit', () => JSON.parse(unit) as unknown);
const plan = newPlan(unitChoices(0), 1);
once('skip a day in it', () =>
  applyChange(
    plan,
    { kind: 'skip', day: plan.lessons[3]!.day, name: 'fire drill' },
    { today: '2026-11-16', taught: new Set(), nextId: 99 },
  ),
);

/** An item with its right answer and each wrong one that a rule leads to. */
const answered = (kind: 'read' | 'set' | 'write-digital' | 'draw'): { item: Item; answer: Answer }[] =>
  TAUGHT_TIMES.flatMap((shown) => {
    const item: Item = { kind, shown };
    const wrong = WRONG_RULES.flatMap((rule) => {
      const predicted = predict(rule, item);
      return predicted.kind === 'answers' ? predicted.own : [];
    });
    const right: Answer =
      kind === 'read'
        ? { kind: 'time', time: shown }
        : kind === 'write-digital'
          ? { kind: 'text', text: say(shown, DEFAULT_CONVENTIONS) }
          : kind === 'set'
            ? { kind: 'hands', ...handAngles(shown) }
            : {
                kind: 'drawn',
                hands: [
                  { angle: handAngles(shown).hour, reach: 50 },
                  { angle: handAngles(shown).minute, reach: 80 },
                ],
              };
    return [{ item, answer: right }, ...wrong.map((answer) => ({ item, answer }))];
  });

for (const kind of ['read', 'set', 'write-digital', 'draw'] as const) {
  const list = answered(kind).map(({ item, answer }) => ({ item, answer: readAnswer(answer, DEFAULT_CONVENTIONS) }));
  const json = list.map((one) => JSON.stringify(one));
  const yardstick = rate(json, (text) => JSON.parse(text) as unknown);
  report(
    `mark, ${kind}, right and wrong answers`,
    'marks',
    rate(list, ({ item, answer }) => mark(item, answer)),
    yardstick,
  );
  report(
    `explain, ${kind}`,
    'explanations',
    rate(list, ({ item, answer }) => explain(item, answer)),
    yardstick,
  );
}

const said = ALL_DIAL_TIMES.map((time) => say(time, DEFAULT_CONVENTIONS, 'words'));
const saidYardstick = rate(
  said.map((text) => JSON.stringify(text)),
  (text) => JSON.parse(text) as unknown,
);
report(
  'say, all 720 times',
  'phrases',
  rate(ALL_DIAL_TIMES, (time) => say(time, DEFAULT_CONVENTIONS, 'words')),
  saidYardstick,
);
const everyPhrase = ALL_DIAL_TIMES.flatMap((time) => phrases(time, DEFAULT_CONVENTIONS));
const everyYardstick = rate(
  everyPhrase.map((text) => JSON.stringify(text)),
  (text) => JSON.parse(text) as unknown,
);
report(
  'parse, every phrase of all 720 times',
  'phrases',
  rate(everyPhrase, (text) => parse(text)),
  everyYardstick,
);

const rng = seededRng(1);
const drawings = Array.from({ length: 480 }, (_, i) =>
  simulateDrawing(handAngles(TAUGHT_TIMES[i % 24]!), anyStyle(rng), rng),
);
const drawingYardstick = rate(
  drawings.map((strokes) => JSON.stringify(strokes)),
  (text) => JSON.parse(text) as unknown,
);
// Each time anew: of one it has read the reader remembers what it was.
report(
  'strokes to hands, wobbly drawings',
  'drawings',
  rate(drawings, (strokes) => readDrawing([...strokes])),
  drawingYardstick,
);
const scrawls = Object.keys(HABITS).flatMap((habit) =>
  Array.from({ length: 12 }, (_, i) => scrawl(rng, habit as Habit, handAngles(TAUGHT_TIMES[i * 2]!)).strokes),
);
report(
  'strokes to hands, all habits of the second kind',
  'drawings',
  rate(scrawls, (strokes) => readDrawing([...strokes])),
  rate(
    scrawls.map((strokes) => JSON.stringify(strokes)),
    (text) => JSON.parse(text) as unknown,
  ),
);
