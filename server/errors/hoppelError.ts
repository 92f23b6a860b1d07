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
  'unknown-class': 404,
  'no-unit': 409,
  'picture-taken': 409,
  'class-full': 409,
  'plan-moved-on': 409,
  'nothing-to-undo': 409,
  'too-late': 409,
  'bad-file': 400,
  'unit-begun': 409,
  past: 409,
  'no-such-lesson': 404,
  'no-such-place': 400,
  'not-a-teaching-day': 409,
  'day-taken': 409,
  'too-many-lessons': 409,
  'last-lesson': 409,
  'no-days-left': 409,
  'teacher-only': 403,
  'wrong-code': 403,
  'too-many-tries': 429,
  'nothing-to-ask': 409,
  'code-needed': 401,
  'child-taken': 409,
  'seat-lost': 409,
  'other-child': 403,
  'no-stand-ins': 409,
  'unreadable-stored': 500,
  'cannot-be-kept': 409,
  busy: 503,
  'disk-full': 507,
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
  'unknown-class': 'This class is not in the data file.',
  'no-unit': 'This class has no unit yet. Lay one out first.',
  'picture-taken': 'Another child has this picture.',
  'class-full': 'A class has room for forty children, one picture each.',
  'plan-moved-on': 'The unit has changed in the meantime. Look at it and try again.',
  'nothing-to-undo': 'There is no earlier or later state to go to.',
  'too-late': 'This cannot be taken back: a lesson that was taught would change.',
  'bad-file': 'This file could not be read. Nothing was stored.',
  'unit-begun': 'The unit of this class has begun. A file is read into a class whose unit has not.',
  past: 'Lessons that were taught never change.',
  'no-such-lesson': 'This lesson is not in the unit.',
  'no-such-place': 'This cannot be done at that place of the lesson or the path.',
  'not-a-teaching-day': 'The class is not taught on that day.',
  'day-taken': 'A lesson that was taught has that day.',
  'too-many-lessons': 'A unit has forty lessons at most.',
  'last-lesson': 'The last lesson of a unit cannot be taken out.',
  'no-days-left': 'The calendar has no teaching days left for all lessons.',
  'teacher-only': "This part is for the teacher's own computer.",
  'wrong-code': 'This is not the code on the board.',
  'too-many-tries': 'Too many wrong codes. The board shows a new one; wait a minute and try again.',
  'nothing-to-ask': 'There is nothing in this part of the lesson that a class can be asked at once.',
  'code-needed': "This tablet does not know the class's pictures yet.",
  'child-taken': 'This child is at another tablet.',
  'seat-lost': 'This tablet has no child any more.',
  'other-child': 'A tablet answers only for a child that sits at it. Nothing was stored.',
  'no-stand-ins': 'Made-up children only come into the made-up class.',
  'unreadable-stored': 'Something in the data file cannot be read. What was sent is not lost: it is sent again later.',
  'cannot-be-kept': 'The unit cannot be kept as it would be then. Nothing was changed.',
  busy: 'Another program has locked the data file. Nothing was stored; try again in a moment.',
  'disk-full': 'The disk of this computer is full. Nothing was stored.',
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
