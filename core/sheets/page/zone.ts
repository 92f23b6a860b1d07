import type { Outline } from '../../face/index.ts';
import type { Box, Mark, PagePoint } from './mark.ts';

/**
 * A place on a page with a meaning: what a photographed page is read by, and what tests measure. `item` is the place of the task on
 * its form, from 0.
 * - `item`: all of one task
 * - `face`: a clock, printed with its hands or to be drawn on; `option` where it is one of several to choose from
 * - `digit`: a box for one digit; of the hour, of the minutes, or of a place in an order; `place` from the left
 * - `writing`: a line to write on
 * - `choice`: words or a picture to be circled
 * - `joint`: a dot that lines are drawn between; `column` of clocks, digits, words
 * - `corner`: one of the four black squares; `code`: the square code
 */
export type Zone =
  | { readonly kind: 'item'; readonly item: number; readonly box: Box }
  | {
      readonly kind: 'face';
      readonly item: number;
      readonly option?: number;
      readonly at: PagePoint;
      readonly radius: number;
      readonly outline: Outline;
      readonly drawnOn: boolean;
    }
  | {
      readonly kind: 'digit';
      readonly item: number;
      readonly of: 'hour' | 'minutes' | 'order';
      readonly place: number;
      readonly box: Box;
    }
  | { readonly kind: 'writing'; readonly item: number; readonly box: Box }
  | { readonly kind: 'choice'; readonly item: number; readonly option: number; readonly box: Box }
  | {
      readonly kind: 'joint';
      readonly item: number;
      readonly column: 'clock' | 'digits' | 'words';
      readonly row: number;
      readonly at: PagePoint;
    }
  | { readonly kind: 'corner' | 'code'; readonly box: Box };

/** Marks to draw and zones to read. */
export interface Drawn {
  readonly marks: readonly Mark[];
  readonly zones: readonly Zone[];
}

/** Several, one over another. */
export const together = (...drawn: readonly Drawn[]): Drawn => ({
  marks: drawn.flatMap(({ marks }) => marks),
  zones: drawn.flatMap(({ zones }) => zones),
});

/** Marks without a zone. */
export const onlyMarks = (...marks: readonly Mark[]): Drawn => ({ marks, zones: [] });

/** A page: its size in millimetres, what is drawn on it and what is read from it. */
export interface Page extends Drawn {
  readonly width: number;
  readonly height: number;
  /** What it is called to somebody who hears it. */
  readonly name: string;
}

/** A zone moved by so much. */
export const movedZone = (zone: Zone, by: PagePoint): Zone => {
  const to = <P extends PagePoint>(point: P): P => ({ ...point, x: point.x + by.x, y: point.y + by.y });
  return 'at' in zone ? { ...zone, at: to(zone.at) } : { ...zone, box: to(zone.box) };
};
