import { angleBetween, hourOf, readHands, type DialTime } from '../clock/index.ts';
import { answeredTime, type ReadAnswer } from '../answers/index.ts';
import { TOLERANCES, faultsOf, rightAnswers, writingsShown, type ClockFault, type Item } from '../items/index.ts';
import { digital, say, sentence, type Phrase } from '../wording/index.ts';
import { type Conventions } from '../conventions/index.ts';
import { partName } from '../asking/index.ts';
import { teacherSentence } from './teacherWords.ts';

const taskValues = (item: Item, conventions: Conventions): Phrase['values'] => {
  const written = (time: DialTime): string => digital(time, conventions);
  switch (item.kind) {
    case 'name-part':
      return { part: partName(item.part, conventions) };
    case 'direction':
    case 'judge-clock':
      return {};
    case 'hour-hand':
      return { hour: hourOf(item.shown) };
    case 'pair':
      return { count: item.times.length };
    case 'yet':
      return { time: written(item.shown), target: say(item.target, conventions) };
    case 'how-long':
      return { deed: sentence({ key: `clock.deeds.${item.deed}`, values: {} }, conventions) };
    case 'day-order':
      return { count: item.events.length };
    default:
      return { time: written(item.shown) };
  }
};

/** A task in a few words, for a list of answers: "Read 4:30", "Draw 9:00". */
export const describeItem = (item: Item, conventions: Conventions): string =>
  teacherSentence({ key: `teacher.tasks.${item.kind}`, values: taskValues(item, conventions) }, conventions);

const faultWords = (fault: ClockFault, conventions: Conventions): string =>
  teacherSentence({ key: `teacher.faults.${fault}`, values: {} }, conventions);

/** What was chosen of the options, as it stands there. */
const chosenWords = (item: Item, chosen: readonly number[], conventions: Conventions): string => {
  const answered = (key: string, values: Phrase['values']): string =>
    teacherSentence({ key: `teacher.answered.${key}`, values }, conventions);
  const word = (place: number): string => {
    switch (item.kind) {
      case 'choose-words':
      case 'digits-to-words':
        return say(item.options[place]!, conventions);
      case 'choose-writings':
        return writingsShown(item, conventions)[place]!;
      case 'which-of': {
        const { time, form } = item.options[place]!;
        return answered(form, { time: digital(time, conventions) });
      }
      case 'choose-clock': {
        const option = item.options[place]!;
        const letter = String.fromCharCode(65 + place);
        const [fault] = faultsOf(option);
        return fault === undefined
          ? answered('clockAt', { letter, time: digital(readHands(option.hands).time, conventions) })
          : answered('clockWrong', { letter, fault: faultWords(fault, conventions) });
      }
      default:
        throw new RangeError(`${item.kind} has no options`);
    }
  };
  return chosen.map(word).join(item.kind === 'choose-clock' ? '; ' : ', ');
};

/** Clocks that got the digits and words that belong to them. */
const rightPairs = (item: Item, answer: Extract<ReadAnswer, { kind: 'pairs' }>): number => {
  const [right] = rightAnswers(item);
  if (right?.kind !== 'pairs') return 0;
  return right.pairs.filter(
    ({ digits, words }, clock) => answer.pairs[clock]?.digits === digits && answer.pairs[clock].words === words,
  ).length;
};

/** The numeral nearest to an angle, 1..12. */
const nearestNumeral = (angle: number): number => Math.round(angle / 30) % 12 || 12;
/** Is a hand so near a numeral that one would say it points to it? */
const isOnNumeral = (angle: number): boolean =>
  angleBetween(angle, nearestNumeral(angle) * 30) <= TOLERANCES.hourHandHalfPast / 2;

const answerPhrase = (item: Item, answer: ReadAnswer, conventions: Conventions): Phrase => {
  const phrase = (name: string, values: Phrase['values'] = {}): Phrase => ({ key: `teacher.answered.${name}`, values });
  const words = (key: string): string => sentence({ key, values: {} }, conventions);
  const time = answeredTime(answer);
  const written = time === undefined ? '' : digital(time, conventions);
  switch (answer.kind) {
    case 'observed':
      return phrase(answer.got ? 'observedRight' : 'observedWrong');
    case 'no-answer':
      return phrase(answer.why);
    case 'part':
      return phrase('part', { part: partName(answer.part, conventions) });
    case 'direction':
      return phrase(answer.direction);
    case 'hour':
      return phrase('said', { answer: answer.hour });
    case 'time':
      return phrase('said', { answer: written });
    case 'writing':
      return phrase('wrote', { answer: answer.text });
    case 'hands':
      return phrase('turned', { answer: written });
    case 'hour-angle': {
      const hour = hourOf(time!);
      return isOnNumeral(answer.angle)
        ? phrase('handOn', { hour: nearestNumeral(answer.angle) })
        : phrase('handBetween', { hour, next: (hour % 12) + 1 });
    }
    case 'drawing':
      return time === undefined ? phrase('drewNothing') : phrase('drew', { answer: written });
    case 'choice':
      return phrase('chose', { choices: chosenWords(item, answer.chosen, conventions) });
    case 'pairs':
      return phrase('paired', { right: rightPairs(item, answer), count: answer.pairs.length });
    case 'yes-no':
      return phrase(answer.yes ? 'yes' : 'no');
    case 'judgement':
      if (answer.possible) return phrase('possible');
      return answer.fault === undefined
        ? phrase('impossible')
        : phrase('fault', { fault: faultWords(answer.fault, conventions) });
    case 'unit':
      return phrase('unit', { unit: words(`clock.units.${answer.unit}`) });
    case 'order':
      return phrase('ordered');
  }
};

/** What was drawn beside the hands and tells something: "circled the 4". */
const besides = (read: ReadAnswer, conventions: Conventions): string[] => {
  if (read.kind !== 'drawing') return [];
  const ringed = [...new Set(read.aside.flatMap((one) => (one.kind === 'ring' ? [one.numeral] : [])))];
  if (ringed.length === 0) return [];
  return [teacherSentence({ key: 'teacher.answered.ringed', values: { numerals: ringed.join(', ') } }, conventions)];
};

/** An answer in a few words: "Said 5:30", "Turned to 12:15", "Wrote 430". */
export const describeAnswer = (item: Item, answer: ReadAnswer, conventions: Conventions): string =>
  [teacherSentence(answerPhrase(item, answer, conventions), conventions), ...besides(answer, conventions)].join(', ');
