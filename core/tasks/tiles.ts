import { hourOf, timeOf, type DialTime } from '../clock/index.ts';
import { say, type Conventions } from '../wording/index.ts';

/** The words a time is put together from, beside the numbers 1 to 12: "o'clock" and "half past", as the class says them. */
export interface TimeWords {
  readonly oclock: string;
  readonly halfPast: string;
}

const HOUR = 4;
/** What is said besides the hour. */
const besides = (time: DialTime, conventions: Conventions): string => {
  const [first, second] = [say(time, conventions), say(timeOf(HOUR + 1, time % 60), conventions)].map((said) =>
    said.split(' '),
  );
  return first!.filter((word, i) => word === second![i]).join(' ');
};

export const timeWords = (conventions: Conventions): TimeWords => ({
  oclock: besides(timeOf(HOUR), conventions),
  halfPast: besides(timeOf(HOUR, 30), conventions),
});

/** Tiles of a time in the order it is said, numbers as digits: "half past 4" is "half past", "4". */
export const tilesOf = (time: DialTime, conventions: Conventions): string[] => {
  const words = timeWords(conventions);
  const word = time % 60 === 0 ? words.oclock : words.halfPast;
  const number = String(hourOf(time));
  return say(time, conventions).startsWith(word) ? [word, number] : [number, word];
};
