import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { fileWith } from './letters.ts';

const resolve = createRequire(import.meta.url).resolve;
const andika = (subset: string, weight: number): string =>
  resolve(`@fontsource/andika/files/andika-${subset}-${weight}-normal.woff`);

/** Fonts of printed pages: the letters of English, and those of other European names. */
export const PRINT_FONTS = {
  regular: andika('latin', 400),
  bold: andika('latin', 700),
  regularMore: andika('latin-ext', 400),
  boldMore: andika('latin-ext', 700),
} as const;
export type PrintFont = 'regular' | 'bold';

type Unpacked = readonly (readonly [name: string, font: Buffer])[];
const unpack = async (): Promise<Unpacked> => {
  const { toSfnt } = (await import('woff2sfnt-sfnt2woff')).default;
  return Object.entries(PRINT_FONTS).map(([name, file]) => [name, toSfnt(readFileSync(file))] as const);
};
let unpacked: Promise<Unpacked> | undefined;
/** The same as they are used, unpacked once: as they ship, a whole table would be unpacked anew for every letter of every document. */
export const unpackedFonts = (): Promise<Unpacked> =>
  (unpacked ??= unpack().catch((error: unknown) => {
    // A file that could not be read just now may be read for the next document.
    unpacked = undefined;
    throw error;
  }));

/** Letters the first font file has: Latin-1 and the punctuation English uses. */
const FIRST = /^[\u0020-\u00ff\u2013\u2014\u2018-\u201e\u2022\u2026]$/u;
/** What belongs to the letter before it: signs over and under letters, and what joins letters. */
const JOINED = /^(?:\p{M}|\u200c|\u200d|\ufe0f)$/u;
/** Letters of scripts that are written from right to left. */
const RIGHT_TO_LEFT = /[\u0590-\u08ff\ufb1d-\ufdff\ufe70-\ufefc]/u;
/** What stands for a letter no font has. */
const UNKNOWN = '?';
const WEIGHT = { regular: 400, bold: 700 } as const;

/** A piece of text that one font file can set: by the name it is registered by, or by its path. */
export interface Run {
  readonly font: string;
  readonly text: string;
}

/** The font a letter is set in, or undefined if no font has it. */
const fontOf = (letter: string, font: PrintFont): string | undefined => {
  if (FIRST.test(letter)) return font;
  const file = fileWith(letter, WEIGHT[font]);
  return file === PRINT_FONTS[`${font}More`] ? `${font}More` : file;
};

/** A text cut into runs, in the order it is read. */
const readingRuns = (text: string, font: PrintFont): Run[] => {
  const runs: { font: string; text: string }[] = [];
  for (const letter of text) {
    const last = runs.at(-1);
    if (JOINED.test(letter) && last !== undefined) {
      // Signs that choose how an emoji looks mean nothing to a font that has one look.
      if (letter !== '\ufe0f') last.text += letter;
      continue;
    }
    // A blank between two words of a script stays with them.
    const own = letter === ' ' && last !== undefined ? last.font : fontOf(letter, font);
    const run = own === undefined ? { font, text: UNKNOWN } : { font: own, text: letter };
    if (last !== undefined && last.font === run.font) last.text += run.text;
    else runs.push(run);
  }
  return runs;
};

/**
 * Words of a run as they stand from left to right; within a word the font turns its letters itself. Blanks are set in the usual font: those of
 * other scripts are not in the files of their letters.
 */
const asItStands = (run: Run, font: PrintFont): Run[] => {
  if (run.font in PRINT_FONTS || !run.text.includes(' ')) return [run];
  const words = run.text.split(/( )/).map((text) => (text === ' ' ? { font, text } : { ...run, text }));
  const isTurned = RIGHT_TO_LEFT.test(run.text);
  return (isTurned ? words.reverse() : words).filter(({ text }) => text !== '');
};

/**
 * A text cut into runs that one font file each can set, from left to right as they stand on the page: a name in a script written from right
 * to left begins at its right.
 */
export const fontRuns = (text: string, font: PrintFont): Run[] => {
  const runs = readingRuns(text, font).flatMap((run) => asItStands(run, font));
  const first = /\p{L}/u.exec(text)?.[0];
  if (first === undefined || !RIGHT_TO_LEFT.test(first)) return runs;
  return readingRuns(text, font)
    .reverse()
    .flatMap((run) => asItStands(run, font));
};

/** Is all of a text set in the usual font, whose widths the layout knows? */
export const isUsual = (runs: readonly Run[]): boolean => runs.every(({ font }) => font in PRINT_FONTS);
