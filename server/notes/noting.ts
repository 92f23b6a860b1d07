import type { Note, PostNote } from '../../contract/index.ts';
import type { ChildRepository } from '../children/childRepository.ts';
import { dayOf, type Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import type { NoteRepository } from './noteRepository.ts';

interface Parts {
  readonly notes: NoteRepository;
  readonly children: ChildRepository;
  readonly now: Now;
}

/** Keeps what a teacher has seen of a child. */
export const createNoting = ({ notes, children, now }: Parts) => ({
  /**
   * @returns all of the child's, the latest first, and whether it is new
   * @throws HoppelError unknown-child, id-taken by another note
   */
  add: (childId: number, { id, text }: PostNote): { notes: Note[]; fresh: boolean } => {
    const child = children.one(childId);
    const before = notes.maybe(id);
    if (before !== undefined && (before.childId !== child.id || before.text !== text))
      throw new HoppelError('id-taken');
    const fresh = before === undefined;
    if (fresh) notes.add({ id, childId: child.id, day: dayOf(now()), text, notedAt: now().toISOString() });
    return { notes: notes.ofChild(child.id), fresh };
  },
  /** Taken back: gone from the file, too. @throws HoppelError unknown-child */
  remove: (childId: number, id: string): Note[] => {
    const child = children.one(childId);
    notes.remove(id, child.id);
    return notes.ofChild(child.id);
  },
});
export type Noting = ReturnType<typeof createNoting>;
