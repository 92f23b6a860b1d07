/** What the thread that reads is told with each request, beside its address. */
export const ASKED = {
  /** Number of the class it is about. */
  classId: 'hoppel-class',
  /** The moment it is answered as of, milliseconds since 1970. */
  now: 'hoppel-now',
  /** Another text whenever rows that were read before may be others now: what was worked out of them is forgotten. */
  version: 'hoppel-version',
} as const;

/** What a thread that reads begins with. */
export interface ReadingWork {
  /** Path of the data file. */
  readonly file: string;
}
