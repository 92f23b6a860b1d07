import type { Conventions } from '../conventions/index.ts';
import { sentence } from '../wording/index.ts';
import type { SheetContent, SheetCopy, SheetType } from './content.ts';
import { codeText, squareCode, type PageCode } from './page/code.ts';
import type { Box, Mark } from './page/mark.ts';
import { SAFE_MARGIN } from './page/paper.ts';
import { brokenLines, fitted, textWidth } from './page/type.ts';
import { onlyMarks, together, type Drawn } from './page/zone.ts';

/** What a child gets in the hand: a page, or the half of one. Millimetres. */
export interface Leaf {
  readonly type: SheetType;
  readonly width: number;
  readonly height: number;
}

/**
 * What a ticket is found by on a photograph: four black squares of 8 mm, 10 mm from the edges, with 5 mm of white round them, and a
 * square code of 22 mm beside the upper right one.
 */
export const TICKET = { corner: 8, edge: 10, quiet: 5, code: 22 } as const;
/** Tasks of a ticket keep off the squares on both sides. */
const TICKET_SIDE = TICKET.edge + TICKET.corner + TICKET.quiet + 2;
const TICKET_TOP = 35;
/** Practice has more of the page. */
const PRACTICE_SIDE = 15;
const PRACTICE_TOP = 43;
/** Tasks end above what any printer leaves white. */
const BOTTOM = SAFE_MARGIN + 0.3;

/** The room for tasks under the heading of a leaf. */
export const roomBelow = ({ type, width, height }: Leaf): Box => {
  const [side, top] = type === 'ticket' ? [TICKET_SIDE, TICKET_TOP] : [PRACTICE_SIDE, PRACTICE_TOP];
  return { x: side, y: top, width: width - 2 * side, height: height - top - BOTTOM };
};

/** All that a heading tells. */
export interface HeadingWords {
  readonly conventions: Conventions;
  readonly content: Pick<SheetContent, 'title' | 'iCan' | 'forms'>;
  readonly copy: SheetCopy;
  /** Letter of the form; empty where there is one form only. */
  readonly letter: string;
  readonly day: string;
  readonly page: number;
  readonly pages: number;
  readonly code?: PageCode;
}

const NAME_SIZE = 7;
const PICTURE = 9;

/** Whose it is: picture and name, or a line to write it on. @param y baseline */
const nameMarks = ({ conventions, copy }: HeadingWords, x: number, y: number, width: number): Mark[] => {
  const name = sentence({ key: 'clock.paper.name', values: {} }, conventions);
  if (copy.name === undefined) {
    const from = x + textWidth(name, 4) + 2;
    return [
      { kind: 'text', text: name, at: { x, y }, size: 4, ink: 'quiet' },
      { kind: 'line', from: { x: from, y: y + 1 }, to: { x: x + width, y: y + 1 }, line: { ink: 'ink', width: 0.35 } },
    ];
  }
  const from = copy.picture === undefined ? x : x + PICTURE + 3;
  const { text, size } = fitted(copy.name, x + width - from, { most: NAME_SIZE, least: 3.6, weight: 'bold' });
  return [
    ...(copy.picture === undefined
      ? []
      : [{ kind: 'picture' as const, name: copy.picture, at: { x, y: y - PICTURE + 1.5 }, size: PICTURE }]),
    { kind: 'text', text, at: { x: from, y }, size, weight: 'bold', as: 'heading' },
    {
      kind: 'line',
      from: { x: from, y: y + 1.8 },
      to: { x: x + width, y: y + 1.8 },
      line: { ink: 'faint', width: 0.3 },
    },
  ];
};

/** Four black squares and the square code. */
const ticketFrame = ({ width, height }: Leaf, code: PageCode | undefined): Drawn => {
  const { corner, edge, quiet, code: size } = TICKET;
  const far = { x: width - edge - corner, y: height - edge - corner };
  const corners = [{ x: edge, y: edge }, { x: far.x, y: edge }, { x: edge, y: far.y }, far].map((at): Box => ({
    ...at,
    width: corner,
    height: corner,
  }));
  const box: Box = { x: far.x - quiet - size, y: edge, width: size, height: size };
  const text = code === undefined ? undefined : codeText(code);
  return {
    marks: [
      ...corners.map((one): Mark => ({ kind: 'box', box: one, fill: 'ink' })),
      text === undefined
        ? { kind: 'box', box, line: { ink: 'faint', width: 0.3, dash: [1, 1] } }
        : squareCode(text, box),
    ],
    zones: [...corners.map((one) => ({ kind: 'corner' as const, box: one })), { kind: 'code', box }],
  };
};

