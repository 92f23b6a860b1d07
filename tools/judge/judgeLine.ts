import type { z } from 'zod';
import { handAngles, isPossible, isTaught, readHands, type DialTime } from '../../core/clock/index.ts';
import { DRAWN_REACH, pictureOf, type Answer, type ClockPicture, type Item } from '../../core/items/index.ts';
import { readAndMark } from '../../core/marking/index.ts';
import { explain } from '../../core/misconceptions/index.ts';
import { findingSentence } from '../../core/reporting/index.ts';
import { DOUBTFUL, readDrawing } from '../../core/strokes/index.ts';
import { digital, parse, phrases, say } from '../../core/wording/index.ts';
import { DEFAULT_CONVENTIONS, type Conventions } from '../../core/conventions/index.ts';
import { bugsOf } from './bugs.ts';
import { Angles, Case, HandsRequest, Parse, Say, Strokes } from './requests.ts';

/** A line that cannot be judged, with the reason in a sentence. */
class NotAJudgement extends Error {}

const PLAIN = { digitalForm: '4:30' } as const;
const written = (time: DialTime): string => digital(time, PLAIN);

const timeOf = (text: string): DialTime => {
  const read = parse(text);
  if (read.kind === 'fault') throw new NotAJudgement(`"${text}" is not a time (${read.fault})`);
  return read.time;
};
const taught = (text: string): DialTime => {
  const time = timeOf(text);
  if (!isTaught(time)) throw new NotAJudgement(`"${text}" is neither o'clock nor half past; the cases are about these`);
  return time;
};
const conventionsOf = (change: z.infer<typeof Say>['conventions']): Conventions => ({
  ...DEFAULT_CONVENTIONS,
  ...(Object.fromEntries(
    Object.entries(change ?? {}).filter(([, value]) => value !== undefined),
  ) as Partial<Conventions>),
});

type OneCase = z.infer<typeof Case>;
type Drawn = Exclude<OneCase['answer'], string>;

const textAnswer = ({ answer }: OneCase): string => {
  if (typeof answer !== 'string') throw new NotAJudgement('this kind of case is answered by a text');
  return answer;
};
const drawnAnswer = ({ answer }: OneCase): Drawn => {
  if (typeof answer === 'string') throw new NotAJudgement('this kind of case is answered by {"short", "long"}');
  return answer;
};
const optionsOf = ({ options }: OneCase): NonNullable<OneCase['options']> => {
  if (options === undefined || options.length < 2) throw new NotAJudgement('a choice needs "options", two or more');
  return options;
};
const choice = (place: number): Answer => {
  if (place < 0) throw new NotAJudgement('the answer is not among the options');
  return { kind: 'choice', chosen: [place] };
};

const faceOf = (option: string | Drawn): ClockPicture =>
  typeof option === 'string'
    ? pictureOf(handAngles(timeOf(option)))
    : { ...pictureOf({ hour: option.short, minute: option.long }), equalLength: option.equalLength };
const sameOption = (a: string | Drawn, b: string | Drawn): boolean => JSON.stringify(a) === JSON.stringify(b);

/** A case as an item and an answer of Hoppel's own. */
const itemAndAnswer = (one: OneCase): { item: Item; answer: Answer } => {
  const shown = taught(one.shown);
  switch (one.kind) {
    case 'READ':
      return { item: { kind: 'read', shown }, answer: { kind: 'time', time: timeOf(textAnswer(one)) } };
    case 'WRITE':
      return { item: { kind: 'write-digital', shown }, answer: { kind: 'text', text: textAnswer(one) } };
    case 'SET': {
      const { short, long } = drawnAnswer(one);
      return { item: { kind: 'set', shown }, answer: { kind: 'hands', hour: short, minute: long } };
    }
    case 'DRAW': {
      const { short, long, equalLength } = drawnAnswer(one);
      const hands = [
        { angle: short, reach: equalLength ? DRAWN_REACH.minute : DRAWN_REACH.hour },
        { angle: long, reach: DRAWN_REACH.minute },
      ];
      return { item: { kind: 'draw', shown }, answer: { kind: 'drawn', hands } };
    }
    case 'MATCH': {
      const options = optionsOf(one);
      return {
        item: { kind: 'choose-clock', shown, options: options.map(faceOf) },
        answer: choice(options.findIndex((option) => sameOption(option, one.answer))),
      };
    }
    case 'CHOOSE': {
      const options = optionsOf(one).map((option) => {
        if (typeof option !== 'string') throw new NotAJudgement('the options of CHOOSE are writings');
        return option;
      });
      return {
        item: { kind: 'choose-writings', shown, options },
        answer: choice(options.indexOf(textAnswer(one))),
      };
    }
  }
};

