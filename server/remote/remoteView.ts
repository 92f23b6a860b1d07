import type { BoardState, Classroom } from '../../contract/index.ts';

/** A board's state as a remote gets it: where the round is, and nothing of what anybody answered. */
export const remoteBoard = (state: BoardState): BoardState => ({ ...state, answers: [], counts: [] });

/**
 * The classroom as a remote gets it: names and pictures to tap and the class's wording. The unit, who moved away and what only the
 * teacher knows of a child stay on the teacher's own computer.
 */
export const remoteClassroom = (state: Classroom): Classroom => ({
  ...state,
  children: state.children.map((child) => ({ ...child, homeLanguage: null })),
  movedAway: [],
  plan: null,
  lessons: [],
  fixed: [],
  groups: [],
});
