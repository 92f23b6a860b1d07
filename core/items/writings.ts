import type { Conventions } from '../conventions/index.ts';
import type { ItemOf } from './item.ts';

/** Two numbers with a colon or a stop between them, wherever they stand in a writing. */
const DIGITS = /\b(\d{1,2})[:.](\d{1,2})\b/g;

/** A writing, right or not, with its digits in the class's form: `4:30` is 04:30 or 4.30 there, and `4:3` is 04:3 or 4.3. */
const inForm = (text: string, { digitalForm }: Pick<Conventions, 'digitalForm'>): string => {
  const separator = digitalForm === '4.30' ? '.' : ':';
  return text.replace(DIGITS, (_, hour: string, minutes: string) => {
    const first = digitalForm === '04:30' ? hour.padStart(2, '0') : hour;
    return `${first}${separator}${minutes}`;
  });
};

/** The writings a child chooses from, as the class writes times: what the task offers as right is what the class calls right. */
export const writingsShown = (
  { options }: Pick<ItemOf<'choose-writings'>, 'options'>,
  conventions: Pick<Conventions, 'digitalForm'>,
): string[] => options.map((text) => inForm(text, conventions));
