import type { DialTime } from '../../core/clock/index.ts';
import type { Outline } from '../../core/face/index.ts';
import type { Doc } from './document.ts';
import { drawClock } from './drawClock.ts';
import { seen } from './tags.ts';

/** Width of a small clock with its gap, and its radius, points. */
const STEP = 21;
const RADIUS = 9.5;

/** A clock to be drawn, with one hand or both. */
export interface PrintedClock {
  readonly time: DialTime;
  readonly only?: 'hour';
}

/** Rows of small clocks. @param x @param y their top left, points @returns where they end */
export const clockRows = (
  doc: Doc,
  clocks: readonly PrintedClock[],
  outline: Outline,
  x: number,
  y: number,
  width: number,
): number => {
  const inRow = Math.max(1, Math.floor(width / STEP));
  clocks.forEach(({ time, only }, i) => {
    const [column, row] = [i % inRow, Math.floor(i / inRow)];
    seen(doc, () => drawClock(doc, time, x + column * STEP + RADIUS, y + row * STEP + RADIUS, RADIUS, outline, only));
  });
  return y + Math.ceil(clocks.length / inRow) * STEP;
};
