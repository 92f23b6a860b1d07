import type { Block } from './kinds/block.ts';
import type { Box, Mark } from './page/mark.ts';
import { together, type Drawn } from './page/zone.ts';

/** Millimetres between two tasks beside each other, and the least and the most between two rows. */
const BESIDE = 8;
const BETWEEN = { least: 3, most: 11 } as const;

/** A row: one task across, or one or two halves. */
type Row = readonly Block[];
const heightOf = (row: Row): number => Math.max(...row.map(({ height }) => height));

/** Tasks in rows, in their order: halves side by side, two at a time. */
const rowsOf = (blocks: readonly Block[]): Row[] =>
  blocks.reduce<Row[]>((rows, block) => {
    const last = rows.at(-1);
    const isBeside = block.span === 'half' && last?.length === 1 && last[0]!.span === 'half';
    return isBeside ? [...rows.slice(0, -1), [...last, block]] : [...rows, [block]];
  }, []);

/** Rows on pages: as many as fit. @throws RangeError where one alone is higher than a page */
const onPages = (rows: readonly Row[], height: number): Row[][] => {
  const pages: { rows: Row[]; used: number }[] = [];
  for (const row of rows) {
    const needed = heightOf(row);
    if (needed > height) throw new RangeError(`a task is ${needed} mm high and the page has ${height}`);
    const page = pages.at(-1);
    if (page !== undefined && page.used + BETWEEN.least + needed <= height) {
      page.rows.push(row);
      page.used += BETWEEN.least + needed;
    } else pages.push({ rows: [row], used: needed });
  }
  return pages.map(({ rows: on }) => on);
};

/** How many pages tasks take in a room of that height; endlessly many where one alone is higher. */
export const pagesNeeded = (blocks: readonly Block[], height: number): number =>
  blocks.some((block) => block.height > height) ? Infinity : onPages(rowsOf(blocks), height).length;

/** Would these tasks fit on one page? */
export const fitsOnOne = (blocks: readonly Block[], height: number): boolean => pagesNeeded(blocks, height) <= 1;

/** A row in its place, tasks as wide as their span; a dotted line above all but the first. */
const drawnRow = (row: Row, at: Box, gap: number, isFirst: boolean): Drawn => {
  const half = (at.width - BESIDE) / 2;
  const drawn = row.map((block, i) =>
    block.draw({ x: at.x + i * (half + BESIDE), y: at.y }, block.span === 'full' ? at.width : half),
  );
  const y = at.y - gap / 2;
  const line: Mark = {
    kind: 'line',
    from: { x: at.x, y },
    to: { x: at.x + at.width, y },
    line: { ink: 'faint', width: 0.3, dash: [0.4, 1.6] },
  };
  return together(...drawn, { marks: isFirst ? [] : [line], zones: [] });
};

/**
 * Tasks laid on pages: in their order, rows as far apart as there is room up to 11 mm, so that a page is neither crammed nor torn.
 * @param room of every page, millimetres
 * @throws RangeError where one task alone is higher than the room
 */
export const flow = (blocks: readonly Block[], room: Box): Drawn[] =>
  onPages(rowsOf(blocks), room.height).map((rows) => {
    const used = rows.reduce((sum, row) => sum + heightOf(row), 0);
    const gap = Math.min(BETWEEN.most, rows.length > 1 ? (room.height - used) / (rows.length - 1) : 0);
    let y = room.y;
    const drawn = rows.map((row, i) => {
      const one = drawnRow(row, { ...room, y }, gap, i === 0);
      y += heightOf(row) + gap;
      return one;
    });
    return together(...drawn);
  });
