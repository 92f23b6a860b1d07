import type { Lesson, RoundSource } from '../../contract/index.ts';
import { seedFromText, seededRng } from '../../core/common/index.ts';
import type { Item } from '../../core/items/index.ts';
import { itemsAt, lessonsMet, spareItems, surpriseItems } from '../../core/planning/index.ts';
import { isRoundItem, type RoundItem } from '../../core/rounds/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';

const itemsOf = (lesson: Lesson, at: number): readonly Item[] => {
  const segment = lesson.segments[at];
  if (segment === undefined) throw new HoppelError('not-found', 'this lesson has no such part');
  return segment.items;
};

/**
 * The tasks of a new round and those in reserve. The same id gives the same ones.
 * @param lessons of the class, in order
 * @param source the lesson's show-me round unless said otherwise
 * @throws HoppelError not-found, nothing-to-ask
 */
export const tasksOfRound = (
  id: string,
  lesson: Lesson,
  lessons: readonly Lesson[],
  source: RoundSource | undefined,
): { items: RoundItem[]; spares: RoundItem[] } => {
  const rng = seededRng(seedFromText(id));
  const taught = lessonsMet(lessons, lesson.number);
  const made = ((): readonly Item[] => {
    switch (source?.what) {
      case undefined: {
        const at = lesson.segments.findIndex(({ kind }) => kind === 'show-me');
        if (at === -1) throw new HoppelError('not-found', 'this lesson has no show-me round');
        return itemsOf(lesson, at);
      }
      case 'segment':
        return itemsOf(lesson, source.at);
      case 'surprise':
        return surpriseItems(rng, taught, source.tasks);
      case 'times':
        return itemsAt(rng, taught, source.tasks, source.times);
    }
  })();
  const items = made.filter(isRoundItem);
  if (items.length === 0) throw new HoppelError('nothing-to-ask');
  return { items, spares: spareItems(rng, taught, items).filter(isRoundItem) };
};
