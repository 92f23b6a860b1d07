import { TAUGHT_TIMES, wrapToDial, type DialTime } from '../clock/index.ts';
import { pick, shuffled, type Rng } from '../common/index.ts';
import type { Phrase } from '../wording/index.ts';

/** From one clock to another, in minutes. */
export interface FromTo {
  readonly from: DialTime;
  readonly minutes: number;
}

/** A half turn of the minute hand, in minutes. */
const HALF_TURN = 30;
const WHOLE_TURN = 60;
/** The longest way, in half turns: more turns than that nobody counts. */
const MOST_HALVES = 8;

/** The clock at the end of the way. */
export const endOf = ({ from, minutes }: FromTo): DialTime => wrapToDial(from + minutes);

/**
 * Ways from an o'clock or half past to another: half an hour to four hours, no length twice in a row, the first a whole hour.
 * @param count 1 or more
 */
export const fromTos = (rng: Rng, count: number): FromTo[] => {
  const starts = shuffled(rng, TAUGHT_TIMES);
  const ways: FromTo[] = [];
  for (let i = 0; i < count; i++) {
    const halves = Array.from({ length: MOST_HALVES }, (_, at) => at + 1).filter(
      (half) => half * HALF_TURN !== ways.at(-1)?.minutes && (i > 0 || half % 2 === 0),
    );
    ways.push({ from: starts[i % starts.length]!, minutes: pick(rng, halves) * HALF_TURN });
  }
  return ways;
};

/** Turns of the minute hand on a way: the whole ones, and whether half a turn comes after them. @param minutes gone, 0 or more */
export const turnsIn = (minutes: number): { readonly whole: number; readonly share: number } => ({
  whole: Math.floor(minutes / WHOLE_TURN),
  share: (minutes % WHOLE_TURN) / WHOLE_TURN,
});

/** How long a way is: "half an hour", "2 hours and a half". @param minutes whole half hours */
export const wayPhrase = (minutes: number): Phrase => {
  const { whole, share } = turnsIn(minutes);
  const name = `${whole === 0 ? 'none' : whole === 1 ? 'one' : 'many'}${share > 0 ? 'AndHalf' : ''}`;
  return { key: `clock.way.${name}`, values: { count: whole } };
};
