import { handAngles, type DialTime } from '../../core/clock/index.ts';
import {
  CAP_RADIUS,
  HALF_SIZE,
  HAND_PATHS,
  RIM_RADIUS,
  RIM_WIDTH,
  outlinePath,
  ticks,
  type Outline,
} from '../../core/face/index.ts';
import type { Doc } from './document.ts';
import { INK, MARKS } from './inks.ts';

/** Draws a small clock; shape and length tell its hands apart. @param x @param y middle, in points from the page's top left · @param radius half of the room it takes, in points */
export const drawClock = (
  doc: Doc,
  time: DialTime,
  x: number,
  y: number,
  radius: number,
  outline: Outline,
  only?: 'hour',
): void => {
  const angles = handAngles(time);
  doc
    .save()
    .translate(x, y)
    .scale(radius / HALF_SIZE[outline].x);
  doc
    .path(outlinePath(outline, 1 - RIM_WIDTH.small / 2 / RIM_RADIUS))
    .lineWidth(RIM_WIDTH.small)
    .stroke(MARKS);
  for (const { from, to } of ticks('small', outline))
    doc.moveTo(from.x, from.y).lineTo(to.x, to.y).lineWidth(3).stroke(MARKS);
  for (const hand of ['minute', 'hour'] as const) {
    if (only === 'hour' && hand === 'minute') continue;
    doc.save().rotate(angles[hand]).path(HAND_PATHS.small[hand]).fill(INK).restore();
  }
  doc.circle(0, 0, CAP_RADIUS.small).fill(INK);
  doc.restore();
};
