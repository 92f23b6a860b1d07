import type { Prompt } from '../asking/index.ts';
import type { NumeralStyle, Outline } from '../face/index.ts';
import type { Picture } from '../pictures/index.ts';
import type { HelpOnPaper } from './clocks/look.ts';
import type { Writing } from './kinds/block.ts';
import type { PaperItem } from './kinds/index.ts';

/** A sheet to practise on, or a ticket that is marked. */
export const SHEET_TYPES = ['practice', 'ticket'] as const;
export type SheetType = (typeof SHEET_TYPES)[number];

/** A page for each, or half a page: two on one, to be cut apart. */
export const SHEET_SIZES = ['page', 'half'] as const;
export type SheetSize = (typeof SHEET_SIZES)[number];

/** Letters of the forms of a sheet: neighbours get different ones. */
export const FORM_LETTERS = ['A', 'B'] as const;

/** A sheet: all that is on it but for whom it is. */
export interface SheetContent {
  readonly type: SheetType;
  readonly size: SheetSize;
  readonly title: string;
  /** What children will be able to say of themselves; empty for none. */
  readonly iCan: string;
  readonly help: HelpOnPaper;
  readonly outline: Outline;
  readonly numerals: NumeralStyle;
  readonly prompt: Prompt;
  readonly writing: Writing;
  /** Tasks of each form, in order: one form, A and B for neighbours, or one for each child. */
  readonly forms: readonly (readonly PaperItem[])[];
}

/** One copy of a sheet: whose it is, and which form. Without a name there is a line to write it on. */
export interface SheetCopy {
  readonly form: number;
  readonly name?: string;
  readonly picture?: Picture;
}
