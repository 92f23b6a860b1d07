import { z } from 'zod';
import { Settings } from '../../contract/index.ts';

/** Any finite angle in degrees clockwise from 12. */
const Degrees = z.number();
const Hands = z.strictObject({ short: Degrees, long: Degrees });
const Drawn = z.strictObject({ ...Hands.shape, equalLength: z.boolean().default(false) });
const FaceUnit = z.number();
const Conventions = Settings.omit({ snap: true }).partial().strict();

/** A case: the clock shown (or the time asked for), what was answered, and the options where there were some. */
export const Case = z.object({
  /** Number or name of the case, given back with its result. */
  n: z.union([z.number(), z.string()]).optional(),
  kind: z
    .string()
    .transform((kind) => kind.toUpperCase())
    .pipe(z.enum(['READ', 'WRITE', 'DRAW', 'SET', 'MATCH', 'CHOOSE'])),
  shown: z.string(),
  answer: z.union([z.string(), Drawn]),
  options: z.array(z.union([z.string(), Drawn])).optional(),
  conventions: Conventions.optional(),
});
/** All a child answered. */
export const Responses = z.strictObject({
  n: z.union([z.number(), z.string()]).optional(),
  responses: z.array(Case.omit({ conventions: true }).extend({ day: z.iso.date().optional() })).max(10_000),
  conventions: Conventions.optional(),
  /** ISO 639, such as "de". */
  homeLanguage: z.string().nullable().optional(),
});
export const Say = z.strictObject({ say: z.string(), conventions: Conventions.optional() });
export const Parse = z.strictObject({ parse: z.string(), conventions: Conventions.optional() });
export const Angles = z.strictObject({ angles: z.string() });
export const HandsRequest = z.strictObject({ hands: Hands });
export const Strokes = z.strictObject({
  strokes: z.array(z.array(z.tuple([FaceUnit, FaceUnit, z.number()]))),
});
