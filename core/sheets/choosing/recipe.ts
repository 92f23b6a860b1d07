import type { Prompt } from '../../asking/index.ts';
import type { DialTime } from '../../clock/index.ts';
import type { NumeralStyle, Outline } from '../../face/index.ts';
import type { ItemOf } from '../../items/index.ts';
import type { TimeGroup } from '../../sets/index.ts';
import type { HelpOnPaper } from '../clocks/look.ts';
import type { SheetSize, SheetType } from '../content.ts';
import type { Writing } from '../kinds/block.ts';
import type { PaperItem, PaperKind } from '../kinds/index.ts';

/** Kinds of task in the order they stand on a sheet: what is circled first, then what is written, then what is drawn, then the rest. */
export const SHEET_ORDER = [
  'name-part',
  'direction',
  'hour-hand',
  'set-hour-hand',
  'choose-clock',
  'which-of',
  'choose-words',
  'digits-to-words',
  'choose-writings',
  'write-digital',
  'words-to-digits',
  'write-words',
  'draw',
  'yet',
  'judge-clock',
  'pair',
  'how-long',
  'day-order',
] as const satisfies readonly PaperKind[];

/** One form alike for all, A and B for neighbours, or a set of its own for each child by what it needs. */
export const FORM_WAYS = ['one', 'two', 'own'] as const;
export type FormWay = (typeof FORM_WAYS)[number];

/** Clocks there are to choose from where clocks are circled. */
export const CLOCK_CHOICES = [3, 4] as const;

/** Tasks a sheet may have, and of each kind. */
export const MOST_TASKS = 40;

/** What a teacher wants of a sheet before any time is chosen. */
export interface SheetRecipe {
  readonly type: SheetType;
  readonly size: SheetSize;
  /** How many tasks of each kind; none of those that are missing. */
  readonly counts: Readonly<Partial<Record<PaperKind, number>>>;
  /** Groups of times to choose from, in equal shares. */
  readonly groups: readonly TimeGroup[];
  readonly clocks: (typeof CLOCK_CHOICES)[number];
  /** Several clocks may be right where clocks are circled. */
  readonly several: boolean;
  readonly help: HelpOnPaper;
  readonly outline: Outline;
  readonly numerals: NumeralStyle;
  readonly prompt: Prompt;
  readonly writing: Writing;
  readonly forms: FormWay;
  /** Times that must be among those of the sheet, and times that must not. */
  readonly fixed: readonly DialTime[];
  readonly banned: readonly DialTime[];
  /** May a time come more than once, where there are not enough of them? */
  readonly repeats: boolean;
  /** Which of the many mixes: another number is another one. */
  readonly seed: number;
}

/** Kinds of task that are about one time, which a teacher can swap. */
const ABOUT_NO_ONE_TIME: ReadonlySet<PaperKind> = new Set<PaperKind>([
  'name-part',
  'direction',
  'pair',
  'judge-clock',
  'how-long',
  'day-order',
]);
export const isAboutOneTime = (kind: PaperKind): boolean => !ABOUT_NO_ONE_TIME.has(kind);

/** The one time a task is about; none where it is about none or several. */
export const timeOfTask = (item: PaperItem): DialTime | undefined => {
  if (!isAboutOneTime(item.kind)) return undefined;
  if (item.kind === 'yet') return item.target;
  return (item as ItemOf<'draw'>).shown;
};

/** Times on a sheet, for a time wheel: those tasks are about, and those to be paired. */
export const timesOnSheet = (items: readonly PaperItem[]): DialTime[] => [
  ...new Set(items.flatMap((item) => (item.kind === 'pair' ? item.times : (timeOfTask(item) ?? [])))),
];

/** The kinds a recipe asks for, one entry a task, in the order of a sheet. */
export const kindsOf = ({ counts }: Pick<SheetRecipe, 'counts'>): PaperKind[] =>
  SHEET_ORDER.flatMap((kind) => Array.from({ length: counts[kind] ?? 0 }, () => kind));
