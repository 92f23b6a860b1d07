import wordsUk from './messages/en-GB.json' with { type: 'json' };
import wordsUs from './messages/en-US.json' with { type: 'json' };
import { lookUp, wordsFrom } from '../locales/index.ts';
import { fill, handName, type Phrase, type SpeakingConventions } from '../wording/index.ts';

const teacherWordsOf = wordsFrom({ 'en-US': wordsUs, 'en-GB': wordsUk });

/** Do the teacher's word files have this key? */
export const hasTeacherWords = (key: string): boolean => lookUp(wordsUs, key) !== undefined;

/**
 * A phrase of the teacher's word files (reasons, findings, tasks in a list, I-can sentences) as a sentence, hands called as
 * the class calls them. Apart from the children's words, so that a tablet never loads it.
 * @throws RangeError when no word file has the key
 */
export const teacherSentence = ({ key, values }: Phrase, conventions: SpeakingConventions): string =>
  fill(teacherWordsOf(key, conventions.locale), {
    hourHand: handName('hour', conventions),
    minuteHand: handName('minute', conventions),
    ...values,
  });
