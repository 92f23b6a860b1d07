import type { DialTime, Direction, HandAngles } from '../clock/index.ts';
import type { Stroke } from '../strokes/index.ts';
import type { DayEvent, Deed, Unit } from './day.ts';
import type { ItemKind } from './kinds.ts';
import type { ClockFault, ClockPicture } from './picture.ts';

/** How a clock shows its time. */
export const FORMS = ['analog', 'digital'] as const;
export type Form = (typeof FORMS)[number];

/** One clock of several to choose from. */
export interface ClockOption {
  readonly time: DialTime;
  readonly form: Form;
}

/** Parts of a clock a child learns to name. */
export const CLOCK_PARTS = ['face', 'numerals', 'hour-hand', 'minute-hand'] as const;
export type ClockPart = (typeof CLOCK_PARTS)[number];

/**
 * One task put to a child.
 * - `name-part`: say what this part is called
 * - `direction`: which way round do the hands go
 * - `hour-hand`: which hour, from a clock with the hour hand alone
 * - `set-hour-hand`: put the hour hand, alone on its clock, where it stands at a time in digits
 * - `read`: say the time a clock shows
 * - `choose-words`: read the clock and choose the words; options are times, said as the class says them
 * - `write-digital`, `write-words`: write the time in digits, or as "n o'clock" and "half past n"
 * - `words-to-digits`: write in digits a time that is given in words; no clock is there
 * - `digits-to-words`: choose the words of a time that is given in digits; no clock is there; options are times
 * - `set`: turn a geared clock to a time that is said or written
 * - `set-free`: the same with two hands that turn by themselves
 * - `draw`: draw both hands freehand
 * - `choose-clock`: circle every clock that shows the time
 * - `which-of`: tap the one clock that shows the time, clocks with hands and clocks with digits mixed
 * - `choose-writings`: choose every right writing of the time
 * - `pair`: bring clocks, digits and words of the same times together; digits and words lie in a shuffled order, given
 *   as places in `times`
 * - `yet`: a clock shows `shown`; is it `target` yet?
 * - `judge-clock`: is this clock possible, and what is wrong with it?
 * - `mend-clock`: a clock whose hands cannot be so is to show a time; both hands turn by themselves
 * - `how-long`: second, minute or hour?
 * - `day-order`: put events of the day in order
 */
export type Item =
  | { readonly kind: 'name-part'; readonly part: ClockPart }
  | { readonly kind: 'direction' }
  | TimeAlone[keyof TimeAlone]
  | { readonly kind: 'choose-words'; readonly shown: DialTime; readonly options: readonly DialTime[] }
  | { readonly kind: 'digits-to-words'; readonly shown: DialTime; readonly options: readonly DialTime[] }
  | { readonly kind: 'which-of'; readonly shown: DialTime; readonly options: readonly ClockOption[] }
  | { readonly kind: 'choose-clock'; readonly shown: DialTime; readonly options: readonly ClockPicture[] }
  | { readonly kind: 'choose-writings'; readonly shown: DialTime; readonly options: readonly string[] }
  | {
      readonly kind: 'pair';
      readonly times: readonly DialTime[];
      readonly digitsOrder: readonly number[];
      readonly wordsOrder: readonly number[];
    }
  | { readonly kind: 'yet'; readonly shown: DialTime; readonly target: DialTime }
  | { readonly kind: 'judge-clock'; readonly clock: ClockPicture }
  | { readonly kind: 'mend-clock'; readonly clock: ClockPicture; readonly shown: DialTime }
  | { readonly kind: 'how-long'; readonly deed: Deed }
  | { readonly kind: 'day-order'; readonly events: readonly DayEvent[] };
/** Tasks that nothing but their time belongs to. */
type TimeAlone = {
  [
    K in
      | 'hour-hand'
      | 'set-hour-hand'
      | 'read'
      | 'write-digital'
      | 'write-words'
      | 'words-to-digits'
      | 'set'
      | 'set-free'
      | 'draw'
  ]: { readonly kind: K; readonly shown: DialTime };
};
/** The items of one kind. */
export type ItemOf<K extends ItemKind> = K extends ItemKind ? Extract<Item, { readonly kind: K }> : never;

/** Why there is no answer where one was asked for. */
export const NO_ANSWERS = ['empty', 'illegible'] as const;
export type NoAnswer = (typeof NO_ANSWERS)[number];

/** A hand as it was drawn: degrees clockwise from 12, and how far it reaches from the middle in face units. */
export interface DrawnHand {
  readonly angle: number;
  readonly reach: number;
}

/**
 * What a child gave back, kept whole: the answer itself tells why, a mere tick does not.
 * - `observed`: a teacher saw or heard it, and tapped whether the child had it
 * - `no-answer`: on paper, the place was left empty, or nobody can read what stands there
 * - `text`: as it was written
 * - `hands`: angles of the hour and the minute hand of a clock that was set
 * - `hour-angle`: where an hour hand alone was put, degrees clockwise from 12
 * - `strokes`: a drawing, as the finger made it
 * - `drawn`: a drawing's hands, the shorter first; none, one or two
 * - `choice`: places of the chosen options, from 0
 * - `pairs`: for each clock, the place of the digits and of the words put to it
 * - `judgement`: possible or not, and what is wrong when the child says so
 * - `order`: places of the events, first to last
 */
export type Answer =
  | { readonly kind: 'observed'; readonly got: boolean }
  | { readonly kind: 'no-answer'; readonly why: NoAnswer }
  | { readonly kind: 'part'; readonly part: ClockPart }
  | { readonly kind: 'direction'; readonly direction: Direction }
  | { readonly kind: 'hour'; readonly hour: number }
  | { readonly kind: 'time'; readonly time: DialTime }
  | { readonly kind: 'text'; readonly text: string }
  | ({ readonly kind: 'hands' } & HandAngles)
  | { readonly kind: 'hour-angle'; readonly angle: number }
  | { readonly kind: 'strokes'; readonly strokes: readonly Stroke[] }
  | { readonly kind: 'drawn'; readonly hands: readonly DrawnHand[]; readonly offCentre?: boolean }
  | { readonly kind: 'choice'; readonly chosen: readonly number[] }
  | { readonly kind: 'pairs'; readonly pairs: readonly { readonly digits: number; readonly words: number }[] }
  | { readonly kind: 'yes-no'; readonly yes: boolean }
  | { readonly kind: 'judgement'; readonly possible: boolean; readonly fault?: ClockFault }
  | { readonly kind: 'unit'; readonly unit: Unit }
  | { readonly kind: 'order'; readonly order: readonly number[] };
/** Every kind of answer. */
export type AnswerKind = Answer['kind'];

/** The time a task is about; none for tasks about no time or several. */
export const timeOfItem = (item: Item): DialTime | undefined => ('shown' in item ? item.shown : undefined);
