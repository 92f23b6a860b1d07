import { factorial } from './chance.ts';
import type { Item } from './item.ts';
import { rightAnswers } from './right.ts';

/**
 * About how many different answers a child may give who does not know: over so many a slip or a guess spreads. A choice has as many as it
 * has options; a drawing some sixty that can be told apart. It is an order of magnitude where the answer is free, and exact where it is not.
 */
export const answersInReach = (item: Item): number => {
  switch (item.kind) {
    case 'name-part':
      return 4;
    case 'direction':
    case 'yet':
      return 2;
    case 'judge-clock':
      return 4;
    case 'hour-hand':
      return 12;
    case 'set-hour-hand':
      return 24;
    case 'read':
    case 'write-words':
      return 30;
    case 'write-digital':
    case 'words-to-digits':
      return 40;
    case 'set':
      return 48;
    case 'set-free':
    case 'mend-clock':
    case 'draw':
      return 60;
    case 'choose-words':
    case 'digits-to-words':
    case 'which-of':
    case 'choose-clock':
    case 'choose-writings': {
      const right = rightAnswers(item)[0]!;
      const isOne = right.kind === 'choice' && right.chosen.length === 1;
      return isOne ? Math.max(2, item.options.length) : 2 ** item.options.length - 1;
    }
    case 'pair':
      return factorial(item.times.length) ** 2;
    case 'how-long':
      return 3;
    case 'day-order':
      return factorial(item.events.length);
  }
};
/** Are all answers there to be chosen from? A slip then takes any of them; where the answer is free it is mostly a near one. */
export const isAmongOptions = (item: Item): boolean =>
  'options' in item || 'target' in item || item.kind === 'how-long';
