import type { ItemOf } from '../../items/index.ts';
import { clockToDrawOn } from '../clocks/clock.ts';
import { roomOfFace } from '../clocks/face.ts';
import { together } from '../page/zone.ts';
import type { Block, BlockContext } from './block.ts';
import { HEAD, headOf, itemZone } from './parts.ts';

/** A face to draw hands on; or to draw an arrow round, for which way the hands go. */
export const drawingBlock = (item: ItemOf<'draw' | 'set-hour-hand' | 'direction'>, context: BlockContext): Block => {
  const room = roomOfFace(context.drawnRadius, context.look);
  const height = HEAD + 2 * room.y;
  return {
    span: 'half',
    height,
    draw: (at, width) => {
      const place = {
        at: { x: at.x + width / 2, y: at.y + HEAD + room.y },
        radius: context.drawnRadius,
        look: context.look,
        item: context.item,
      };
      return together(
        headOf(item, 'pencil', at, width, context),
        item.kind === 'direction'
          ? clockToDrawOn({ ...place, look: { ...context.look, numerals: 'all' } })
          : clockToDrawOn(place, item.shown, item.kind === 'set-hour-hand' ? 'hour' : 'minute'),
        itemZone(context.item, at, width, height),
      );
    },
  };
};
