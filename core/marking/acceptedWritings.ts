import type { Conventions } from '../conventions/index.ts';
import { CHOICES } from '../conventions/index.ts';
import { rightAnswers, timeOfItem, type Item } from '../items/index.ts';
import { NUMBER_FORMS } from '../locales/grammar.ts';
import { digital, phrases } from '../wording/index.ts';
import { readAndMark } from './mark.ts';

/** The apostrophe as it is printed, as keyboards have it, and left out. */
const apostrophes = (text: string): string[] =>
  text.includes('’') ? [text, text.replaceAll('’', "'"), text.replaceAll('’', '')] : [text];

/**
 * Every usual way of writing the answer to a task that marking takes for right, the usual one first: for programs that can only compare
 * texts. Capitals are left to them. Empty where nothing is written.
 */
export const acceptedWritings = (item: Item, conventions: Conventions): readonly string[] => {
  const right = rightAnswers(item, conventions).flatMap((one) => (one.kind === 'text' ? [one.text] : []));
  const time = timeOfItem(item);
  if (right.length === 0 || time === undefined) return right;
  const candidates = [
    ...right,
    ...CHOICES.digitalForm.choices.map((digitalForm) => digital(time, { digitalForm })),
    ...NUMBER_FORMS.flatMap((form) => phrases(time, conventions, form)),
  ].flatMap(apostrophes);
  return [...new Set(candidates)].filter(
    (text) => readAndMark(item, { kind: 'text', text }, conventions).verdict === 'right',
  );
};
