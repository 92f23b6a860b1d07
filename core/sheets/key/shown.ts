import type { Conventions } from '../../conventions/index.ts';
import { partName } from '../../asking/index.ts';
import {
  pictureAt,
  pictureOf,
  writingsShown,
  type Answer,
  type ClockPicture,
  type DrawnHand,
  type Item,
} from '../../items/index.ts';
import { isSameLength } from '../../misconceptions/index.ts';
import { teacherSentence } from '../../reporting/index.ts';
import { digital, say, sentence } from '../../wording/index.ts';

/** How an answer looks on paper: a clock, or what is written, or both, as a letter under a clock that is circled. */
export interface ShownAnswer {
  readonly text: string;
  readonly picture?: ClockPicture;
  /** The hands were drawn, but beside the middle. */
  readonly offCentre?: boolean;
}

/** Letters of things in a row, from the left; rows of words from the top. */
const letter = (place: number): string => String.fromCharCode(65 + place);

/** A drawing as a printed clock: hands of one length look so, and one that is missing is missing. None where there are no hands. */
const pictureOfDrawing = (hands: readonly DrawnHand[]): ClockPicture | undefined => {
  const [first, second] = hands;
  if (first === undefined) return undefined;
  if (second === undefined) {
    const only = first.reach > 65 ? ('minute' as const) : ('hour' as const);
    return { ...pictureOf({ hour: first.angle, minute: first.angle }), handsDrawn: only };
  }
  return { ...pictureOf({ hour: first.angle, minute: second.angle }), equalLength: isSameLength(hands) };
};

/** What is circled: the letter of its place, with the clock or the words that stand there. */
const shownChoice = (item: Item, chosen: readonly number[], conventions: Conventions): ShownAnswer => {
  const letters = chosen.map(letter).join(' ');
  const [first] = chosen;
  if (!('options' in item) || first === undefined) return { text: letters };
  switch (item.kind) {
    case 'choose-clock':
      return { text: letters, picture: item.options[first]! };
    case 'which-of': {
      const { time, form } = item.options[first]!;
      return form === 'analog'
        ? { text: letters, picture: pictureAt(time) }
        : { text: `${letters} ${digital(time, conventions)}` };
    }
    case 'choose-writings':
      return { text: chosen.map((place) => writingsShown(item, conventions)[place]!).join(', ') };
    default:
      return { text: chosen.map((place) => say(item.options[place]!, conventions)).join(', ') };
  }
};

const word = (key: string, conventions: Conventions): string => sentence({ key, values: {} }, conventions);

/** An answer to a task as it looks on paper. */
export const shownAnswer = (item: Item, answer: Answer, conventions: Conventions): ShownAnswer => {
  switch (answer.kind) {
    case 'choice':
      return shownChoice(item, answer.chosen, conventions);
    case 'drawn': {
      const picture = pictureOfDrawing(answer.hands);
      return { text: '', ...(picture && { picture }), ...(answer.offCentre === true && { offCentre: true }) };
    }
    case 'hands':
      return { text: '', picture: pictureOf(answer) };
    case 'hour-angle':
      return { text: '', picture: { ...pictureOf({ hour: answer.angle, minute: 0 }), handsDrawn: 'hour' } };
    case 'text':
      return { text: answer.text };
    case 'time':
      return { text: digital(answer.time, conventions) };
    case 'hour':
      return { text: String(answer.hour) };
    case 'part':
      return { text: partName(answer.part, conventions) };
    case 'direction':
      return { text: teacherSentence({ key: `teacher.answered.${answer.direction}`, values: {} }, conventions) };
    case 'yes-no':
      return { text: word(`clock.paper.${answer.yes ? 'yes' : 'no'}`, conventions) };
    case 'judgement':
      return {
        text:
          answer.fault === undefined
            ? word(`clock.paper.${answer.possible ? 'yes' : 'no'}`, conventions)
            : `${word('clock.paper.no', conventions)}: ${word(`clock.faults.${answer.fault}`, conventions)}`,
      };
    case 'unit':
      return { text: word(`clock.units.${answer.unit}`, conventions) };
    case 'pairs':
      return {
        text: answer.pairs.map(({ digits, words }, row) => `${row + 1}–${digits + 1}–${words + 1}`).join('   '),
      };
    case 'order': {
      const numbers = answer.order.map((_, place) => answer.order.indexOf(place) + 1);
      return { text: numbers.join('  ') };
    }
    case 'observed':
    case 'no-answer':
    case 'strokes':
      return { text: '' };
  }
};
