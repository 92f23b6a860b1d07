import type { ItemOf } from '../../items/index.ts';
import { digital, say } from '../../wording/index.ts';
import { clockAt } from '../clocks/clock.ts';
import { roomOfFace } from '../clocks/face.ts';
import type { Mark, PagePoint } from '../page/mark.ts';
import { CAP_HEIGHT, fitted } from '../page/type.ts';
import { together, type Drawn } from '../page/zone.ts';
import type { Block, BlockContext } from './block.ts';
import { HEAD, headOf, itemZone } from './parts.ts';

/** Half of the height of its clocks, millimetres, and as a share of those that are read alone. */
const RADIUS = { most: 13, share: 0.7 } as const;
/** Diameter of a dot that lines are drawn between, and how far it stands from what it belongs to. */
const JOINT = { size: 2, gap: 3 } as const;

const jointAt = (item: number, column: 'clock' | 'digits' | 'words', row: number, at: PagePoint): Drawn => ({
  marks: [{ kind: 'circle', at, radius: JOINT.size / 2, fill: 'ink' }],
  zones: [{ kind: 'joint', item, column, row, at }],
});

/** Clocks, digits and words in three columns, what belongs together to be joined by lines. */
export const pairBlock = (item: ItemOf<'pair'>, context: BlockContext): Block => {
  const { conventions, item: number } = context;
  // Round clocks as small as these, no minute number could be read.
  const look = { ...context.look, minuteNumbers: false, dot: false };
  const radius = Math.min(RADIUS.most, RADIUS.share * context.radius);
  const room = roomOfFace(radius, look);
  const rowHeight = 2 * room.y + 2;
  const height = HEAD + item.times.length * rowHeight;
  return {
    span: 'full',
    height,
    draw: (at, width) => {
      const column = { digits: at.x + width * 0.48, words: at.x + width * 0.84 };
      const wordsWidth = width * 0.3;
      const written = (text: string, x: number, y: number, wide: number, most: number): Mark => {
        const fit = fitted(text, wide, { most, least: 3.4 });
        return {
          kind: 'text',
          text: fit.text,
          at: { x, y: y + (CAP_HEIGHT * fit.size) / 2 },
          size: fit.size,
          anchor: 'middle',
        };
      };
      const rows = item.times.map((time, row) => {
        const y = at.y + HEAD + (row + 0.5) * rowHeight;
        const digits = item.times[item.digitsOrder[row]!]!;
        const words = item.times[item.wordsOrder[row]!]!;
        return together(
          clockAt(time, { at: { x: at.x + room.x + 2, y }, radius, look, item: number, option: row }),
          jointAt(number, 'clock', row, { x: at.x + 2 * room.x + 2 + JOINT.gap, y }),
          { marks: [written(digital(digits, conventions), column.digits, y, 26, 6.5)], zones: [] },
          jointAt(number, 'digits', row, { x: column.digits - 14 - JOINT.gap, y }),
          jointAt(number, 'digits', row, { x: column.digits + 14 + JOINT.gap, y }),
          { marks: [written(say(words, conventions), column.words, y, wordsWidth, 5)], zones: [] },
          jointAt(number, 'words', row, { x: column.words - wordsWidth / 2 - JOINT.gap, y }),
        );
      });
      return together(headOf(item, 'join', at, width, context), ...rows, itemZone(number, at, width, height));
    },
  };
};
