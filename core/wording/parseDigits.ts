import { timeOf, type DialTime } from '../clock/index.ts';
import type { Conventions, DigitalForm } from '../conventions/index.ts';
import { fault, time, type ParsedWriting } from './faults.ts';

/** The time of two written numbers; none unless the hour is 1..12 and the minutes 0..59. */
const maybe = (hour: number, minute: number): DialTime | undefined =>
  hour >= 1 && hour <= 12 && minute >= 0 && minute <= 59 ? timeOf(hour, minute) : undefined;

const formOf = (hour: string, separator: string): DigitalForm =>
  separator === '.' ? '4.30' : hour.startsWith('0') ? '04:30' : '4:30';

/** `4:3` means 4:30 and `4:0` means 4:00; of another single digit nobody can tell. */
const meantByOneDigit = (hour: number, digit: number): DialTime | undefined =>
  digit === 0 || digit === 3 ? maybe(hour, digit * 10) : undefined;

/** Are these the minutes first and then the hour? `30:4`, `60:4` and `00:04`, but not `0:30` or `13:00`. */
const isReversed = (hour: string, minutes: string): boolean => {
  const [first, second] = [Number(hour), Number(minutes)];
  if (first === 60) return maybe(second, 0) !== undefined;
  if (maybe(second, first) === undefined) return false;
  if (minutes.length === 1) return first === 0 || first > 12;
  return first > 24 || (hour === '00' && minutes.startsWith('0'));
};
/** The time whose parts were written the other way round; sixty minutes are none. */
const turnedRound = (hour: string, minutes: string): ParsedWriting =>
  fault('parts-reversed', maybe(Number(minutes), Number(hour) % 60));

const parts = (hour: string, separator: string, minutes: string, rules: DigitRules): ParsedWriting => {
  const [h, m] = [Number(hour), Number(minutes)];
  if (isReversed(hour, minutes)) return turnedRound(hour, minutes);
  if (minutes.length === 1) return h >= 1 && h <= 12 ? fault('one-zero', meantByOneDigit(h, m)) : fault('not-a-time');
  if (h > 24) return fault('not-a-time');
  if (m === 60) return fault('sixty-for-zero', maybe(h, 0));
  if (m > 60) return fault('minutes-over-59');
  if (h === 0) return fault('hour-zero', maybe(12, m));
  if (h > 12) return fault('hour-over-12', maybe(h - 12, m));
  const form = formOf(hour, separator);
  // A padded 10, 11 or 12 looks like an unpadded one, so both forms take it.
  const usual = form === rules.digitalForm || (rules.digitalForm === '04:30' && form === '4:30' && h >= 10);
  return usual || rules.otherForms === 'accepted' ? time(timeOf(h, m), 'digital') : fault('other-form', timeOf(h, m));
};

type DigitRules = Pick<Conventions, 'digitalForm' | 'otherForms'>;

/** Digits with no dots between them: a blank, a dash, or nothing. */
const apart = (hour: string, minutes: string): ParsedWriting => {
  if (isReversed(hour, minutes)) return turnedRound(hour, minutes);
  return fault('colon-missing', minutes.length === 2 ? maybe(Number(hour), Number(minutes)) : undefined);
};

/** One number alone: an hour without its minutes, or both run together. */
const alone = (digits: string): ParsedWriting => {
  const meant =
    digits.length > 2 ? maybe(Number(digits.slice(0, -2)), Number(digits.slice(-2))) : maybe(Number(digits), 0);
  if (meant === undefined) return fault('not-a-time');
  return fault(digits.length > 2 ? 'colon-missing' : 'minutes-missing', meant);
};

/** Two numbers at most and what stands between them. Every part has a longest length, so that a long text costs no more than a short one. */
const TWO_NUMBERS = /^(\d{0,4})(\D{0,9})(\d{0,2})$/;
const DASHES = new Set(['-', '–', '—', '--', '‐', '−']);
const DOTS = new Set([':', '.']);
const LETTER = /\p{L}/u;

/**
 * A time written in digits, read strictly; nothing when the text holds words, or is something else altogether.
 * @param text trimmed, without a final stop
 */
export const parseDigits = (text: string, rules: DigitRules): ParsedWriting | undefined => {
  const [, hour = '', between = '', minutes = ''] = TWO_NUMBERS.exec(text) ?? [];
  if (hour + minutes === '' || LETTER.test(between)) return undefined;
  if (between === '') return minutes === '' ? alone(hour) : undefined;
  if (hour.length > 2) return undefined;
  const sign = between.replaceAll(' ', '');
  if (minutes === '') return DOTS.has(sign) || DASHES.has(sign) ? alone(hour) : undefined;
  if (hour === '') return DOTS.has(sign) ? fault('hour-missing') : undefined;
  if (DOTS.has(sign)) return parts(hour, sign, minutes, rules);
  if (sign === '' || DASHES.has(sign)) return apart(hour, minutes);
  // Some other sign: what would be said of the same with dots is what was meant.
  const meant = parts(hour, ':', minutes, { ...rules, otherForms: 'accepted' });
  if (meant.kind === 'time') return fault('other-sign', meant.time);
  return meant.fault === 'not-a-time' ? meant : fault('other-sign', meant.meant);
};
