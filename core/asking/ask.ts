import { rightAnswers, type Item, type ClockPart } from '../items/index.ts';
import type { DialTime } from '../clock/index.ts';
import { digital, handName, say, sentence, type Phrase } from '../wording/index.ts';
import { type Conventions } from '../conventions/index.ts';

/** What a part of the clock is called in this class. */
export const partName = (part: ClockPart, conventions: Conventions): string =>
  part === 'hour-hand' || part === 'minute-hand'
    ? handName(part === 'hour-hand' ? 'hour' : 'minute', conventions)
    : sentence({ key: `clock.parts.${part}`, values: {} }, conventions);

/** Are several of the options right? */
export const isSeveral = (item: Item): boolean => {
  const [right] = rightAnswers(item);
  return right?.kind === 'choice' && right.chosen.length > 1;
};

/** How a time is asked for: in digits, in words, in both, or by voice alone. */
export const PROMPTS = ['both', 'digits', 'words', 'spoken'] as const;
export type Prompt = (typeof PROMPTS)[number];

/** The time a task names when it is asked; none where the clock itself is the question. */
export const timeNamed = (item: Item): DialTime | undefined => {
  switch (item.kind) {
    case 'set':
    case 'set-hour-hand':
    case 'set-free':
    case 'choose-clock':
    case 'which-of':
    case 'words-to-digits':
    case 'digits-to-words':
    case 'draw':
    case 'mend-clock':
      return item.shown;
    case 'yet':
      return item.target;
    default:
      return undefined;
  }
};

/**
 * How a task can be asked where a class wants it so: what is to be given back is never asked in that form.
 * @param wished how times are asked in this class now
 */
export const promptFor = ({ kind }: Pick<Item, 'kind'>, wished: Prompt): Prompt => {
  switch (kind) {
    // The hour hand alone is put from digits: there the minutes stand, and do not move.
    case 'set-hour-hand':
    case 'digits-to-words':
      return 'digits';
    case 'words-to-digits':
    case 'which-of':
      return wished === 'spoken' ? 'spoken' : 'words';
    default:
      return wished;
  }
};

const ask = (name: string, values: Phrase['values'] = {}): Phrase => ({ key: `clock.ask.${name}`, values });

/**
 * What a class or a child is asked, as it is written.
 * @param wished how times are asked: by voice alone, they are not written at all
 */
export const askPhrase = (item: Item, conventions: Conventions, wished: Prompt = 'words'): Phrase => {
  const prompt = promptFor(item, wished);
  if (prompt === 'spoken' && timeNamed(item) !== undefined) return ask('listen');
  const named = (time: DialTime): string => (prompt === 'digits' ? digital(time, conventions) : say(time, conventions));
  switch (item.kind) {
    case 'name-part':
      return ask(item.part === 'numerals' ? 'name-parts' : 'name-part', { part: partName(item.part, conventions) });
    case 'read':
    case 'choose-words':
      return ask('read');
    case 'set':
    case 'set-free':
      return ask('set', { said: named(item.shown) });
    case 'which-of':
      return ask('choose-clock', { said: named(item.shown) });
    case 'choose-clock':
      return ask(isSeveral(item) ? 'choose-clocks' : item.kind, { said: named(item.shown) });
    case 'draw':
    case 'mend-clock':
    case 'set-hour-hand':
    case 'words-to-digits':
    case 'digits-to-words':
      return ask(item.kind, { said: named(item.shown) });
    case 'yet':
      return ask('yet', { said: named(item.target) });
    case 'judge-clock':
      return ask('possible');
    case 'how-long':
      return ask('how-long', { deed: sentence({ key: `clock.deeds.${item.deed}`, values: {} }, conventions) });
    case 'direction':
    case 'hour-hand':
    case 'write-digital':
    case 'write-words':
    case 'choose-writings':
    case 'pair':
    case 'day-order':
      return ask(item.kind);
  }
};

/**
 * What is asked, as it is heard: a time is named in words, however it is written. Digits read aloud would say the words that are asked
 * for: there they are only seen.
 */
export const heardPhrase = (item: Item, conventions: Conventions): Phrase =>
  item.kind === 'digits-to-words' ? ask('digits-seen') : askPhrase(item, conventions);
