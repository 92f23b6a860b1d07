import type { DialTime } from '../../clock/index.ts';
import type { Item, ItemOf } from '../../items/index.ts';
import { digits } from '../../wording/index.ts';
import { clockAt } from '../clocks/clock.ts';
import { roomOfFace } from '../clocks/face.ts';
import type { Mark, PagePoint } from '../page/mark.ts';
import { CAP_HEIGHT } from '../page/type.ts';
import { onlyMarks, together, type Drawn, type Zone } from '../page/zone.ts';
import type { Block, BlockContext, Writing } from './block.ts';
import { HEAD, headOf, itemZone } from './parts.ts';

/** Boxes for digits, millimetres: as large as a child of six writes, with a light border that pencil stands out from. */
export const DIGIT_BOX = { width: 13, height: 16, gap: 2.5, colon: 7, line: 0.5 } as const;
/** Width of a row of boxes: two for the hour, the colon, two for the minutes; or those of the hour alone. */
const rowWidth = (withMinutes: boolean): number => {
  const pair = 2 * DIGIT_BOX.width + DIGIT_BOX.gap;
  return withMinutes ? 2 * pair + DIGIT_BOX.colon : pair;
};

const boxesAt = (item: number, of: 'hour' | 'minutes', at: PagePoint): Drawn => {
  const boxes = [0, 1].map((place) => ({
    x: at.x + place * (DIGIT_BOX.width + DIGIT_BOX.gap),
    y: at.y,
    width: DIGIT_BOX.width,
    height: DIGIT_BOX.height,
  }));
  return {
    marks: boxes.map((box): Mark => ({ kind: 'box', box, corner: 1.2, line: { ink: 'quiet', width: DIGIT_BOX.line } })),
    zones: boxes.map((box, place): Zone => ({ kind: 'digit', item, of, place, box })),
  };
};

/** Boxes for a time in digits with its printed colon. @param middle x of their middle @param y their top */
const digitBoxes = (middle: number, y: number, { item, conventions }: BlockContext): Drawn => {
  const left = middle - rowWidth(true) / 2;
  const pair = rowWidth(false);
  const { separator } = digits(0 as DialTime, conventions);
  const dots = separator === ':' ? [0.34, 0.68] : [0.9];
  const colon = dots.map((down): Mark => ({
    kind: 'circle',
    at: { x: middle, y: y + down * DIGIT_BOX.height },
    radius: 1,
    fill: 'ink',
  }));
  return together(
    boxesAt(item, 'hour', { x: left, y }),
    onlyMarks(...colon),
    boxesAt(item, 'minutes', { x: left + pair + DIGIT_BOX.colon, y }),
  );
};

/** Height of a line to write words or digits on, and where its strokes lie: a light upper line and the one to write on. */
const WRITING_LINE = { height: 16, upper: 6, lower: 13 } as const;
const writingLine = (item: number, at: PagePoint, width: number): Drawn => {
  const across = (down: number, line: { ink: 'ink' | 'faint'; width: number; dash?: [number, number] }): Mark => ({
    kind: 'line',
    from: { x: at.x, y: at.y + down },
    to: { x: at.x + width, y: at.y + down },
    line,
  });
  return {
    marks: [
      across(WRITING_LINE.upper, { ink: 'faint', width: 0.25, dash: [1, 1.5] }),
      across(WRITING_LINE.lower, { ink: 'ink', width: 0.35 }),
    ],
    zones: [{ kind: 'writing', item, box: { ...at, width, height: WRITING_LINE.height } }],
  };
};

type Written = ItemOf<'write-digital' | 'hour-hand' | 'words-to-digits'>;

/** Is a time written into boxes with a printed colon? Words never are, nor digits where the colon is the point. */
export const isInBoxes = ({ kind }: Pick<Item, 'kind'>, writing: Writing): boolean =>
  writing === 'boxes' && (kind === 'write-digital' || kind === 'words-to-digits');

/** Lengths of a line, millimetres: digits take less than "half past eleven" in the letters of a child of six. */
const LONGEST_LINE = { digits: 70, words: 110 } as const;

/** Where an answer is written: in boxes for digits or, for words and where the colon is the point, on a line. */
const answerPlace = (item: Written, middle: number, y: number, width: number, context: BlockContext): Drawn => {
  if (item.kind === 'hour-hand') return boxesAt(context.item, 'hour', { x: middle - rowWidth(false) / 2, y });
  if (!isInBoxes(item, context.writing)) {
    const wide = Math.min(width, LONGEST_LINE.digits);
    return writingLine(context.item, { x: middle - wide / 2, y }, wide);
  }
  return digitBoxes(middle, y, context);
};

/** A clock to read, and the place its time is written in under it; without a clock where the time is given in words. */
export const writingBlock = (item: Written, context: BlockContext): Block => {
  const room = roomOfFace(context.radius, context.look);
  const hasClock = item.kind !== 'words-to-digits';
  const face = hasClock ? 2 * room.y + 2.5 : 0;
  const height = HEAD + face + DIGIT_BOX.height;
  return {
    span: 'half',
    height,
    draw: (at, width) => {
      const middle = at.x + width / 2;
      const place = {
        at: { x: middle, y: at.y + HEAD + room.y },
        radius: context.radius,
        look: context.look,
        item: context.item,
      };
      return together(
        headOf(item, 'pencil', at, width, context),
        hasClock ? clockAt(item.shown, place, item.kind === 'hour-hand' ? 'hour' : undefined) : onlyMarks(),
        answerPlace(item, middle, at.y + HEAD + face, width, context),
        itemZone(context.item, at, width, height),
      );
    },
  };
};

/** Between a clock and the line beside it, millimetres. */
const BESIDE = 6;

/** A clock to read, and beside it a line long enough for its time in words. */
export const wordsLineBlock = (item: ItemOf<'write-words'>, context: BlockContext): Block => {
  const room = roomOfFace(context.radius, context.look);
  const height = HEAD + Math.max(2 * room.y, WRITING_LINE.height);
  return {
    span: 'full',
    height,
    draw: (at, width) => {
      const middle = at.y + HEAD + room.y;
      const left = at.x + 2 * room.x + BESIDE;
      const wide = Math.min(at.x + width - left, LONGEST_LINE.words);
      return together(
        headOf(item, 'pencil', at, width, context),
        clockAt(item.shown, {
          at: { x: at.x + room.x, y: middle },
          radius: context.radius,
          look: context.look,
          item: context.item,
        }),
        writingLine(context.item, { x: left, y: middle - WRITING_LINE.lower / 2 }, wide),
        itemZone(context.item, at, width, height),
      );
    },
  };
};

/** Height of a time that stands in digits to be read, millimetres. */
export const DIGITS_SIZE = 11;
/** A time in digits, large, in the middle. @param y top of the digits */
export const printedDigits = (text: string, middle: number, y: number): Mark => ({
  kind: 'text',
  text,
  at: { x: middle, y: y + CAP_HEIGHT * DIGITS_SIZE },
  size: DIGITS_SIZE,
  weight: 'bold',
  anchor: 'middle',
});
