// The judgement of a whole class, with JSON.parse of its answers as the yardstick.
import { TAUGHT_TIMES } from '../core/clock/index.ts';
import { pick, seededRng } from '../core/common/index.ts';
import { DEFAULT_CONVENTIONS } from '../core/conventions/index.ts';
import { judge, judgeChild, skillsOf, type CountedAnswer, type JudgedAnswer } from '../core/diagnosis/index.ts';
import { ITEM_KINDS } from '../core/items/index.ts';
import { makeItem, suits } from '../core/making/index.ts';
import { readAndMark } from '../core/marking/index.ts';
import { anyChild, simulateAnswer } from '../core/simulation/index.ts';
import { median, say } from './median.ts';

const CLASS = { children: 30, answers: 400, aDay: 5 };
const rng = seededRng(1);
const dayOf = (answer: number): string =>
  new Date(Date.UTC(2026, 8, 1 + Math.floor(answer / CLASS.aDay))).toISOString().slice(0, 10);

const answers = Array.from({ length: CLASS.children }, (_, childId) => {
  const child = anyChild(rng);
  return Array.from({ length: CLASS.answers }, (__, i): CountedAnswer => {
    const kind = pick(rng, ITEM_KINDS);
    const times = TAUGHT_TIMES.filter((time) => suits(kind, time));
    const item = makeItem(kind, rng, [pick(rng, times.length > 0 ? times : TAUGHT_TIMES)], TAUGHT_TIMES);
    const answer = simulateAnswer(child, item, rng);
    return { childId, lessonId: 1, day: dayOf(i), item, ...readAndMark(item, answer, DEFAULT_CONVENTIONS) };
  });
});
const judged = answers.map((own) => own.map(judge));
const judgeAll = (own: readonly JudgedAnswer[]) => skillsOf(own, judgeChild(own).shares.rules);

/** The same answers, of whose days nothing was worked out yet. */
const anew = (own: readonly JudgedAnswer[]): JudgedAnswer[] => own.map((answer) => ({ ...answer }));

const text = JSON.stringify(answers);
say(
  `judge a class of ${CLASS.children} children with ${CLASS.answers} answers each`,
  median(() => judged.map((own) => judgeAll(anew(own)))),
);
say(
  'judge one of them, of whom nothing was worked out yet',
  median(() => judgeAll(anew(judged[0]!))),
);
let more = CLASS.answers - CLASS.aDay;
say(
  'judge one of them after one more answer',
  median(() => {
    more = more < CLASS.answers ? more + 1 : CLASS.answers - CLASS.aDay + 1;
    return judgeAll(judged[0]!.slice(0, more));
  }),
);
say(
  '  yardstick: JSON.parse of the class’s answers',
  median(() => JSON.parse(text) as unknown),
);
