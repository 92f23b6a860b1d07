import { quickEntry, digital } from '../wording/index.ts';
import type { Conventions } from '../conventions/index.ts';

const MINUTES_A_DAY = 1440;
/** A time as spreadsheets show it: with seconds, or with a.m. or p.m., or both. */
const TIME = /^(\d{1,2})[:.](\d\d)(?:[:.](\d\d)(?:[.,]0+)?)?\s*(?:([ap])\.?\s?m\.?)?$/i;
/** A share of a day, which is what a spreadsheet keeps of a time: 8:30 is .354166... */
const SHARE_OF_DAY = /^0?[.,]\d{4,}$/;
/** A number that may have lost a zero at its end: 8.3 of 8.30. */
const SHORT_DECIMAL = /^(\d{1,2})[.,](\d)$/;

const twoDigits = (value: number): string => String(value).padStart(2, '0');

/** An hour and minutes as the class writes them, where its clock has that hour; otherwise as they are. @param hour 0..23 @param minute 0..59 */
const typed = (hour: number, minute: number, conventions: Conventions): string => {
  const plain = `${hour}:${twoDigits(minute)}`;
  const time = hour >= 1 && hour <= 12 ? quickEntry(plain, conventions)?.time : undefined;
  return time === undefined ? plain : digital(time, conventions);
};

/**
 * What may have been typed into a cell, the likeliest first, before a spreadsheet made its own of it: it keeps 8:30 as a time and writes
 * 08:30:00 AM, or keeps 8.30 as a number and writes 8.3. More than one where it cannot be told. Cells of another kind are as they stand.
 */
export const typedInCell = (cell: string, conventions: Conventions): readonly string[] => {
  const text = cell.trim();
  if (SHARE_OF_DAY.test(text)) {
    const minutes = Number(text.replace(',', '.')) * MINUTES_A_DAY;
    const whole = Math.round(minutes);
    // A spreadsheet's shares are exact to a millisecond or so.
    return Math.abs(minutes - whole) < 0.01 ? [typed(Math.floor(whole / 60), whole % 60, conventions)] : [cell];
  }
  const short = SHORT_DECIMAL.exec(text);
  if (short !== null) return [`${text}0`, text];
  const time = TIME.exec(text);
  if (time === null) return [cell];
  const [, hours, minutes, seconds, half] = time;
  if (seconds === undefined && half === undefined) return [cell];
  const [hour, minute] = [Number(hours), Number(minutes)];
  if (hour > 23 || minute > 59 || Number(seconds ?? 0) !== 0) return [cell];
  if (half === undefined) return [typed(hour, minute, conventions)];
  if (hour < 1 || hour > 12) return [cell];
  const isAfternoon = half.toLowerCase() === 'p';
  const onClock = typed(hour, minute, conventions);
  const ofDay = typed((hour % 12) + (isAfternoon ? 12 : 0), minute, conventions);
  // With seconds it is the spreadsheet's own: 16:30 became 04:30:00 PM. Without, somebody may well have typed it so.
  const meanings = seconds === undefined ? [onClock] : [ofDay, onClock];
  return [...new Set(meanings)];
};
