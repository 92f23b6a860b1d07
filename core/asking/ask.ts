import { rightAnswers, type Item, type ClockPart } from '../items/index.ts';
import { handName, say, sentence, type Phrase } from '../wording/index.ts';
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

const ask = (name: string, values: Phrase['values'] = {}): Phrase => ({ key: `clock.ask.${name}`, values });

/** What a class or a child is asked. */
export const askPhrase = (item: Item, conventions: Conventions): Phrase => {
  switch (item.kind) {
    case 'name-part':
      return ask('name-part', { part: partName(item.part, conventions) });
    case 'read':
    case 'choose-words':
      return ask('read');
    case 'set':
    case 'set-free':
      return ask('set', { said: say(item.shown, conventions) });
    case 'choose-clock':
      return ask(isSeveral(item) ? 'choose-clocks' : item.kind, { said: say(item.shown, conventions) });
    case 'draw':
    case 'mend-clock':
      return ask(item.kind, { said: say(item.shown, conventions) });
    case 'yet':
      return ask('yet', { said: say(item.target, conventions) });
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
