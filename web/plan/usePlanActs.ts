import { computed } from 'vue';
import type { Lesson } from '../../contract/index.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { usePlanStore } from '../stores/plan.ts';

/** What can be done with a lesson on the path, and doing it. */
export const usePlanActs = (lesson: () => Lesson) => {
  const store = useClassroomStore();
  const plan = usePlanStore();
  const unit = computed(() => store.classroom!.lessons);
  const isFixed = (id: number): boolean => store.classroom!.fixed.includes(id);
  const fixed = computed(() => isFixed(lesson().id));
  const neighbour = (steps: number): Lesson | undefined => unit.value[lesson().number - 1 + steps];
  const canMove = (steps: number): boolean => {
    const other = neighbour(steps);
    return !fixed.value && other !== undefined && !isFixed(other.id);
  };
  return {
    fixed,
    past: computed(() => lesson().day < store.classroom!.today),
    canMove,
    move: (steps: number): Promise<void> =>
      plan.change({ kind: 'move', lessonId: lesson().id, to: lesson().number + steps }),
    reschedule: (day: string): Promise<void> => plan.change({ kind: 'reschedule', lessonId: lesson().id, day }),
    /** A lesson cannot be put in before one that is past. */
    canInsert: computed(() => !unit.value.slice(lesson().number).some(({ id }) => isFixed(id))),
    insert: (): Promise<void> => plan.change({ kind: 'insert', after: lesson().id, what: 'blank' }),
    insertAgain: (): Promise<void> =>
      plan.change({ kind: 'insert', after: lesson().id, what: 'again', skills: [...lesson().skills], rules: [] }),
    skipDay: (name: string): Promise<void> => plan.change({ kind: 'skip', day: lesson().day, name }),
    remove: (): Promise<void> => plan.change({ kind: 'remove', lessonId: lesson().id }),
    rename: (title: string): Promise<void> => plan.change({ kind: 'title', lessonId: lesson().id, title }),
  };
};
