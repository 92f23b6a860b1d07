import { z } from 'zod';
import { SNAPS } from '../core/clock/index.ts';
import { NUMERAL_STYLES, OUTLINES } from '../core/face/index.ts';
import {
  DIGITAL_FORMS,
  ENGLISHES,
  FIRST_READ,
  HALF_PAST_HANDS,
  HALF_PAST_PHRASES,
  HAND_NAMES,
  HOUR_FINDING,
  MINUTE_SUPPORTS,
  OTHER_FORMS,
  TEACHING_ORDERS,
  type Conventions as CoreConventions,
} from '../core/wording/index.ts';

const Colour = z.string().regex(/^#[0-9a-f]{6}$/, { error: 'must be a colour written #rrggbb' });
const conventions = {
  english: z.enum(ENGLISHES),
  halfPastPhrase: z.enum(HALF_PAST_PHRASES),
  handNames: z.enum(HAND_NAMES),
  firstRead: z.enum(FIRST_READ),
  hourFinding: z.enum(HOUR_FINDING),
  minuteSupport: z.enum(MINUTE_SUPPORTS),
  digitalForm: z.enum(DIGITAL_FORMS),
  otherForms: z.enum(OTHER_FORMS),
  drawnFirst: z.enum(FIRST_READ),
  halfPastHand: z.enum(HALF_PAST_HANDS),
  teachingOrder: z.enum(TEACHING_ORDERS),
  numerals: z.enum(NUMERAL_STYLES),
  outline: z.enum(OUTLINES),
  handColours: z.strictObject({ hour: Colour, minute: Colour }),
} satisfies Record<keyof CoreConventions, z.ZodType>;

/** The class's conventions, and what the board's hands settle on. */
export const Settings = z.strictObject({
  ...conventions,
  /** Minutes the board's hands settle on. */
  snap: z.literal(SNAPS),
});
export type Settings = z.infer<typeof Settings>;
