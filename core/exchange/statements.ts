import type { Conventions } from '../conventions/index.ts';
import { readAnswer, type ReadAnswer } from '../answers/index.ts';
import { rightAnswers, type Item } from '../items/index.ts';
import { describeAnswer, describeItem } from '../reporting/index.ts';
import { entryText } from './entryText.ts';
import type { RecordedAnswer } from './answers.ts';

/*
 * Answers as statements of the Experience API, version 1.0.3 (ADL, 2016). Names of hosts that end in `.invalid` belong to nobody (RFC 2606):
 * what stands under them are names, not addresses, and nothing is ever asked for there.
 */
const BASE = 'https://hoppel.invalid';
const VERB = 'http://adlnet.gov/expapi/verbs/answered';
const INTERACTION = 'http://adlnet.gov/expapi/activities/cmi.interaction';
const ACTIVITY = {
  lesson: 'http://adlnet.gov/expapi/activities/lesson',
  course: 'http://adlnet.gov/expapi/activities/course',
};

/** Names of what is Hoppel's own in a statement. */
export const EXTENSIONS = {
  item: `${BASE}/xapi/item`,
  answer: `${BASE}/xapi/answer`,
  verdict: `${BASE}/xapi/verdict`,
  findings: `${BASE}/xapi/findings`,
  source: `${BASE}/xapi/source`,
  attempt: `${BASE}/xapi/attempt`,
  day: `${BASE}/xapi/day`,
  teacherSays: `${BASE}/xapi/teacher-says`,
} as const;

/** What a file of statements is about. */
export interface StatementSetting {
  readonly conventions: Conventions;
  /** What the class is known by, which says nothing of it. */
  readonly classKey: string;
  /** Are children's names to be in it? Without, an actor is an account: a number of this class. */
  readonly withNames: boolean;
}

type Interaction =
  | {
      readonly interactionType: 'choice';
      readonly choices: readonly { id: string; description: Record<string, string> }[];
    }
  | { readonly interactionType: 'true-false' | 'fill-in' | 'sequencing' | 'other' };

const letter = (place: number): string => String.fromCharCode(97 + place);
/** Kinds of task as the interactions there are names for. */
const interactionOf = (item: Item, { conventions }: StatementSetting): Interaction => {
  switch (item.kind) {
    case 'choose-words':
    case 'digits-to-words':
    case 'choose-writings':
    case 'which-of':
    case 'choose-clock':
      return {
        interactionType: 'choice',
        choices: item.options.map((_, place) => ({
          id: letter(place),
          description: {
            [conventions.locale]: describeAnswer(item, { kind: 'choice', chosen: [place] }, conventions),
          },
        })),
      };
    case 'yet':
    case 'judge-clock':
      return { interactionType: 'true-false' };
    case 'write-digital':
    case 'write-words':
    case 'words-to-digits':
      return { interactionType: 'fill-in' };
    case 'day-order':
      return { interactionType: 'sequencing' };
    default:
      return { interactionType: 'other' };
  }
};
/** An answer as the interaction writes it; empty where it cannot be said in a line. */
const responseOf = (answer: ReadAnswer, conventions: Conventions): string => {
  switch (answer.kind) {
    case 'choice':
      return answer.chosen.map(letter).join('[,]');
    case 'order':
      return answer.order.map(letter).join('[,]');
    case 'yes-no':
      return String(answer.yes);
    case 'judgement':
      return String(answer.possible);
    case 'observed':
      return '';
    default:
      return entryText(answer, conventions);
  }
};
const responseField = (answer: ReadAnswer, conventions: Conventions): { readonly response?: string } => {
  const response = responseOf(answer, conventions);
  return response === '' ? {} : { response };
};

const SCORE: Readonly<Record<RecordedAnswer['verdict'], number | undefined>> = {
  right: 1,
  nearly: 0.5,
  wrong: 0,
  unreadable: undefined,
};

/** One answer as a statement: a child answered a task, in a lesson of its class. */
export const statementOf = (row: RecordedAnswer, setting: StatementSetting): object => {
  const { conventions, classKey, withNames } = setting;
  const { item, answer, read, verdict } = row;
  const scaled = SCORE[verdict];
  const course = `${BASE}/class/${classKey}`;
  const inWords = (text: string): Record<string, string> => ({ [conventions.locale]: text });
  return {
    id: row.id,
    actor: {
      objectType: 'Agent',
      ...(withNames && { name: row.name }),
      account: { homePage: course, name: String(row.childId) },
    },
    verb: { id: VERB, display: { 'en-US': 'answered' } },
    object: {
      objectType: 'Activity',
      id: `${BASE}/task/${encodeURIComponent(JSON.stringify(item))}`,
      definition: {
        type: INTERACTION,
        name: inWords(describeItem(item, conventions)),
        ...interactionOf(item, setting),
        correctResponsesPattern: rightAnswers(item, conventions)
          .map((right) => responseOf(readAnswer(right, conventions), conventions))
          .filter((response) => response !== ''),
        extensions: { [EXTENSIONS.item]: item },
      },
    },
    result: {
      ...(scaled !== undefined && { success: scaled === 1, score: { scaled } }),
      completion: answer.kind !== 'no-answer',
      // What cannot be said in a line is in the extensions; an empty text would be an answer of its own.
      ...responseField(read, conventions),
      extensions: {
        [EXTENSIONS.verdict]: verdict,
        [EXTENSIONS.answer]: answer,
        [EXTENSIONS.findings]: row.findings,
      },
    },
    context: {
      platform: 'Hoppel',
      language: conventions.locale,
      contextActivities: {
        parent: [
          {
            objectType: 'Activity',
            id: `${course}/lesson/${row.lessonId}`,
            definition: { type: ACTIVITY.lesson, name: inWords(row.lessonTitle) },
          },
        ],
        grouping: [{ objectType: 'Activity', id: course, definition: { type: ACTIVITY.course } }],
      },
      extensions: {
        [EXTENSIONS.source]: row.source,
        [EXTENSIONS.attempt]: row.attempt,
        [EXTENSIONS.day]: row.day,
        ...(row.says !== null && { [EXTENSIONS.teacherSays]: row.says }),
      },
    },
    timestamp: row.storedAt,
  };
};
