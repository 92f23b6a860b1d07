import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

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

/** Letters the first font file has: Latin-1 and the punctuation English uses. All others are in the second. */
const FIRST = /^[\u0020-\u00ff\u2013\u2014\u2018-\u201e\u2022\u2026]+/u;

/** A text cut into runs that one font file each can set. */
export const fontRuns = (
  text: string,
  font: PrintFont,
): { readonly font: keyof typeof PRINT_FONTS; readonly text: string }[] => {
  const runs: { font: keyof typeof PRINT_FONTS; text: string }[] = [];
  for (let rest = text; rest !== '';) {
    const own = FIRST.exec(rest)?.[0];
    const run = own ?? String.fromCodePoint(rest.codePointAt(0)!);
    runs.push({ font: own === undefined ? `${font}More` : font, text: run });
    rest = rest.slice(run.length);
  }
  return runs;
};
