import { ALL_DIAL_TIMES, hourOf, minuteOf, type DialTime } from '../clock/index.ts';
import type { Conventions } from '../conventions/index.ts';
import type { Grammar, MinuteSpan, Way } from './locale.ts';

/** How numbers are put into a phrase: `half past four` or `half past 4`; as tiles, every hour is a numeral. */
export const NUMBER_FORMS = ['words', 'numerals', 'tiles'] as const;
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

/** The ways of each of the 720 times, the preferred first. */
type Timetable = readonly (readonly NamedWay[])[];

const timetable = ({ ways }: Grammar, lead: string): Timetable => {
  const named = Object.entries(ways).map(([name, way]): NamedWay => ({ name, ...way }));
  const inOrder = [...named.filter(({ name }) => name === lead), ...named.filter(({ name }) => name !== lead)];
  return ALL_DIAL_TIMES.map((time) =>
    inOrder.filter(
      ({ minutes, hour }) =>
        minutes.some((span) => covers(span, minuteOf(time))) && (hour === undefined || hour === hourOf(time)),
    ),
  );
};

/** Times are said by the thousand when sets are chosen: a grammar is laid out once. */
const timetables = new WeakMap<Grammar, Map<string, Timetable>>();
const timetableOf = (grammar: Grammar, lead: string): Timetable => {
  const known = timetables.get(grammar);
  const before = known?.get(lead);
  if (before !== undefined) return before;
  const made = timetable(grammar, lead);
  timetables.set(grammar, new Map([...(known ?? []), [lead, made]]));
  return made;
};

/** The ways of saying a time, the preferred first; of the two for half past, the class's own leads. */
export const waysOf = (
  grammar: Grammar,
  time: DialTime,
  halfPastPhrase: Conventions['halfPastPhrase'],
): readonly NamedWay[] => timetableOf(grammar, LEADS[halfPastPhrase])[time]!;

/** A piece of a phrase: words, or the hour it names. */
export interface SaidPart {
  readonly text: string;
  readonly isHour: boolean;
}

type Fill = (time: DialTime, form: NumberForm, numbers: Grammar['numbers']) => string;
/** Only an hour is written as a numeral: minutes beside it would look like its digits. */
const hourIn = (hour: number, form: NumberForm, numbers: Grammar['numbers']): string =>
  form === 'words' ? numbers[hour]! : String(hour);
/** What the places of a pattern are filled with. */
const PLACES: Readonly<Record<string, Fill>> = {
  hour: (time, form, numbers) => hourIn(hourOf(time), form, numbers),
  // Beside minutes in words: "four thirty", never "4 thirty". As a tile of its own it stays a numeral.
  hourSaid: (time, form, numbers) => hourIn(hourOf(time), form === 'tiles' ? 'numerals' : 'words', numbers),
  next: (time, form, numbers) => hourIn((hourOf(time) % 12) + 1, form, numbers),
  minutes: (time, _, numbers) => numbers[minuteOf(time)]!,
  toGo: (time, _, numbers) => numbers[60 - minuteOf(time)]!,
};

/** A piece of a pattern: words that stand as they are, or a place to fill. */
interface Piece {
  readonly text: string;
  readonly fill?: Fill;
  readonly isHour: boolean;
}
/** @throws RangeError when it has a place no language knows */
const piecesIn = (pattern: string): readonly Piece[] =>
  // Split by a group, every second piece is the name of a place.
  pattern.split(/\{(\w+)\}/).flatMap((text, i): Piece[] => {
    if (i % 2 === 0) return text === '' ? [] : [{ text, isHour: false }];
    const fill = PLACES[text];
    if (fill === undefined) throw new RangeError(`"${pattern}": no pattern has a place for ${text}`);
    return [{ text, fill, isHour: text === 'hour' || text === 'hourSaid' || text === 'next' }];
  });
const piecesOf = new Map<string, readonly Piece[]>();
const pieces = (pattern: string): readonly Piece[] => {
  const known = piecesOf.get(pattern);
  if (known !== undefined) return known;
  const made = piecesIn(pattern);
  piecesOf.set(pattern, made);
  return made;
};

/** A pattern filled in for a time. */
export const patternFilled = (
  pattern: string,
  { numbers }: Pick<Grammar, 'numbers'>,
  time: DialTime,
  form: NumberForm,
): string => {
  let filled = '';
  for (const { text, fill } of pieces(pattern)) filled += fill === undefined ? text : fill(time, form, numbers);
  return filled;
};

/** The same in pieces that join to the whole phrase: the hour apart, all else that stands together in one. */
export const partsOfPattern = (
  pattern: string,
  { numbers }: Pick<Grammar, 'numbers'>,
  time: DialTime,
  form: NumberForm,
): SaidPart[] => {
  const parts: SaidPart[] = [];
  for (const { text, fill, isHour } of pieces(pattern)) {
    const filled = fill === undefined ? text : fill(time, form, numbers);
    const last = parts.at(-1);
    if (last !== undefined && !last.isHour && !isHour) parts.splice(-1, 1, { text: last.text + filled, isHour });
    else parts.push({ text: filled, isHour });
  }
  return parts;
};

const likes = new Map<string, RegExp>();
const alike = (like: string): RegExp => {
  const known = likes.get(like) ?? new RegExp(like, 'g');
  likes.set(like, known);
  return known;
};

/** A text without the stops and exclamation marks it ends with. Looked at from its end: a pattern would begin anew at each of them. */
export const withoutFinalStop = (text: string): string => {
  let end = text.length;
  while (end > 0 && (text[end - 1] === '.' || text[end - 1] === '!')) end -= 1;
  return end === text.length ? text : text.slice(0, end).trimEnd();
};

/**
 * One spelling for what is spelled in several ways: case, blanks, apostrophes, hyphens, the final stop, numerals. Numbers
 * become words, so that "half past 4" and "half past four" are one text.
 */
export const oneSpelling = (text: string, { numbers, spellings, blank }: Grammar): string =>
  spellings
    .reduce(
      (sofar, { like, as }) => sofar.replace(alike(like), as),
      withoutFinalStop(text.trim())
        .toLowerCase()
        .replace(/[’‘`´]/g, "'")
        // "4o'clock": a numeral ends where letters begin, unless words run together.
        .replace(/(?<=\d)(?=[a-z])/g, blank),
    )
    .replace(/(?<!\d)\d{1,2}(?!\d)/g, (digits) => numbers[Number(digits)] ?? digits)
    .replace(/-/g, ' ')
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
