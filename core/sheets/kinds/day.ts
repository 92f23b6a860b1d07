import { UNITS, type ItemOf } from '../../items/index.ts';
import { DEED_PICTURES, EVENT_PICTURES } from '../../pictures/index.ts';
import { sentence } from '../../wording/index.ts';
import { CAP_HEIGHT, fitted } from '../page/type.ts';
import { together, type Drawn } from '../page/zone.ts';
import type { Block, BlockContext } from './block.ts';
import { CHOICE_HEIGHT, HEAD, choicesIn, headOf, itemZone } from './parts.ts';
import { DIGIT_BOX } from './writing.ts';

const PICTURE = 22;
/** Room for the words under a picture. */
const CAPTION = 7;

/** A thing to do, and the lengths of time of which one is circled. */
export const howLongBlock = (item: ItemOf<'how-long'>, context: BlockContext): Block => {
  const height = HEAD + Math.max(PICTURE + CAPTION, UNITS.length * CHOICE_HEIGHT);
  const deed = sentence({ key: `clock.deeds.${item.deed}`, values: {} }, context.conventions);
  const said = UNITS.map((unit) => sentence({ key: `clock.units.${unit}`, values: {} }, context.conventions));
  return {
    span: 'half',
    height,
    draw: (at, width) => {
      const left = width * 0.52;
      const caption = fitted(deed, left - 2, { most: 4, least: 2.8 });
      const y = at.y + HEAD + (height - HEAD - PICTURE - CAPTION) / 2;
      const words = { x: at.x + left, y: at.y + HEAD, width: width - left, height: height - HEAD };
      return together(
        headOf(item, 'circle', at, width, context),
        {
          marks: [
            {
              kind: 'picture',
              name: DEED_PICTURES[item.deed],
              at: { x: at.x + (left - PICTURE) / 2, y },
              size: PICTURE,
            },
            {
              kind: 'text',
              text: caption.text,
              at: { x: at.x + left / 2, y: y + PICTURE + 1.5 + CAP_HEIGHT * caption.size },
              size: caption.size,
              anchor: 'middle',
            },
          ],
          zones: [],
        },
        ...choicesIn(said, words, 1, context.item),
        itemZone(context.item, at, width, height),
      );
    },
  };
};

/** Events of the day in a row, each with a box for its number. */
export const dayOrderBlock = (item: ItemOf<'day-order'>, context: BlockContext): Block => {
  const { width: boxWidth, height: boxHeight, line } = DIGIT_BOX;
  const height = HEAD + PICTURE + CAPTION + boxHeight;
  return {
    span: 'full',
    height,
    draw: (at, width) => {
      const step = width / item.events.length;
      const events = item.events.map((event, place): Drawn => {
        const middle = at.x + (place + 0.5) * step;
        const name = sentence({ key: `clock.dayEvents.${event}`, values: {} }, context.conventions);
        const { text, size } = fitted(name, step - 2, { most: 4, least: 2.8 });
        const box = {
          x: middle - boxWidth / 2,
          y: at.y + HEAD + PICTURE + CAPTION,
          width: boxWidth,
          height: boxHeight,
        };
        return {
          marks: [
            {
              kind: 'picture',
              name: EVENT_PICTURES[event],
              at: { x: middle - PICTURE / 2, y: at.y + HEAD },
              size: PICTURE,
            },
            {
              kind: 'text',
              text,
              at: { x: middle, y: at.y + HEAD + PICTURE + 1.5 + CAP_HEIGHT * size },
              size,
              anchor: 'middle',
            },
            { kind: 'box', box, corner: 1.2, line: { ink: 'quiet', width: line } },
          ],
          zones: [{ kind: 'digit', item: context.item, of: 'order', place, box }],
        };
      });
      return together(headOf(item, 'pencil', at, width, context), ...events, itemZone(context.item, at, width, height));
    },
  };
};
