import { z } from 'zod';

/** Characters of a passphrase: three or four words have more than the fewest. */
export const PASSPHRASE_LENGTH = { fewest: 8, most: 200 } as const;

const Fresh = z.string().trim().min(PASSPHRASE_LENGTH.fewest).max(PASSPHRASE_LENGTH.most);
const Given = z.string().max(PASSPHRASE_LENGTH.most);

/** How the teacher's side is kept, as the device that asks may know it. */
export const Entry = z.strictObject({
  /** Nobody was asked yet, the teacher goes without one, or there is one. */
  passphrase: z.enum(['unasked', 'skipped', 'set']),
  /** In, in with its results covered, or out. */
  device: z.enum(['in', 'covered', 'out']),
  /** Is it the computer that Hoppel runs on? */
  own: z.boolean(),
  /** Wrong tries nobody has looked at yet, for a device that is in; null where there are none. */
  wrong: z.strictObject({ count: z.int().positive(), lastAt: z.string() }).nullable(),
});
export type Entry = z.infer<typeof Entry>;

/** Lets a device in. */
export const PostEntry = z.strictObject({ passphrase: Given });
export type PostEntry = z.infer<typeof PostEntry>;

/** A new passphrase; the one so far comes with it, where there is one. */
export const PutPassphrase = z.strictObject({ before: Given.nullable(), passphrase: Fresh });
export type PutPassphrase = z.infer<typeof PutPassphrase>;

/** To go without one from now on. */
export const PostWithout = z.strictObject({ before: Given.nullable() });
export type PostWithout = z.infer<typeof PostWithout>;

/** A device that was let in by the passphrase. */
export const TeacherDevice = z.strictObject({
  id: z.string(),
  /** The browser and what it runs on, as it calls itself. */
  device: z.string(),
  own: z.boolean(),
  covered: z.boolean(),
  startedAt: z.string(),
  /** Then it is asked again. */
  endsAt: z.string(),
  /** Is it the one that asks? */
  isThis: z.boolean(),
});
export type TeacherDevice = z.infer<typeof TeacherDevice>;

export const TeacherDevices = z.strictObject({
  devices: z.array(TeacherDevice),
  /** Where another device of the teacher's comes in; empty while the network is not let in. */
  addresses: z.array(z.string()),
});
export type TeacherDevices = z.infer<typeof TeacherDevices>;
