import { hourOf, minuteOf, type DialTime } from '../clock/index.ts';
import type { Conventions } from '../conventions/index.ts';
import type { Grammar, MinuteSpan, Way } from './locale.ts';

/** How numbers are put into a phrase: `half past four` or `half past 4`. */
export const NUMBER_FORMS = ['words', 'numerals'] as const;
export type NumberForm = (typeof NUMBER_FORMS)[number];

/** A way of saying times with its name. */
export interface NamedWay extends Way {
  readonly name: string;
}

const covers = (span: MinuteSpan, minute: number): boolean =>
  typeof span === 'number' ? span === minute : span.from <= minute && minute <= span.to;

/** The way that leads, where it says the time at all. */
const LEADS: Readonly<Record<Conventions['halfPastPhrase'], string>> = {
  'half-past': 'halfPast',
  thirty: 'thirty',
  both: 'halfPast',
};

/** The ways of saying a time, the preferred first; of the two for half past, the class's own leads. */
export const waysOf = (
  { ways }: Grammar,
  time: DialTime,
  halfPastPhrase: Conventions['halfPastPhrase'],
): readonly NamedWay[] => {
  const fitting = Object.entries(ways)
    .filter(
      ([, { minutes, hour }]) =>
        minutes.some((span) => covers(span, minuteOf(time))) && (hour === undefined || hour === hourOf(time)),
    )
    .map(([name, way]): NamedWay => ({ name, ...way }));
  const lead = fitting.filter(({ name }) => name === LEADS[halfPastPhrase]);
  return [...lead, ...fitting.filter((way) => !lead.includes(way))];
};

/** A piece of a phrase: words, or the hour it names. */
export interface SaidPart {
  readonly text: string;
  readonly isHour: boolean;
}

/** What a place of a pattern is filled with. Only an hour is written as a numeral: minutes beside it would look like its digits. */
const filledWith = (place: string, { numbers }: Grammar, time: DialTime, form: NumberForm): string => {
  const hour = (value: number): string => (form === 'words' ? numbers[value]! : String(value));
  switch (place) {
    case 'hour':
      return hour(hourOf(time));
    case 'next':
      return hour((hourOf(time) % 12) + 1);
    case 'minutes':
      return numbers[minuteOf(time)]!;
    case 'toGo':
      return numbers[60 - minuteOf(time)]!;
    default:
      throw new RangeError(`no pattern of a language has a place for ${place}`);
  }
};

const isHourPlace = (place: string): boolean => place === 'hour' || place === 'next';

/** A pattern filled in for a time, in pieces that join to the whole phrase. */
export const partsOfPattern = (pattern: string, grammar: Grammar, time: DialTime, form: NumberForm): SaidPart[] => {
  const parts: SaidPart[] = [];
  // Split by a group, every second piece is the name of a place.
  pattern.split(/\{(\w+)\}/).forEach((piece, i) => {
    const isPlace = i % 2 === 1;
    const isHour = isPlace && isHourPlace(piece);
    const text = isPlace ? filledWith(piece, grammar, time, form) : piece;
    const last = parts.at(-1);
    if (text === '') return;
    if (last !== undefined && !last.isHour && !isHour) parts.splice(-1, 1, { text: last.text + text, isHour });
    else parts.push({ text, isHour });
  });
  return parts;
};

/** A pattern filled in for a time. */
export const patternFilled = (pattern: string, grammar: Grammar, time: DialTime, form: NumberForm): string =>
  partsOfPattern(pattern, grammar, time, form)
    .map(({ text }) => text)
    .join('');

/**
 * One spelling for what is spelled in several ways: case, blanks, apostrophes, hyphens, the final stop, numerals. Numbers
 * become words, so that "half past 4" and "half past four" are one text.
 */
export const oneSpelling = (text: string, { numbers, spellings }: Grammar): string =>
  spellings
    .reduce(
      (sofar, { like, as }) => sofar.replace(new RegExp(like, 'g'), as),
      text.toLowerCase().replace(/[’‘`´]/g, "'"),
    )
    .replace(/(?<!\d)\d{1,2}(?!\d)/g, (digits) => numbers[Number(digits)] ?? digits)
    .replace(/-/g, ' ')
    .replace(/[.!]+$/, '')
    .replace(/\s+/g, ' ')
    .trim();

/** A place's own way of speaking a language that another place speaks too: only what it says differently. */
export const dialect = (base: Grammar, differently: Readonly<Record<string, readonly string[]>>): Grammar => ({
  ...base,
  ways: Object.fromEntries(
    Object.entries(base.ways).map(([name, way]) => {
      const said = differently[name];
      // What is said elsewhere is still understood.
      return [name, said === undefined ? way : { ...way, said, understood: [...way.said, ...(way.understood ?? [])] }];
    }),
  ),
});
