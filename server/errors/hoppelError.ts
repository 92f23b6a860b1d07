import type { ProblemCode } from '../../contract/index.ts';

const STATUS: Record<ProblemCode, number> = {
  malformed: 400,
  'too-large': 413,
  'not-found': 404,
  'unknown-child': 404,
  'unknown-lesson': 404,
  'unknown-round': 404,
  'round-closed': 409,
  'round-moved-on': 409,
  'not-asked-yet': 409,
  'already-answered': 409,
  'id-taken': 409,
  'no-class': 409,
  'class-exists': 409,
  'teacher-only': 403,
  failed: 500,
};

/** What a person reads when a program shows the message as it is; screens choose their own words by the code. */
const MESSAGE: Record<ProblemCode, string> = {
  malformed: 'This could not be read. Nothing was stored.',
  'too-large': 'This is too large. Nothing was stored.',
  'not-found': 'There is nothing at this address.',
  'unknown-child': 'This child is not in the class list.',
  'unknown-lesson': 'This lesson is not in the unit.',
  'unknown-round': 'This round is not known here.',
  'round-closed': 'This round is over, so nothing more can be added to it.',
  'round-moved-on': 'The round has moved on in the meantime. Look at the board and try again.',
  'not-asked-yet': 'This task of the round has not been asked yet.',
  'already-answered': 'This child has already answered this task.',
  'id-taken': 'Another answer was stored under this id. Nothing was stored.',
  'no-class': 'There is no class yet. Set one up first.',
  'class-exists': 'There is a class in this data file already.',
  'teacher-only': "This part is for the teacher's own computer.",
  failed: 'Something went wrong in Hoppel. Nothing was stored.',
};

/** A refusal a person can understand: a code, its status and its sentence. */
export class HoppelError extends Error {
  readonly code: ProblemCode;
  readonly status: number;

  /** @param detail added to the sentence, such as which part of the message was wrong */
  constructor(code: ProblemCode, detail?: string) {
    super(detail === undefined ? MESSAGE[code] : `${MESSAGE[code]} (${detail})`);
    this.code = code;
    this.status = STATUS[code];
  }
}
