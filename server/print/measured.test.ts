import { describe, expect, it } from '@jest/globals';
import jsQrModule from 'jsqr';
import { TAUGHT_TIMES, angleBetween, handAngles, handsApart } from '../../core/clock/index.ts';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import {
  PAPER_MM,
  RULER,
  asPrinted,
  codeText,
  composeForms,
  layPages,
  layThing,
  readCode,
  usualRecipe,
  type Page,
  type SheetContent,
  type SheetRecipe,
  type Zone,
} from '../../core/sheets/index.ts';
import { cut, eachDark, inkAngle, inkBox, rasters, type Raster } from './raster.test.support.ts';

// A CommonJS module: its function is the default of its default.
const jsQr = (jsQrModule as unknown as { default?: typeof jsQrModule }).default ?? jsQrModule;

/** Millimetres and degrees that print may be off its layout. */
const MM = 0.2;
const DEGREES = 0.1;

const RECIPE: SheetRecipe = {
  ...usualRecipe('ticket', DEFAULT_CONVENTIONS, ['oclock', 'half-past']),
  seed: 5,
  forms: 'one' as const,
};
const contentOf = (over: Partial<SheetContent> = {}): SheetContent => {
  const composed = composeForms(RECIPE, []);
  if (!('forms' in composed)) throw new Error(composed.problem);
  return { ...RECIPE, title: 'Half past: which hour?', iCan: 'I can say it.', ...composed, ...over };
};
const pagesOf = (content: SheetContent, paper: 'a4' | 'letter', copies = 1): Page[] => [
  ...layPages(
    content,
    Array.from({ length: copies }, () => ({ form: 0, name: 'Bram', picture: 'snail' as const })),
    { conventions: { ...DEFAULT_CONVENTIONS, paper }, day: 'Tue, Nov 24', printing: 4711 },
  ),
];
const zonesOf = <K extends Zone['kind']>(page: Page, kind: K): Extract<Zone, { kind: K }>[] =>
  page.zones.filter((zone): zone is Extract<Zone, { kind: K }> => zone.kind === kind);
/** A little more than a rectangle, so that ink beyond its edge is seen. */
const around = ({ x, y, width, height }: { x: number; y: number; width: number; height: number }, by = 1) => ({
  x: x - by,
  y: y - by,
  width: width + 2 * by,
  height: height + 2 * by,
});

/** What another program reads from the codes of a page, the white round each with it. */
const codesOn = (page: Page, raster: Raster): (string | undefined)[] =>
  zonesOf(page, 'code').map(({ box }) => {
    const { data, width, height } = cut(raster, around(box, 3));
    return jsQr(data, width, height)?.data;
  });

