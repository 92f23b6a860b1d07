import { writingsShown, type ClockOption, type ClockPicture, type ItemOf } from '../../items/index.ts';
import { digital, say } from '../../wording/index.ts';
import { clockAt, clockOfPicture, type ClockPlace } from '../clocks/clock.ts';
import { roomOfFace, widestRadius } from '../clocks/face.ts';
import type { Mark, PagePoint } from '../page/mark.ts';
import { CAP_HEIGHT } from '../page/type.ts';
import { onlyMarks, together, type Drawn } from '../page/zone.ts';
import type { Block, BlockContext } from './block.ts';
import { CHOICE_HEIGHT, HEAD, choicesIn, headOf, itemZone } from './parts.ts';
import { DIGITS_SIZE, printedDigits } from './writing.ts';

/** The most that faces may be high when four stand beside each other, millimetres: half of it. */
const FOUR_RADIUS = 17.5;
/** Millimetres between them. */
const BESIDE = 3;
/** Height of a time in digits among clocks with hands. */
const DIGITAL_SIZE = 8;

/** Digits on a display, where a clock without hands is one of several. */
const digitalClock = ({ time }: ClockOption, { at, item, option }: ClockPlace, context: BlockContext): Drawn => {
  const box = { x: at.x - 16, y: at.y - 8.5, width: 32, height: 17 };
  const text: Mark = {
    kind: 'text',
    text: digital(time, context.conventions),
    at: { x: at.x, y: at.y + (CAP_HEIGHT * DIGITAL_SIZE) / 2 },
    size: DIGITAL_SIZE,
    weight: 'bold',
    anchor: 'middle',
  };
  return {
    marks: [{ kind: 'box', box, corner: 3, line: { ink: 'ink', width: 0.5 } }, text],
    zones: [{ kind: 'choice', item, option: option!, box }],
  };
};

const isPicture = (option: ClockPicture | ClockOption): option is ClockPicture => 'hands' in option;
const optionDrawn = (option: ClockPicture | ClockOption, place: ClockPlace, context: BlockContext): Drawn => {
  if (isPicture(option)) return clockOfPicture(option, place);
  return option.form === 'analog' ? clockAt(option.time, place) : digitalClock(option, place, context);
};

/** Clocks beside each other, of which the right ones are circled. */
export const clocksBlock = (item: ItemOf<'choose-clock'> | ItemOf<'which-of'>, context: BlockContext): Block => {
  const inRow = Math.min(item.options.length, 4);
  const most = Math.min(context.radius, inRow > 3 ? FOUR_RADIUS : Infinity);
  // Oval faces with minute numbers are wide.
  const radius = widestRadius((context.width / inRow - BESIDE) / 2, most, context.look);
  const room = roomOfFace(radius, context.look);
  const rows = Math.ceil(item.options.length / inRow);
  /** Room for the ring round each of them. */
  const rowHeight = 2 * room.y + 2;
  const height = HEAD + rows * rowHeight;
  return {
    span: 'full',
    height,
    draw: (at, width) => {
      const step = width / inRow;
      const clocks = item.options.map((option, place) => {
        const middle: PagePoint = {
          x: at.x + ((place % inRow) + 0.5) * step,
          y: at.y + HEAD + Math.floor(place / inRow) * rowHeight + rowHeight / 2,
        };
        return optionDrawn(
          option,
          { at: middle, radius, look: context.look, item: context.item, option: place },
          context,
        );
      });
      return together(headOf(item, 'circle', at, width, context), ...clocks, itemZone(context.item, at, width, height));
    },
  };
};

/** Half of the height of a face beside which words stand. */
const BESIDE_RADIUS = 17;

/** A clock, and beside it words or writings of which the right ones are circled. */
export const wordsBlock = (item: ItemOf<'choose-words'> | ItemOf<'choose-writings'>, context: BlockContext): Block => {
  const { conventions, look } = context;
  const texts =
    item.kind === 'choose-words'
      ? item.options.map((time) => say(time, conventions))
      : writingsShown(item, conventions);
  const isWide = item.kind === 'choose-writings';
  const room = roomOfFace(BESIDE_RADIUS, look);
  const rows = Math.ceil(texts.length / (isWide ? 2 : 1));
  const height = HEAD + Math.max(2 * room.y, rows * CHOICE_HEIGHT);
  return {
    span: isWide ? 'full' : 'half',
    height,
    draw: (at, width) => {
      const left = isWide ? 2 * room.x + 8 : 2 * room.x;
      const words = { x: at.x + left, y: at.y + HEAD, width: width - left, height: height - HEAD };
      return together(
        headOf(item, 'circle', at, width, context),
        clockAt(item.shown, {
          at: { x: at.x + room.x, y: at.y + HEAD + (height - HEAD) / 2 },
          radius: BESIDE_RADIUS,
          look,
          item: context.item,
        }),
        ...choicesIn(texts, words, isWide ? 2 : 1, context.item),
        itemZone(context.item, at, width, height),
      );
    },
  };
};

/** A time in digits, and under it words of which the right ones are circled. */
export const sayingsBlock = (item: ItemOf<'digits-to-words'>, context: BlockContext): Block => {
  const { conventions } = context;
  const top = CAP_HEIGHT * DIGITS_SIZE + 3;
  const height = HEAD + top + item.options.length * CHOICE_HEIGHT;
  return {
    span: 'half',
    height,
    draw: (at, width) => {
      const words = { x: at.x, y: at.y + HEAD + top, width, height: height - HEAD - top };
      return together(
        headOf(item, 'circle', at, width, context),
        onlyMarks(printedDigits(digital(item.shown, conventions), at.x + width / 2, at.y + HEAD)),
        ...choicesIn(
          item.options.map((time) => say(time, conventions)),
          words,
          1,
          context.item,
        ),
        itemZone(context.item, at, width, height),
      );
    },
  };
};
