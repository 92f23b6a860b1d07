import type { ItemOf } from '../../items/index.ts';
import { sentence } from '../../wording/index.ts';
import { clockAt, clockOfPicture } from '../clocks/clock.ts';
import { roomOfFace } from '../clocks/face.ts';
import { together } from '../page/zone.ts';
import type { Block, BlockContext } from './block.ts';
import { CHOICE_HEIGHT, HEAD, choicesIn, headOf, itemZone } from './parts.ts';

/** Room for the second question. */
const QUESTION = 5.5;

/** A clock and a question with two answers: is it that time yet, can a clock look like this? */
export const yesNoBlock = (item: ItemOf<'yet'> | ItemOf<'judge-clock'>, context: BlockContext): Block => {
  // A clock to judge has its numerals, whatever else the sheet leaves out: a fault may be among them.
  const look = item.kind === 'judge-clock' ? { ...context.look, numerals: 'all' as const } : context.look;
  const room = roomOfFace(context.radius, look);
  const height = HEAD + 2 * room.y + 1.5 + CHOICE_HEIGHT + (item.kind === 'judge-clock' ? QUESTION : 0);
  const said = (word: 'yes' | 'no' | 'wrong'): string =>
    sentence({ key: `clock.paper.${word}`, values: {} }, context.conventions);
  return {
    span: 'half',
    height,
    draw: (at, width) => {
      const place = {
        at: { x: at.x + width / 2, y: at.y + HEAD + room.y },
        radius: context.radius,
        look,
        item: context.item,
      };
      const words = { x: at.x + width / 2 - 25, y: at.y + HEAD + 2 * room.y + 1.5, width: 50, height: CHOICE_HEIGHT };
      return together(
        headOf(item, 'circle', at, width, context),
        item.kind === 'yet' ? clockAt(item.shown, place) : clockOfPicture(item.clock, place),
        ...choicesIn([said('yes'), said('no')], words, 2, context.item),
        {
          marks:
            item.kind === 'yet'
              ? []
              : [
                  {
                    kind: 'text',
                    text: said('wrong'),
                    at: { x: at.x + width / 2, y: at.y + height - 1.5 },
                    size: 4,
                    anchor: 'middle',
                  },
                ],
          zones: [],
        },
        itemZone(context.item, at, width, height),
      );
    },
  };
};
