import { z } from 'zod';
import type { ReadAnswer as CoreReadAnswer } from '../core/answers/index.ts';
import { DIRECTIONS } from '../core/clock/index.ts';
import {
  CLOCK_FAULTS,
  CLOCK_PARTS,
  DAY_EVENTS,
  DEEDS,
  FORMS,
  NO_ANSWERS,
  HANDS_DRAWN,
  UNITS,
  type Answer as CoreAnswer,
  type Item as CoreItem,
} from '../core/items/index.ts';
import { DRAWING_PROBLEMS, type Finding as CoreFinding } from '../core/marking/index.ts';
import { WRONG_RULES } from '../core/misconceptions/index.ts';
import { ASIDE, MOST_POINTS, MOST_STROKES, UNREADABLE, pointsIn } from '../core/strokes/index.ts';
import { WRITING_FAULTS, WRITTEN_FORMS } from '../core/wording/index.ts';
import { Angle, Time } from './values.ts';

/** Place of an option, from 0. */
const Place = z.int().min(0).max(19);
const Places = z.array(Place).max(20);

const ClockPicture = z.strictObject({
  hands: z.strictObject({ hour: Angle, minute: Angle }),
  handsDrawn: z.enum(HANDS_DRAWN),
  equalLength: z.boolean(),
  numerals: z.array(z.int().min(0).max(12)).length(12),
});

export const Item: z.ZodType<CoreItem> = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('name-part'), part: z.enum(CLOCK_PARTS) }),
  z.strictObject({ kind: z.literal('direction') }),
  z.strictObject({
    kind: z.enum([
      'hour-hand',
      'set-hour-hand',
      'read',
      'write-digital',
      'write-words',
      'words-to-digits',
      'set',
      'set-free',
      'draw',
    ]),
    shown: Time,
  }),
  z.strictObject({
    kind: z.enum(['choose-words', 'digits-to-words']),
    shown: Time,
    options: z.array(Time).min(2).max(20),
  }),
  z.strictObject({ kind: z.literal('choose-clock'), shown: Time, options: z.array(ClockPicture).min(2).max(20) }),
  z.strictObject({
    kind: z.literal('which-of'),
    shown: Time,
    options: z
      .array(z.strictObject({ time: Time, form: z.enum(FORMS) }))
      .min(2)
      .max(20),
  }),
  z.strictObject({
    kind: z.literal('choose-writings'),
    shown: Time,
    options: z.array(z.string().max(60)).min(2).max(20),
  }),
  z.strictObject({
    kind: z.literal('pair'),
    times: z.array(Time).min(2).max(12),
    digitsOrder: Places,
    wordsOrder: Places,
  }),
  z.strictObject({ kind: z.literal('yet'), shown: Time, target: Time }),
  z.strictObject({ kind: z.literal('judge-clock'), clock: ClockPicture }),
  z.strictObject({ kind: z.literal('mend-clock'), clock: ClockPicture, shown: Time }),
  z.strictObject({ kind: z.literal('how-long'), deed: z.enum(DEEDS) }),
  z.strictObject({ kind: z.literal('day-order'), events: z.array(z.enum(DAY_EVENTS)).min(2).max(10) }),
]);

/** Face units: the rim is at 100; a finger may leave the face, not the screen. */
const FaceUnit = z.number().min(-1000).max(1000);
const Stroke = z.array(z.strictObject({ x: FaceUnit, y: FaceUnit, ms: z.number().min(0) }));
const Strokes = z
  .array(Stroke)
  .max(MOST_STROKES)
  .refine((strokes) => pointsIn(strokes) <= MOST_POINTS, `a drawing has at most ${MOST_POINTS} points`);
const DrawnHand = z.strictObject({ angle: Angle, reach: z.number().min(0).max(1000) });

/** Answers that are what they are: nothing is to be read in them. */
const PLAIN = [
  z.strictObject({ kind: z.literal('observed'), got: z.boolean() }),
  z.strictObject({ kind: z.literal('no-answer'), why: z.enum(NO_ANSWERS) }),
  z.strictObject({ kind: z.literal('part'), part: z.enum(CLOCK_PARTS) }),
  z.strictObject({ kind: z.literal('direction'), direction: z.enum(DIRECTIONS) }),
  z.strictObject({ kind: z.literal('hour'), hour: z.int().min(1).max(12) }),
  z.strictObject({ kind: z.literal('time'), time: Time }),
  z.strictObject({ kind: z.literal('hands'), hour: Angle, minute: Angle }),
  z.strictObject({ kind: z.literal('hour-angle'), angle: Angle }),
  z.strictObject({ kind: z.literal('choice'), chosen: Places }),
  z.strictObject({ kind: z.literal('pairs'), pairs: z.array(z.strictObject({ digits: Place, words: Place })).max(12) }),
  z.strictObject({ kind: z.literal('yes-no'), yes: z.boolean() }),
  z.strictObject({
    kind: z.literal('judgement'),
    possible: z.boolean(),
    fault: z.enum(CLOCK_FAULTS).exactOptional(),
  }),
  z.strictObject({ kind: z.literal('unit'), unit: z.enum(UNITS) }),
  z.strictObject({ kind: z.literal('order'), order: Places }),
] as const;

/** An answer as it was given. */
export const Answer: z.ZodType<CoreAnswer> = z.discriminatedUnion('kind', [
  ...PLAIN,
  z.strictObject({ kind: z.literal('text'), text: z.string().max(60) }),
  z.strictObject({ kind: z.literal('strokes'), strokes: Strokes }),
  z.strictObject({
    kind: z.literal('drawn'),
    hands: z.array(DrawnHand).max(2),
    offCentre: z.boolean().exactOptional(),
  }),
]);

const Aside = z.union([
  z.strictObject({ kind: z.literal('ring'), numeral: z.int().min(1).max(12) }),
  z.strictObject({ kind: z.enum(ASIDE).exclude(['ring']) }),
]);
const Written = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('time'), time: Time, form: z.enum(WRITTEN_FORMS) }),
  z.strictObject({ kind: z.literal('fault'), fault: z.enum(WRITING_FAULTS), meant: Time.optional() }),
]);
/** An answer as it was read. */
export const ReadAnswer: z.ZodType<CoreReadAnswer> = z.discriminatedUnion('kind', [
  ...PLAIN,
  z.strictObject({ kind: z.literal('writing'), text: z.string().max(60), written: Written }),
  z.strictObject({
    kind: z.literal('drawing'),
    hands: z.array(DrawnHand).max(2),
    offCentre: z.boolean(),
    confidence: z.number().min(0).max(1),
    aside: z.array(Aside),
    problem: z.enum(UNREADABLE).exactOptional(),
  }),
]);

export const Finding: z.ZodType<CoreFinding> = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('rule'), rule: z.enum(WRONG_RULES) }),
  z.strictObject({ kind: z.literal('minute-hand-off'), minutes: z.int() }),
  z.strictObject({ kind: z.literal('hour-hand-off'), degrees: z.int() }),
  z.strictObject({ kind: z.literal('hour-off'), askedHour: z.int(), answeredHour: z.int() }),
  z.strictObject({ kind: z.literal('writing'), fault: z.enum(WRITING_FAULTS) }),
  z.strictObject({ kind: z.literal('drawing'), problem: z.enum(DRAWING_PROBLEMS) }),
  z.strictObject({ kind: z.literal('choice'), leftOut: z.int(), wronglyTaken: z.int() }),
]);
