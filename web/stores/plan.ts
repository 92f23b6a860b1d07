import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { v4 as newId } from 'uuid';
import { Classroom, type Lesson, type PlanChange, type PlanDeed, type UnitChoices } from '../../contract/index.ts';
import {
  applyChange,
  isFixed,
  isTeachingDay,
  movedBetween,
  type Moved,
  type Plan,
  type PlanRefusal,
  type SchoolCalendar,
} from '../../core/planning/index.ts';
import { Refused, get, post } from '../api/client.ts';
import { createTurns } from '../api/latest.ts';
import { createOneAct } from '../api/oneAct.ts';
import { useClassroomStore } from './classroom.ts';
import { problemKey } from '../words/problemWords.ts';

/** What a step did, for the line that says so. */
export interface PlanNews {
  readonly how: 'done' | 'undone' | 'redone';
  readonly deed: PlanDeed;
  readonly moved: readonly Moved[];
  /** The lessons as they were, for titles of those that are gone. */
  readonly before: readonly Lesson[];
}

/** Milliseconds between two tries while the server does not answer. */
const RETRY_MS = 2000;

/**
 * Changes to the unit. Each shows at once, is sent, and is tried again until the server has it: nothing a teacher did is lost,
 * and the screen says while something is not kept yet.
 */
export const usePlanStore = defineStore('plan', () => {
  const store = useClassroomStore();
  /** Changes on their way, in order. */
  const waiting = ref(0);
  /** Is the server not answering while something waits? */
  const stuck = ref(false);
  const news = shallowRef<PlanNews>();
  /** Message key of why the last change was not made. */
  const problem = ref<string>();

  const state = computed(() => store.classroom?.plan ?? undefined);
  const calendar = computed<SchoolCalendar | undefined>(
    () =>
      state.value && {
        weekdays: state.value.choices.weekdays,
        daysOff: [...state.value.choices.daysOff, ...state.value.skipped],
      },
  );

  /** Version after the last change that was answered, while others wait behind it. */
  let sentVersion: number | undefined;
  const version = (): number => sentVersion ?? store.classroom!.plan!.version;

  const turns = createTurns();
  /** One after another, each tried until the server has answered. */
  const inTurn = (send: () => Promise<Classroom>): Promise<Classroom | undefined> => {
    waiting.value += 1;
    const turn = turns(async () => {
      for (;;) {
        try {
          const fresh = await send();
          stuck.value = false;
          sentVersion = fresh.plan?.version;
          return fresh;
        } catch (error) {
          if (error instanceof Refused && error.status < 500) {
            problem.value = problemKey(error);
            stuck.value = false;
            const now = await get(Classroom, '/classroom').catch(() => undefined);
            sentVersion = now?.plan?.version;
            return now;
          }
          stuck.value = true;
          await new Promise((again) => setTimeout(again, RETRY_MS));
        }
      }
    });
    return turn.finally(() => {
      waiting.value -= 1;
      if (waiting.value === 0) sentVersion = undefined;
    });
  };

  /** Was something told while changes were on their way? */
  let changedElsewhere = false;
  /** Takes what the server has, unless more changes are on their way: then the newest reply will bring them all. */
  const settle = (fresh: Classroom | undefined): void => {
    if (waiting.value > 0) return;
    if (fresh !== undefined) store.take(fresh);
    if (changedElsewhere) void store.refresh();
    changedElsewhere = false;
  };
  /** Looks for what changed, here or elsewhere, once nothing of this screen's own is on its way: until then that shows here only. */
  const lookOnceKept = (): void => {
    if (waiting.value === 0) void store.refresh();
    else changedElsewhere = true;
  };

  /** The change shown before the server has it. A lesson put in waits, for its id is the server's. */
  const showAtOnce = (change: PlanChange): boolean => {
    const { classroom } = store;
    if (classroom === undefined || classroom.plan === null) return false;
    const { choices, skipped } = classroom.plan;
    const plan: Plan = { choices, skipped, lessons: classroom.lessons };
    const taught = new Set(classroom.taught);
    const result = applyChange(plan, change, { today: classroom.today, taught, nextId: -1 });
    if (!result.done) {
      problem.value = `problem.${result.refusal satisfies PlanRefusal}`;
      return false;
    }
    if (change.kind !== 'insert')
      store.take({
        ...classroom,
        plan: {
          ...classroom.plan,
          choices: result.plan.choices as UnitChoices,
          skipped: [...result.plan.skipped],
          undo: change,
          redo: null,
        },
        lessons: result.plan.lessons.map((lesson, i) => ({ ...(lesson as Lesson), number: i + 1 })),
        fixed: result.plan.lessons.flatMap((lesson) => (isFixed(lesson, classroom.today, taught) ? [lesson.id] : [])),
      });
    return true;
  };

  const tell = (how: PlanNews['how'], deed: PlanDeed, before: readonly Lesson[], after: readonly Lesson[]): void => {
    const kept = new Set(after.map(({ id }) => id));
    news.value = { how, deed, moved: movedBetween(before, after).filter(({ id }) => kept.has(id)), before };
  };

  const isFirst = createOneAct();
  const change = async (made: PlanChange): Promise<void> => {
    // Steps by arrow keys are acts of their own each: what they ask for differs from one to the next.
    if (!isFirst(JSON.stringify(made))) return;
    problem.value = undefined;
    const before = store.classroom!.lessons;
    if (!showAtOnce(made)) return;
    const id = newId();
    const fresh = await inTurn(() => post(Classroom, '/plan/changes', { id, version: version(), change: made }));
    settle(fresh);
    if (problem.value === undefined) tell('done', made, before, fresh?.lessons ?? store.classroom!.lessons);
  };
  const step = async (how: 'undone' | 'redone'): Promise<void> => {
    problem.value = undefined;
    const { plan, lessons: before } = store.classroom!;
    const deed = how === 'undone' ? plan?.undo : plan?.redo;
    if (deed === undefined || deed === null) return;
    const path = how === 'undone' ? '/plan/undo' : '/plan/redo';
    const fresh = await inTurn(() => post(Classroom, path, { version: version() }));
    settle(fresh);
    if (fresh !== undefined && problem.value === undefined) tell(how, deed, before, fresh.lessons);
  };

  const make = (choices: UnitChoices): Promise<void> =>
    store.sendOnce(`unit ${JSON.stringify(choices)}`, (id) => post(Classroom, '/plan', { id, choices }));
  const readFile = (text: string): Promise<void> =>
    store.sendOnce(`file ${text}`, (id) => post(Classroom, '/plan/unit-file', { id, text }));

  return {
    state,
    calendar,
    waiting,
    stuck,
    news,
    problem,
    change,
    tell,
    lookOnceKept,
    undo: (): Promise<void> => step('undone'),
    redo: (): Promise<void> => step('redone'),
    make,
    readFile,
    /** Can the class be taught on this day? */
    isTeachingDay: (day: string): boolean => calendar.value !== undefined && isTeachingDay(calendar.value, day),
  };
});
