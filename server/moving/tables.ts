import type { MovedTable, Rows } from './rows.ts';

/** What a data file numbers itself and other rows point at: in another file it may have another number. */
export type Numbered = 'class' | 'child' | 'lesson' | 'plan_state' | 'routine_entry' | 'sheet_version' | 'printing';
/** Numbers in the file something comes into. */
export interface Numbers {
  /** Of something that comes along. @throws HoppelError bad-file where it does not */
  readonly of: (what: Numbered, number: number) => number;
  /** The same of something that may be gone: of a deleted child a number stays in old lists, and names nobody here either. */
  readonly ofMaybeGone: (what: Numbered, number: number) => number;
}

/** How the rows of one table of a class are found, numbered, and pointed on. */
interface Moving<T extends MovedTable> {
  /** Rows of the class @id. */
  readonly where: string;
  /** The column the data file numbers rows by, which is their order; none where it is the sender's, or several columns'. */
  readonly key: 'id' | 'seq' | null;
  /** Columns by which rows are put in order in a file. */
  readonly order: string;
  /** Goes along only with a class of its own: put into another class, children bring what they did, not how their class was led. */
  readonly ownOnly: boolean;
  /** The row with all it points at by its number in the file it comes into; its own key is given where it is put in. */
  readonly pointed: (row: Rows[T], to: Numbers) => Rows[T];
}

const CHILDREN = '(SELECT id FROM child WHERE class_id = @id AND erased = 0)';
const LESSONS = '(SELECT id FROM lesson WHERE class_id = @id)';
const ANSWERS = `(SELECT id FROM answer WHERE child_id IN ${CHILDREN})`;
const VERSIONS = '(SELECT id FROM sheet_version WHERE class_id = @id)';
const PRINTINGS = `(SELECT id FROM printing WHERE version_id IN ${VERSIONS})`;
const OF_CLASS = 'class_id = @id';

/** The number where there is one. */
const maybe = (to: Numbers, what: Numbered, number: number | null): number | null =>
  number === null ? null : to.of(what, number);
const all = (to: Numbers, what: Numbered, numbers: readonly number[]): number[] =>
  numbers.map((one) => to.ofMaybeGone(what, one));

/** Lessons that a state of a unit, or a deed that made one, speaks of. What cannot be understood stays as it is. */
const ofLessons = (said: Readonly<Record<string, unknown>>, to: Numbers): Record<string, unknown> => {
  const lesson = (value: unknown): unknown => (Number.isInteger(value) ? to.of('lesson', value as number) : value);
  const part = (name: string, value: unknown): unknown => {
    if (name === 'lessonId' || name === 'after') return lesson(value);
    if (name !== 'lessons' || !Array.isArray(value)) return value;
    return value.map((one: unknown) =>
      typeof one === 'object' && one !== null && 'id' in one ? { ...one, id: lesson(one.id) } : one,
    );
  };
  return Object.fromEntries(Object.entries(said).map(([name, value]) => [name, part(name, value)]));
};
/** What a pile was opened from: a word, and which. */
const origin = (said: string, to: Numbers): string => {
  const [word, which, ...rest] = said.split(' ');
  const number = Number(which);
  if (!Number.isInteger(number)) return said;
  return [word, word === 'printing' ? to.of('printing', number) : to.of('lesson', number), ...rest].join(' ');
};

