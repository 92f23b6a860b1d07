import type { PutSetAside, SetAside } from '../../contract/index.ts';
import type { Now } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** Answers that are told of at most, and characters of all of them: far above a room that goes wrong for a day. */
const MOST = 1000;
const MOST_TEXT = 16_000_000;

interface Held extends SetAside {
  /** The answer as its tablet has it, JSON. */
  readonly text: string;
}
/** One as it is downloaded. */
export type SetAsideWhole = Pick<SetAside, 'id' | 'childId' | 'code' | 'since'> & { readonly answer: unknown };

/**
 * Answers of one class that were refused. Their tablets keep them, and tell of them again whenever they connect: here they stand in
 * memory, to be counted, read and taken again.
 */
export const createSetAside = (now: Now) => {
  const byId = new Map<string, Held>();
  /** Those the teacher let go; their tablets hear of it when they tell of them next. */
  const letGo = new Set<string>();
  const size = (): number => [...byId.values()].reduce((sum, { text }) => sum + text.length, 0);
  return {
    /** A tablet tells of one. @returns whether it is to keep it on @throws HoppelError too-large where there are too many */
    put: (tabletId: number, id: string, { childId, code, answer }: PutSetAside): { keep: boolean; isNew: boolean } => {
      if (letGo.has(id)) return { keep: false, isNew: false };
      const before = byId.get(id);
      const text = JSON.stringify(answer);
      if (before === undefined && (byId.size >= MOST || size() + text.length > MOST_TEXT))
        throw new HoppelError('too-large');
      byId.set(id, { id, tabletId, childId, code, text, since: before?.since ?? now().toISOString() });
      return { keep: true, isNew: before?.code !== code };
    },
    /** It was taken after all. @returns whether it had been set aside */
    taken: (id: string): boolean => byId.delete(id),
    letGo: (ids: readonly string[]): void => {
      for (const id of ids) if (byId.delete(id)) letGo.add(id);
    },
    count: (): number => byId.size,
    all: (): SetAside[] =>
      [...byId.values()].map(({ id, tabletId, childId, code, since }) => ({ id, tabletId, childId, code, since })),
    whole: (): SetAsideWhole[] =>
      [...byId.values()].map(({ id, childId, code, since, text }) => ({
        id,
        childId,
        code,
        since,
        answer: JSON.parse(text) as unknown,
      })),
  };
};
export type SetAsideList = ReturnType<typeof createSetAside>;
