import { DRAWING_RULES, PART_RULES, READING_RULES, WRITING_RULES, type WrongRule } from '../misconceptions/index.ts';

/**
 * What a child may be doing in one part of the work: it knows how, it guesses, or it follows a wrong rule of that part. A child has one
 * such state for reading, one for setting and drawing, one for writing: two rules may hold at once, where they are of different parts.
 */
export type PartState = 'knows' | 'guesses' | WrongRule;

/** Reading a clock: what is read goes on into what is set, drawn and written. */
export const READING_STATES = [
  'knows',
  'guesses',
  ...READING_RULES,
  ...PART_RULES,
] as const satisfies readonly PartState[];
/** Setting and drawing where reading is right. To go round the wrong way is of both. */
export const DRAWING_STATES = [
  'knows',
  'guesses',
  ...DRAWING_RULES,
  'anticlockwise',
] as const satisfies readonly PartState[];
/** Writing in digits and words what was read. */
export const WRITING_STATES = ['knows', 'guesses', ...WRITING_RULES] as const satisfies readonly PartState[];

/** How many states each part has. */
export const SIZE = {
  reading: READING_STATES.length,
  drawing: DRAWING_STATES.length,
  writing: WRITING_STATES.length,
} as const;

/**
 * Weights before any answer. That most children know how it is done matters, and how many guess; the rest hardly does. Tried against
 * simulated children (tools/diagnosisTable.ts): a heavier "knows" names fewer children falsely and misses more of those with a rule.
 */
const PRIOR = {
  reading: { knows: 0.5, guesses: 0.04 },
  drawing: { knows: 0.75, guesses: 0.02 },
  writing: { knows: 0.8, guesses: 0.02 },
} as const;
/** Who guesses in reading guesses as often as not elsewhere too. */
const GUESSES_ALL = 0.5;

const prior = (states: readonly PartState[], { knows, guesses }: { knows: number; guesses: number }): number[] =>
  states.map((state) =>
    state === 'knows' ? knows : state === 'guesses' ? guesses : (1 - knows - guesses) / (states.length - 2),
  );
/** The same for somebody who guesses in reading. */
const withGuesses = (weights: readonly number[]): number[] =>
  weights.map((weight, i) => (i === 1 ? GUESSES_ALL : (weight * (1 - GUESSES_ALL)) / (1 - weights[1]!)));

export const READING_PRIOR: readonly number[] = prior(READING_STATES, PRIOR.reading);
const DRAWING = prior(DRAWING_STATES, PRIOR.drawing);
const WRITING = prior(WRITING_STATES, PRIOR.writing);
/** Weights of drawing and writing before any answer, by the state of reading. */
export const DRAWING_PRIOR: readonly (readonly number[])[] = READING_STATES.map((state) =>
  state === 'guesses' ? withGuesses(DRAWING) : DRAWING,
);
export const WRITING_PRIOR: readonly (readonly number[])[] = READING_STATES.map((state) =>
  state === 'guesses' ? withGuesses(WRITING) : WRITING,
);
