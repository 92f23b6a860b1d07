import { readFileSync } from 'node:fs';
import SvgToPdf from 'svg-to-pdfkit';
import type { Doc } from './document.ts';
import { pictureFile } from './pictures.ts';

const svgs = new Map<string, string>();
const svgOf = (name: string): string => {
  const known = svgs.get(name) ?? readFileSync(pictureFile(name), 'utf8');
  svgs.set(name, known);
  return known;
};

/** A drawing that ships. @param x @param y its top left, and @param size of its square, in the page's unit */
export const drawPicture = (doc: Doc, name: string, x: number, y: number, size: number): void => {
  SvgToPdf(doc, svgOf(name), x, y, { width: size, height: size, assumePt: true });
};
