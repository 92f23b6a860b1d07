import { ITEM_KINDS, KINDS, printedAs, type Item, type ItemKind, type ItemOf } from '../../items/index.ts';
import { suits } from '../../making/index.ts';
import type { Block, BlockContext } from './block.ts';
import { clocksBlock, sayingsBlock, wordsBlock } from './choosing.ts';
import { dayOrderBlock, howLongBlock } from './day.ts';
import { drawingBlock } from './drawing.ts';
import { yesNoBlock } from './judging.ts';
import { nameBlock } from './naming.ts';
import { pairBlock } from './pairing.ts';
import { wordsLineBlock, writingBlock } from './writing.ts';

type Unprinted = {
  [K in ItemKind]: (typeof KINDS)[K]['printedAs'] extends 'itself' ? never : K;
}[ItemKind];
/** Kinds of task that have a paper form of their own. */
export type PaperKind = Exclude<ItemKind, Unprinted>;
export const PAPER_KINDS = ITEM_KINDS.filter((kind): kind is PaperKind => printedAs(kind) === kind);
/** A task as it is printed. */
export type PaperItem = ItemOf<PaperKind>;
export const isPaperItem = (item: Item): item is PaperItem => printedAs(item.kind) === item.kind;

/**
 * A task as it can be printed: a reading is written in digits, hands are drawn. Hands that lie on each other are written instead, as
 * nobody could tell them apart in a drawing.
 */
export const asPrinted = (item: Item): PaperItem => {
  switch (item.kind) {
    case 'read':
      return { kind: 'write-digital', shown: item.shown };
    case 'set':
    case 'set-free':
    case 'mend-clock':
      return { kind: suits('draw', item.shown) ? 'draw' : 'write-digital', shown: item.shown };
    default:
      return item as PaperItem;
  }
};

/** The paper form of a task. */
export const blockOf = (item: PaperItem, context: BlockContext): Block => {
  switch (item.kind) {
    case 'choose-clock':
    case 'which-of':
      return clocksBlock(item, context);
    case 'choose-words':
    case 'choose-writings':
      return wordsBlock(item, context);
    case 'digits-to-words':
      return sayingsBlock(item, context);
    case 'write-words':
      return wordsLineBlock(item, context);
    case 'write-digital':
    case 'words-to-digits':
    case 'hour-hand':
      return writingBlock(item, context);
    case 'draw':
    case 'set-hour-hand':
    case 'direction':
      return drawingBlock(item, context);
    case 'pair':
      return pairBlock(item, context);
    case 'yet':
    case 'judge-clock':
      return yesNoBlock(item, context);
    case 'name-part':
      return nameBlock(item, context);
    case 'how-long':
      return howLongBlock(item, context);
    case 'day-order':
      return dayOrderBlock(item, context);
  }
};
