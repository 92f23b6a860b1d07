import { seedFromText, seededRng, shuffled, type Rng } from '../common/index.ts';
import type { Conventions } from '../conventions/index.ts';
import type { Item, ItemKind } from '../items/index.ts';
import { groupsOf, timesMet, type PlannedLesson } from '../planning/index.ts';
import { lessonICan, lessonTitle } from '../reporting/index.ts';
import { SKILL_DATA, type Skill } from '../skills/index.ts';
import { isHourAlone } from '../items/index.ts';
import { composeForms, countsOf, formsOfTasks, type Composed } from './choosing/compose.ts';
import { rulesBroken } from './choosing/editing.ts';
import { SHEET_ORDER, type SheetRecipe } from './choosing/recipe.ts';
import { balanced, taskAt } from './choosing/tasks.ts';
import type { Before } from './choosing/times.ts';
import type { SheetContent, SheetType } from './content.ts';
import { asPrinted, type PaperItem } from './kinds/index.ts';

/** The part of a lesson a sheet is the paper of. */
export const PAPER_PARTS = ['ticket', 'alone'] as const;
export type PaperPart = (typeof PAPER_PARTS)[number];

/** Where a lesson stands in its unit. */
export interface LessonOnPaper {
  readonly lesson: Pick<PlannedLesson, 'key' | 'title' | 'iCan' | 'skills' | 'segments'>;
  readonly before: Before;
}

const PLAIN = { clocks: 3, several: false } as const;

/**
 * A task of a lesson as it is printed for children who were taught so much: a reading is written in digits and hands are drawn only
 * where writing and drawing were taught; before that words, and clocks, are circled.
 */
const printable = (rng: Rng, item: Item, skills: readonly Skill[], before: Before, place: number): PaperItem => {
  const wasTaught = (kind: ItemKind): boolean => skills.some((skill) => SKILL_DATA[skill].itemKinds.includes(kind));
  const met = timesMet(groupsOf([...before, { skills }]));
  const printed = asPrinted(item);
  if (item.kind === 'read' && !wasTaught('write-digital'))
    return taskAt(rng, 'choose-words', item.shown, met, PLAIN, place);
  if ((item.kind === 'set' || item.kind === 'set-free') && !wasTaught('draw'))
    return taskAt(rng, 'choose-clock', item.shown, met, PLAIN, place);
  return printed;
};

/** Orders that are tried for the tasks of a kind. */
const ORDERS = 200;

/** Tasks in the order of a sheet; those of a kind among themselves so that the rules about times are kept, where they can be. */
const sorted = (rng: Rng, items: readonly PaperItem[], type: SheetType, before: Before): PaperItem[] => {
  const inOrder = (list: readonly PaperItem[]): PaperItem[] =>
    [...list].sort((a, b) => SHEET_ORDER.indexOf(a.kind) - SHEET_ORDER.indexOf(b.kind));
  let best = inOrder(items);
  let least = rulesBroken(type, best, before).length;
  const asLaidOut = rulesBroken(type, items, before).length;
  for (let tries = 0; tries < ORDERS && least > 0; tries++) {
    const order = inOrder(shuffled(rng, items));
    const broken = rulesBroken(type, order, before).length;
    if (broken < least) [best, least] = [order, broken];
  }
  // The order they are asked in keeps the rules already; it is given up only for one that does as well.
  return asLaidOut < least ? [...items] : best;
};

/** The tasks of a part of a lesson as they are printed; none where it has no such part, or asks nothing there. */
export const tasksOfPart = ({ lesson, before }: LessonOnPaper, part: PaperPart): PaperItem[] => {
  const items = lesson.segments.find(({ kind, items: asked }) => kind === part && asked.length > 0)?.items ?? [];
  const rng = seededRng(seedFromText(JSON.stringify(items)));
  const skills = [...before.flatMap((one) => one.skills), ...lesson.skills];
  const printed = items.map((item, place) => printable(rng, item, skills, before, place));
  return balanced(rng, sorted(rng, printed, part === 'ticket' ? 'ticket' : 'practice', before));
};

