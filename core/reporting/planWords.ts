import type { DialTime } from '../clock/index.ts';
import {
  DEFAULT_PACE,
  roundSeconds,
  type BrokenRule,
  type CameBack,
  type Day,
  type Pace,
  type PlanChange,
  type PlannedLesson,
  type ReadyItem,
  type Segment,
  type SegmentKind,
  type TimeReason,
} from '../planning/index.ts';
import { digital, handName, sentence, type Phrase } from '../wording/index.ts';
import { type Conventions } from '../conventions/index.ts';
import type { ClockWord } from '../skills/index.ts';
import { hasTeacherWords, teacherSentence } from './teacherWords.ts';

const words = (key: string, conventions: Conventions, values: Phrase['values'] = {}): string =>
  teacherSentence({ key: `teacher.${key}`, values }, conventions);

/** The title of a lesson: the teacher's own, or that of its kind. */
export const lessonTitle = (lesson: Pick<PlannedLesson, 'key' | 'title'>, conventions: Conventions): string =>
  lesson.title ?? words(`lessons.${lesson.key}.title`, conventions);

/** What a child can say by the end of a lesson. */
export const lessonICan = ({ key, iCan }: Pick<PlannedLesson, 'key' | 'iCan'>, conventions: Conventions): string =>
  iCan ?? words(`lessons.${key}.iCan`, conventions);

/** The name of a kind of segment, and who does it: "each child". */
export const segmentTitle = (kind: SegmentKind, conventions: Conventions): string =>
  words(`segments.${kind}.title`, conventions);
export const segmentWho = (kind: SegmentKind, conventions: Conventions): string =>
  words(`segments.${kind}.who`, conventions);

/** What happens in a segment: its lesson's own words where there are any. */
export const segmentText = (
  lessonKey: string,
  { kind, times, items }: Pick<Segment, 'kind' | 'times' | 'items'>,
  conventions: Conventions,
  pace: Pace = DEFAULT_PACE,
): string => {
  const own = `segmentsOf.${lessonKey}.${kind}`;
  const key = hasTeacherWords(`teacher.${own}`) ? own : `segments.${kind}.text`;
  return words(key, conventions, { count: Math.max(times.length, items.length), seconds: roundSeconds(pace) });
};

/** A thing to lay out. @param children how many, for things each child gets */
export const readyText = (item: ReadyItem, children: number, conventions: Conventions): string =>
  words(`ready.${item}`, conventions, { count: children });

/** A word to use, hands as the class calls them. */
export const clockWord = (word: ClockWord, conventions: Conventions): string => {
  if (word === 'hour-hand' || word === 'minute-hand')
    return handName(word === 'hour-hand' ? 'hour' : 'minute', conventions);
  return sentence({ key: `clock.words.${word}`, values: {} }, conventions);
};

const written = (times: readonly DialTime[], conventions: Conventions): string =>
  times.map((time) => digital(time, conventions)).join(', ');

/** Why a time should not stand where it stands. */
export const timeRuleSentence = ({ rule, time, other }: BrokenRule, conventions: Conventions): string =>
  words(`timeRules.${rule}`, conventions, {
    time: digital(time, conventions),
    other: other === undefined ? '' : digital(other, conventions),
  });

/** Why a segment has the times it has. */
export const timeReasonSentence = (reason: TimeReason, conventions: Conventions): string => {
  const say = (values: Phrase['values'] = {}): string => words(`timeReasons.${reason.reason}`, conventions, values);
  switch (reason.reason) {
    case 'hour-stays':
    case 'hour-turns':
      return say({
        first: written([reason.first], conventions),
        second: written([reason.second], conventions),
        hour: reason.hour,
      });
    case 'hard-last':
      return say({ times: written(reason.times, conventions) });
    case 'fresh':
      return say({ fresh: reason.fresh, count: reason.count });
    case 'first-turn':
      return say({ hours: reason.hours.join(', ') });
    default:
      return say();
  }
};

/** Why a time came back in a warm-up: how it went when it came up last, or that a lesson ahead has it. @param dayName a day as the screen writes it */
export const cameBackSentence = (
  { time, last }: CameBack,
  conventions: Conventions,
  today: Day,
  dayName: (day: Day) => string,
): string => {
  const values = { time: digital(time, conventions) };
  if (last === undefined) return words('cameBack.never', conventions, values);
  const { day, asked, missed } = last;
  const how = asked === 0 ? (day < today ? 'practised' : 'ahead') : missed === 0 ? 'known' : 'missed';
  return words(`cameBack.${how}`, conventions, { ...values, day: dayName(day), asked, missed });
};

/** What was done to a plan, in a few words: for undo and redo. */
export type PlanDeed = PlanChange | { readonly kind: 'made' | 'read-in' };
/** @param dayName how a day is written on the screen or page it stands on */
export const planDeedWords = (deed: PlanDeed, conventions: Conventions, dayName: (day: Day) => string): string => {
  switch (deed.kind) {
    case 'insert':
      return words(`planChanges.insert-${deed.what}`, conventions);
    case 'outcome':
      return words(`planChanges.outcome-${deed.outcome ?? 'none'}`, conventions);
    case 'skip':
      return words('planChanges.skip', conventions, { day: dayName(deed.day), name: deed.name });
    case 'unskip':
      return words('planChanges.unskip', conventions, { day: dayName(deed.day) });
    default:
      return words(`planChanges.${deed.kind}`, conventions);
  }
};
