import { readAnswer } from '../core/answers/index.ts';
import { RULE_HELP, WRONG_RULES, explain, isInvisible, predict, type WrongRule } from '../core/misconceptions/index.ts';
import { TAUGHT_TIMES, type DialTime } from '../core/clock/index.ts';
import type { Answer, Item } from '../core/items/index.ts';
import { describeAnswer, ruleText, teacherSentence } from '../core/reporting/index.ts';
import { digital } from '../core/wording/index.ts';
import { DEFAULT_CONVENTIONS } from '../core/conventions/index.ts';

/** Kinds of task the tables are made for. */
const KINDS = ['read', 'write-digital', 'set', 'draw'] as const;
type Kind = (typeof KINDS)[number];
const TITLES: Record<Kind, string> = {
  read: 'Reading a clock',
  'write-digital': 'Writing in digits',
  set: 'Setting a geared clock',
  draw: 'Drawing the hands',
};

const written = (time: DialTime): string => digital(time, DEFAULT_CONVENTIONS);
const text = (rule: WrongRule, part: Parameters<typeof ruleText>[1]): string =>
  teacherSentence(ruleText(rule, part), DEFAULT_CONVENTIONS);

/** An answer in its shortest form: hands of a drawing as angles, short/long. */
const short = (item: Item, answer: Answer): string => {
  if (answer.kind !== 'drawn')
    return describeAnswer(item, readAnswer(answer, DEFAULT_CONVENTIONS), DEFAULT_CONVENTIONS).replace(
      /^\w+( to)? /,
      '',
    );
  const angles = answer.hands.map(({ angle }) => `${angle}°`).join('/');
  const [a, b] = answer.hands;
  const note = answer.offCentre ? ' beside the middle' : a && b && a.reach === b.reach ? ' of one length' : '';
  return angles + note;
};

/** Rules that have something to say at some time in a kind of task: the others are hidden throughout, and said once. */
const speaking = (kind: Kind): WrongRule[] =>
  WRONG_RULES.filter((rule) => TAUGHT_TIMES.some((shown) => !isInvisible(rule, { kind, shown })));

/** Answers that more than one visible rule leads to, each with its rules. */
const collisions = (item: Item): string[] => {
  const answers = speaking(item.kind as Kind).flatMap((rule) => {
    const predicted = predict(rule, item);
    return predicted.kind === 'answers' && !isInvisible(rule, item) ? predicted.own : [];
  });
  const groups = new Map<string, WrongRule[]>();
  for (const answer of answers) {
    const rules = explain(item, readAnswer(answer, DEFAULT_CONVENTIONS));
    if (rules.length > 1) groups.set(short(item, answer), rules);
  }
  return [...groups].map(([answer, rules]) => `${answer}: ${rules.join(' = ')}`);
};

const row = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`;
const table = (head: readonly string[], rows: readonly (readonly string[])[]): string[] => [
  row(head),
  row(head.map(() => '---')),
  ...rows.map(row),
];

const kindSection = (kind: Kind): string[] => {
  const rules = speaking(kind);
  const silent = WRONG_RULES.filter((rule) => !rules.includes(rule));
  return [
    `## ${TITLES[kind]}`,
    '',
    `Never seen here: ${silent.join(', ')}.`,
    '',
    ...table(
      ['time', 'hidden: the rule gives the right answer', 'collide: one answer, several rules'],
      TAUGHT_TIMES.map((shown) => {
        const item: Item = { kind, shown };
        const hidden = rules.filter((rule) => isInvisible(rule, item));
        return [written(shown), hidden.join(', ') || '–', collisions(item).join('; ') || '–'];
      }),
    ),
    '',
  ];
};

/** docs/wrong-rules.md: the library of reasons, and where each can be seen and told from the others. */
export const ruleTable = (): string =>
  [
    '# Wrong rules',
    '',
    'Made by `npm run rule-table` from core/misconceptions; a test keeps it true. Each rule is a procedure that foretells',
    'answers. An item at which a rule gives the right answer is never used to blame it; answers that several rules lead to',
    'name them all.',
    '',
    ...table(
      ['rule', 'called', 'what is seen', 'why it makes sense to a child', 'what helps', 'lens', 'side by side'],
      WRONG_RULES.map((rule) => [
        rule,
        text(rule, 'name'),
        text(rule, 'see'),
        text(rule, 'why'),
        text(rule, 'help'),
        RULE_HELP[rule].lens,
        RULE_HELP[rule].contrast.map(written).join(' and '),
      ]),
    ),
    '',
    ...KINDS.flatMap(kindSection),
  ].join('\n');
