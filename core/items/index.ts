export { guessChance } from './chance.ts';
export { DAY_EVENTS, DEEDS, HOW_LONG, SCHOOL_DAY, UNITS, type DayEvent, type Deed, type Unit } from './day.ts';
export {
  ANSWER_KINDS,
  CLOCK_PARTS,
  ITEM_KINDS,
  skillOfItem,
  timeOfItem,
  type Answer,
  type AnswerKind,
  type ClockPart,
  type DrawnHand,
  type Item,
  type ItemKind,
  type ItemOf,
} from './item.ts';
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
export { DRAWN_REACH, drawnAt, hasCome, isWritingOf, rightAnswers, showsTime } from './right.ts';
export { startingTime } from './start.ts';
export { TOLERANCES } from './tolerances.ts';
