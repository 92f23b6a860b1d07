import type { Item } from '../items/index.ts';
import type { Finding, Verdict } from '../marking/index.ts';
import { isSame, visibleRules, type WrongRule } from '../misconceptions/index.ts';
import type { ReadAnswer } from '../answers/index.ts';
import type { Besides } from './does.ts';
import { foretoldOf } from './foretold.ts';

/** An answer with the item it was given to. */
export interface Response {
  readonly item: Item;
  readonly read: ReadAnswer;
  /** As it was marked by the class's conventions. */
  readonly verdict: Verdict;
}
/** An answer with what was found in it when it was marked. */
export interface MarkedResponse extends Response {
  readonly findings: readonly Finding[];
}

/** What one answer says about why: worked out once, weighed as often as answers come. */
export interface Clue {
  readonly besides: Besides;
  /** Logarithm of its likelihood in each state, as `Foretold` numbers them; the same list for answers that say the same. None where it says nothing. */
  readonly logs: Float64Array | undefined;
  /** Wrong rules that lead to it; none where it is right. */
  readonly fits: readonly WrongRule[];
  /** Wrong rules that would have shown in it, and did not. */
  readonly speaksAgainst: readonly WrongRule[];
  /** Tells the item from others: two answers to one speak as one for a name. */
  readonly task: string;
}

/** Lists that say the same are kept once: a class's record has a few hundred different ones. */
const kept = new WeakMap<Uint16Array, Map<string, Float64Array>>();
/** @param ofWays logarithms by way to answer @param wayOf the way of each state */
const byState = (ofWays: Float64Array, wayOf: Uint16Array): Float64Array => {
  const same = kept.get(wayOf) ?? new Map<string, Float64Array>();
  kept.set(wayOf, same);
  const key = ofWays.join();
  const logs = same.get(key) ?? Float64Array.from(wayOf, (way) => ofWays[way]!);
  same.set(key, logs);
  return logs;
};

/** Of a tap only is known whether the child had it, and of an empty place nothing: they count for how far it has come, never for a rule. */
const tellsWhy = ({ kind }: ReadAnswer): boolean => kind !== 'observed' && kind !== 'no-answer';

/** The place of an answer among those that rules lead to; -1 where none does. */
const placeOf = ({ item, read }: Response): number =>
  foretoldOf(item).own.findIndex((foretold) => isSame(item, read, foretold));

/** Logarithms of an answer's likelihood in every state. Nearly is half right: as likely as the mean of right and of another. */
export const logsOf = (response: Response): Float64Array | undefined => {
  const { item, read, verdict } = response;
  if (verdict === 'unreadable' || !tellsWhy(read)) return undefined;
  const { chances, own, wayOf } = foretoldOf(item);
  const columns = own.length + 2;
  const place = verdict === 'right' ? -1 : placeOf(response);
  const column = place >= 0 ? 1 + place : columns - 1;
  const ofWays = Float64Array.from({ length: chances.length / columns }, (_, way) => {
    const right = chances[way * columns]!;
    const wrong = chances[way * columns + column]!;
    return Math.log(verdict === 'right' ? right : verdict === 'nearly' ? (right + wrong) / 2 : wrong);
  });
  return byState(ofWays, wayOf);
};

const rulesIn = (findings: readonly Finding[]): WrongRule[] =>
  findings.flatMap((finding) => (finding.kind === 'rule' ? [finding.rule] : []));

export const clueOf = (response: MarkedResponse): Clue => {
  const { item, read, verdict, findings } = response;
  const logs = logsOf(response);
  // What was found when it was marked is taken over: tolerances are the same.
  const fits = logs === undefined || verdict !== 'wrong' ? [] : rulesIn(findings);
  return {
    besides: foretoldOf(item).besides,
    logs,
    fits,
    speaksAgainst:
      logs === undefined || verdict === 'nearly'
        ? []
        : visibleRules(item).flatMap(({ rule, own }) =>
            fits.includes(rule) || own.some((one) => isSame(item, read, one)) ? [] : [rule],
          ),
    task: JSON.stringify(item),
  };
};
