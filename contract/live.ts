import type { BoardCommand, BoardView } from './board.ts';
import type { PileNews } from './pile.ts';
import type { BoardState, RoundNews } from './round.ts';
import type { StationRound } from './station.ts';
import type { Settings } from './settings.ts';
import type { Draft, Drafts, RoomNews } from './tablets.ts';

/**
 * Server-sent events. Every stream begins with the current state: after a lost connection the first event is all that was missed. Most
 * carry the whole state they are about; of what grows with each answer, only what came.
 */
export interface TeacherEvents {
  /** Round, answers to the task of now and listening tablets, as the board shows them. */
  board: BoardState;
  /** An answer came in the round on the board. */
  answer: RoundNews;
  /** Something in the record or the class changed; whoever shows it fetches it again. */
  record: { readonly lessonId: number | null };
  settings: Settings;
  /** Who sits at a tablet, or the sets handed, changed: whoever shows them fetches them again. */
  tablets: null;
  /** What of the tablets asks to be looked at. */
  room: RoomNews;
  /** What all children are setting or drawing in the task of now. */
  drafts: Drafts | null;
  /** What one of them is: the whole of it. */
  draft: Draft & { readonly roundId: string; readonly index: number };
  /** What the board shows now; null when none is open. */
  view: BoardView | null;
  /**
   * A wish of a remote's for one board. The only event that is no state: one lost with its connection is seen on the
   * remote, where nothing changes, and is simply tapped again.
   */
  command: BoardCommand;
  /** Something was marked in a pile of paper. */
  pile: PileNews;
  /** Class, children, plan or day changed, or another class was opened: whoever shows them fetches them again. */
  classroom: null;
}
export interface StationEvents {
  round: StationRound | null;
  settings: Settings;
  /** The child of this tablet sits elsewhere now, or was sent off by the teacher. */
  away: null;
  /** Answers that were refused are to be sent again. */
  again: null;
  /** Names, pictures or what is to be practised may have changed: fetch the state again. */
  classroom: null;
}
