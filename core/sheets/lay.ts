import type { Conventions } from '../conventions/index.ts';
import { paperOf } from '../locales/index.ts';
import { flow, pagesNeeded } from './flow.ts';
import { lookOf } from './clocks/look.ts';
import { FORM_LETTERS, type SheetContent, type SheetCopy } from './content.ts';
import { headed, roomBelow, type Leaf } from './heading.ts';
import { blockOf } from './kinds/index.ts';
import type { Block } from './kinds/block.ts';
import { moved, type Mark } from './page/mark.ts';
import { PAPER_MM } from './page/paper.ts';
import { movedZone, together, type Drawn, type Page } from './page/zone.ts';

/** What a sheet is printed for. */
export interface SheetSetting {
  readonly conventions: Conventions;
  /** Printed beside the code: "Tue 24 Nov"; as the class writes days. */
  readonly day: string;
  /** Number of the printing; none before there is one, as in a preview. */
  readonly printing?: number;
  /** Number of the first copy in it, where not all of them are laid out; otherwise 1. */
  readonly firstCopy?: number;
}

/** A sheet of paper, or the half of one that a child gets. */
const leafOf = ({ type, size }: SheetContent, conventions: Conventions): Leaf => {
  const { width, height } = PAPER_MM[paperOf(conventions)];
  return { type, width, height: size === 'half' ? height / 2 : height };
};

/** Millimetres of height that tasks have on each page of a sheet. */
export const roomFor = (content: SheetContent, conventions: Conventions): number =>
  roomBelow(leafOf(content, conventions)).height;

/**
 * Half of the height of clocks that are read and of those that are drawn on, millimetres: as large as is pleasant, and smaller where that
 * saves a page. Faces to be drawn on are 45 to 52 across, as a photograph of them can be read.
 */
const SIZES = [
  { radius: 20.5, drawnRadius: 24 },
  { radius: 17.5, drawnRadius: 24 },
] as const;
/** On half a page one of each kind has to fit. */
const SIZES_OF_HALF = [...SIZES, { radius: 13, drawnRadius: 22.5 }] as const;

/** The tasks of a form as blocks, on as few pages as the sizes allow. */
const blocksOf = (content: SheetContent, form: number, conventions: Conventions): Block[] => {
  const look = lookOf(content.help, content);
  const { prompt, writing } = content;
  const { width, height } = roomBelow(leafOf(content, conventions));
  const tries = (content.size === 'half' ? SIZES_OF_HALF : SIZES).map((sizes) =>
    content.forms[form]!.map((item, place) =>
      blockOf(item, { conventions, look, prompt, writing, ...sizes, width, item: place }),
    ),
  );
  const pages = tries.map((blocks) => pagesNeeded(blocks, height));
  return tries[pages.indexOf(Math.min(...pages))]!;
};

/** How many leaves each copy of a form takes. */
export const leavesOf = (content: SheetContent, form: number, conventions: Conventions): number =>
  Math.max(1, pagesNeeded(blocksOf(content, form, conventions), roomFor(content, conventions)));

/** How many pages come out of the printer. */
export const pagesOf = (content: SheetContent, copies: readonly SheetCopy[], conventions: Conventions): number => {
  const leaves = content.forms.map((_, form) => leavesOf(content, form, conventions));
  const all = copies.reduce((sum, { form }) => sum + leaves[form]!, 0);
  return content.size === 'half' ? Math.ceil(all / 2) : all;
};

const shifted = ({ marks, zones }: Drawn, y: number): Drawn => ({
  marks: marks.map((mark) => moved(mark, { x: 0, y })),
  zones: zones.map((zone) => movedZone(zone, { x: 0, y })),
});

/** The line two halves of a page are cut apart on. */
const cutLine = ({ width, height }: Leaf): Mark => ({
  kind: 'line',
  from: { x: 0, y: height },
  to: { x: width, y: height },
  line: { ink: 'faint', width: 0.3, dash: [3, 3] },
});

/** A leaf of a copy as it is laid out: what it is called, and what is on it. */
interface LaidLeaf {
  readonly name: string;
  readonly drawn: Drawn;
}

/** Leaves of all copies, one after another, each made when it is asked for. */
function* laidLeaves(
  content: SheetContent,
  copies: readonly SheetCopy[],
  setting: SheetSetting,
): Generator<LaidLeaf, void> {
  const leaf = leafOf(content, setting.conventions);
  /** Tasks of a form are laid out once, however many children get it. */
  const bodies = new Map<number, Drawn[]>();
  for (const [i, copy] of copies.entries()) {
    const known = bodies.get(copy.form);
    const laid = known ?? flow(blocksOf(content, copy.form, setting.conventions), roomBelow(leaf));
    const body = laid.length > 0 ? laid : [{ marks: [], zones: [] }];
    bodies.set(copy.form, body);
    const letter = content.forms.length === FORM_LETTERS.length ? FORM_LETTERS[copy.form]! : '';
    for (const [page, drawn] of body.entries()) {
      const head = headed(leaf, {
        conventions: setting.conventions,
        content,
        copy,
        letter,
        day: setting.day,
        page: page + 1,
        pages: body.length,
        ...(setting.printing !== undefined && {
          code: { printing: setting.printing, copy: (setting.firstCopy ?? 1) + i, page: page + 1 },
        }),
      });
      yield { name: copy.name ?? content.title, drawn: together(head, drawn) };
    }
  }
}

/**
 * Pages of a sheet for everybody, one after another, each laid out when it is asked for: the first can be on its way while the last
 * is not yet thought of.
 */
export function* layPages(
  content: SheetContent,
  copies: readonly SheetCopy[],
  setting: SheetSetting,
): Generator<Page, void> {
  const leaf = leafOf(content, setting.conventions);
  if (content.size === 'page') {
    for (const { name, drawn } of laidLeaves(content, copies, setting))
      yield { width: leaf.width, height: leaf.height, name, ...drawn };
    return;
  }
  let upper: LaidLeaf | undefined;
  const page = (first: LaidLeaf, second?: LaidLeaf): Page => ({
    width: leaf.width,
    height: leaf.height * 2,
    name: second === undefined ? first.name : `${first.name}, ${second.name}`,
    ...together(first.drawn, second === undefined ? { marks: [], zones: [] } : shifted(second.drawn, leaf.height), {
      marks: [cutLine(leaf)],
      zones: [],
    }),
  });
  for (const one of laidLeaves(content, copies, setting)) {
    if (upper === undefined) upper = one;
    else {
      yield page(upper, one);
      upper = undefined;
    }
  }
  if (upper !== undefined) yield page(upper);
}
