import type { PaperSize } from '../../locales/index.ts';

/** Width and height of a page held upright, in millimetres: ISO 216 A4, and US letter of 8.5 by 11 inches. */
export const PAPER_MM: Readonly<Record<PaperSize, { readonly width: number; readonly height: number }>> = {
  a4: { width: 210, height: 297 },
  letter: { width: 215.9, height: 279.4 },
};

/** Millimetres from the edge that every printer can print: laser printers keep 4 to 5, ink printers up to 12.7 at one edge. */
export const SAFE_MARGIN = 12.7;
