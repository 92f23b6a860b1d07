import type { Settings } from '../../../contract/index.ts';
import type { Answer, DrawnHand, Item, ItemKind } from '../../../core/items/index.ts';
import type { Light } from '../../../core/asking/index.ts';

/** What every task is given. The answer itself is the model; none while there is nothing to hand in. */
export interface TaskProps<K extends ItemKind = ItemKind> {
  readonly item: Item & { readonly kind: K };
  readonly settings: Settings;
  /** May the child change its answer? */
  readonly open: boolean;
  /** What lights up after an answer that was not right. */
  readonly light: Light;
  /** Hands understood of a drawing, while they are shown over it. */
  readonly understood?: readonly DrawnHand[] | undefined;
  /** The right answer, being shown: hands turn to it slowly, options step forward. */
  readonly shown: Answer | undefined;
}

/** Milliseconds in which the right answer is shown, slowly enough to follow. */
export const SHOW_MS = 2600;

/** Is there something to hand in? A clock that is set is there at once; an order has to be whole. */
export const canHandIn = (item: Item, answer: Answer | undefined): answer is Answer =>
  answer !== undefined &&
  (item.kind !== 'day-order' || (answer.kind === 'order' && answer.order.length === item.events.length));

/** What the child is doing: answering; waiting for the board; was right; gets a hint; sees the right answer. */
export type TaskStatus = 'open' | 'waiting' | 'right' | 'hint' | 'watching';
