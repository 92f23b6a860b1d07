import { angleBetween, type DialTime } from '../clock/index.ts';
import { readAnswer, type ReadAnswer, type ReadDrawing } from '../answers/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { TOLERANCES, type Answer, type DrawnHand, type Item, type ItemKind } from '../items/index.ts';
import { WRONG_RULES, type WrongRule } from './names.ts';
import { predict, usualRight } from './predict.ts';
import { hourTolerance, isSameLength, sameExactly, sameHands } from './same.ts';

type Drawing = Extract<Answer, { kind: 'drawn' }>;

/** Do two drawn hands stand where two others do, the first as the hour hand? */
const handsMatch = (
  hour: DrawnHand,
  minute: DrawnHand,
  [short, long]: readonly DrawnHand[],
  shown: DialTime,
): boolean =>
  angleBetween(minute.angle, long!.angle) <= TOLERANCES.minuteHand &&
  angleBetween(hour.angle, short!.angle) <= hourTolerance(shown);

/**
 * Is a drawing the one foretold? Lengths count only where the rule is about them, the middle likewise; hands of one length
 * may be seen both ways round.
 */
const sameDrawing = (given: ReadDrawing, foretold: Drawing, shown: DialTime): boolean => {
  const [first, second] = given.hands;
  if (given.hands.length !== foretold.hands.length || first === undefined) return false;
  if (foretold.offCentre && !given.offCentre) return false;
  if (second === undefined) return angleBetween(first.angle, foretold.hands[0]!.angle) <= TOLERANCES.minuteHand;
  const oneLength = isSameLength(given.hands);
  if (oneLength !== isSameLength(foretold.hands)) return false;
  return (
    handsMatch(first, second, foretold.hands, shown) || (oneLength && handsMatch(second, first, foretold.hands, shown))
  );
};

/** Is this the answer that was foretold, hands within their tolerances? */
export const isSame = (item: Item, given: ReadAnswer, foretold: Answer): boolean => {
  if (foretold.kind === 'hands')
    return given.kind === 'hands' && 'shown' in item && sameHands(given, foretold, item.shown);
  if (foretold.kind === 'drawn')
    return given.kind === 'drawing' && 'shown' in item && sameDrawing(given, foretold, item.shown);
  if (foretold.kind === 'hour-angle')
    return (
      given.kind === 'hour-angle' &&
      'shown' in item &&
      angleBetween(given.angle, foretold.angle) <= hourTolerance(item.shown)
    );
  return sameExactly(given, foretold);
};

/** Are two answers that were made, not given, the same? */
export const isSameForetold = (item: Item, one: Answer, other: Answer): boolean =>
  isSame(item, readAnswer(one, DEFAULT_CONVENTIONS), other);

/** Would following this rule look the same as knowing, for this item? True too where the rule says nothing. */
export const isInvisible = (rule: WrongRule, item: Item): boolean => {
  const predicted = predict(rule, item);
  if (predicted.kind !== 'answers') return true;
  const right = usualRight(item);
  return predicted.own.some((own) => isSameForetold(item, own, right));
};

/** Does a rule lead to this very answer? */
export const leadsTo = (rule: WrongRule, item: Item, answer: ReadAnswer): boolean => {
  const predicted = predict(rule, item);
  return predicted.kind === 'answers' && predicted.own.some((own) => isSame(item, answer, own));
};

export interface VisibleRule {
  readonly rule: WrongRule;
  readonly own: readonly Answer[];
}
const findVisible = (item: Item): VisibleRule[] =>
  WRONG_RULES.flatMap((rule) => {
    const predicted = predict(rule, item);
    return predicted.kind === 'answers' && !isInvisible(rule, item) ? [{ rule, own: predicted.own }] : [];
  });

/** Rules that show, found before: by kind and time where an item is nothing but these, otherwise by the item itself. */
const byTime = new Map<ItemKind, (readonly VisibleRule[] | undefined)[]>();
const byItem = new WeakMap<Item, readonly VisibleRule[]>();
export const visibleRules = (item: Item): readonly VisibleRule[] => {
  if (!('shown' in item) || 'options' in item || 'target' in item) {
    const known = byItem.get(item) ?? findVisible(item);
    byItem.set(item, known);
    return known;
  }
  const times = byTime.get(item.kind) ?? [];
  byTime.set(item.kind, times);
  return (times[item.shown] ??= findVisible(item));
};

/**
 * The wrong rules that lead to a wrong answer. A rule that would also give the right one here is left out: an item that
 * cannot tell is never used to accuse. Whether the answer is wrong is the marking's business.
 */
export const explain = (item: Item, answer: ReadAnswer): WrongRule[] => {
  const found: WrongRule[] = [];
  for (const { rule, own } of visibleRules(item)) if (own.some((one) => isSame(item, answer, one))) found.push(rule);
  return found;
};

/**
 * The wrong rules an answer does not rule out, and those that would have had to guess.
 * @param right is the answer right? Rules that lead to the right answer, or say nothing here, then fit too.
 */
export const consistentRules = (
  item: Item,
  answer: ReadAnswer,
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
