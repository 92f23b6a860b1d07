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
    case 'set-free':
    case 'choose-clock':
    case 'draw':
    case 'mend-clock':
      return item.shown;
    case 'yet':
      return item.target;
    default:
      return undefined;
  }
};

const ask = (name: string, values: Phrase['values'] = {}): Phrase => ({ key: `clock.ask.${name}`, values });

/**
 * What a class or a child is asked, as it is written.
 * @param prompt how a time in it stands there: by voice alone, it is not written at all
 */
export const askPhrase = (item: Item, conventions: Conventions, prompt: Prompt = 'words'): Phrase => {
  if (prompt === 'spoken' && timeNamed(item) !== undefined) return ask('listen');
  const named = (time: DialTime): string => (prompt === 'digits' ? digital(time, conventions) : say(time, conventions));
  switch (item.kind) {
    case 'name-part':
      return ask('name-part', { part: partName(item.part, conventions) });
    case 'read':
    case 'choose-words':
      return ask('read');
    case 'set':
    case 'set-free':
      return ask('set', { said: named(item.shown) });
    case 'choose-clock':
      return ask(isSeveral(item) ? 'choose-clocks' : item.kind, { said: named(item.shown) });
    case 'draw':
    case 'mend-clock':
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
