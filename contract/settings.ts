import { z } from 'zod';
import { SNAPS } from '../core/clock/index.ts';
import { MARKING_CONVENTIONS } from '../core/marking/index.ts';
import { CHOICES, CHOICE_NAMES, type ChoiceName, type Chosen } from '../core/conventions/index.ts';

const Colour = z.string().regex(/^#[0-9a-f]{6}$/, { error: 'must be a colour written #rrggbb' });
/** One schema a choice, from the table. */
const chosen = Object.fromEntries(CHOICE_NAMES.map((name) => [name, z.enum(CHOICES[name].choices)])) as unknown as {
  [Name in ChoiceName]: z.ZodType<Chosen<Name>>;
};

/** The class's conventions, and what the board's hands settle on. */
export const Settings = z.strictObject({
  ...chosen,
  handColours: z.strictObject({ hour: Colour, minute: Colour }),
  /** Minutes the board's hands settle on. */
  snap: z.literal(SNAPS),
});
export type Settings = z.infer<typeof Settings>;

/** What an answer was marked by. */
export const MarkingRules = Settings.pick(
  Object.fromEntries(MARKING_CONVENTIONS.map((name) => [name, true])) as Record<
    (typeof MARKING_CONVENTIONS)[number],
    true
  >,
);
