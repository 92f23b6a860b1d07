/** A place in a pile: a child's row, and a task on its paper, both from 0. */
export interface PilePlace {
  readonly row: number;
  readonly task: number;
}

/** How a pile is gone through: all of one child's paper, or one task of all children. */
export const WALKS = ['by-child', 'by-task'] as const;
export type Walk = (typeof WALKS)[number];

/** One child's paper, as far as going through it needs to know. */
export interface WalkedRow {
  readonly isHere: boolean;
  /** How many tasks it has. */
  readonly tasks: number;
}

export type Direction = 'left' | 'right' | 'up' | 'down';

const nearestHere = (rows: readonly WalkedRow[], from: number, step: 1 | -1): number | undefined => {
  for (let row = from; row >= 0 && row < rows.length; row += step) if (rows[row]!.isHere) return row;
  return undefined;
};
/** A place that is there: on a paper with fewer tasks its last one. */
const within = (rows: readonly WalkedRow[], row: number, task: number): PilePlace => ({
  row,
  task: Math.max(0, Math.min(task, rows[row]!.tasks - 1)),
});

/** The first place to be marked; none where nobody handed anything in. */
export const firstPlace = (rows: readonly WalkedRow[]): PilePlace | undefined => {
  const row = nearestHere(rows, 0, 1);
  return row === undefined ? undefined : { row, task: 0 };
};

/** One step by an arrow; it stays where the edge is. Children who are not here are passed over. */
export const stepped = (rows: readonly WalkedRow[], { row, task }: PilePlace, to: Direction): PilePlace => {
  switch (to) {
    case 'left':
      return within(rows, row, task - 1);
    case 'right':
      return within(rows, row, task + 1);
    case 'up':
      return within(rows, nearestHere(rows, row - 1, -1) ?? row, task);
    case 'down':
      return within(rows, nearestHere(rows, row + 1, 1) ?? row, task);
  }
};

/** The first task of the next child; where there is none, of the same. */
export const nextChild = (rows: readonly WalkedRow[], { row }: PilePlace): PilePlace =>
  within(rows, nearestHere(rows, row + 1, 1) ?? row, 0);

/**
 * Where a mark leads to. By child it never leaves the child's paper, so that no key can mark two children: going on is a key of its
 * own. By task it goes down, and at the end to the next task of the first.
 */
export const afterMark = (rows: readonly WalkedRow[], at: PilePlace, walk: Walk): PilePlace => {
  if (walk === 'by-child') return stepped(rows, at, 'right');
  const down = nearestHere(rows, at.row + 1, 1);
  if (down !== undefined) return within(rows, down, at.task);
  const most = Math.max(...rows.map(({ tasks }) => tasks));
  const first = nearestHere(rows, 0, 1);
  return first === undefined || at.task + 1 >= most ? at : within(rows, first, at.task + 1);
};

/** Where Enter leads to: on without a mark; behind the last task to the next child, or the next task. */
export const goneOn = (rows: readonly WalkedRow[], at: PilePlace, walk: Walk): PilePlace => {
  if (walk === 'by-task') return afterMark(rows, at, walk);
  return at.task + 1 < rows[at.row]!.tasks ? stepped(rows, at, 'right') : nextChild(rows, at);
};
