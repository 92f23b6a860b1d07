import { partName } from '../asking/index.ts';
import { wrapToDial } from '../clock/index.ts';
import type { Conventions } from '../conventions/index.ts';
import { answeredTime, type ReadAnswer } from '../answers/index.ts';
import { teacherSentence } from '../reporting/index.ts';
import { digital, sentence } from '../wording/index.ts';

/**
 * An answer as a teacher would type it, to be read back by the same grammar: a writing as it stands, hands as the time they read as,
 * letters of what was chosen. Of a drawing that shows no time, and of what was only tapped, there is nothing to type: it is empty.
 */
export const entryText = (answer: ReadAnswer, conventions: Conventions): string => {
  const word = (key: string): string => sentence({ key, values: {} }, conventions);
  const yesNo = (yes: boolean): string => word(`clock.paper.${yes ? 'yes' : 'no'}`);
  switch (answer.kind) {
    case 'writing':
      return answer.text;
    case 'hour':
      return String(answer.hour);
    case 'time':
    case 'hands':
    case 'hour-angle':
    case 'drawing': {
      const time = answeredTime(answer);
      return time === undefined ? '' : digital(wrapToDial(Math.round(time)), conventions);
    }
    case 'choice':
      return answer.chosen.map((place) => String.fromCharCode(65 + place)).join(' ');
    case 'yes-no':
      return yesNo(answer.yes);
    case 'judgement':
      return yesNo(answer.possible);
    case 'part':
      return partName(answer.part, conventions);
    case 'direction':
      return teacherSentence({ key: `teacher.answered.${answer.direction}`, values: {} }, conventions);
    case 'unit':
      return word(`clock.units.${answer.unit}`);
    case 'pairs':
      return answer.pairs.map(({ digits, words }) => `${digits + 1}–${words + 1}`).join(' ');
    case 'order':
      return answer.order.map((_, place) => answer.order.indexOf(place) + 1).join(' ');
    case 'no-answer':
      return answer.why === 'empty' ? '-' : '?';
    case 'observed':
      return '';
  }
};
