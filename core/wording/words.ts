import grammarUk from './grammar/en-GB.json' with { type: 'json' };
import grammarUs from './grammar/en-US.json' with { type: 'json' };
import wordsUk from './messages/en-GB.json' with { type: 'json' };
import wordsUs from './messages/en-US.json' with { type: 'json' };
import type { English } from '../conventions/index.ts';

/** Ways of saying a time that the word files have patterns for. */
export const SAID_KINDS = [
  'oclock',
  'noon',
  'midnight',
  'halfPast',
  'thirty',
  'quarterPast',
  'quarterTo',
  'past',
  'to',
  'oneMinutePast',
  'minutesPast',
  'oneMinuteTo',
  'minutesTo',
  'read',
  'readOh',
] as const;
export type SaidKind = (typeof SAID_KINDS)[number];

/** Patterns of one English: what is said, the preferred first, and what is only understood. */
export interface Grammar {
  readonly said: Readonly<Record<SaidKind, readonly string[]>>;
  readonly understood: Readonly<Partial<Record<SaidKind, readonly string[]>>>;
}

const US: Grammar = { said: grammarUs.said, understood: grammarUs.understood };
/** UK English holds only what differs from US English. */
export const GRAMMARS: Readonly<Record<English, Grammar>> = {
  'en-US': US,
  'en-GB': { said: { ...grammarUs.said, ...grammarUk.said }, understood: grammarUs.understood },
};

/** Numbers 0 to 59 in words, by their value. */
export const NUMBER_WORDS: readonly string[] = grammarUs.numbers;

/** A piece of clock language: a key of the word files in `messages/`, and what to fill in. */
export interface Phrase {
  readonly key: string;
  readonly values: Readonly<Record<string, string | number>>;
}

/** Fills a pattern's `{name}` places. @throws RangeError when a value is missing */
export const fill = (pattern: string, values: Phrase['values']): string =>
  pattern.replace(/\{(\w+)\}/g, (_, name: string) => {
    const value = values[name];
    if (value === undefined) throw new RangeError(`"${pattern}" has no value for ${name}`);
    return String(value);
  });

/** Words at the end of a key such as `clock.place.on`; none when the file does not have it. */
export const lookUp = (words: object, key: string): string | undefined => {
  const found = key
    .split('.')
    .reduce<unknown>((at, part) => (typeof at === 'object' && at !== null ? at[part as keyof typeof at] : at), words);
  return typeof found === 'string' ? found : undefined;
};

/** Looks keys up in a pair of word files: US English where UK English does not say it differently. */
export const wordsFrom =
  (us: object, uk: object) =>
  (key: string, english: English): string => {
    const found = (english === 'en-GB' ? lookUp(uk, key) : undefined) ?? lookUp(us, key);
    if (found === undefined) throw new RangeError(`no words for ${key}`);
    return found;
  };

/**
 * The words of a key in an English, as children and the board need them.
 * @throws RangeError when no word file has the key
 */
export const wordsOf = wordsFrom(wordsUs, wordsUk);
