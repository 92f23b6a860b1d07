import { z } from 'zod';
import { CORRECTIONS } from '../core/marking/index.ts';
import { WRONG_RULES } from '../core/misconceptions/index.ts';
import { PAPER_PARTS } from '../core/sheets/index.ts';
import { Source } from './answer.ts';
import { MOST_CHILDREN } from './children.ts';
import { Known } from './classroom.ts';
import { Answer, Finding, Item, ReadAnswer } from './item.ts';
import { SheetContent } from './sheet.ts';
import { SaidAs } from './round.ts';
import { Settings } from './settings.ts';
import { Reason } from './reason.ts';
import { SenderId, SkillName, Verdict } from './values.ts';

/** Tasks on one child's paper, at most: as many as a sheet can have. */
const MOST_PILE_TASKS = 40;

/** What a pile is opened from. The same one opens the same pile, on every screen. */
export const PileSource = z.discriminatedUnion('kind', [
  /** A printing of a sheet, by its number. */
  z.strictObject({ kind: z.literal('printing'), printing: z.int().min(1) }),
  /** The code of one of its pages, as it is typed. */
  z.strictObject({ kind: z.literal('code'), code: z.string().trim().min(1).max(60) }),
  /** The ticket or the practice of a lesson: as it was printed last, or its tasks where it was not. */
  z.strictObject({ kind: z.literal('lesson'), lessonId: z.int().positive(), part: z.enum(PAPER_PARTS) }),
  /** The round on the board that was begun last. */
  z.strictObject({ kind: z.literal('round') }),
  /** Tasks that were asked without paper of Hoppel's. */
  z.strictObject({ kind: z.literal('tasks'), items: z.array(Item).min(1).max(MOST_PILE_TASKS) }),
]);
export type PileSource = z.infer<typeof PileSource>;
/** Opens a pile. The id is for one that is not there yet. */
export const PostPile = z.strictObject({ id: SenderId, source: PileSource });
export type PostPile = z.infer<typeof PostPile>;

/** A child in a pile. */
export const PileChild = z.strictObject({
  childId: z.int(),
  /** Number of its copy in the printing; null where it has none of its own. */
  copy: z.int().nullable(),
  form: z.int().min(0),
  away: z.boolean(),
  /** Wrong rules suspected of it before, the likeliest first. */
  suspected: z.array(z.enum(WRONG_RULES)),
});
export type PileChild = z.infer<typeof PileChild>;

/** A mark that counts: the latest to a child's task. */
export const PileMark = z.strictObject({
  childId: z.int(),
  task: z.int().min(0),
  answerId: SenderId,
  /** As it was read. */
  read: ReadAnswer,
  verdict: Verdict,
  findings: z.array(Finding),
  source: Source,
  /** What a teacher said of it afterwards on the child's page. */
  says: z.enum(CORRECTIONS).nullable(),
});
export type PileMark = z.infer<typeof PileMark>;

export const PILE_KINDS = ['printing', 'lesson', 'round', 'tasks'] as const;
const shape = {
  id: SenderId,
  kind: z.enum(PILE_KINDS),
  lessonId: z.int(),
  day: z.string(),
  madeAt: z.string(),
};
export const Pile = z.strictObject({
  ...shape,
  /** Tasks of each form. */
  forms: z.array(z.array(Item)),
  children: z.array(PileChild),
  marks: z.array(PileMark),
  /** Wrong rules by how common they are in the class, the commonest first. */
  common: z.array(z.enum(WRONG_RULES)),
  /** What was printed, and for what; null where nothing was. */
  printed: z
    .strictObject({
      number: z.int(),
      content: SheetContent,
      conventions: Settings,
      day: z.string(),
      /** Were the lesson's tasks changed since? They are marked as they were printed. */
      changedSince: z.boolean(),
    })
    .nullable(),
});
export type Pile = z.infer<typeof Pile>;

/** Piles that were begun, the latest first. */
export const PileList = z.array(
  z.strictObject({
    ...shape,
    /** Of the sheet; empty where there is none. */
    title: z.string(),
    /** Children with a mark, and of how many. */
    marked: z.int(),
    children: z.int(),
  }),
);
export type PileList = z.infer<typeof PileList>;

const ofChild = { id: SenderId, childId: z.int().positive() };
const ofTask = { ...ofChild, task: z.int().min(0).max(MOST_PILE_TASKS) };
/** What a teacher does in a pile. */
export const PileDeed = z.discriminatedUnion('what', [
  /** An answer that was seen; the task it is to, as the screen has it. */
  z.strictObject({
    what: z.literal('mark'),
    ...ofTask,
    item: Item,
    answer: Answer,
    /** Written in a file that was read in, rather than seen. */
    fromFile: z.literal(true).exactOptional(),
  }),
  /** The mark with this answer's id does not count. */
  z.strictObject({ what: z.literal('take-back'), ...ofTask, answerId: SenderId }),
  /** Whether the child's paper is there, and which form it is. */
  z.strictObject({
    what: z.literal('child'),
    ...ofChild,
    away: z.boolean(),
    form: z
      .int()
      .min(0)
      .max(MOST_CHILDREN - 1),
  }),
]);
export type PileDeed = z.infer<typeof PileDeed>;
/** Several deeds, in order: all are kept, or none. */
export const PostPileDeeds = z.strictObject({
  deeds: z
    .array(PileDeed)
    .min(1)
    .max(MOST_CHILDREN * MOST_PILE_TASKS),
});
export type PostPileDeeds = z.infer<typeof PostPileDeeds>;

/** How the places that were touched stand now: a mark, or none. Heard by every screen. */
export const PileNews = z.strictObject({
  pileId: SenderId,
  places: z.array(z.strictObject({ childId: z.int(), task: z.int(), mark: PileMark.nullable() })),
  children: z.array(PileChild.omit({ suspected: true, copy: true })),
  /** Which of two is the newer: the same is heard by stream and in the reply. */
  saidAs: SaidAs,
});
export type PileNews = z.infer<typeof PileNews>;

const Counted = z.strictObject({ given: z.int(), right: z.int() });
/** What a pile says. */
export const PileSummary = z.strictObject({
  tasks: z.array(Counted.extend({ task: z.int() })),
  hardest: z.int().nullable(),
  /** Children without a mark who are not said to be away. */
  unmarked: z.array(z.int()),
  reasons: z.array(z.strictObject({ reason: Reason, childIds: z.array(z.int()) })),
  /** Rules that two or more wrong answers of a child in this pile fit. */
  fits: z.array(z.strictObject({ rule: z.enum(WRONG_RULES), childIds: z.array(z.int()) })),
  /** What the lesson's check says with it; null where the lesson is no check. */
  known: Known.nullable(),
  tablets: z.array(z.strictObject({ skill: SkillName, children: z.int(), paper: Counted, tablet: Counted })),
  /** Marks of which only right or wrong is known: reasons are not read from them. */
  taps: z.int(),
});
export type PileSummary = z.infer<typeof PileSummary>;
