import type { BoardCommand, BoardView } from '../../contract/index.ts';

/** Wishes remembered, so that one sent twice is done once. */
const REMEMBERED = 200;

/** What the board shows, passed on to remotes, and their wishes, passed on to the board. Nothing of it is kept on disk. */
export const createBoardRelay = () => {
  let view: BoardView | null = null;
  const seen: string[] = [];
  return {
    view: (): BoardView | null => view,
    /** Takes what a board shows; an older view that arrives late is passed over. @returns whether it is news */
    show: (fresh: BoardView): boolean => {
      if (view !== null && view.boardId === fresh.boardId && fresh.seq <= view.seq) return false;
      view = fresh;
      return true;
    },
    /** A board was closed. @returns whether it was the one shown */
    close: (boardId: string): boolean => {
      if (view?.boardId !== boardId) return false;
      view = null;
      return true;
    },
    /** @returns whether a wish is new and for the board that is open */
    isNew: ({ id, boardId }: BoardCommand): boolean => {
      if (view?.boardId !== boardId || seen.includes(id)) return false;
      seen.push(id);
      if (seen.length > REMEMBERED) seen.shift();
      return true;
    },
  };
};
export type BoardRelay = ReturnType<typeof createBoardRelay>;
