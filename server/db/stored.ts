import type { z } from 'zod';

/** Something in the data file that cannot be read as what it was stored as: a fault of the file's, never of who asks. */
export class UnreadableStored extends Error {
  /** @param what names it, for the log */
  constructor(what: string, cause: unknown) {
    super(`${what} in the data file cannot be read`, { cause });
  }
}

/** What was stored, read by its schema. @throws UnreadableStored */
export const readStored = <T>(schema: z.ZodType<T>, what: string, make: () => unknown): T => {
  try {
    return schema.parse(make());
  } catch (error) {
    throw new UnreadableStored(what, error);
  }
};
