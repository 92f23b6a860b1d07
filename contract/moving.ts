import { z } from 'zod';
import { MOST_CHILDREN } from './children.ts';
import { SenderId } from './values.ts';

/** What a file of classes says of itself; docs/classes-file.md says what each part means. */
export const CLASSES_FILE = { format: 'hoppel-classes', version: 1 } as const;
/** Bytes a file of classes may have: some hundred classes with a year of drawings. */
export const MOST_FILE_BYTES = 1024 ** 3;

/** A child in a file that has come. */
export const ArrivedChild = z.strictObject({
  /** As the file numbers it. */
  number: z.int().positive(),
  name: z.string(),
  picture: z.string(),
  movedAway: z.boolean(),
  answers: z.int().min(0),
  /** The child here whose answers are the same ones; null where none is here. */
  here: z.int().positive().nullable(),
});
export type ArrivedChild = z.infer<typeof ArrivedChild>;

/** A class in a file that has come. */
export const ArrivedClass = z.strictObject({
  /** As the file numbers it. */
  number: z.int().positive(),
  name: z.string(),
  children: z.array(ArrivedChild),
  answers: z.int().min(0),
  lessons: z.int().min(0),
  sheets: z.int().min(0),
  /** First and last day of an answer; null where there is none. */
  days: z.tuple([z.string(), z.string()]).nullable(),
  /** The class here that has some of it already; null where none has. */
  here: z.strictObject({ classId: z.int(), name: z.string() }).nullable(),
});
export type ArrivedClass = z.infer<typeof ArrivedClass>;

/** A class here, and who is in it: those a child of the file may be. */
export const ClassHere = z.strictObject({
  id: z.int(),
  name: z.string(),
  children: z.array(z.strictObject({ id: z.int(), name: z.string(), picture: z.string(), movedAway: z.boolean() })),
});
export type ClassHere = z.infer<typeof ClassHere>;

/** A file that has come, looked at, and not taken in yet. */
export const Arrival = z.strictObject({
  id: SenderId,
  /** When it was made, ISO 8601 in UTC. */
  madeAt: z.string(),
  classes: z.array(ArrivedClass),
  /** Lessons kept for other classes. */
  templates: z.int().min(0),
  here: z.array(ClassHere),
});
export type Arrival = z.infer<typeof Arrival>;

/** How one class of a file comes in: as a class of its own, or its children into a class that is here. */
export const TakeIn = z.discriminatedUnion('as', [
  z.strictObject({ as: z.literal('own'), number: z.int().positive() }),
  z.strictObject({
    as: z.literal('into'),
    number: z.int().positive(),
    classId: z.int().positive(),
    /** Which child here each child of the file is; null for one that is new here. Every child of the file once. */
    children: z
      .array(z.strictObject({ number: z.int().positive(), childId: z.int().positive().nullable() }))
      .max(MOST_CHILDREN * 4),
  }),
]);
export type TakeIn = z.infer<typeof TakeIn>;
export const PostTakeIn = z.strictObject({ classes: z.array(TakeIn).min(1).max(200) });
export type PostTakeIn = z.infer<typeof PostTakeIn>;
