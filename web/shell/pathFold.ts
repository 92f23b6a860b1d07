/** Widths in screen pixels: of a stone at full size at least and at most, of today's on top of that, and of one that is folded. */
export const STONE = 46;
const WIDEST = 56;
export const TODAY_MORE = 26;
export const FOLDED = 8;
/** Stones that are never folded away, however narrow the path: the one looked at and one on each side. */
const FEWEST = 3;

/** Which stones of a path stand at full size: from `first`, so many, each so wide. */
export interface Stretch {
  readonly first: number;
  readonly count: number;
  readonly wide: number;
}

/**
 * The stretch of a path that stands at full size around a stone, the far ends folded; the whole path where there is room.
 * @param count stones on the path
 * @param centre place of the stone looked at, from 0
 * @param width screen pixels there are
 */
export const stretchOf = (count: number, centre: number, width: number): Stretch => {
  const room = width - TODAY_MORE;
  if (count * STONE <= room) return { first: 0, count, wide: Math.min(WIDEST, Math.floor(room / Math.max(1, count))) };
  const fitting = Math.floor((room - count * FOLDED) / (STONE - FOLDED));
  const shown = Math.min(count, Math.max(FEWEST, fitting));
  const first = Math.min(Math.max(0, Math.round(centre) - Math.floor(shown / 2)), count - shown);
  return { first, count: shown, wide: STONE };
};

/** Is a stone at full size? */
export const isShown = ({ first, count }: Pick<Stretch, 'first' | 'count'>, place: number): boolean =>
  place >= first && place < first + count;
