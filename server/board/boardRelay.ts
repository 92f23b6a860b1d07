import type { BoardCommand, BoardView } from '../../contract/index.ts';

/** Wishes remembered, so that one sent twice is done once. */
const REMEMBERED = 200;

/** What the board shows, passed on to remotes, and their wishes, passed on to the board. Nothing of it is kept on disk. */
export const createBoardRelay = () => {
  let view: BoardView | null = null;
  /** The screen whose board it is. */
  let shownBy: string | undefined;
  const seen: string[] = [];
  return {
    view: (): BoardView | null => view,
    /** Takes what a board shows; an older view that arrives late is passed over. @returns whether it is news */
    show: (fresh: BoardView, screen?: string): boolean => {
      if (view !== null && view.boardId === fresh.boardId && fresh.seq <= view.seq) return false;
      view = fresh;
      shownBy = screen;
      return true;
    },
    /** A screen looks at another class: its board goes with it. @returns what it shows; none where the board is another screen's */
    leave: (screen: string | undefined): BoardView | null => {
      if (shownBy !== screen) return null;
      const left = view;
      view = null;
      return left;
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
