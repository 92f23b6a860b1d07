import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { create, type Font } from 'fontkit';

/**
 * Families for letters the usual one lacks, the first that has a letter sets it: a class list holds names in any script. Andika comes
 * first where it can, for it is what children read. Each ships in small files by stretches of letters, read when one of them is printed.
 */
const FAMILIES = [
  'andika',
  'noto-sans',
  'noto-sans-arabic',
  'noto-sans-hebrew',
  'noto-sans-armenian',
  'noto-sans-georgian',
  'noto-sans-bengali',
  'noto-sans-gurmukhi',
  'noto-sans-gujarati',
  'noto-sans-tamil',
  'noto-sans-telugu',
  'noto-sans-kannada',
  'noto-sans-malayalam',
  'noto-sans-sinhala',
  'noto-sans-thai',
  'noto-sans-lao',
  'noto-sans-myanmar',
  'noto-sans-khmer',
  'noto-sans-ethiopic',
  'noto-sans-sc',
  'noto-sans-kr',
  'noto-emoji',
] as const;

const { resolve } = createRequire(import.meta.url);

/** A file of a family and the letters it is for. */
interface Subset {
  readonly name: string;
  readonly ranges: readonly (readonly [from: number, to: number])[];
}
/** "U+0590-05ff,U+200c" as numbers. */
const rangesIn = (text: string): Subset['ranges'] =>
  text.split(',').map((part) => {
    const [from, to] = part.trim().replace(/^U\+/i, '').split('-');
    return [parseInt(from!, 16), parseInt(to ?? from!, 16)] as const;
  });
const subsetsOf = new Map<string, readonly Subset[]>();
const subsets = (family: string): readonly Subset[] => {
  const known = subsetsOf.get(family);
  if (known !== undefined) return known;
  const file = resolve(`@fontsource/${family}/unicode.json`);
  const listed = JSON.parse(readFileSync(file, 'utf8')) as Record<string, string>;
  // Numbered ones stand in brackets in the list, and without in the files' names.
  const made = Object.entries(listed).map(([name, ranges]) => ({
    name: name.replace(/^\[(\d+)\]$/, '$1'),
    ranges: rangesIn(ranges),
  }));
  subsetsOf.set(family, made);
  return made;
};

const fonts = new Map<string, Font>();
/** Does a file have a letter? What a stretch is for is not always all in it. */
const has = (file: string, letter: number): boolean => {
  const font = fonts.get(file) ?? (create(readFileSync(file)) as Font);
  fonts.set(file, font);
  return font.hasGlyphForCodePoint(letter);
};

const filesOf = new Map<string, string | undefined>();
/** The font file that has a letter, or undefined if no family has it. @param weight 400 or 700 */
export const fileWith = (letter: string, weight: 400 | 700): string | undefined => {
  const code = letter.codePointAt(0)!;
  const key = `${code} ${weight}`;
  if (filesOf.has(key)) return filesOf.get(key);
  let found: string | undefined;
  for (const family of FAMILIES) {
    const subset = subsets(family).find(({ ranges }) => ranges.some(([from, to]) => from <= code && code <= to));
    if (subset === undefined) continue;
    const file = resolve(`@fontsource/${family}/files/${family}-${subset.name}-${weight}-normal.woff`);
    if (!has(file, code)) continue;
    found = file;
    break;
  }
  filesOf.set(key, found);
  return found;
};