describe.each(['a4', 'letter'] as const)('a printed ticket on %s', (paper) => {
  it('has its squares, boxes and faces where the layout says, and its code is read by another program', async () => {
    const [page] = pagesOf(contentOf(), paper);
    const [raster] = await rasters([page!]);
    expect(raster!.width / raster!.scale).toBeCloseTo(PAPER_MM[paper].width, 0);
    expect(raster!.height / raster!.scale).toBeCloseTo(PAPER_MM[paper].height, 0);
    const solid = [...zonesOf(page!, 'corner'), ...zonesOf(page!, 'code')].map(({ box }) => box);
    const boxes = zonesOf(page!, 'digit').map(({ box }) => ({
      x: box.x - 0.25,
      y: box.y - 0.25,
      width: box.width + 0.5,
      height: box.height + 0.5,
    }));
    const faces = zonesOf(page!, 'face').map(({ at, radius }) => ({
      x: at.x - radius,
      y: at.y - radius,
      width: 2 * radius,
      height: 2 * radius,
    }));
    expect([solid.length, boxes.length, faces.length]).toEqual([5, 8, 10]);
    for (const box of [...solid, ...boxes, ...faces]) {
      const found = inkBox(raster!, around(box));
      for (const side of ['x', 'y'] as const) expect(Math.abs(found[side] - box[side])).toBeLessThan(MM);
      for (const side of ['width', 'height'] as const) expect(Math.abs(found[side] - box[side])).toBeLessThan(MM);
    }
    const text = codesOn(page!, raster!)[0];
    expect(text).toBe(codeText({ printing: 4711, copy: 1, page: 1 }));
    expect(readCode(text!)).toEqual({ printing: 4711, copy: 1, page: 1 });
  });
  it('has nothing in the middle of a face that is drawn on but its dot', async () => {
    const [page] = pagesOf(contentOf(), paper);
    const [raster] = await rasters([page!]);
    const drawn = zonesOf(page!, 'face').filter(({ drawnOn }) => drawnOn);
    expect(drawn).toHaveLength(2);
    for (const { at, radius } of drawn) {
      expect(2 * radius).toBeGreaterThanOrEqual(45);
      expect(2 * radius).toBeLessThanOrEqual(52);
      let outside = 0;
      eachDark(raster!, { x: at.x - radius, y: at.y - radius, width: 2 * radius, height: 2 * radius }, (x, y) => {
        const far = Math.hypot(x - at.x, y - at.y);
        if (far > 0.9 && far < 0.74 * radius) outside += 1;
      });
      expect(outside).toBe(0);
      const dot = inkBox(raster!, { x: at.x - 2, y: at.y - 2, width: 4, height: 4 });
      expect(dot.width).toBeCloseTo(1.4, 0);
      expect(Math.abs(dot.x + dot.width / 2 - at.x)).toBeLessThan(MM);
    }
  });
  it('has two codes on one page where it is half a page, both read', async () => {
    const content = contentOf({ size: 'half', forms: [contentOf().forms[0]!.slice(1, 3)] });
    const [page] = pagesOf(content, paper, 2);
    const [raster] = await rasters([page!]);
    expect(codesOn(page!, raster!)).toEqual([1, 2].map((copy) => codeText({ printing: 4711, copy, page: 1 })));
  });
});

describe('printed hands', () => {
  it('stand within a tenth of a degree of where they belong, at every o’clock and half past', async () => {
    const forms = [TAUGHT_TIMES.map((shown) => asPrinted({ kind: 'write-digital', shown }))];
    const pages = pagesOf(contentOf({ type: 'practice', numerals: 'ticks', forms }), 'a4');
    const shots = await rasters(pages);
    let [minutes, hours] = [0, 0];
    pages.forEach((page, i) => {
      for (const { item, at, radius } of zonesOf(page, 'face')) {
        const time = TAUGHT_TIMES[item]!;
        const { hour, minute } = handAngles(time);
        // Beyond the tip of the hour hand and inside the marks there is the minute hand alone.
        expect(angleBetween(inkAngle(shots[i]!, at, radius, [0.62, 0.86], minute), minute)).toBeLessThan(DEGREES);
        minutes += 1;
        if (handsApart(time) < 45) continue;
        expect(angleBetween(inkAngle(shots[i]!, at, radius, [0.25, 0.5], hour), hour)).toBeLessThan(DEGREES);
        hours += 1;
      }
    });
    expect([minutes, hours]).toEqual([24, 19]);
  });
});

describe('the printer’s test page', () => {
  it('has a ruler that is 100 mm long', async () => {
    const pages = layThing('test-page', { conventions: DEFAULT_CONVENTIONS, words: [], day: [] });
    const [raster] = await rasters(pages);
    const line = pages[0]!.marks.find((mark) => mark.kind === 'line' && mark.to.x - mark.from.x === RULER);
    if (line?.kind !== 'line') throw new Error('there is no ruler');
    const found = inkBox(raster!, { x: line.from.x - 3, y: line.from.y - 0.1, width: RULER + 6, height: 0.2 });
    expect(Math.abs(found.width - RULER)).toBeLessThan(0.4);
  });
});
