import { createRequire } from 'node:module';
import * as fontkit from 'fontkit';

const resolve = createRequire(import.meta.url).resolve;
const WEIGHTS = { regular: 400, bold: 700 } as const;
/** Letters of names and words in European languages; beyond them a middling width will do. */
const LAST_LETTER = 0x17f;
const PUNCTUATION = ['–', '—', '‘', '’', '“', '”', '„', '•', '…'];

const open = (subset: string, weight: number): fontkit.Font => {
  const font = fontkit.openSync(resolve(`@fontsource/andika/files/andika-${subset}-${weight}-normal.woff`));
  if (!('characterSet' in font)) throw new Error('a font file holds one font');
  return font;
};

/** Widths of the letters that ship, by weight, in units of a font whose em is `em`; how high capitals and digits stand, too. */
export const fontTable = () => {
  const widths = (weight: number): Record<string, number> => {
    const found: Record<string, number> = {};
    for (const font of [open('latin', weight), open('latin-ext', weight)])
      for (const code of [...font.characterSet].sort((a, b) => a - b)) {
        const letter = String.fromCodePoint(code);
        const isWanted = (code >= 0x20 && code <= LAST_LETTER && code !== 0xad) || PUNCTUATION.includes(letter);
        if (isWanted) found[letter] ??= font.glyphForCodePoint(code).advanceWidth;
      }
    return found;
  };
  const { unitsPerEm: em, capHeight, xHeight, ascent, descent } = open('latin', WEIGHTS.regular);
  return { em, capHeight, xHeight, ascent, descent, regular: widths(WEIGHTS.regular), bold: widths(WEIGHTS.bold) };
};