/** Lines of small words at the right, one under another. @param x their right end @param y first baseline */
const rightLines = (texts: readonly string[], x: number, y: number): Mark[] =>
  texts
    .filter((text) => text !== '')
    .map((text, i) => ({ kind: 'text', text, at: { x, y: y + i * 4.4 }, size: 3.4, anchor: 'end', ink: 'quiet' }));

/** I-can sentence in at most two lines, the second shortened where it must be. */
const iCanMarks = (iCan: string, x: number, y: number, width: number, size: number): Mark[] => {
  const lines = brokenLines(iCan, width, size);
  const shown = lines.length > 2 ? [lines[0]!, lines.slice(1).join(' ')] : lines;
  return shown.map((line, i) => {
    const fit = fitted(line, width, { most: size, least: size * 0.85 });
    return { kind: 'text', text: fit.text, at: { x, y: y + i * size * 1.25 }, size: fit.size, ink: 'quiet' };
  });
};

const isPencil = (kind: string): boolean => kind === 'draw' || kind === 'set-hour-hand';

const ticketHead = (leaf: Leaf, words: HeadingWords): Drawn => {
  const { content, conventions, copy, letter, day, page, pages, code } = words;
  const right = leaf.width - TICKET.edge - TICKET.corner - 2 * TICKET.quiet - TICKET.code + 2;
  const asksPencil = content.forms[copy.form]!.some(({ kind }) => isPencil(kind));
  const lines = [
    code === undefined ? '' : codeText(code),
    [letter, pages > 1 ? `${page}/${pages}` : ''].filter((text) => text !== '').join(' · '),
    day,
    asksPencil ? sentence({ key: 'clock.paper.pencil', values: {} }, conventions) : '',
  ];
  const side = Math.max(...lines.map((line) => textWidth(line, 3.4)));
  const width = right - side - 4 - TICKET_SIDE;
  const title = fitted(content.title, width, { most: 4, least: 3.2, weight: 'bold' });
  return together(
    ticketFrame(leaf, code),
    onlyMarks(
      ...nameMarks(words, TICKET_SIDE, 20.3, width),
      { kind: 'text', text: title.text, at: { x: TICKET_SIDE, y: 26 }, size: title.size, weight: 'bold' },
      ...iCanMarks(content.iCan, TICKET_SIDE, 29.8, width, 3),
      ...rightLines(lines, right, 15.4),
    ),
  );
};

const practiceHead = (leaf: Leaf, words: HeadingWords): Drawn => {
  const { content, letter, day, page, pages } = words;
  const right = leaf.width - PRACTICE_SIDE;
  const corner = [letter, pages > 1 ? `${page}/${pages}` : '', day].filter((text) => text !== '').join(' · ');
  const title = fitted(content.title, leaf.width - 2 * PRACTICE_SIDE, { most: 6.2, least: 4, weight: 'bold' });
  return onlyMarks(
    ...nameMarks(words, PRACTICE_SIDE, 22, 95),
    ...rightLines([corner], right, 19),
    {
      kind: 'text',
      text: title.text,
      at: { x: PRACTICE_SIDE, y: 32.5 },
      size: title.size,
      weight: 'bold',
      as: 'heading',
    },
    ...iCanMarks(content.iCan, PRACTICE_SIDE, 38, right - PRACTICE_SIDE, 3.6).slice(0, 1),
  );
};

/** The head of a leaf: whose it is, what it is about and, on a ticket, what it is found and known by. */
export const headed = (leaf: Leaf, words: HeadingWords): Drawn =>
  leaf.type === 'ticket' ? ticketHead(leaf, words) : practiceHead(leaf, words);
