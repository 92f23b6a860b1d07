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

/** Are these the minutes first and then the hour? `30:4` and `00:04`, but not `0:30` or `13:00`. */
const isReversed = (hour: string, minutes: string): boolean => {
  const [first, second] = [Number(hour), Number(minutes)];
  if (maybe(second, first) === undefined) return false;
  if (minutes.length === 1) return first === 0 || first > 12;
  return first > 24 || (hour === '00' && minutes.startsWith('0'));
};

const parts = (hour: string, separator: string, minutes: string, rules: DigitRules): ParsedWriting => {
  const [h, m] = [Number(hour), Number(minutes)];
  if (isReversed(hour, minutes)) return fault('parts-reversed', maybe(m, h));
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

/**
 * A time written in digits, read strictly; nothing when the text holds anything but digits, blanks and one separator.
 * @param text trimmed
 */
export const parseDigits = (text: string, rules: DigitRules): ParsedWriting | undefined => {
  const separated = /^(\d{1,2})\s?([:.])\s?(\d{1,2})$/.exec(text);
  if (separated !== null) return parts(separated[1]!, separated[2]!, separated[3]!, rules);
  const apart = /^(\d{1,2})\s+(\d{1,2})$/.exec(text);
  if (apart !== null) {
    const [hour, minutes] = [apart[1]!, apart[2]!];
    if (isReversed(hour, minutes)) return fault('parts-reversed', maybe(Number(minutes), Number(hour)));
    return fault('colon-missing', minutes.length === 2 ? maybe(Number(hour), Number(minutes)) : undefined);
  }
  const joined = /^(\d{1,2})(\d\d)$/.exec(text);
  if (joined !== null) {
    const meant = maybe(Number(joined[1]), Number(joined[2]));
    return meant === undefined ? fault('not-a-time') : fault('colon-missing', meant);
  }
  if (/^\d+$/.test(text)) {
    const meant = maybe(Number(text), 0);
    return meant === undefined ? fault('not-a-time') : fault('minutes-missing', meant);
  }
  return undefined;
};
