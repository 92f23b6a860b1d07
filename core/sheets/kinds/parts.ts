import { askedPhrase } from './asked.ts';
import type { Item } from '../../items/index.ts';
import type { Box, Mark, PagePoint } from '../page/mark.ts';
import { CAP_HEIGHT, fitted } from '../page/type.ts';
import { onlyMarks, type Drawn } from '../page/zone.ts';
import type { BlockContext } from './block.ts';

/** Height of a line of a task's words, millimetres: 14 points, which children of six read. */
export const WORDS = 5;
/** Where words are tight. */
const LEAST_WORDS = 3.4;
/** Room that a task's number and words take above what is drawn. */
export const HEAD = 7.8;
const DISC = 2.7;

/** The number of a task in its disc. @param at the top left of the task */
const numberMarks = (item: number, at: PagePoint): Mark[] => {
  const middle = { x: at.x + DISC, y: at.y + DISC + 0.5 };
  const size = item < 9 ? 3.8 : 3;
  return [
    { kind: 'circle', at: middle, radius: DISC, fill: 'ink' },
    {
      kind: 'text',
      text: String(item + 1),
      at: { x: middle.x, y: middle.y + (CAP_HEIGHT * size) / 2 },
      size,
      weight: 'bold',
      anchor: 'middle',
      ink: 'paper',
    },
  ];
};

/** What to do with a task, for who cannot read yet: a ring to circle, a pencil to draw or write, two dots to join. */
const ICONS = {
  circle: 'M-4.4 0.3C-4.6 -2.2 -2 -3.8 0.4 -3.6C3.2 -3.4 4.6 -1.4 4.3 0.8C4 3 1.6 4 -0.8 3.7C-3 3.4 -4.4 2.2 -4.2 0.2',
  pencil: 'M-4 4L-3.3 1.4L2.2 -4.1L4.1 -2.2L-1.4 3.3ZM1 -2.9L2.9 -1M-3.3 1.4L-1.4 3.3',
  join: 'M-4 -1.2A1 1 0 1 0 -4 0.8A1 1 0 1 0 -4 -1.2ZM4 -0.8A1 1 0 1 0 4 1.2A1 1 0 1 0 4 -0.8ZM-3 0C-1 -2.5 1 2.5 3 0.2',
} as const;
export type Icon = keyof typeof ICONS;

/** Number, words and picture of what to do, in one line at the top of a task. */
export const headOf = (item: Item, icon: Icon, at: PagePoint, width: number, context: BlockContext): Drawn => {
  const x = at.x + 2 * DISC + 2.2;
  const { text, size } = fitted(askedPhrase(item, context), width - (x - at.x) - 9, {
    most: WORDS,
    least: LEAST_WORDS,
  });
  return onlyMarks(
    ...numberMarks(context.item, at),
    { kind: 'text', text, at: { x, y: at.y + DISC + 0.5 + (CAP_HEIGHT * WORDS) / 2 }, size },
    {
      kind: 'path',
      d: ICONS[icon],
      at: { x: at.x + width - 4, y: at.y + DISC + 0.6 },
      unit: 0.62,
      line: { ink: 'quiet', width: 0.35 },
    },
  );
};

/** Words to be circled, in the middle of their box. */
export const choiceOf = (text: string, option: number, box: Box, item: number): Drawn => {
  const fit = fitted(text, box.width - 4, { most: WORDS, least: LEAST_WORDS });
  return {
    marks: [
      {
        kind: 'text',
        text: fit.text,
        at: { x: box.x + box.width / 2, y: box.y + box.height / 2 + (CAP_HEIGHT * fit.size) / 2 },
        size: fit.size,
        anchor: 'middle',
      },
    ],
    zones: [{ kind: 'choice', item, option, box }],
  };
};

/** Room in which a word is circled, millimetres. */
export const CHOICE_HEIGHT = 10.5;

/** Words to be circled in rows, so many beside each other. */
export const choicesIn = (texts: readonly string[], box: Box, columns: number, item: number): Drawn[] => {
  const width = box.width / columns;
  const height = box.height / Math.ceil(texts.length / columns);
  return texts.map((text, option) =>
    choiceOf(
      text,
      option,
      {
        x: box.x + (option % columns) * width + 1,
        y: box.y + Math.floor(option / columns) * height + 0.75,
        width: width - 2,
        height: height - 1.5,
      },
      item,
    ),
  );
};

/** All of a task, as a place to be found again. */
export const itemZone = (item: number, at: PagePoint, width: number, height: number): Drawn => ({
  marks: [],
  zones: [{ kind: 'item', item, box: { ...at, width, height } }],
});
