import type { HandAngles } from '../clock/index.ts';
import type { Answer, Item } from '../items/index.ts';
import { WRONG_RULES, type WrongRule } from './names.ts';
import { predict, usualRight } from './predict.ts';
import { isSameLength, sameExactly, sameHands, waysToSee } from './same.ts';

type Drawing = Extract<Answer, { kind: 'drawn' }>;

/** Is a drawing the one foretold? Lengths count only where the rule is about them, the middle likewise. */
const sameDrawing = (given: Drawing, foretold: Drawing, shown: Parameters<typeof sameHands>[2]): boolean => {
  if (given.hands.length !== foretold.hands.length) return false;
  if (foretold.offCentre && !given.offCentre) return false;
  const [a, b] = [given.hands[0], foretold.hands[0]];
  if (given.hands.length === 1) {
    const one = (angle: number): HandAngles => ({ hour: angle, minute: angle });
    return sameHands(one(a!.angle), one(b!.angle), shown);
  }
  if (isSameLength(given.hands) !== isSameLength(foretold.hands)) return false;
  const [wanted] = waysToSee(foretold.hands);
  return wanted !== undefined && waysToSee(given.hands).some((way) => sameHands(way, wanted, shown));
};

/** Is this the answer that was foretold, hands within their tolerances? */
export const isSame = (item: Item, given: Answer, foretold: Answer): boolean => {
  if (foretold.kind === 'hands')
    return given.kind === 'hands' && 'shown' in item && sameHands(given, foretold, item.shown);
  if (foretold.kind === 'drawn')
    return given.kind === 'drawn' && 'shown' in item && sameDrawing(given, foretold, item.shown);
  return sameExactly(given, foretold);
};

/** Would following this rule look the same as knowing, for this item? True too where the rule says nothing. */
export const isInvisible = (rule: WrongRule, item: Item): boolean => {
  const predicted = predict(rule, item);
  if (predicted.kind !== 'answers') return true;
  const right = usualRight(item);
  return predicted.own.some((own) => isSame(item, own, right));
};

/** Does a rule lead to this very answer? */
export const leadsTo = (rule: WrongRule, item: Item, answer: Answer): boolean => {
  const predicted = predict(rule, item);
  return predicted.kind === 'answers' && predicted.own.some((own) => isSame(item, answer, own));
};

/**
 * The wrong rules that lead to a wrong answer. A rule that would also give the right one here is left out: an item that
 * cannot tell is never used to accuse. Whether the answer is wrong is the marking's business.
 */
export const explain = (item: Item, answer: Answer): WrongRule[] =>
  WRONG_RULES.filter((rule) => leadsTo(rule, item, answer) && !isInvisible(rule, item));

/**
 * The wrong rules an answer does not rule out, and those that would have had to guess.
 * @param right is the answer right? Rules that lead to the right answer, or say nothing here, then fit too.
 */
export const consistentRules = (
  item: Item,
  answer: Answer,
  right: boolean,
): { readonly fitting: WrongRule[]; readonly guessing: WrongRule[] } => ({
  fitting: WRONG_RULES.filter((rule) => {
    const predicted = predict(rule, item);
    switch (predicted.kind) {
      case 'answers':
        return (predicted.orRight && right) || leadsTo(rule, item, answer);
      case 'as-right':
      case 'not-applicable':
        return right;
      case 'guess':
        return false;
    }
  }),
  guessing: WRONG_RULES.filter((rule) => predict(rule, item).kind === 'guess'),
});
