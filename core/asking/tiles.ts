import { isHalfPast, isOclock, minuteOf, timeOf, type DialTime } from '../clock/index.ts';
import type { Conventions } from '../conventions/index.ts';
import { localeOf } from '../locales/index.ts';
import { groupOfTime } from '../sets/index.ts';
import { hourInWords, sayInParts } from '../wording/index.ts';

const HOUR = 4;
const HOURS: readonly number[] = Array.from({ length: 12 }, (_, i) => i + 1);
const QUARTERS = [15, 45] as const;

/** Tiles of a time in the order it is said, the hour as digits: "half past 4" is "half past", "4". */
export const tilesOf = (time: DialTime, conventions: Conventions): string[] =>
  sayInParts(time, conventions).map(({ text }) => text);

/** Times with so many minutes beside which a time's own words do not stand out: its mirror and its neighbours of the same kind. */
const ALIKE = 2;
const alike = (time: DialTime): DialTime[] => {
  const minute = minuteOf(time);
  const step = minute % 5 === 0 ? 5 : 1;
  const kind = groupOfTime(time);
  const others = [60 - minute, minute + step, minute - step, minute + 2 * step, minute - 2 * step]
    .filter((other) => other > 0 && other < 60 && other !== minute)
    .map((other) => timeOf(HOUR, other));
  return [...new Set(others)].filter((other) => groupOfTime(other) === kind).slice(0, ALIKE);
};

/** A time that is said by its minutes, with such as are said alike, in the order of the dial. */
const byMinutes = (time: DialTime): DialTime[] => {
  const minute = minuteOf(time);
  if (minute % 15 === 0) return [];
  return [timeOf(HOUR, minute), ...alike(time)].sort((a, b) => a - b);
};

/**
 * The words a time is put together from, beside the numbers 1 to 12, as the class says them: "half past" and "o'clock"; for a time
 * that is neither, the quarters too; for one that is said by its minutes, its own words among others like them, or the only
 * words of that kind would be the right ones.
 */
export const timeWords = (time: DialTime, conventions: Conventions): string[] => {
  const usual = [timeOf(HOUR, 30), timeOf(HOUR)];
  const more =
    isOclock(time) || isHalfPast(time) ? [] : [...QUARTERS.map((minute) => timeOf(HOUR, minute)), ...byMinutes(time)];
  const words = [...usual, ...more]
    .flatMap((one) => sayInParts(one, conventions))
    .flatMap(({ text, isHour }) => (isHour ? [] : [text]));
  return [...new Set(words)];
};

/** Tiles laid one after another, as a text. Two numbers stay apart where words run together, or 1 and 1 would be 11. */
export const tilesTogether = (tiles: readonly string[], { locale }: Pick<Conventions, 'locale'>): string => {
  const { blank } = localeOf(locale).grammar;
  const laid = tiles.reduce((text, tile) => {
    const numbersMeet = /\d$/.test(text) && /^\d/.test(tile);
    return text + (text === '' ? '' : numbersMeet ? ' ' : blank) + tile;
  }, '');
  return hourInWords(laid, { locale });
};

/** A text put together from tiles, taken apart again; words of two, as "half past", are one tile. */
export const tilesIn = (text: string, words: readonly string[], { locale }: Pick<Conventions, 'locale'>): string[] => {
  const { blank, numbers } = localeOf(locale).grammar;
  const found: string[] = [];
  /** The hour's tile is a numeral, whichever way it is written. */
  const tileOf = (word: string): string =>
    HOURS.includes(numbers.indexOf(word)) ? String(numbers.indexOf(word)) : word;
  const longestFirst = [...words].sort((a, b) => b.length - a.length);
  for (let rest = text.trim(); rest !== '';) {
    const tile =
      longestFirst.find((word) => rest === word || rest.startsWith(word + blank)) ??
      /^\d+/.exec(rest)?.[0] ??
      rest.split(blank)[0]!;
    found.push(words.includes(tile) ? tile : tileOf(tile));
    rest = rest.slice(tile.length).trimStart();
  }
  return found;
};
