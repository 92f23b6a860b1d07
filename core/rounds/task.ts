import { ITEM_KINDS, KINDS, isHourAlone, timeOfItem, type Item, type ItemKind, type ItemOf } from '../items/index.ts';
import type { DialTime } from '../clock/index.ts';

/** Kinds of task a whole class can be given from the board at once. */
export type RoundKind = {
  [K in ItemKind]: (typeof KINDS)[K]['round'] extends string ? K : never;
}[ItemKind];
export const ROUND_KINDS = ITEM_KINDS.filter((kind): kind is RoundKind => KINDS[kind].round !== null);
export type RoundItem = ItemOf<RoundKind>;

/** The tasks a teacher chooses from when a round is made on the spot, in the order they stand there. */
export const ROUND_TASKS = [
  'read',
  'set',
  'set-hour-hand',
  'draw',
  'write-digital',
  'words-to-digits',
  'digits-to-words',
  'choose-clock',
  'yet',
  'judge-clock',
] as const satisfies readonly RoundKind[];
export type RoundTask = (typeof ROUND_TASKS)[number];

/** Which of those tasks an item is asked as. */
export const askedAs = ({ kind }: RoundItem): RoundTask => KINDS[kind].round;

/** Can an item be asked in a round? */
export const isRoundItem = (item: Item): item is RoundItem => KINDS[item.kind].round !== null;

/** A round item that is about one time: all but a clock to be judged, which may show none. */
export type TimedRoundItem = Exclude<RoundItem, { readonly kind: 'judge-clock' }>;

/** The time a round item is about; none where a clock is to be judged. */
export function timeAsked(item: TimedRoundItem): DialTime;
export function timeAsked(item: RoundItem): DialTime | undefined;
export function timeAsked(item: RoundItem): DialTime | undefined {
  return timeOfItem(item);
}

/** Does the board show the clock's hands while children think? In the others showing them would be the answer. */
export const showsClock = (item: RoundItem): boolean =>
  ['read', 'write-digital', 'yet', 'judge-clock'].includes(askedAs(item));

/** Cards that open in a reveal: one hand, the other, the whole time. */
export const REVEAL_STEPS = 3;

/** Steps of the reveal of an item: three cards, or one answer where there is only one to see. */
export const revealSteps = (item: RoundItem): number =>
  isHourAlone(item.kind) || ['choose-clock', 'yet', 'judge-clock'].includes(askedAs(item)) ? 1 : REVEAL_STEPS;
