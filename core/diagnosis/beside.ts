import { createGrowing } from '../common/index.ts';
import { isSameLength, mayComeFromHomeLanguage, type WrongRule } from '../misconceptions/index.ts';
import { begun, needsIn, type Shares } from './belief.ts';
import type { JudgedAnswer } from './judged.ts';
import { changeBehind, type ConventionChange } from './changedConvention.ts';
import { NEEDS, type NamedNeed } from './needs.ts';
import type { About } from './reason.ts';

/** Before any answer: what nobody was asked about is no explanation. */
const UNKNOWN = needsIn(begun());
/** A second need is said beside the first when it is likelier than this, and than before any answer. */
export const BESIDE = 0.15;
/** So many times as likely as before any answer: what nobody was asked about stays about where it was. */
const MORE = 1.25;

/**
 * A second explanation of the same answers.
 * - `need`: another need that is not unlikely
 * - `convention`: the class does something otherwise since then
 * - `home-language`: the child's language names half past by the coming hour: ask before it is called an error
 * - `one-length`: it was drawn with hands of one length, and nobody can say which is which
 * - `hidden`: some of its right answers it would have given all the same
 */
export type Beside =
  | { readonly kind: 'need'; readonly need: NamedNeed; readonly share: number }
  | ({ readonly kind: 'convention' } & ConventionChange)
  | { readonly kind: 'home-language' }
  | { readonly kind: 'one-length' }
  | { readonly kind: 'hidden'; readonly answers: number };

/** How many answers each rule would have given right. */
const hiddenOf = createGrowing<JudgedAnswer, Map<WrongRule, number>>(
  () => new Map(),
  (counts, { hides }) => {
    for (const rule of hides) counts.set(rule, (counts.get(rule) ?? 0) + 1);
  },
);

/** Rules that are about which hand is which. */
const ABOUT_LENGTH: ReadonlySet<WrongRule> = new Set<WrongRule>(['hands-swapped', 'lengths-swapped']);

/**
 * What else may lie behind the answers that speak for a need, the weightiest first.
 * @param answers of that child alone @param fitting places of those that speak for it @param about what else is known of it
 */
export const besides = (
  { need, rule }: { readonly need: NamedNeed; readonly rule: WrongRule | undefined },
  { needs }: Pick<Shares, 'needs'>,
  answers: readonly JudgedAnswer[],
  fitting: readonly number[],
  { homeLanguage, changes = [] }: Pick<About, 'homeLanguage' | 'changes'>,
): Beside[] => {
  const others = NEEDS.flatMap((other): Extract<Beside, { kind: 'need' }>[] =>
    other === 'none' || other === need || needs[other] <= Math.max(BESIDE, MORE * UNKNOWN[other])
      ? []
      : [{ kind: 'need', need: other, share: needs[other] }],
  ).sort((a, b) => b.share - a.share);
  const changed = changeBehind(
    need,
    fitting.map((place) => answers[place]!.day),
    changes,
  );
  const first: Beside[] = changed === undefined ? [] : [{ kind: 'convention', ...changed }];
  if (rule === undefined) return [...first, ...others];
  const isOneLength = fitting.some((place) => {
    const read = answers[place]!.given?.read;
    return read?.kind === 'drawing' && isSameLength(read.hands);
  });
  const hidden = hiddenOf(answers).get(rule) ?? 0;
  return [
    ...first,
    ...(mayComeFromHomeLanguage(rule, homeLanguage) ? [{ kind: 'home-language' } as const] : []),
    ...others,
    ...(ABOUT_LENGTH.has(rule) && isOneLength ? [{ kind: 'one-length' } as const] : []),
    ...(hidden > 0 ? [{ kind: 'hidden', answers: hidden } as const] : []),
  ];
};
