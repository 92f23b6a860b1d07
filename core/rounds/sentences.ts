import { faultsOf, hasCome, isHourAlone, type ClockPicture } from '../items/index.ts';
import { readingOrder, readingSteps, say, type Phrase, type StepPart } from '../wording/index.ts';
import { type Conventions } from '../conventions/index.ts';
import { askPhrase } from '../asking/index.ts';
import type { RoundPlace } from './round.ts';
import { timeAsked, type RoundItem } from './task.ts';

/** Is it that time yet? Yes, not yet, or past already. */
const yetPhrase = ({ shown, target }: Extract<RoundItem, { kind: 'yet' }>, conventions: Conventions): Phrase => {
  const answer = shown === target ? 'now' : hasCome(shown, target) ? 'past' : 'not';
  return {
    key: `clock.yet.${answer}`,
    values: { said: say(target, conventions), shown: say(shown, conventions) },
  };
};

/** Can a clock look like this? It can, or what is wrong with it. */
export const judgedPhrase = (picture: ClockPicture): Phrase => {
  const [fault] = faultsOf(picture);
  return { key: fault === undefined ? 'clock.possible' : `clock.faults.${fault}`, values: {} };
};

/** Cards that are open after some steps of a reveal. */
export const revealedParts = (item: RoundItem, revealed: number, conventions: Conventions): readonly StepPart[] => {
  if (revealed === 0) return [];
  if (isHourAlone(item.kind)) return ['hour'];
  if (item.kind === 'yet' || item.kind === 'choose-clock' || item.kind === 'judge-clock') return ['whole'];
  return readingOrder(conventions).slice(0, revealed);
};

/**
 * What the teacher says of a time when some of its cards are open: the sentence of the card opened last.
 * @returns none while all are covered
 */
export const sentenceOfCards = (
  time: Parameters<typeof readingSteps>[0],
  opened: readonly StepPart[],
  conventions: Conventions,
): Phrase | undefined => {
  const last = readingOrder(conventions).findLast((part) => opened.includes(part));
  return readingSteps(time, conventions).findLast(({ part }) => part === last)?.sentence;
};

/** What the teacher says at a place of a round: the task until an answer is being shown, then the step shown last. */
export const roundPhrase = (
  item: RoundItem,
  { phase, revealed }: Pick<RoundPlace, 'phase' | 'revealed'>,
  conventions: Conventions,
): Phrase => {
  const isShown = (phase === 'reveal' && revealed > 0) || phase === 'missed' || phase === 'done';
  if (!isShown) return askPhrase(item, conventions);
  if (item.kind === 'yet') return yetPhrase(item, conventions);
  if (item.kind === 'judge-clock') return judgedPhrase(item.clock);
  const parts = phase === 'reveal' ? revealedParts(item, revealed, conventions) : (['whole'] as const);
  return sentenceOfCards(timeAsked(item), isHourAlone(item.kind) ? ['hour'] : parts, conventions)!;
};
