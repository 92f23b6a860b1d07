import { isHalfPast, isOclock, minuteOf, timeOf, type DialTime } from '../clock/index.ts';
import { say } from '../wording/index.ts';
import { type Conventions } from '../conventions/index.ts';

const HOUR = 4;
const QUARTERS = [15, 45] as const;

/** What is said of a time besides its hour, and the hour, in the order said: "half past" and "4", "quarter to" and "5". */
const parts = (time: DialTime, conventions: Conventions): readonly [text: string, isHour: boolean][] => {
  const said = say(time, conventions).split(' ');
  // Another hour at the same minute says all the same but the hour.
  const other = say(
    timeOf(HOUR, minuteOf(time)) === time ? timeOf(HOUR + 3, minuteOf(time)) : timeOf(HOUR, minuteOf(time)),
    conventions,
  );
  const beside = other.split(' ');
  const found: [string, boolean][] = [];
  said.forEach((word, i) => {
    const isHour = word !== beside[i];
    const last = found.at(-1);
    if (last !== undefined && last[1] === isHour) last[0] += ` ${word}`;
    else found.push([word, isHour]);
  });
  return found;
};

/** Tiles of a time in the order it is said, the hour as digits: "half past 4" is "half past", "4". */
export const tilesOf = (time: DialTime, conventions: Conventions): string[] =>
  parts(time, conventions).map(([text]) => text);

const besides = (time: DialTime, conventions: Conventions): string =>
  parts(time, conventions)
    .filter(([, isHour]) => !isHour)
    .map(([text]) => text)
    .join(' ');

/**
 * The words a time is put together from, beside the numbers 1 to 12, as the class says them: "half past" and "o'clock"; for a time
 * that is neither, the quarters and its own words too.
 */
export const timeWords = (time: DialTime, conventions: Conventions): string[] => {
  const usual = [timeOf(HOUR, 30), timeOf(HOUR)];
  const more = isOclock(time) || isHalfPast(time) ? [] : [...QUARTERS.map((minute) => timeOf(HOUR, minute)), time];
  return [...new Set([...usual, ...more].map((one) => besides(one, conventions)))];
};

/** A text put together from tiles, taken apart again; words of two, as "half past", are one tile. */
export const tilesIn = (text: string, words: readonly string[]): string[] => {
  const found: string[] = [];
  const longestFirst = [...words].sort((a, b) => b.length - a.length);
  for (let rest = text.trim(); rest !== '';) {
    const tile = longestFirst.find((word) => rest === word || rest.startsWith(`${word} `)) ?? rest.split(' ')[0]!;
    found.push(tile);
    rest = rest.slice(tile.length).trimStart();
  }
  return found;
};
