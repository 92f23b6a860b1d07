import andika from './andika.json' with { type: 'json' };

export type Weight = 'regular' | 'bold';
const WIDTHS: Readonly<Record<Weight, Readonly<Record<string, number>>>> = {
  regular: andika.regular,
  bold: andika.bold,
};

/** How high capitals and digits stand over the baseline, as a share of the em; from the font that ships. */
export const CAP_HEIGHT = andika.capHeight / andika.em;
/** The same for small letters without a stroke upwards, and how far letters reach below the baseline. */
export const X_HEIGHT = andika.xHeight / andika.em;
export const DEPTH = -andika.descent / andika.em;
/** Width of a letter the table does not have: a middling one, and the whole em for scripts whose letters fill it. */
const USUAL = andika.regular['o'];
const FULL = /[\u1100-\u11ff\u2e80-\ua4cf\uac00-\ud7ff\uf900-\ufaff\uff00-\uff60]|\p{Extended_Pictographic}/u;
/** Signs over, under and between letters, which take no room of their own. */
const NO_ROOM = /\p{Mn}|\u200c|\u200d|\ufe0f/u;
const unknownWidth = (letter: string): number => {
  if (NO_ROOM.test(letter)) return 0;
  return FULL.test(letter) ? andika.em : USUAL;
};

/**
 * How wide a line of text is, in millimetres. The font has no kerning, so that widths add up; a test holds the table against
 * the font files.
 * @param size height of the em, millimetres
 */
export const textWidth = (text: string, size: number, weight: Weight = 'regular'): number => {
  const widths = WIDTHS[weight];
  let units = 0;
  for (const letter of text) units += widths[letter] ?? unknownWidth(letter);
  return (units / andika.em) * size;
};

/** Lines no wider than that, broken between words; a word that is wider stands alone on its line. @param width millimetres */
export const brokenLines = (text: string, width: number, size: number, weight: Weight = 'regular'): string[] => {
  const lines: string[] = [];
  for (const word of text.split(/\s+/).filter((one) => one !== '')) {
    const longer = lines.length === 0 ? word : `${lines.at(-1)!} ${word}`;
    if (lines.length > 0 && textWidth(longer, size, weight) <= width) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return lines;
};

/**
 * The largest size at which a text fits on a line, and the text, shortened where even the smallest is too large.
 * @param most wanted size @param least smallest size that can still be read
 */
export const fitted = (
  text: string,
  width: number,
  { most, least, weight = 'regular' }: { readonly most: number; readonly least: number; readonly weight?: Weight },
): { readonly text: string; readonly size: number } => {
  const wide = textWidth(text, most, weight);
  if (wide <= width) return { text, size: most };
  const size = Math.max(least, (most * width) / wide);
  if (textWidth(text, size, weight) <= width + 0.001) return { text, size };
  let [kept, used] = ['', textWidth('…', size, weight)];
  for (const letter of text) {
    used += textWidth(letter, size, weight);
    if (used > width && kept !== '') break;
    kept += letter;
  }
  return { text: `${kept.trimEnd()}…`, size };
};