/** Every table of a class, each behind those it points at. */
export const MOVING: { readonly [T in Exclude<MovedTable, 'lesson_template'>]: Moving<T> } = {
  class: {
    where: 'id = @id',
    key: 'id',
    order: 'id',
    ownOnly: true,
    pointed: (row, to) => ({
      ...row,
      plan_seq: maybe(to, 'plan_state', row.plan_seq),
    }),
  },
  child: {
    where: `${OF_CLASS} AND erased = 0`,
    key: 'id',
    order: 'id',
    ownOnly: true,
    pointed: (row, to) => ({ ...row, class_id: to.of('class', row.class_id) }),
  },
  settings: {
    where: OF_CLASS,
    key: null,
    order: 'class_id',
    ownOnly: true,
    pointed: (row, to) => ({ ...row, class_id: to.of('class', row.class_id) }),
  },
  convention_change: {
    where: OF_CLASS,
    key: 'seq',
    order: 'seq',
    ownOnly: true,
    pointed: (row, to) => ({ ...row, class_id: to.of('class', row.class_id) }),
  },
  routine_entry: {
    where: OF_CLASS,
    key: 'id',
    order: 'id',
    ownOnly: true,
    pointed: (row, to) => ({ ...row, class_id: to.of('class', row.class_id) }),
  },
  moment_choice: {
    where: OF_CLASS,
    key: null,
    order: 'day',
    ownOnly: true,
    pointed: (row, to) => ({
      ...row,
      class_id: to.of('class', row.class_id),
      entries: all(to, 'routine_entry', row.entries),
    }),
  },
  lesson: {
    where: OF_CLASS,
    key: 'id',
    order: 'id',
    ownOnly: true,
    pointed: (row, to) => ({ ...row, class_id: to.of('class', row.class_id) }),
  },
  plan_state: {
    where: OF_CLASS,
    key: 'seq',
    order: 'seq',
    ownOnly: true,
    pointed: (row, to) => ({
      ...row,
      class_id: to.of('class', row.class_id),
      before: maybe(to, 'plan_state', row.before),
      deed: ofLessons(row.deed, to),
      plan: ofLessons(row.plan, to),
    }),
  },
  ready_tick: {
    where: `lesson_id IN ${LESSONS}`,
    key: null,
    order: 'lesson_id, item',
    ownOnly: true,
    pointed: (row, to) => ({ ...row, lesson_id: to.of('lesson', row.lesson_id) }),
  },
  decision: {
    where: `lesson_id IN ${LESSONS}`,
    key: 'seq',
    order: 'seq',
    ownOnly: true,
    pointed: (row, to) => ({
      ...row,
      lesson_id: to.of('lesson', row.lesson_id),
      // The state it made may be forgotten by now: it still tells what came before.
      plan_seq: row.plan_seq && to.ofMaybeGone('plan_state', row.plan_seq),
    }),
  },
  small_group: {
    where: `lesson_id IN ${LESSONS}`,
    key: 'id',
    order: 'id',
    ownOnly: true,
    pointed: (row, to) => ({
      ...row,
      lesson_id: to.of('lesson', row.lesson_id),
      members: {
        ...row.members,
        absent: all(to, 'child', row.members.absent),
        groups: row.members.groups.map((group) => ({
          ...group,
          checkId: to.of('lesson', group.checkId),
          childIds: all(to, 'child', group.childIds),
          held: all(to, 'child', group.held),
        })),
      },
    }),
  },
  handed_set: {
    where: OF_CLASS,
    key: 'seq',
    order: 'seq',
    ownOnly: true,
    pointed: (row, to) => ({
      ...row,
      class_id: to.of('class', row.class_id),
      lesson_id: to.of('lesson', row.lesson_id),
      child_ids: row.child_ids && all(to, 'child', row.child_ids),
    }),
  },
  round: {
    where: `lesson_id IN ${LESSONS}`,
    key: 'seq',
    order: 'seq',
    ownOnly: false,
    pointed: (row, to) => ({
      ...row,
      lesson_id: to.of('lesson', row.lesson_id),
      away: all(to, 'child', row.away),
    }),
  },
  sheet_version: {
    where: OF_CLASS,
    key: 'id',
    order: 'id',
    ownOnly: false,
    pointed: (row, to) => ({
      ...row,
      class_id: to.of('class', row.class_id),
      lesson_id: maybe(to, 'lesson', row.lesson_id),
      sheet: { ...row.sheet, childIds: all(to, 'child', row.sheet.childIds) },
    }),
  },
  printing: {
    where: `version_id IN ${VERSIONS}`,
    key: 'id',
    order: 'id',
    ownOnly: false,
    pointed: (row, to) => ({
      ...row,
      version_id: to.of('sheet_version', row.version_id),
    }),
  },
  printed_copy: {
    where: `printing_id IN ${PRINTINGS}`,
    key: null,
    order: 'printing_id, number',
    ownOnly: false,
    pointed: (row, to) => ({
      ...row,
      printing_id: to.of('printing', row.printing_id),
      child_id: maybe(to, 'child', row.child_id),
    }),
  },
  pile: {
    where: OF_CLASS,
    key: null,
    order: 'made_at, id',
    ownOnly: false,
    pointed: (row, to) => ({
      ...row,
      class_id: to.of('class', row.class_id),
      lesson_id: to.of('lesson', row.lesson_id),
      origin: origin(row.origin, to),
      printing_id: maybe(to, 'printing', row.printing_id),
    }),
  },
  pile_child: {
    where: `child_id IN ${CHILDREN}`,
    key: 'seq',
    order: 'seq',
    ownOnly: false,
    pointed: (row, to) => ({ ...row, child_id: to.of('child', row.child_id) }),
  },
  answer: {
    where: `child_id IN ${CHILDREN}`,
    key: 'seq',
    order: 'seq',
    ownOnly: false,
    pointed: (row, to) => ({
      ...row,
      child_id: to.of('child', row.child_id),
      lesson_id: to.of('lesson', row.lesson_id),
    }),
  },
  stand_in_answer: {
    where: `answer_id IN ${ANSWERS}`,
    key: null,
    order: 'answer_id',
    ownOnly: false,
    pointed: (row) => row,
  },
  correction: {
    where: `answer_id IN ${ANSWERS}`,
    key: 'seq',
    order: 'seq',
    ownOnly: false,
    pointed: (row) => row,
  },
  child_note: {
    where: `child_id IN ${CHILDREN}`,
    key: 'seq',
    order: 'seq',
    ownOnly: false,
    pointed: (row, to) => ({ ...row, child_id: to.of('child', row.child_id) }),
  },
  child_pair: {
    where: `child_a IN ${CHILDREN} AND child_b IN ${CHILDREN}`,
    key: null,
    order: 'child_a, child_b',
    ownOnly: false,
    pointed: (row, to) => {
      const [a, b] = [to.of('child', row.child_a), to.of('child', row.child_b)];
      return { ...row, child_a: Math.min(a, b), child_b: Math.max(a, b) };
    },
  },
};
export type ClassTable = keyof typeof MOVING;
export const CLASS_TABLES = Object.keys(MOVING) as readonly ClassTable[];
