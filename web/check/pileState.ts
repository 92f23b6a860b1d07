import type { Pile, PileChild, PileDeed, PileMark, PileNews } from '../../contract/index.ts';
import type { Conventions } from '../../core/conventions/index.ts';
import type { Answer, Item } from '../../core/items/index.ts';
import { readAndMark } from '../../core/marking/index.ts';

/** A pile as a screen shows it: what is kept, and over it what is still on its way. */
export interface PileState {
  readonly children: readonly PileChild[];
  readonly marks: ReadonlyMap<string, PileMark>;
}

/** Where a mark lies, as a key. */
export const placeKey = (childId: number, task: number): string => `${childId} ${task}`;
export const stateOf = ({ children, marks }: Pick<Pile, 'children' | 'marks'>): PileState => ({
  children,
  marks: new Map(marks.map((one) => [placeKey(one.childId, one.task), one])),
});

const withMark = (state: PileState, childId: number, task: number, found: PileMark | null): PileState => {
  const marks = new Map(state.marks);
  if (found === null) marks.delete(placeKey(childId, task));
  else marks.set(placeKey(childId, task), found);
  return { ...state, marks };
};

/** What the server said of some places. */
export const withNews = (state: PileState, { places, children }: PileNews): PileState => {
  const told = new Map(children.map((one) => [one.childId, one]));
  const after: PileState = {
    ...state,
    children: state.children.map((child) => ({ ...child, ...told.get(child.childId) })),
  };
  return places.reduce<PileState>((now, { childId, task, mark: found }) => withMark(now, childId, task, found), after);
};

/** What a teacher did shows at once; marked here by the same rules as where it is kept. */
export const withDeed = (state: PileState, deed: PileDeed, conventions: Conventions): PileState => {
  switch (deed.what) {
    case 'child': {
      const { childId, away, form } = deed;
      const children = state.children.map((child) => (child.childId === childId ? { ...child, away, form } : child));
      return { ...state, children };
    }
    case 'take-back':
      return state.marks.get(placeKey(deed.childId, deed.task))?.answerId === deed.answerId
        ? withMark(state, deed.childId, deed.task, null)
        : state;
    case 'mark': {
      const { childId, task, id, item, answer, fromFile } = deed;
      const { read, verdict, findings } = readAndMark(item, answer, conventions);
      const source = fromFile === true ? 'file' : 'paper';
      return withMark(state, childId, task, {
        ...{ childId, task, answerId: id, read, verdict, source },
        findings: [...findings],
        says: null,
      });
    }
  }
};

/** What one key did, so that another can undo it: each place as it was before, or what was said of a child. */
export type Step =
  | {
      readonly what: 'marks';
      readonly places: readonly {
        readonly childId: number;
        readonly task: number;
        readonly item: Item;
        /** The mark that was made. */
        readonly id: string;
        /** What stood there; null for nothing. */
        readonly was: Answer | null;
      }[];
    }
  | {
      readonly what: 'child';
      readonly childId: number;
      readonly was: { readonly away: boolean; readonly form: number };
      /** Marks that were let go with it: another form has other tasks. */
      readonly marks: readonly { readonly task: number; readonly item: Item; readonly answer: Answer }[];
    };

/**
 * What undoes a step. A place that was marked anew since, here or on another screen, is left as it is.
 * @param newId for each deed
 */
export const undoing = (state: PileState, step: Step, newId: () => string): PileDeed[] => {
  if (step.what === 'child') {
    const { childId, was, marks } = step;
    return [
      { what: 'child', id: newId(), childId, ...was },
      ...marks.map((one): PileDeed => ({ what: 'mark', id: newId(), childId, ...one })),
    ];
  }
  return step.places.flatMap(({ childId, task, item, id, was }): PileDeed[] => {
    if (state.marks.get(placeKey(childId, task))?.answerId !== id) return [];
    return [
      was === null
        ? { what: 'take-back', id: newId(), childId, task, answerId: id }
        : { what: 'mark', id: newId(), childId, task, item, answer: was },
    ];
  });
};
