import type { Conventions } from '../../conventions/index.ts';
import { paperOf } from '../../locales/index.ts';
import { teacherSentence } from '../../reporting/index.ts';
import type { DayTime } from '../../clock/index.ts';
import type { Picture } from '../../pictures/index.ts';
import { lookOf, type ClockLook } from '../clocks/look.ts';
import type { Mark, PagePoint } from '../page/mark.ts';
import { PAPER_MM, SAFE_MARGIN } from '../page/paper.ts';
import { brokenLines, fitted } from '../page/type.ts';
import type { Drawn, Page } from '../page/zone.ts';

/** An entry of the class's day that has its picture and clock. */
export interface DayEntry {
  readonly name: string;
  readonly picture: Picture;
  readonly at: DayTime;
}

/** What things to lay out are made from. */
export interface ThingSetting {
  readonly conventions: Conventions;
  /** Words of the lesson, as the class says them. */
  readonly words: readonly string[];
  /** The class's day. */
  readonly day: readonly DayEntry[];
}

/** Words for grown-ups on a page of things. */
export const told = (name: string, conventions: Conventions, values: Record<string, string | number> = {}): string =>
  teacherSentence({ key: `teacher.sheets.${name}`, values }, conventions);

/** An empty page of the class's paper. */
export const pageOf = (conventions: Conventions, name: string, drawn: Drawn): Page => ({
  ...PAPER_MM[paperOf(conventions)],
  name,
  ...drawn,
});

/** The room on a page that every printer prints. */
export const roomOn = (conventions: Conventions): { x: number; y: number; width: number; height: number } => {
  const { width, height } = PAPER_MM[paperOf(conventions)];
  const x = SAFE_MARGIN + 0.3;
  return { x, y: x, width: width - 2 * x, height: height - 2 * x };
};

/** The look of the class's own clock. */
export const ownLook = ({ outline, numerals }: Conventions): ClockLook => lookOf('some', { outline, numerals });

/** A headline. @param at its baseline */
export const headline = (text: string, at: PagePoint, width: number): Mark => ({
  kind: 'text',
  ...fitted(text, width, { most: 6, least: 4, weight: 'bold' }),
  at,
  weight: 'bold',
  as: 'heading',
});

/** A text in lines. @param at baseline of the first @returns its marks, one a line */
export const paragraph = (text: string, at: PagePoint, width: number, size = 3.6): Mark[] =>
  brokenLines(text, width, size).map((line, i) => ({
    kind: 'text',
    text: line,
    at: { x: at.x, y: at.y + i * size * 1.35 },
    size,
  }));

/** A dashed line to cut along, round something. */
export const CUT = { ink: 'quiet', width: 0.3, dash: [2, 1.5] } as const;
