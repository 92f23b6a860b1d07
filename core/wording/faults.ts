import type { DialTime } from '../clock/index.ts';

/**
 * What can be wrong with a time as a child wrote it. Named, never silently repaired: `430` is not 4:30.
 * - `colon-missing`: `430`, `4 30`, `4-30`
 * - `other-sign`: `4;30`, `4,30`, another sign where the dots belong
 * - `one-zero`: `4:0`, `4:3`, one digit where two belong
 * - `parts-reversed`: `30:4`, `00:4`, `60:4`
 * - `sixty-for-zero`: `4:60`
 * - `minutes-over-59`: `4:75`
 * - `hour-over-12`: `13:00`
 * - `hour-zero`: `0:30`
 * - `hour-missing`: `half past`, `o'clock`, `:30`
 * - `minutes-missing`: `4` alone, `4:`
 * - `half-without-past`: `half 4`, which is 4:30 to some and 3:30 to others
 * - `mixed-forms`: `half past 4:30`, `4:00 o'clock`, `4 thirty`
 * - `other-form`: a digital form the class does not use, where the teacher wants that named
 * - `nothing`: nothing was written
 * - `not-a-time`: none of these
 */
export const WRITING_FAULTS = [
  'colon-missing',
  'other-sign',
  'one-zero',
  'parts-reversed',
  'sixty-for-zero',
  'minutes-over-59',
  'hour-over-12',
  'hour-zero',
  'hour-missing',
  'minutes-missing',
  'half-without-past',
  'mixed-forms',
  'other-form',
  'nothing',
  'not-a-time',
] as const;
export type WritingFault = (typeof WRITING_FAULTS)[number];

/** How a time was written: in digits, or in words of which kind. */
export const WRITTEN_FORMS = ['digital', 'oclock', 'half-past', 'words'] as const;
export type WrittenForm = (typeof WRITTEN_FORMS)[number];

/** A writing read: a time and its form, or a fault with the time probably meant, where there is one. */
export type ParsedWriting =
  | { readonly kind: 'time'; readonly time: DialTime; readonly form: WrittenForm }
  | { readonly kind: 'fault'; readonly fault: WritingFault; readonly meant?: DialTime | undefined };

/** A writing that is a time. */
export const time = (value: DialTime, form: WrittenForm): ParsedWriting => ({ kind: 'time', time: value, form });
/** A writing that is none. @param meant minutes after twelve, left out where nobody can tell */
export const fault = (name: WritingFault, meant?: DialTime): ParsedWriting => ({ kind: 'fault', fault: name, meant });
