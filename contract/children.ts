import { z } from 'zod';
import { PICTURES } from '../core/pictures/index.ts';

export const ChildName = z.string().trim().min(1).max(40);
export const Picture = z.enum(PICTURES);
/** ISO 639 code. */
export const HomeLanguage = z.string().regex(/^[a-z]{2,3}$/);

/** A child as tablets know it. */
export const Child = z.strictObject({ id: z.int(), name: z.string(), picture: z.string() });
export type Child = z.infer<typeof Child>;

/** A child as the teacher knows it. */
export const ListedChild = Child.extend({
  /** Not here today. */
  absent: z.boolean(),
  /** ISO 639 code, where the teacher gave one. */
  homeLanguage: z.string().nullable(),
});
export type ListedChild = z.infer<typeof ListedChild>;

/** The most children a class can have: one garden picture each. */
export const MOST_CHILDREN = PICTURES.length;

export const PostChildren = z.strictObject({ names: z.array(ChildName).min(1).max(MOST_CHILDREN) });
/** A child is deleted for good: its name says that it is the one that is meant. */
export const EraseChild = z.strictObject({ name: z.string() });
export const PutChild = z.strictObject({
  name: ChildName.exactOptional(),
  picture: Picture.exactOptional(),
  absent: z.boolean().exactOptional(),
  movedAway: z.boolean().exactOptional(),
  homeLanguage: HomeLanguage.nullable().exactOptional(),
});
export type PutChild = z.infer<typeof PutChild>;
/** The children who are here, in their new order: each of them once. */
export const PutOrder = z.strictObject({ ids: z.array(z.int().positive()).max(MOST_CHILDREN) });
