import { useI18n } from 'vue-i18n';
import type { Desk, Lesson, PlanDeed, Segment } from '../../contract/index.ts';
import type { BrokenRule, Day, ReadyItem, SegmentKind, TimeReason } from '../../core/planning/index.ts';
import {
  cameBackSentence,
  clockWord,
  lessonICan,
  lessonTitle,
  planDeedWords,
  readyText,
  segmentText,
  segmentTitle,
  segmentWho,
  timeReasonSentence,
  timeRuleSentence,
} from '../../core/reporting/index.ts';
import type { ClockWord } from '../../core/skills/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';

/** Words about the unit, in the class's own wording, and days as this screen writes them. */
export const usePlanWords = () => {
  const store = useClassroomStore();
  const { d } = useI18n();
  const now = () => store.classroom!.settings;
  const date = (day: Day): Date => new Date(`${day}T00:00:00Z`);
  /** "Tue 24" in every language; the built-in format turns it round in some. */
  const shortDay = (day: Day): string => `${d(date(day), 'weekday')} ${Number(day.slice(-2))}`;
  return {
    shortDay,
    longDay: (day: Day): string => d(date(day), 'long'),
    weekday: (day: Day): string => d(date(day), 'day'),
    title: (lesson: Pick<Lesson, 'key' | 'title'>): string => lessonTitle(lesson, now()),
    iCan: (lesson: Pick<Lesson, 'key' | 'iCan'>): string => lessonICan(lesson, now()),
    segment: (kind: SegmentKind): string => segmentTitle(kind, now()),
    who: (kind: SegmentKind): string => segmentWho(kind, now()),
    text: (lessonKey: string, segment: Segment): string =>
      segmentText(lessonKey, segment, now(), store.classroom!.plan?.choices.pace),
    ready: (item: ReadyItem): string => readyText(item, store.classroom!.children.length, now()),
    word: (word: ClockWord): string => clockWord(word, now()),
    rule: (broken: BrokenRule): string => timeRuleSentence(broken, now()),
    /** Why a time came back in a warm-up, with its day as this screen writes it. */
    cameBack: ({ time, last }: NonNullable<Desk['warmUp']>['times'][number]): string =>
      cameBackSentence({ time, last: last ?? undefined }, now(), store.classroom!.today, shortDay),
    reason: (reason: TimeReason): string => timeReasonSentence(reason, now()),
    deed: (deed: PlanDeed): string => planDeedWords(deed, now(), shortDay),
  };
};
