import { z } from 'zod';
import { Child } from './children.ts';
import { Answer, Item } from './item.ts';
import { Settings } from './settings.ts';
import { RoundItem } from './round.ts';
import { SenderId } from './values.ts';
import { ROUND_PHASES } from '../core/rounds/index.ts';

/** What a tablet may know of the round: the task, never another child's answer. */
export const StationRound = z.strictObject({
  id: SenderId,
  index: z.int(),
  count: z.int(),
  phase: z.enum(ROUND_PHASES),
  lessonId: z.int(),
  item: RoundItem,
  closed: z.boolean(),
  /** Has the board shown the answer to this item? */
  revealed: z.boolean(),
});
export type StationRound = z.infer<typeof StationRound>;

/** All a tablet needs: names and pictures, the wording, the set to practise alone, and the open round. */
export const StationState = z.strictObject({
  className: z.string(),
  settings: Settings,
  children: z.array(Child),
  practice: z.strictObject({ lessonId: z.int(), items: z.array(Item) }).nullable(),
  round: StationRound.nullable(),
});
export type StationState = z.infer<typeof StationState>;

/** What a child has answered in the latest round on tablets, so that a reloaded one goes on where it was. */
export const StationChild = z.strictObject({
  childId: z.int(),
  roundId: SenderId.nullable(),
  answered: z.array(z.strictObject({ index: z.int(), answer: Answer })),
});
export type StationChild = z.infer<typeof StationChild>;
