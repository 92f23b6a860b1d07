import { CLOCK_PARTS, type Item } from './item.ts';
import { rightAnswers } from './right.ts';
import { TOLERANCES } from './tolerances.ts';
import { UNITS } from './day.ts';

export const factorial = (n: number): number => (n <= 1 ? 1 : n * factorial(n - 1));

/** O'clock and half past: what a child who guesses a time chooses from. */
const TIMES_TO_GUESS_FROM = 24;
const HOURS = 12;

/** One of the options where exactly one is right; otherwise one of all ways to choose some of them. */
const ofChoice = (options: number, right: number): number => (right === 1 ? 1 / options : 1 / (2 ** options - 1));

/**
 * Share of a whole turn in which a hand counts as right, to and fro. @param degrees tolerance
 */
const shareOfTurn = (degrees: number): number => (2 * degrees) / 360;

/**
 * Probability 0..1 that a child who knows nothing of it gives a right answer: the kinds of task differ widely, and
 * whoever counts right answers must know.
 */
export const guessChance = (item: Item): number => {
  switch (item.kind) {
    case 'name-part':
      return 1 / CLOCK_PARTS.length;
    case 'direction':
    case 'yet':
    case 'judge-clock':
      return 1 / 2;
    case 'hour-hand':
      return 1 / HOURS;
    case 'set-hour-hand':
      return shareOfTurn(TOLERANCES.hourHandHalfPast);
    case 'read':
    case 'write-digital':
    case 'write-words':
    case 'words-to-digits':
      return 1 / TIMES_TO_GUESS_FROM;
    case 'set':
      // A geared clock is set by its minute hand alone, in one of twelve turns.
      return shareOfTurn(TOLERANCES.minuteHand) / HOURS;
    case 'set-free':
    case 'mend-clock':
    case 'draw':
      return shareOfTurn(TOLERANCES.minuteHand) * shareOfTurn(TOLERANCES.hourHandHalfPast);
    case 'choose-words':
    case 'digits-to-words':
    case 'which-of':
    case 'choose-clock':
    case 'choose-writings': {
      const right = rightAnswers(item)[0]!;
      return ofChoice(item.options.length, right.kind === 'choice' ? right.chosen.length : 0);
    }
    case 'pair':
      return 1 / factorial(item.times.length) ** 2;
    case 'how-long':
      return 1 / UNITS.length;
    case 'day-order':
      return 1 / factorial(item.events.length);
  }
};
