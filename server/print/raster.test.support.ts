import { execFileSync } from 'node:child_process';
import { createWriteStream, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { finished } from 'node:stream/promises';
import type { Page } from '../../core/sheets/index.ts';
import { streamPages } from './streamPages.ts';

/** A printed page as a camera or a printer sees it: how dark it is at each point, measured in millimetres. */
export interface Raster {
  readonly width: number;
  readonly height: number;
  /** Pixels a millimetre. */
  readonly scale: number;
  /** 0 white to 1 black, by pixel. */
  dark(x: number, y: number): number;
}

/** A picture as `pdftoppm -gray` writes it: P5, width, height, 255, then a byte a pixel. */
const readGrey = (bytes: Buffer): { width: number; height: number; data: Buffer } => {
  const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 40).toString('latin1'))!;
  return { width: Number(head[1]), height: Number(head[2]), data: bytes.subarray(head[0].length) };
};

const DPI = 300;

/** A picture of pixels as a raster. @param grey 0 black to 255 white, by pixel @param scale pixels a millimetre */
export const rasterOf = (width: number, height: number, scale: number, grey: (at: number) => number): Raster => ({
  width,
  height,
  scale,
  dark: (x, y) =>
    x < 0 || y < 0 || x >= width || y >= height ? 0 : 1 - grey(Math.floor(y) * width + Math.floor(x)) / 255,
});

/** A PDF's pages as pictures, made by another program, poppler's pdftoppm. @param pages numbers of those wanted, from 1 */
export const rastersOfPdf = (file: string, pages: readonly number[]): Raster[] =>
  pages.map((page) => {
    const name = `${file}-${page}`;
    const only = ['-f', String(page), '-l', String(page), '-singlefile'];
    execFileSync('pdftoppm', ['-r', String(DPI), ...only, '-gray', file, name]);
    const { width, height, data } = readGrey(readFileSync(`${name}.pgm`));
    return rasterOf(width, height, DPI / 25.4, (at) => data[at]!);
  });

/** Pages drawn into a PDF, and that made into pictures. */
export const rasters = async (pages: readonly Page[]): Promise<Raster[]> => {
  const folder = mkdtempSync(join(tmpdir(), 'hoppel-raster-'));
  try {
    const file = join(folder, 'pages.pdf');
    const out = createWriteStream(file);
    await streamPages(out, pages, { title: 'measured', language: 'en-US', at: new Date(0) });
    await finished(out);
    return rastersOfPdf(
      file,
      pages.map((_, i) => i + 1),
    );
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
};

/** Visits the pixels of a rectangle, millimetres; each with its middle in millimetres and how dark it is. */
export const eachDark = (
  raster: Raster,
  box: { x: number; y: number; width: number; height: number },
  visit: (x: number, y: number, dark: number) => void,
): void => {
  const { scale } = raster;
  for (let py = Math.floor(box.y * scale); py < (box.y + box.height) * scale; py++)
    for (let px = Math.floor(box.x * scale); px < (box.x + box.width) * scale; px++) {
      const dark = raster.dark(px, py);
      if (dark > 0) visit((px + 0.5) / scale, (py + 0.5) / scale, dark);
    }
};

/** Where the ink in a rectangle reaches, millimetres. */
export const inkBox = (
  raster: Raster,
  box: { x: number; y: number; width: number; height: number },
): { x: number; y: number; width: number; height: number } => {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  const half = 0.5 / raster.scale;
  eachDark(raster, box, (x, y, dark) => {
    if (dark < 0.5) return;
    [left, top] = [Math.min(left, x - half), Math.min(top, y - half)];
    [right, bottom] = [Math.max(right, x + half), Math.max(bottom, y + half)];
  });
  return { x: left, y: top, width: right - left, height: bottom - top };
};

/**
 * The angle a hand has on the picture: the direction of the middle of its ink, within a ring and near where it is looked for. A hand is
 * the same on both sides of its axis, so the middle of its ink lies on it.
 * @param ring share of the radius, from and to @returns degrees clockwise from 12
 */
export const inkAngle = (
  raster: Raster,
  { x: cx, y: cy }: { x: number; y: number },
  radius: number,
  ring: readonly [number, number],
  about: number,
): number => {
  let [sx, sy] = [0, 0];
  const axis = { x: Math.sin((about * Math.PI) / 180), y: -Math.cos((about * Math.PI) / 180) };
  eachDark(raster, { x: cx - radius, y: cy - radius, width: 2 * radius, height: 2 * radius }, (x, y, dark) => {
    const [dx, dy] = [x - cx, y - cy];
    const far = Math.hypot(dx, dy);
    const along = dx * axis.x + dy * axis.y;
    if (far < ring[0] * radius || far > ring[1] * radius || along < far * Math.cos(Math.PI / 9)) return;
    sx += dx * dark;
    sy += dy * dark;
  });
  return ((Math.atan2(sx, -sy) * 180) / Math.PI + 360) % 360;
};

/** A rectangle of a page as a picture of its own, four bytes a pixel, for programs that read pictures. */
export const cut = (
  { scale, dark }: Raster,
  box: { x: number; y: number; width: number; height: number },
): { data: Uint8ClampedArray; width: number; height: number } => {
  const [left, top] = [Math.floor(box.x * scale), Math.floor(box.y * scale)];
  const [width, height] = [Math.ceil(box.width * scale), Math.ceil(box.height * scale)];
  const data = new Uint8ClampedArray(width * height * 4).fill(255);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      data.fill(255 * (1 - dark(left + x, top + y)), (y * width + x) * 4, (y * width + x) * 4 + 3);
  return { data, width, height };
};
