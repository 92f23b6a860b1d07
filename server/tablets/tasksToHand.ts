import type { Lesson, SetSource } from '../../contract/index.ts';
import { seedFromText, seededRng } from '../../core/common/index.ts';
import type { Item } from '../../core/items/index.ts';
import { currentLesson, lessonsMet, itemsAt, type Day } from '../../core/planning/index.ts';
import { withTwin } from '../../core/making/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { Handed } from '../station/handedSets.ts';
import { lessonSet } from '../station/practice.ts';

/** The ticket of a check: of the one that is named, otherwise of the last there was or is today. @throws HoppelError nothing-to-ask */
const ticketOf = (
  lessons: readonly Lesson[],
  upTo: number,
  lessonId: number | undefined,
): { readonly lessonId: number; readonly items: readonly Item[] } => {
  const check = lessons.findLast(({ id, number, kind }) =>
    lessonId === undefined ? kind === 'check' && number <= upTo : id === lessonId,
  );
  const items = check?.segments.find(({ kind }) => kind === 'ticket')?.items ?? [];
  if (check === undefined || items.length === 0) throw new HoppelError('nothing-to-ask');
  return { lessonId: check.id, items };
};

/**
 * The tasks of a set to be handed out, and the lesson it belongs to. The same id gives the same ones.
 * @param lessons of the class, in order
 * @returns null items where each child gets what it needs
 * @throws HoppelError no-unit, nothing-to-ask
 */
export const tasksToHand = (
  id: string,
  source: SetSource,
  lessons: readonly Lesson[],
  today: Day,
): { readonly what: Handed['what']; readonly lessonId: number; readonly items: readonly Item[] | null } => {
  const current = currentLesson(lessons, today);
  if (current === undefined) throw new HoppelError('no-unit');
  const isCheckDay = current.kind === 'check' && current.day === today;
  if (source.what === 'needs') return { what: 'needs', lessonId: current.id, items: null };
  if (source.what === 'tasks') return { what: 'times', lessonId: current.id, items: source.items };
  if (source.what === 'ticket' || (source.what === 'lesson' && isCheckDay))
    return {
      what: 'ticket',
      ...ticketOf(lessons, current.number, source.what === 'ticket' ? source.lessonId : undefined),
    };
  if (source.what === 'lesson') {
    const own = lessonSet(lessons, today);
    if (own === undefined) throw new HoppelError('nothing-to-ask');
    return { what: 'lesson', ...own };
  }
  const taught = lessonsMet(lessons, current.number);
  const rng = seededRng(seedFromText(id));
  // Every other task of circling has two right clocks: a child learns to look at all of them.
  const items = itemsAt(rng, taught, source.kinds, source.times).map((item, i) =>
    i % 2 === 0 ? withTwin(rng, item) : item,
  );
  return { what: 'times', lessonId: current.id, items };
};
