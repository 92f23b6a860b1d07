import type { Answer, Item } from '../items/index.ts';
import { response } from '../marking/given.test.support.ts';
import {
  begun,
  judge,
  sharesOf,
  withAnswers,
  type Belief,
  type JudgedAnswer,
  type MarkedResponse,
  type Shares,
} from './index.ts';

/** An answer as a child gives it, judged as the record does. */
export const judgedGiven = (item: Item, answer: Answer, day = '2026-11-10', lessonId = 1): JudgedAnswer =>
  judge({ childId: 1, lessonId, day, ...response(item, answer) });

const DAY = { childId: 1, lessonId: 1, day: '2026-11-10' };
/** What is believed after some answers of one day. */
export const believed = (responses: readonly MarkedResponse[], before: Belief = begun()): Belief =>
  withAnswers(
    before,
    responses.map((one) => judge({ ...DAY, ...one })),
  );
/** How sure each need and rule is after some answers of one day. */
export const sharesAfter = (responses: readonly MarkedResponse[]): Shares => sharesOf(believed(responses));
/** The same before any. */
export const UNKNOWN: Shares = sharesOf(begun());
