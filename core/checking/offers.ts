import type { Conventions } from '../conventions/index.ts';
import { asGiven, readAnswer, type ReadAnswer } from '../answers/index.ts';
import { rightAnswers, type Answer, type Item } from '../items/index.ts';
import { WRONG_RULES, isSame, isSameForetold, visibleRules, type WrongRule } from '../misconceptions/index.ts';
import { isInBoxes, shownAnswer, type Writing } from '../sheets/index.ts';
import { USUAL_ORDER } from './likely.ts';
import { otherAnswers } from './others.ts';

/** Answers offered for a task at most: as many as keys 1 to 8. */
export const MOST_OFFERS = 8;

/** One answer a child may have given, to be marked with one key. */
export interface Offer {
  readonly answer: Answer;
  readonly isRight: boolean;
  /** Wrong rules that lead to it, the likeliest first; none for a right one, and where no rule is known to. */
  readonly rules: readonly WrongRule[];
}

/** What the order of offers goes by, beside the task. */
export interface OfferContext {
  readonly conventions: Conventions;
  /** Rules suspected of this child, the likeliest first. */
  readonly suspected: readonly WrongRule[];
  /** Rules by how common they are in the class, the commonest first; those left out come last. */
  readonly common: readonly WrongRule[];
  /** What others gave to the same task, the latest last. */
  readonly given: readonly ReadAnswer[];
  /** How digits are asked for. A colon that is printed between boxes nobody can leave out. */
  readonly writing: Writing;
}

/** What fits into boxes for hour and minutes. */
const FITS_BOXES = /^\d{0,2}[:.]\d{0,2}$/;

const fits = (item: Item, answer: Answer, { writing }: OfferContext): boolean =>
  !isInBoxes(item, writing) || answer.kind !== 'text' || FITS_BOXES.test(answer.text);

/** Place of a rule behind those suspected: by how common it is in the class, otherwise as it usually is. */
const rankIn =
  ({ common }: OfferContext) =>
  (rule: WrongRule): number => {
    const shared = common.indexOf(rule);
    return shared >= 0 ? shared : WRONG_RULES.length + USUAL_ORDER.indexOf(rule);
  };

/** An answer that rules lead to. */
interface Ruled {
  readonly answer: Answer;
  readonly rules: WrongRule[];
  /** Place among the answers of its likeliest rule. */
  readonly place: number;
}

/** Every wrong answer a rule leads to, with all rules that do: the likeliest rule's first, each rule's likeliest answer first. */
const ruledAnswers = (item: Item, context: OfferContext): Ruled[] => {
  const { suspected } = context;
  const rank = rankIn(context);
  const isSuspected = (rule: WrongRule): boolean => suspected.includes(rule);
  const own = (rule: WrongRule): number => (isSuspected(rule) ? suspected.indexOf(rule) : suspected.length);
  const inOrder = visibleRules(item)
    .flatMap(({ rule, own: answers }) => answers.map((answer, place) => ({ rule, answer, place })))
    .sort(
      (a, b) =>
        own(a.rule) - own(b.rule) ||
        // One rule of many answers leaves room for the first of others, unless it is suspected.
        (isSuspected(a.rule) ? 0 : Math.min(a.place, 1) - Math.min(b.place, 1)) ||
        rank(a.rule) - rank(b.rule) ||
        a.place - b.place,
    );
  const found: Ruled[] = [];
  for (const { rule, answer, place } of inOrder) {
    const known = found.find((one) => isSameForetold(item, answer, one.answer));
    if (known === undefined) found.push({ answer, rules: [rule], place });
    else if (!known.rules.includes(rule)) known.rules.push(rule);
  }
  return found;
};

/** What others gave that is taken up, the answer given most often first. */
const MOST_GIVEN = 3;
const givenAnswers = (item: Item, given: readonly ReadAnswer[]): Answer[] => {
  const counted: { answer: Answer; times: number }[] = [];
  for (const read of given) {
    const answer = asGiven(read);
    if (answer === undefined || answer.kind === 'observed' || answer.kind === 'no-answer') continue;
    const known = counted.find((one) => isSame(item, read, one.answer));
    if (known === undefined) counted.push({ answer, times: 1 });
    else known.times += 1;
  }
  return counted.sort((a, b) => b.times - a.times).map(({ answer }) => answer);
};

/**
 * The answers a child most likely gave to a task: the usual right one first, then wrong ones: those that rules suspected of the child
 * lead to, what others gave, one of each other rule, the commonest rule first, further ones, near misses. At most eight; no two that
 * look alike.
 */
export const offersOf = (item: Item, context: OfferContext): Offer[] => {
  const { conventions, suspected } = context;
  const rights = rightAnswers(item, conventions);
  const usual = rights[0]!;
  const same = (answer: Answer, other: Answer): boolean => isSame(item, readAnswer(answer, conventions), other);
  const isRight = (answer: Answer): boolean => rights.some((right) => same(answer, right));
  const looks = (answer: Answer): string => JSON.stringify(shownAnswer(item, answer, conventions));
  const offers: Offer[] = [{ answer: usual, isRight: true, rules: [] }];
  const seen = new Set([looks(usual)]);
  const offer = (answer: Answer, rules: readonly WrongRule[]): boolean => {
    const look = looks(answer);
    if (offers.length >= MOST_OFFERS || seen.has(look) || !fits(item, answer, context)) return false;
    if (offers.some((one) => same(answer, one.answer))) return false;
    seen.add(look);
    offers.push({ answer, isRight: isRight(answer), rules });
    return true;
  };
  const ruled = ruledAnswers(item, context).filter(({ answer }) => !isRight(answer));
  const ofSuspected = ruled.filter(({ rules }) => rules.some((rule) => suspected.includes(rule)));
  for (const { answer, rules } of ofSuspected) offer(answer, rules);
  let taken = 0;
  for (const answer of givenAnswers(item, context.given)) {
    const rules = ruled.find((one) => same(answer, one.answer))?.rules ?? [];
    if (taken < MOST_GIVEN && offer(answer, rules)) taken += 1;
  }
  for (const { answer, rules } of ruled) offer(answer, rules);
  for (const answer of otherAnswers(item, conventions)) offer(answer, []);
  return offers;
};
