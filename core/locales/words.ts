import { CHOICES, type LocaleTag } from '../conventions/index.ts';
import { LOCALES, chainOf } from './locales.ts';

/** Words at the end of a key such as `clock.place.on`; none when the file does not have it. */
export const lookUp = (words: object | undefined, key: string): string | undefined => {
  const found = key
    .split('.')
    .reduce<unknown>((at, part) => (typeof at === 'object' && at !== null ? at[part as keyof typeof at] : at), words);
  return typeof found === 'string' ? found : undefined;
};

/** Word files, one a language. */
export type WordFiles = Readonly<Record<LocaleTag, object>>;

/** The words of a key in the first file of a language's chain that has it. */
const foundIn = (key: string, tag: LocaleTag, fileOf: (tag: LocaleTag) => object | undefined): string => {
  for (const from of chainOf(tag)) {
    const found = lookUp(fileOf(from), key);
    if (found !== undefined) return found;
  }
  throw new RangeError(`no words for ${key}`);
};

/** Looks keys up in word files: in a language's own, then in those it falls back on. */
export const wordsFrom =
  (files: WordFiles) =>
  (key: string, tag: LocaleTag): string =>
    foundIn(key, tag, (from) => files[from]);

/** Where each language looks for words, itself left out: what a library of messages wants to be told. */
export const FALLBACKS = Object.fromEntries(
  CHOICES.locale.choices.map((tag) => [tag, chainOf(tag).slice(1)]),
) as Readonly<Record<LocaleTag, LocaleTag[]>>;

/**
 * The words of a key in a language, as children and the board need them.
 * @throws RangeError when no word file has the key
 */
export const wordsOf = (key: string, tag: LocaleTag): string => foundIn(key, tag, (from) => LOCALES[from].words);
