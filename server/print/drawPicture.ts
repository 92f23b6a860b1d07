import { readFileSync } from 'node:fs';
import SvgToPdf from 'svg-to-pdfkit';
import type { Doc } from './document.ts';
import { pictureFile } from './pictures.ts';

/**
 * A dark line round every part of a drawing, in its units of a thirty-second: a printer of black and white alone leaves a boot and a carrot, which are
 * bright all over, off the page.
 */
const OUTLINE = 'stroke="#2b2b2b" stroke-width="0.7" stroke-linejoin="round"';
const outlined = (svg: string): string => svg.replace(/<svg[^>]*>/, `$&<g ${OUTLINE}>`).replace('</svg>', '</g></svg>');

const svgs = new Map<string, string>();
const svgOf = (name: string): string => {
  const known = svgs.get(name) ?? outlined(readFileSync(pictureFile(name), 'utf8'));
  svgs.set(name, known);
  return known;
};

/** A drawing that ships. @param x @param y its top left, and @param size of its square, in the page's unit */
export const drawPicture = (doc: Doc, name: string, x: number, y: number, size: number): void => {
  SvgToPdf(doc, svgOf(name), x, y, { width: size, height: size, assumePt: true });
};
