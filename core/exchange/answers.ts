import type { Conventions } from '../conventions/index.ts';
import { answeredTime, type ReadAnswer } from '../answers/index.ts';
import { timeOfItem, type Answer, type Item } from '../items/index.ts';
import { type Correction, type Finding, type Verdict } from '../marking/index.ts';
import { describeItem } from '../reporting/index.ts';
import { skillOfItem } from '../skills/index.ts';
import { digital } from '../wording/index.ts';
import { entryText } from './entryText.ts';

/** An answer of the record, with all that a file says of it. */
export interface RecordedAnswer {
  readonly id: string;
  readonly childId: number;
  readonly name: string;
  readonly lessonId: number;
  /** Place of its lesson on the path; none where that was taken out. */
  readonly lesson: number | undefined;
  readonly lessonTitle: string;
  /** School day, YYYY-MM-DD. */
  readonly day: string;
  /** ISO 8601, UTC. */
  readonly storedAt: string;
  readonly item: Item;
  /** As it was given. */
  readonly answer: Answer;
  readonly read: ReadAnswer;
  readonly verdict: Verdict;
  readonly findings: readonly Finding[];
  readonly source: string;
  /** 1 or, after help, 2. */
  readonly attempt: number;
  readonly says: Correction | null;
  /** Does it count? A second try does not, nor what was given again or taken out. */
  readonly counts: boolean;
}

const tenth = (value: number | undefined): string => (value === undefined ? '' : String(Math.round(value * 10) / 10));
/** Degrees of the hour and the minute hand as they were set or drawn. */
const hands = (answer: ReadAnswer): readonly [string, string] => {
  switch (answer.kind) {
    case 'hands':
      return [tenth(answer.hour), tenth(answer.minute)];
    case 'hour-angle':
      return [tenth(answer.angle), ''];
    case 'drawing':
      return [tenth(answer.hands[0]?.angle), tenth(answer.hands[1]?.angle)];
    default:
      return ['', ''];
  }
};
const written = (time: number | undefined, conventions: Conventions): string =>
  time === undefined ? '' : digital(time as never, conventions);

/** Columns of the file of answers: each with what stands in it. docs/exchange.md describes them all. */
const COLUMNS = {
  answer_id: ({ id }) => id,
  day: ({ day }) => day,
  stored_at: ({ storedAt }) => storedAt,
  child_id: ({ childId }) => String(childId),
  child: ({ name }) => name,
  lesson: ({ lesson }) => String(lesson ?? ''),
  lesson_title: ({ lessonTitle }) => lessonTitle,
  task_kind: ({ item }) => item.kind,
  task: ({ item }, conventions) => describeItem(item, conventions),
  time: ({ item }, conventions) => written(timeOfItem(item), conventions),
  skill: ({ item }) => skillOfItem(item),
  answer_kind: ({ answer }) => answer.kind,
  answer: ({ read }, conventions) => entryText(read, conventions),
  answer_time: ({ read }, conventions) => written(answeredTime(read), conventions),
  hour_hand: ({ read }) => hands(read)[0],
  minute_hand: ({ read }) => hands(read)[1],
  verdict: ({ verdict }) => verdict,
  reasons: ({ findings }) => findings.flatMap((finding) => (finding.kind === 'rule' ? [finding.rule] : [])).join(' '),
  source: ({ source }) => source,
  attempt: ({ attempt }) => String(attempt),
  teacher_says: ({ says }) => says ?? '',
  counts: ({ counts }) => (counts ? 'yes' : 'no'),
} as const satisfies Readonly<Record<string, (row: RecordedAnswer, conventions: Conventions) => string>>;

export const ANSWER_COLUMNS: readonly string[] = Object.keys(COLUMNS);
/** The line of one answer, in the order of the columns. */
export const answerLine = (row: RecordedAnswer, conventions: Conventions): string[] =>
  Object.values(COLUMNS).map((cell) => cell(row, conventions));
