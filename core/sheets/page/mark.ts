/** A point on a page: millimetres from its top left corner, x to the right, y down. */
export interface PagePoint {
  readonly x: number;
  readonly y: number;
}

/** A rectangle on a page: its top left corner and its size, millimetres. */
export interface Box extends PagePoint {
  readonly width: number;
  readonly height: number;
}

/**
 * What a mark is printed in: black, which no printer has to make of dots, and two greys that it tells apart. Hands of a paper clock
 * have the class's own colours, `#rrggbb`.
 */
export const INKS = { ink: '#000000', quiet: '#555555', faint: '#a0a0a0', paper: '#ffffff' } as const;
export type Ink = keyof typeof INKS | `#${string}`;

/** How the outline of a mark is drawn: its ink, its width and, for a dashed one, how long it is on and off, millimetres. */
export interface Line {
  readonly ink: Ink;
  readonly width: number;
  readonly dash?: readonly [on: number, off: number];
}

/** What a clock on a page is for who hears it: one that is read, or one that is drawn on. */
export type ClockOnPaper = 'clock' | 'clock-to-draw-on';

/**
 * Everything there is to draw on a page. PDF, preview, single pictures and tests read this and nothing else.
 * - `path`: an SVG path in units of its own (for a clock, face units), put at a point, `unit` millimetres to one of its units and turned
 *   clockwise by degrees
 * - `text`: a line of Andika; `at` is its anchor on the baseline, `size` the height of its em in millimetres
 * - `picture`: one of the drawings that ship, in a square
 */
export type Mark =
  | { readonly kind: 'line'; readonly from: PagePoint; readonly to: PagePoint; readonly line: Line }
  | {
      readonly kind: 'circle';
      readonly at: PagePoint;
      readonly radius: number;
      readonly fill?: Ink;
      readonly line?: Line;
    }
  | {
      readonly kind: 'box';
      readonly box: Box;
      /** Radius of the corners. */
      readonly corner?: number;
      readonly fill?: Ink;
      readonly line?: Line;
    }
  | {
      readonly kind: 'path';
      readonly d: string;
      readonly at: PagePoint;
      readonly unit: number;
      readonly turn?: number;
      readonly fill?: Ink;
      readonly line?: Line;
      /** A clock begins with it: a reader who hears the page is told of one, and not what it shows. */
      readonly as?: ClockOnPaper;
    }
  | {
      readonly kind: 'text';
      readonly text: string;
      readonly at: PagePoint;
      readonly size: number;
      readonly weight?: 'regular' | 'bold';
      readonly anchor?: 'start' | 'middle' | 'end';
      readonly ink?: Ink;
      /** What it is for a reader who hears the page: a heading, or nothing that is read, as numerals of a face. */
      readonly as?: 'heading' | 'part-of-drawing';
    }
  | { readonly kind: 'picture'; readonly name: string; readonly at: PagePoint; readonly size: number };

/** Marks moved by so much. */
export const moved = (mark: Mark, by: PagePoint): Mark => {
  const to = ({ x, y }: PagePoint): PagePoint => ({ x: x + by.x, y: y + by.y });
  switch (mark.kind) {
    case 'line':
      return { ...mark, from: to(mark.from), to: to(mark.to) };
    case 'box':
      return { ...mark, box: { ...mark.box, ...to(mark.box) } };
    default:
      return { ...mark, at: to(mark.at) };
  }
};
