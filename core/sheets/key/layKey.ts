import type { Conventions } from '../../conventions/index.ts';
import { paperOf } from '../../locales/index.ts';
import { describeItem, ruleText, teacherSentence } from '../../reporting/index.ts';
import { clockOfPicture } from '../clocks/clock.ts';
import { lookOf, type ClockLook } from '../clocks/look.ts';
import type { SheetContent } from '../content.ts';
import type { PaperItem } from '../kinds/index.ts';
import type { Mark, PagePoint } from '../page/mark.ts';
import { PAPER_MM, SAFE_MARGIN } from '../page/paper.ts';
import { CAP_HEIGHT, brokenLines, fitted } from '../page/type.ts';
import { together, type Drawn, type Page } from '../page/zone.ts';
import { keyEntry, type KeyEntry, type LikelyWrong } from './key.ts';
import type { ShownAnswer } from './shown.ts';

const SIDE = 15;
const TOP = 29;
/** Columns, millimetres from the side: number, the right answer, how it is read, likely wrong answers. */
const COLUMN = { answer: 8, steps: 44, wrong: 98 } as const;
const TEXT = 3.2;
const LINE = 4.1;
const CLOCK = { right: 9, wrong: 5.3 } as const;
/** Height of a wrong answer with the words of its reason. */
const WRONG_HEIGHT = 13.2;
/** Between two lines of a reason. */
const REASON_LINE = 3.4;
const WRONG_COLUMNS = 2;
/** Reasons named for one wrong answer: the likeliest. */
const MOST_NAMES = 2;

const words = (
  text: string,
  at: PagePoint,
  width: number,
  size: number,
  weight: 'regular' | 'bold' = 'regular',
): Mark[] => {
  const fit = fitted(text, width, { most: size, least: 2.6, weight });
  return [{ kind: 'text', text: fit.text, at, size: fit.size, weight }];
};
const lines = (texts: readonly string[], at: PagePoint): Mark[] =>
  texts.map((text, i) => ({ kind: 'text', text, at: { x: at.x, y: at.y + i * LINE }, size: TEXT }));
const broken = (texts: readonly string[], width: number): string[] =>
  texts.flatMap((text) => brokenLines(text, width, TEXT));

/** A clock or the words of an answer, in a square of that radius; the words of a clock beside it. */
const answerAt = (shown: ShownAnswer, at: PagePoint, radius: number, width: number, look: ClockLook): Drawn => {
  const middle = at.y + radius;
  if (shown.picture === undefined)
    return { marks: words(shown.text, { x: at.x, y: middle + (CAP_HEIGHT * 4.4) / 2 }, width, 4.4, 'bold'), zones: [] };
  const clock = clockOfPicture(shown.picture, { at: { x: at.x + radius, y: middle }, radius, look, item: 0 });
  const text =
    shown.text === ''
      ? []
      : words(shown.text, { x: at.x + 2 * radius + 2, y: middle + (CAP_HEIGHT * 4.4) / 2 }, 10, 4.4, 'bold');
  return { marks: [...clock.marks, ...text], zones: [] };
};

/** Width of a wrong answer's place on a page. */
const wrongWidth = (pageWidth: number): number => (pageWidth - 2 * SIDE - COLUMN.wrong) / WRONG_COLUMNS;

const wrongAt = (one: LikelyWrong, at: PagePoint, width: number, look: ClockLook, conventions: Conventions): Drawn => {
  const names = one.rules
    .slice(0, MOST_NAMES)
    .map((rule) => teacherSentence(ruleText(rule, 'name'), conventions))
    .join(' / ');
  const beside = one.shown.picture === undefined ? 0 : 2 * CLOCK.wrong + (one.shown.text === '' ? 2 : 7);
  const isPicture = beside > 0;
  const reason = isPicture
    ? brokenLines(names, width - beside - 2, 2.9).slice(0, 3)
    : brokenLines(names, width - 2, 2.9).slice(0, 2);
  const top = isPicture ? at.y + CLOCK.wrong - (reason.length - 1.6) * (REASON_LINE / 2) : at.y + 8.4;
  return together(
    isPicture
      ? answerAt(one.shown, at, CLOCK.wrong, width, look)
      : { marks: words(one.shown.text, { x: at.x, y: at.y + 4.6 }, width - 2, 4.2, 'bold'), zones: [] },
    {
      marks: reason.map((text, i) => ({
        kind: 'text',
        text,
        at: { x: at.x + beside, y: top + i * REASON_LINE },
        size: 2.9,
        ink: 'quiet',
      })),
      zones: [],
    },
  );
};

