import { describe, expect, it } from '@jest/globals';
import { PICTURES } from '../../core/pictures/index.ts';
import type { Page } from '../../core/sheets/index.ts';
import { rasters } from './raster.test.support.ts';

/** Millimetres: as on a ticket. */
const SIZE = 9;
const STEP = 14;
const IN_ROW = 12;

const place = (i: number) => ({ x: 15 + (i % IN_ROW) * STEP, y: 15 + Math.floor(i / IN_ROW) * STEP });
const page: Page = {
  width: 210,
  height: 297,
  name: 'pictures',
  zones: [],
  marks: PICTURES.map((name, i) => ({ kind: 'picture', name, at: place(i), size: SIZE })),
};

describe('pictures of children on a printer of black and white alone', () => {
  it('are all there, and no two look alike', async () => {
    const [raster] = await rasters([page]);
    /** A picture as such a printer has it: ink where it is darker than the middle, nothing elsewhere. */
    const seen = PICTURES.map((name, i) => {
      const { x, y } = place(i);
      const pixels = Math.round(SIZE * raster!.scale);
      const ink = Array.from(
        { length: pixels * pixels },
        (_, at) => raster!.dark(x * raster!.scale + (at % pixels), y * raster!.scale + Math.floor(at / pixels)) > 0.5,
      );
      return { name, ink };
    });
    for (const { name, ink } of seen)
      expect([name, ink.filter(Boolean).length / ink.length > 0.04]).toEqual([name, true]);
    for (const [i, one] of seen.entries())
      for (const other of seen.slice(i + 1)) {
        const differ = one.ink.filter((dark, at) => dark !== other.ink[at]).length;
        const either = one.ink.filter((dark, at) => dark || other.ink[at]).length;
        expect([one.name, other.name, differ / either > 0.2]).toEqual([one.name, other.name, true]);
      }
  });
});
