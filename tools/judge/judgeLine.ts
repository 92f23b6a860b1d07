import type { z } from 'zod';
import { handAngles, isPossible, readHands } from '../../core/clock/index.ts';
import { readAndMark } from '../../core/marking/index.ts';
import { explain } from '../../core/misconceptions/index.ts';
import { findingSentence } from '../../core/reporting/index.ts';
import { DOUBTFUL, readDrawing } from '../../core/strokes/index.ts';
import { digital, parse, phrases, say } from '../../core/wording/index.ts';
import { bugsOf } from './bugs.ts';
import { NotAJudgement, caseOf, conventionsOf, timeOf, written, type OneCase } from './cases.ts';
import { judgeResponses } from './judgeResponses.ts';
import { Angles, Case, HandsRequest, Parse, Responses, Say, Strokes } from './requests.ts';

const judgeCase = (one: OneCase) => {
  const conventions = conventionsOf(one.conventions);
  const { item, answer } = caseOf(one);
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
  { key: 'responses', answer: (asked: unknown) => judgeResponses(Responses.parse(asked)) },
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
 * Judges one line: a JSON object with `responses`, `kind`, `say`, `parse`, `angles`, `hands` or `strokes`. A line that cannot be judged
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