const rowHeight = ({ steps, wrong }: KeyEntry): number =>
  Math.max(
    6.5 + 2 * CLOCK.right,
    6.5 + broken(steps, COLUMN.wrong - COLUMN.steps - 4).length * LINE,
    2 + Math.ceil(wrong.length / WRONG_COLUMNS) * WRONG_HEIGHT,
  ) + 2.5;

const rowAt = (
  item: PaperItem,
  place: number,
  entry: KeyEntry,
  y: number,
  pageWidth: number,
  look: ClockLook,
  conventions: Conventions,
): Drawn => {
  const x = SIDE;
  const width = wrongWidth(pageWidth);
  return together(
    {
      marks: [
        {
          kind: 'line',
          from: { x, y },
          to: { x: pageWidth - SIDE, y },
          line: { ink: 'faint', width: 0.25 },
        },
        ...words(String(place + 1), { x, y: y + 5.5 }, 7, 4.6, 'bold'),
        ...words(
          describeItem(item, conventions),
          { x: x + COLUMN.answer, y: y + 5 },
          COLUMN.wrong - COLUMN.answer - 4,
          TEXT,
        ),
        ...lines(broken(entry.steps, COLUMN.wrong - COLUMN.steps - 4), { x: x + COLUMN.steps, y: y + 11 }),
      ],
      zones: [],
    },
    answerAt(entry.right, { x: x + COLUMN.answer, y: y + 6.5 }, CLOCK.right, COLUMN.steps - COLUMN.answer - 2, look),
    ...entry.wrong.map((one, i) =>
      wrongAt(
        one,
        { x: x + COLUMN.wrong + (i % WRONG_COLUMNS) * width, y: y + 2 + Math.floor(i / WRONG_COLUMNS) * WRONG_HEIGHT },
        width,
        look,
        conventions,
      ),
    ),
  );
};

/** What stands over a key. */
export interface KeyHeading {
  /** Whose form it is, or its letter; empty where there is one form. */
  readonly of: string;
  readonly day: string;
}

/**
 * The key to a form: each task with its answer, how it is read in the class's words, and the wrong answers rules lead to, drawn or
 * written, each with its reason. A page is ended where the next task would not fit.
 */
export const layKey = (
  content: SheetContent,
  form: number,
  { of, day }: KeyHeading,
  conventions: Conventions,
): Page[] => {
  const { width, height } = PAPER_MM[paperOf(conventions)];
  const look = lookOf('some', { ...content, numerals: 'none' });
  const heading = teacherSentence({ key: 'teacher.sheets.key', values: { title: content.title } }, conventions);
  const title = [heading, of].filter((text) => text !== '').join(' · ');
  const head: Mark[] = [
    { ...words(title, { x: SIDE, y: 21 }, width - 2 * SIDE - 35, 5.6, 'bold')[0]!, as: 'heading' } as Mark,
    { kind: 'text', text: day, at: { x: width - SIDE, y: 21 }, size: TEXT, anchor: 'end', ink: 'quiet' },
    {
      kind: 'text',
      text: teacherSentence({ key: 'teacher.sheets.likely', values: {} }, conventions),
      at: { x: SIDE + COLUMN.wrong, y: 27 },
      size: 2.9,
      ink: 'quiet',
    },
  ];
  const pages: Drawn[] = [];
  let y = Infinity;
  for (const [place, item] of content.forms[form]!.entries()) {
    const entry = keyEntry(item, conventions);
    const needed = rowHeight(entry);
    if (y + needed > height - SAFE_MARGIN - 1) {
      pages.push({ marks: head, zones: [] });
      y = TOP;
    }
    const row = rowAt(item, place, entry, y, width, look, conventions);
    pages.push(together(pages.pop()!, row));
    y += needed;
  }
  return pages.map((page) => ({ width, height, name: title, ...page }));
};