/** A number for the tasks laid out in a part of a lesson: another one where they are others. */
export const sourceOf = ({ segments }: Pick<PlannedLesson, 'segments'>, part: PaperPart): number =>
  seedFromText(JSON.stringify(segments.filter(({ kind }) => kind === part).map(({ items }) => items)));

/** Kinds a sheet asks where a lesson lays out none: what every class can do that has met a time. */
const USUAL_COUNTS: SheetRecipe['counts'] = { 'choose-clock': 2, 'write-digital': 2, draw: 2 };

/** A recipe before anything is chosen: the class's own clock and words, two forms for a ticket. */
export const usualRecipe = (
  type: SheetType,
  { outline, numerals }: Pick<Conventions, 'outline' | 'numerals'>,
  groups: SheetRecipe['groups'],
): SheetRecipe => ({
  type,
  size: 'page',
  counts: USUAL_COUNTS,
  groups: groups.length === 0 ? ['oclock'] : groups,
  clocks: 3,
  several: false,
  help: 'some',
  outline,
  numerals,
  prompt: 'words',
  writing: 'boxes',
  forms: type === 'ticket' ? 'two' : 'one',
  fixed: [],
  banned: [],
  repeats: false,
  seed: 1,
});

/** A sheet with the recipe it was made by. */
export interface RecipedSheet {
  readonly recipe: SheetRecipe;
  readonly content: SheetContent;
}

/** What a content takes over from its recipe. */
export const contentOf = (
  { type, size, help, outline, numerals, prompt, writing }: SheetRecipe,
  { title, iCan }: Pick<SheetContent, 'title' | 'iCan'>,
  forms: SheetContent['forms'],
): SheetContent => ({ type, size, help, outline, numerals, prompt, writing, title, iCan, forms });

/**
 * The sheet a part of a lesson needs, made in one step: the very tasks that are laid out there and, for a ticket, a second form;
 * where none are laid out, what the class's groups of times give.
 */
export const sheetOfLesson = (
  where: LessonOnPaper,
  part: PaperPart,
  conventions: Conventions,
): RecipedSheet | Exclude<Composed, { forms: unknown }> => {
  const { lesson, before } = where;
  const words = { title: lessonTitle(lesson, conventions), iCan: lessonICan(lesson, conventions) };
  const tasks = tasksOfPart(where, part);
  const plain = usualRecipe(part === 'ticket' ? 'ticket' : 'practice', conventions, groupsOf([...before, lesson]));
  if (tasks.length === 0) {
    const composed = composeForms(plain, before);
    return 'problem' in composed ? composed : { recipe: plain, content: contentOf(plain, words, composed.forms) };
  }
  const counted = countsOf(tasks);
  const recipe: SheetRecipe = {
    ...plain,
    counts: counted.counts,
    groups: counted.groups.length > 0 ? counted.groups : plain.groups,
    // The hour hand alone is put from digits, and stands in no words.
    prompt: tasks.every(({ kind }) => isHourAlone(kind)) ? 'digits' : plain.prompt,
  };
  return { recipe, content: contentOf(recipe, words, formsOfTasks(recipe, before, tasks)) };
};

/** A sheet of some tasks, as each of them can be printed. */
export const sheetOfTasks = (
  items: readonly Item[],
  words: Pick<SheetContent, 'title' | 'iCan'>,
  conventions: Conventions,
): RecipedSheet => {
  const printed = items.map(asPrinted);
  const tasks = printed
    .filter((task, i) => printed.findIndex((one) => JSON.stringify(one) === JSON.stringify(task)) === i)
    .sort((a, b) => SHEET_ORDER.indexOf(a.kind) - SHEET_ORDER.indexOf(b.kind));
  const { counts, groups } = countsOf(tasks);
  const recipe = { ...usualRecipe('practice', conventions, groups), counts };
  return { recipe, content: contentOf(recipe, words, [tasks]) };
};
