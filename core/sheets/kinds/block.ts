import type { Prompt } from '../../asking/index.ts';
import type { Conventions } from '../../conventions/index.ts';
import type { PagePoint } from '../page/mark.ts';
import type { Drawn } from '../page/zone.ts';
import type { ClockLook } from '../clocks/look.ts';

/** How digits are asked for: in boxes with a printed colon, or on one free line where the colon is the point. */
export const WRITINGS = ['boxes', 'line'] as const;
export type Writing = (typeof WRITINGS)[number];

/** What the paper form of a task goes by beside the task. */
export interface BlockContext {
  readonly conventions: Conventions;
  readonly look: ClockLook;
  /** How times are asked for. */
  readonly prompt: Prompt;
  readonly writing: Writing;
  /** Half of the height of a clock that is read, and of one that is drawn on, millimetres. */
  readonly radius: number;
  readonly drawnRadius: number;
  /** Of the page's room for tasks, millimetres. */
  readonly width: number;
  /** Place of the task on its form, from 0. */
  readonly item: number;
}

/** The paper form of one task: how much room it takes, and what is drawn there. */
export interface Block {
  /** All of the page's width, or half of it. */
  readonly span: 'full' | 'half';
  /** Millimetres. */
  readonly height: number;
  /** @param at its top left @param width millimetres it is given */
  readonly draw: (at: PagePoint, width: number) => Drawn;
}