const judgeCase = (one: OneCase) => {
  const conventions = conventionsOf(one.conventions);
  const { item, answer } = itemAndAnswer(one);
  const { read, verdict, findings, seen } = readAndMark(item, answer, conventions);
  const { consistent, cannotRuleOut } = bugsOf(item, read, verdict === 'right');
  return {
    ...(one.n !== undefined && { n: one.n }),
    verdict,
    consistent,
    ...(one.options !== undefined && { cannotRuleOut }),
    rules: verdict === 'right' ? [] : explain(item, read),
    findings: findings.map((finding) => ({ ...finding, sentence: findingSentence(finding, conventions) })),
    seen,
  };
};

const sayAll = ({ say: text, conventions: change }: z.infer<typeof Say>) => {
  const time = timeOf(text);
  const conventions = conventionsOf(change);
  return {
    time: written(time),
    say: say(time, conventions, 'words'),
    phrases: phrases(time, conventions),
    written: digital(time, conventions),
  };
};

const parseText = ({ parse: text, conventions }: z.infer<typeof Parse>) => {
  const read = parse(text, conventionsOf(conventions));
  if (read.kind === 'time') return { time: written(read.time), form: read.form };
  return { fault: read.fault, meant: read.meant === undefined ? null : written(read.meant) };
};

const readHandsOf = ({ hands }: z.infer<typeof HandsRequest>) => {
  const angles = { hour: hands.short, minute: hands.long };
  const { time, residual, hourOffBy, minuteOffBy } = readHands(angles);
  return { time: written(time), residual, hourOffBy, minuteOffBy, possible: isPossible(angles) };
};

const readStrokes = ({ strokes }: z.infer<typeof Strokes>) => {
  const read = readDrawing(strokes.map((stroke) => stroke.map(([x, y, ms]) => ({ x, y, ms }))));
  const aside = read.aside.map((one) => (one.kind === 'ring' ? `ring round ${one.numeral}` : one.kind));
  if (read.kind === 'unreadable') return { unreadable: read.why, aside };
  const { confidence, offCentre } = read;
  const [first, second] = read.hands;
  const hands = second === undefined ? { one: first } : { short: first, long: second };
  return { ...hands, confidence, doubtful: confidence < DOUBTFUL, offCentre, aside };
};

/** What each kind of request is known by, its schema, and what answers it. */
const REQUESTS = [
  { key: 'kind', answer: (asked: unknown) => judgeCase(Case.parse(asked)) },
  { key: 'say', answer: (asked: unknown) => sayAll(Say.parse(asked)) },
  { key: 'parse', answer: (asked: unknown) => parseText(Parse.parse(asked)) },
  {
    key: 'angles',
    answer: (asked: unknown) => {
      const { hour, minute } = handAngles(timeOf(Angles.parse(asked).angles));
      return { short: hour, long: minute };
    },
  },
  { key: 'hands', answer: (asked: unknown) => readHandsOf(HandsRequest.parse(asked)) },
  { key: 'strokes', answer: (asked: unknown) => readStrokes(Strokes.parse(asked)) },
] as const;

const firstIssue = (error: unknown): string => {
  if (error instanceof NotAJudgement) return error.message;
  const issues = (error as z.ZodError | undefined)?.issues;
  if (issues?.[0] !== undefined) return `${issues[0].path.join('.') || 'line'}: ${issues[0].message}`;
  throw error;
};

/**
 * Judges one line: a JSON object with `kind`, `say`, `parse`, `angles`, `hands` or `strokes`. A line that cannot be judged
 * gives `{ error }`, and never an exception, so that the rest of a file goes on.
 */
export const judgeLine = (line: string): object => {
  let asked: unknown;
  try {
    asked = JSON.parse(line);
  } catch {
    return { error: 'not JSON' };
  }
  if (typeof asked !== 'object' || asked === null || Array.isArray(asked)) return { error: 'not a JSON object' };
  const request = REQUESTS.find(({ key }) => key in asked);
  if (request === undefined)
    return { error: `one of ${REQUESTS.map(({ key }) => `"${key}"`).join(', ')} must say what is asked` };
  try {
    return request.answer(asked);
  } catch (error) {
    return { error: firstIssue(error) };
  }
};
