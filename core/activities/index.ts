export { ACTIVITIES, showOf, type ActivityKind, type Show } from './ofLesson.ts';
export { DIGIT_FAULTS, digitsToJudge, faultOfDigits, type JudgedDigits } from './digitsToJudge.ts';
export {
  EITHERS,
  HOW_MANY_EITHER,
  eithersOf,
  isEither,
  type Either,
  type EitherKind,
  type EitherPicture,
} from './either.ts';
export { endOf, fromTos, turnsIn, wayPhrase, type FromTo } from './fromTo.ts';
export { LENGTHS, SECONDS_OF, TIMED_DEEDS, lengthPhrase } from './lengths.ts';
export { DAY_HOURS, TURN_HOURS, dayToPlace, hourOfDay } from './placing.ts';
export { contrastOf } from './pair.ts';
export { labelPlaces, partAt, type LabelPlace } from './parts.ts';
export { SORTED_AT_ONCE, dayToSort, deedsToSort, inPlace, takes, type DayEntry } from './sorting.ts';
