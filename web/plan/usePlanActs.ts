import { computed } from 'vue';
import type { Lesson, LessonContent as SentContent } from '../../contract/index.ts';
import { v4 as newId } from 'uuid';
import { seedFromText, seededRng } from '../../core/common/index.ts';
import {
  contentOfLesson,
  groupsOf,
  isDayTaken,
  isHeld,
  lessonOfDraft,
  lessonsMet,
  refusalFor,
  type LessonContent,
  type Outcome,
  type OwnLesson,
} from '../../core/planning/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanStore } from '../stores/plan.ts';

/** A lesson's content as it is sent. */
const sent = ({ skills, segments, ...rest }: LessonContent): SentContent => ({
  ...rest,
  skills: [...skills],
  segments: segments.map((segment) => ({ ...segment, times: [...segment.times], items: [...segment.items] })),
});

/** What can be done with a lesson on the path, and doing it. */
export const usePlanActs = (lesson: () => Lesson) => {
  const store = useClassroomStore();
  const plan = usePlanStore();
  const unit = computed(() => store.classroom!.lessons);
  const isFixed = (id: number): boolean => store.classroom!.fixed.includes(id);
  const fixed = computed(() => isFixed(lesson().id));
  const at = computed(() => ({ today: store.classroom!.today, taught: new Set(store.classroom!.taught) }));
  const may = (kind: Parameters<typeof refusalFor>[0]): boolean => refusalFor(kind, lesson(), at.value) === undefined;
  const past = computed(() => lesson().day < at.value.today);
  const neighbour = (steps: number): Lesson | undefined => unit.value[lesson().number - 1 + steps];
  const canMove = (steps: number): boolean => {
    const other = neighbour(steps);
    return !fixed.value && other !== undefined && !isFixed(other.id);
  };
  /** What tasks are made of: the times met until a lesson. */
  const making = (number: number) => ({
    rng: seededRng(seedFromText(newId())),
    met: groupsOf(lessonsMet(unit.value, number)),
  });
  return {
    fixed,
    past,
    may,
    /** Why it cannot be moved as others can; none where it can. */
    why: computed(() => {
      if (at.value.taught.has(lesson().id)) return 'held' as const;
      if (lesson().outcome === 'held') return 'said' as const;
      return past.value ? ('past' as const) : undefined;
    }),
    /** Is its day past, and nothing known of it? */
    isOpen: computed(() => past.value && !isHeld(lesson(), at.value.taught) && lesson().outcome === undefined),
    canHoldToday: computed(
      () =>
        may('reschedule') &&
        past.value &&
        plan.isTeachingDay(at.value.today) &&
        !isDayTaken(unit.value, lesson().id, at.value.today, at.value),
    ),
    holdToday: (): Promise<void> =>
      plan.change({ kind: 'reschedule', lessonId: lesson().id, day: store.classroom!.today }),
    say: (outcome: Outcome | null): Promise<void> => plan.change({ kind: 'outcome', lessonId: lesson().id, outcome }),
    canMove,
    move: (steps: number): Promise<void> =>
      plan.change({ kind: 'move', lessonId: lesson().id, to: lesson().number + steps }),
    reschedule: (day: string): Promise<void> => plan.change({ kind: 'reschedule', lessonId: lesson().id, day }),
    /** A lesson cannot be put in before one that is past. */
    canInsert: computed(() => !unit.value.slice(lesson().number).some(({ id }) => isFixed(id))),
    insert: (): Promise<void> => plan.change({ kind: 'insert', after: lesson().id, what: 'blank' }),
    insertAgain: (): Promise<void> =>
      plan.change({ kind: 'insert', after: lesson().id, what: 'again', skills: [...lesson().skills], rules: [] }),
    /** A lesson that comes whole, behind this one. */
    insertContent: (content: LessonContent): Promise<void> =>
      plan.change({ kind: 'insert', what: 'content', after: lesson().id, lesson: sent(content) }),
    insertCopy: (): Promise<void> =>
      plan.change({ kind: 'insert', what: 'content', after: lesson().id, lesson: sent(contentOfLesson(lesson())) }),
    /** A lesson of one's own behind this one. */
    insertOwn: (own: OwnLesson): Promise<void> =>
      plan.change({
        kind: 'insert',
        what: 'content',
        after: lesson().id,
        lesson: sent(lessonOfDraft(own, undefined, making(lesson().number))),
      }),
    rewrite: (own: OwnLesson): Promise<void> =>
      plan.change({
        kind: 'rewrite',
        lessonId: lesson().id,
        lesson: sent(lessonOfDraft(own, contentOfLesson(lesson()), making(lesson().number))),
      }),
    skipDay: (name: string): Promise<void> => plan.change({ kind: 'skip', day: lesson().day, name }),
    remove: (): Promise<void> => plan.change({ kind: 'remove', lessonId: lesson().id }),
    rename: (title: string): Promise<void> => plan.change({ kind: 'title', lessonId: lesson().id, title }),
  };
};
