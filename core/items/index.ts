export { guessChance } from './chance.ts';
export { DAY_EVENTS, DEEDS, HOW_LONG, SCHOOL_DAY, UNITS, type DayEvent, type Deed, type Unit } from './day.ts';
export {
  CLOCK_PARTS,
  FORMS,
  NO_ANSWERS,
  timeOfItem,
  type Answer,
  type AnswerKind,
  type ClockOption,
  type ClockPart,
  type DrawnHand,
  type Form,
  type Item,
  type ItemOf,
  type NoAnswer,
} from './item.ts';
export {
  HANDED_KINDS,
  ITEM_KINDS,
  KINDS,
  answersOf,
  isHourAlone,
  kindsDoing,
  kindsLaidOut,
  onlyHandOf,
  printedAs,
  type Doing,
  type ItemKind,
} from './kinds.ts';
export {
  CLOCK_FAULTS,
  HANDS_DRAWN,
  RIGHT_NUMERALS,
  faultsOf,
  pictureAt,
  pictureOf,
  type ClockFault,
  type ClockPicture,
} from './picture.ts';
export { writingsShown } from './writings.ts';
export { DRAWN_REACH, drawnAt, hasCome, isWritingOf, rightAnswers, showsTime } from './right.ts';
export { answersInReach, isAmongOptions } from './spread.ts';
export { startingTime } from './start.ts';
export { TOLERANCES } from './tolerances.ts';
