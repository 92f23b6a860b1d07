import type { ChoiceName, Conventions } from '../conventions/index.ts';

/** What a class has agreed on, as far as a verdict goes by it. Stored with each answer, so that it is judged by the rules of its day for ever. */
export const MARKING_CONVENTIONS = [
  'locale',
  'digitalForm',
  'otherForms',
  'halfPastHand',
] as const satisfies readonly ChoiceName[];
export type MarkingRules = Pick<Conventions, (typeof MARKING_CONVENTIONS)[number]>;

export const markingRules = (conventions: MarkingRules): MarkingRules => {
  const { locale, digitalForm, otherForms, halfPastHand } = conventions;
  return { locale, digitalForm, otherForms, halfPastHand };
};
