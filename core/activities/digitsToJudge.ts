import type { DialTime } from '../clock/index.ts';
import { pick, shuffled, type Rng } from '../common/index.ts';
import type { Conventions } from '../conventions/index.ts';
import { digital, parse, type WritingFault } from '../wording/index.ts';

/** Why digits can be on no clock of the class. */
export const DIGIT_FAULTS = [
  'minutes-over-59',
  'hour-over-12',
  'hour-zero',
  'one-zero',
  'sixty-for-zero',
] as const satisfies readonly WritingFault[];
export type DigitFault = (typeof DIGIT_FAULTS)[number];

/** Digits, and what is wrong with them; nothing where a clock can show them. */
export interface JudgedDigits {
  readonly text: string;
  readonly fault: DigitFault | undefined;
}

const between = (rng: Rng, from: number, to: number): number => from + Math.floor(rng() * (to - from + 1));

/** An hour and minutes of which one cannot be, as numbers. */
const wrongParts = (rng: Rng, fault: DigitFault): readonly [hour: number, minutes: string] => {
  const hour = between(rng, 1, 12);
  switch (fault) {
    case 'minutes-over-59':
      return [hour, String(between(rng, 61, 99))];
    // Beyond twelve, and with minutes that would be no hour: it is not the two parts in the wrong order.
    case 'hour-over-12':
      return [between(rng, 13, 23), String(pick(rng, [20, 30, 35, 45]))];
    case 'hour-zero':
      return [0, String(pick(rng, [15, 30, 40, 45]))];
    case 'one-zero':
      return [hour, String(between(rng, 1, 9))];
    case 'sixty-for-zero':
      return [hour, '60'];
  }
};

/**
 * Digits to be judged, half of them possible, no two alike, in the form the class writes: what the class's own reading of a writing
 * says of each is what is told.
 * @param times of which the possible ones are
 * @param count even; at most ten
 */
export const digitsToJudge = (
  rng: Rng,
  times: readonly DialTime[],
  conventions: Conventions,
  count: number,
): JudgedDigits[] => {
  const [padded, separator] = [conventions.digitalForm === '04:30', conventions.digitalForm === '4.30' ? '.' : ':'];
  const wrong = shuffled(rng, DIGIT_FAULTS)
    .slice(0, count / 2)
    .map((fault): JudgedDigits => {
      const [hour, minutes] = wrongParts(rng, fault);
      return { text: String(hour).padStart(padded ? 2 : 1, '0') + separator + minutes, fault };
    });
  const right = shuffled(rng, times)
    .slice(0, count - wrong.length)
    .map((time): JudgedDigits => ({ text: digital(time, conventions), fault: undefined }));
  return shuffled(rng, [...wrong, ...right]);
};

/** What is wrong with digits as the class reads them; nothing where they are a time. */
export const faultOfDigits = (text: string, conventions: Conventions): WritingFault | undefined => {
  const read = parse(text, conventions);
  return read.kind === 'fault' ? read.fault : undefined;
};
