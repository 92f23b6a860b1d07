import { create } from 'qrcode/lib/core/qrcode.js';
import type { Box, Mark } from './mark.ts';

/** Digits and letters without I, L, O, Q and U, which are taken for others: 31, a prime, as the check letter needs it. */
const LETTERS = '0123456789ABCDEFGHJKMNPRSTVWXYZ';
/** First of every code: Hoppel's, in its first version. Pages laid out otherwise get another number. */
const VERSION = 'H1';

/** What a printed page says about itself; names are known to the class's own data file alone. */
export interface PageCode {
  /** Number of the printing, 1 or more. */
  readonly printing: number;
  /** Number of the copy in it, from 1: which child's, and which form. */
  readonly copy: number;
  /** Number of the page in the copy, from 1. */
  readonly page: number;
}

const inLetters = (value: number): string =>
  value < LETTERS.length
    ? LETTERS[value]!
    : inLetters(Math.floor(value / LETTERS.length)) + LETTERS[value % LETTERS.length]!;
const valueOf = (letters: string): number =>
  [...letters].reduce((value, letter) => value * LETTERS.length + LETTERS.indexOf(letter), 0);

/**
 * The check letter of a code: places weighted 1, 2, 3 ... and added modulo 31. As 31 is prime and no code is that long, one
 * wrong letter or two that changed places are always found.
 */
const checkOf = (text: string): string => {
  const letters = [...text].filter((letter) => letter !== '-');
  return LETTERS[letters.reduce((sum, letter, i) => sum + (i + 1) * LETTERS.indexOf(letter), 0) % LETTERS.length]!;
};

/**
 * A page's code: `H1-4F-7-1-X`, version, printing, copy, page and check letter. The same text stands in the square code and beside it.
 * @throws RangeError unless all are whole numbers from 1
 */
export const codeText = ({ printing, copy, page }: PageCode): string => {
  if (![printing, copy, page].every((value) => Number.isSafeInteger(value) && value >= 1))
    throw new RangeError(`${printing}, ${copy}, ${page} are not whole numbers from 1`);
  const text = [VERSION, ...[printing, copy, page].map(inLetters)].join('-');
  return `${text}-${checkOf(text)}`;
};

/** A code that was read or typed; nothing where it is none, or of another version. Small letters and blanks do no harm. */
export const readCode = (text: string): PageCode | undefined => {
  const parts = text.toUpperCase().replaceAll(/\s/g, '').split('-');
  const [version, printing, copy, page, check] = parts;
  if (parts.length !== 5 || version !== VERSION || check === undefined) return undefined;
  const numbers = [printing!, copy!, page!];
  if (!numbers.every((part) => part !== '' && [...part].every((letter) => LETTERS.includes(letter)))) return undefined;
  if (checkOf(parts.slice(0, 4).join('-')) !== check) return undefined;
  const [p, c, n] = numbers.map(valueOf) as [number, number, number];
  return p > 0 && c > 0 && n > 0 ? { printing: p, copy: c, page: n } : undefined;
};

/** A square code's dark modules, those beside each other in a row as one, in modules. */
interface Modules {
  readonly d: string;
  readonly size: number;
}
const drawn = (text: string): Modules => {
  const { size, data } = create(text, { errorCorrectionLevel: 'M' }).modules;
  let d = '';
  for (let row = 0; row < size; row++)
    for (let from = 0; from < size; from++) {
      if (!data[row * size + from]) continue;
      let to = from;
      while (to < size && data[row * size + to]) to++;
      d += `M${from} ${row}h${to - from}v1h${from - to}z`;
      from = to;
    }
  return { d, size };
};
/** Drawn before: a sheet on the table is laid out anew with each change, and has the same code. */
const known = new Map<string, Modules>();
const MOST_KNOWN = 200;

/** A square code as one mark. ISO/IEC 18004, error correction M. */
export const squareCode = (text: string, box: Box): Mark => {
  const { d, size } = known.get(text) ?? drawn(text);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(text, { d, size });
  return { kind: 'path', d, at: { x: box.x, y: box.y }, unit: box.width / size, fill: 'ink' };
};
