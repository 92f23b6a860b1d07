import { readHands, wrapToDial, normaliseAngle, type DialTime } from '../clock/index.ts';
import type { Conventions } from '../conventions/index.ts';
import type { Answer, DrawnHand } from '../items/index.ts';
import { DOUBTFUL, readDrawing, type Aside, type UnreadableDrawing } from '../strokes/index.ts';
import { parse, type ParsedWriting } from '../wording/index.ts';

/**
 * The version of all reading: of drawings and of writings. It grows whenever either would read something otherwise, so that what was read
 * before can be read again.
 */
export const READER = 3;

/** What was read of a drawing. */
export interface ReadDrawing {
  readonly kind: 'drawing';
  /** The shorter first; none where it shows none. */
  readonly hands: readonly DrawnHand[];
  readonly offCentre: boolean;
  /** 0..1: of drawings read with this confidence so many are read as they were drawn. */
  readonly confidence: number;
  /** What was drawn beside the hands, set aside. */
  readonly aside: readonly Aside[];
  /** Why it shows no hands; none where it does. */
  readonly problem?: UnreadableDrawing;
}

/** What was read of a writing: a time, or a fault by its name. */
export interface ReadWriting {
  readonly kind: 'writing';
  /** As it was written. */
  readonly text: string;
  readonly written: ParsedWriting;
}

/** Answers that are what they are: nothing is to be read in them. */
type PlainAnswer = Exclude<Answer, { readonly kind: 'strokes' | 'drawn' | 'text' }>;

/**
 * An answer as it was read, once: hands of a drawing, time or fault of a writing, everything else as it was given. What judges, explains,
 * weighs, groups or describes answers takes only this: an `Answer` as it was given does not fit in its place.
 */
export type ReadAnswer = PlainAnswer | ReadDrawing | ReadWriting;

/** What a class has agreed on that tells how a writing is read. */
export type ReadingRules = Pick<Conventions, 'digitalForm' | 'otherForms' | 'locale'>;

const drawingOf = (answer: Extract<Answer, { readonly kind: 'strokes' }>): ReadDrawing => {
  const read = readDrawing(answer.strokes);
  return read.kind === 'hands'
    ? {
        kind: 'drawing',
        hands: read.hands,
        offCentre: read.offCentre,
        confidence: read.confidence,
        aside: read.aside,
      }
    : { kind: 'drawing', hands: [], offCentre: false, confidence: 0, aside: read.aside, problem: read.why };
};

/**
 * Reads an answer as it was given.
 * @param rules of the class it was given in
 */
export const readAnswer = (answer: Answer, rules: ReadingRules): ReadAnswer => {
  switch (answer.kind) {
    case 'strokes':
      return drawingOf(answer);
    case 'drawn': {
      // Somebody saw it and set the hands: of that there is no doubt.
      const { hands, offCentre = false } = answer;
      const none = hands.length === 0 ? ({ problem: 'nothing' } as const) : {};
      return { kind: 'drawing', hands, offCentre, confidence: 1, aside: [], ...none };
    }
    case 'text':
      return { kind: 'writing', text: answer.text, written: parse(answer.text, rules) };
    default:
      return answer;
  }
};

/** The time at which an hour hand stands at an angle, to the minute. */
export const timeOfHourAngle = (angle: number): DialTime => wrapToDial(Math.round(normaliseAngle(angle) * 2));

/** The time an answer amounts to, to draw beside the one asked; none where it amounts to none. */
export const answeredTime = (read: ReadAnswer): DialTime | undefined => {
  switch (read.kind) {
    case 'hour':
      return wrapToDial(read.hour * 60);
    case 'time':
      return read.time;
    case 'hands':
      return readHands(read).time;
    case 'hour-angle':
      return timeOfHourAngle(read.angle);
    case 'writing':
      return read.written.kind === 'time' ? read.written.time : read.written.meant;
    case 'drawing': {
      const [hour, minute] = read.hands;
      return hour && minute && readHands({ hour: hour.angle, minute: minute.angle }).time;
    }
    default:
      return undefined;
  }
};

/** The same as an answer somebody could give: a drawing by its hands, a writing by its letters. None where nothing could be read for sure. */
export const asGiven = (read: ReadAnswer): Answer | undefined => {
  switch (read.kind) {
    case 'drawing':
      if (read.hands.length === 0 || read.confidence < DOUBTFUL) return undefined;
      return { kind: 'drawn', hands: read.hands, ...(read.offCentre && { offCentre: true }) };
    case 'writing':
      return { kind: 'text', text: read.text };
    default:
      return read;
  }
};
