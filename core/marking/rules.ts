import type { ChoiceName, Conventions } from '../conventions/index.ts';

/** The conventions of a class that a verdict depends on. They are stored with each answer, which is judged by the rules of its day for ever. */
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
