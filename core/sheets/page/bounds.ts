import type { Box, Mark } from './mark.ts';
import { CAP_HEIGHT, DEPTH, textWidth } from './type.ts';

const boxOf = (left: number, top: number, right: number, bottom: number): Box => ({
  x: left,
  y: top,
  width: right - left,
  height: bottom - top,
});

/** Rectangles of paths: there are few, and each comes often. */
const known = new Map<string, Box>();
/**
 * The least rectangle round a path's points. Commands as hands, faces and codes use them: M L H V C Q A Z and m h v l a z. Handles of curves count as points,
 * and arcs as half circles of their radius at most, so that it may be a little too large and is never too small but for outlines of
 * faces, whose arcs are quarter or half turns between points of their own.
 */
const pathBox = (d: string): Box => {
  const found = known.get(d);
  if (found !== undefined) return found;
  let [x, y, left, top, right, bottom] = [0, 0, Infinity, Infinity, -Infinity, -Infinity];
  const reach = (px: number, py: number): void => {
    [left, top, right, bottom] = [Math.min(left, px), Math.min(top, py), Math.max(right, px), Math.max(bottom, py)];
  };
  for (const [, command = '', rest = ''] of d.matchAll(/([a-zA-Z])([^a-zA-Z]*)/g)) {
    const values = (rest.match(/-?\d*\.?\d+(?:e-?\d+)?/g) ?? []).map(Number);
    const isRelative = command === command.toLowerCase();
    const [ox, oy] = isRelative ? [x, y] : [0, 0];
    switch (command.toUpperCase()) {
      case 'H':
        x = ox + values.at(-1)!;
        break;
      case 'V':
        y = oy + values.at(-1)!;
        break;
      case 'A': {
        const [rx, ry] = values as [number, number];
        const [from, to] = [
          { x, y },
          { x: ox + values[5]!, y: oy + values[6]! },
        ];
        // A half turn bulges by its radius to either side.
        if (Math.hypot(to.x - from.x, to.y - from.y) > 1.9 * Math.min(rx, ry)) {
          reach((from.x + to.x) / 2 - rx, (from.y + to.y) / 2);
          reach((from.x + to.x) / 2 + rx, (from.y + to.y) / 2);
        }
        [x, y] = [to.x, to.y];
        break;
      }
      case 'Z':
        break;
      default:
        for (let i = 0; i + 1 < values.length; i += 2) {
          [x, y] = [ox + values[i]!, oy + values[i + 1]!];
          reach(x, y);
        }
    }
    if (Number.isFinite(x)) reach(x, y);
  }
  const box = boxOf(left, top, right, bottom);
  known.set(d, box);
  return box;
};

/** The least rectangle round a mark with its line, millimetres; turned paths as if they were turned any way. */
export const boundsOf = (mark: Mark): Box => {
  const half = 'line' in mark && mark.line !== undefined ? mark.line.width / 2 : 0;
  switch (mark.kind) {
    case 'line': {
      const [xs, ys] = [
        [mark.from.x, mark.to.x],
        [mark.from.y, mark.to.y],
      ];
      return boxOf(Math.min(...xs) - half, Math.min(...ys) - half, Math.max(...xs) + half, Math.max(...ys) + half);
    }
    case 'circle': {
      const r = mark.radius + half;
      return boxOf(mark.at.x - r, mark.at.y - r, mark.at.x + r, mark.at.y + r);
    }
    case 'box': {
      const { x, y, width, height } = mark.box;
      return boxOf(x - half, y - half, x + width + half, y + height + half);
    }
    case 'path': {
      const { x, y, width, height } = pathBox(mark.d);
      if (mark.turn === undefined) {
        const { at, unit } = mark;
        return boxOf(
          at.x + x * unit - half,
          at.y + y * unit - half,
          at.x + (x + width) * unit + half,
          at.y + (y + height) * unit + half,
        );
      }
      const far = Math.max(...[x, x + width].flatMap((px) => [y, y + height].map((py) => Math.hypot(px, py))));
      const r = far * mark.unit + half;
      return boxOf(mark.at.x - r, mark.at.y - r, mark.at.x + r, mark.at.y + r);
    }
    case 'text': {
      const { text, at, size, weight = 'regular', anchor = 'start' } = mark;
      const width = textWidth(text, size, weight);
      const left = at.x - (anchor === 'middle' ? width / 2 : anchor === 'end' ? width : 0);
      return boxOf(left, at.y - CAP_HEIGHT * size, left + width, at.y + DEPTH * size * 0.6);
    }
    case 'picture':
      return boxOf(mark.at.x, mark.at.y, mark.at.x + mark.size, mark.at.y + mark.size);
  }
};
