import { z } from 'zod';
import { PROMPTS } from '../core/asking/index.ts';
import { CHOICES } from '../core/conventions/index.ts';
import { TIME_GROUPS } from '../core/sets/index.ts';
import {
  CLOCK_CHOICES,
  FORM_WAYS,
  HELPS,
  MOST_TASKS,
  PAPER_KINDS,
  PAPER_PARTS,
  SHEET_SIZES,
  SHEET_TYPES,
  WRITINGS,
  isPaperItem,
  type PaperItem,
} from '../core/sheets/index.ts';
import { MOST_CHILDREN } from './children.ts';
import { Item } from './item.ts';
import { SenderId, Time } from './values.ts';

/** Copies of one printing: a whole year's children, or a stack for the cupboard. */
export const MOST_COPIES = 120;

const Task = Item.refine(isPaperItem, {
  error: 'must be a task that has a paper form',
}) as unknown as z.ZodType<PaperItem>;
/** Tasks of one form. */
const Form = z.array(Task).min(1).max(MOST_TASKS);

const LOOK = {
  help: z.enum(HELPS),
  outline: z.enum(CHOICES.outline.choices),
  numerals: z.enum(CHOICES.numerals.choices),
  prompt: z.enum(PROMPTS),
  writing: z.enum(WRITINGS),
} as const;

/** What a teacher wants of a sheet. */
export const SheetRecipe = z.strictObject({
  type: z.enum(SHEET_TYPES),
  size: z.enum(SHEET_SIZES),
  counts: z.partialRecord(z.enum(PAPER_KINDS), z.int().min(0).max(MOST_TASKS)),
  groups: z.array(z.enum(TIME_GROUPS)).max(TIME_GROUPS.length),
  clocks: z.literal(CLOCK_CHOICES),
  several: z.boolean(),
  ...LOOK,
  forms: z.enum(FORM_WAYS),
  fixed: z.array(Time).max(MOST_TASKS),
  banned: z.array(Time).max(720),
  repeats: z.boolean(),
  seed: z.int().min(0).max(0xffffffff),
});
export type SheetRecipe = z.infer<typeof SheetRecipe>;

/** All that is on a sheet but for whom it is. */
export const SheetContent = z.strictObject({
  type: z.enum(SHEET_TYPES),
  size: z.enum(SHEET_SIZES),
  title: z.string().trim().min(1).max(80),
  iCan: z.string().trim().max(160),
  ...LOOK,
  forms: z.array(Form).min(1).max(MOST_CHILDREN),
});
export type SheetContent = z.infer<typeof SheetContent>;

/** Which part of a lesson a sheet is the paper of. */

const SheetPart = z.enum(PAPER_PARTS);
export type SheetPart = z.infer<typeof SheetPart>;

/** A version of a sheet: what was wanted, and what came of it or was changed by hand. */
export const PutSheet = z.strictObject({
  version: z.int().min(1),
  lessonId: z.int().nullable(),
  part: SheetPart.nullable(),
  /** What the tasks laid out in its lesson were when it was made, as a number; another number tells that they were changed since. */
  source: z.int().nullable(),
  /** Whose own each form is, in the order of the forms; empty where forms are nobody's own. */
  childIds: z.array(z.int().positive()).max(MOST_CHILDREN),
  recipe: SheetRecipe,
  content: SheetContent,
});
export type PutSheet = z.infer<typeof PutSheet>;
export const Sheet = PutSheet.extend({ id: SenderId });
export type Sheet = z.infer<typeof Sheet>;

/** One copy: whose, and which form; without a child the name is written by hand. */
const Copy = z.strictObject({
  childId: z.int().positive().nullable(),
  form: z
    .int()
    .min(0)
    .max(MOST_CHILDREN - 1),
});
/** A printing of a version, in the order of its copies. */
export const PostPrinting = z.strictObject({
  id: SenderId,
  version: z.int().min(1),
  copies: z
    .array(Copy)
    .min(1, { error: 'nobody is to get one' })
    .max(MOST_COPIES, { error: `there can be at most ${MOST_COPIES} copies` }),
});
export type PostPrinting = z.infer<typeof PostPrinting>;

export const Printing = z.strictObject({
  /** As in the code of its pages. */
  number: z.int(),
  printedAt: z.string(),
  copies: z.int(),
  pages: z.int(),
  version: z.int(),
});
export type Printing = z.infer<typeof Printing>;

/** A sheet on the list of those made before. */
export const ListedSheet = z.strictObject({
  id: SenderId,
  version: z.int(),
  title: z.string(),
  type: z.enum(SHEET_TYPES),
  tasks: z.int(),
  lessonId: z.int().nullable(),
  part: SheetPart.nullable(),
  source: z.int().nullable(),
  madeAt: z.string(),
  printings: z.array(Printing),
  /** Children of whom a copy was marked: what came of it so far. */
  answered: z.int(),
});
export type ListedSheet = z.infer<typeof ListedSheet>;
export const SheetList = z.array(ListedSheet);
export type SheetList = z.infer<typeof SheetList>;

/** Asks for a form for each child by what it needs. */
export const PostOwnForms = z.strictObject({
  recipe: SheetRecipe,
  childIds: z.array(z.int().positive()).min(1).max(MOST_CHILDREN),
});
export type PostOwnForms = z.infer<typeof PostOwnForms>;
export const OwnForms = z.strictObject({ forms: z.array(Form) });
export type OwnForms = z.infer<typeof OwnForms>;

/** What every sheet file says of itself. Another version is another number. */
export const SHEET_FILE = { format: 'hoppel-sheet', version: 1 } as const;
/** A sheet as a file, to keep, to pass on and to read back; docs/sheets.md says what each part means. No child is in it. */
export const SheetFile = z.strictObject({
  format: z.literal(SHEET_FILE.format, { error: `must be "${SHEET_FILE.format}": this is another kind of file` }),
  version: z.literal(SHEET_FILE.version, { error: `must be ${SHEET_FILE.version}: this file is of another version` }),
  recipe: SheetRecipe,
  content: SheetContent,
});
export type SheetFile = z.infer<typeof SheetFile>;
/** A file to be read in: JSON as it is, or a zip in base64. */
export const PostSheetFile = z.strictObject({
  id: SenderId,
  text: z.string().min(1).exactOptional(),
  zip: z.base64().min(1).exactOptional(),
});
export type PostSheetFile = z.infer<typeof PostSheetFile>;
