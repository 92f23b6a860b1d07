import type { LocaleTag } from '../conventions/index.ts';

/** Minutes past the hour: one of them, or all from one to another. */
export type MinuteSpan = number | { readonly from: number; readonly to: number };

/**
 * One way of saying times, as patterns. `{hour}` stands for the hour passed and `{next}` for the coming one, `{minutes}` for
 * the minutes past and `{toGo}` for those left, `{hourSaid}` for an hour that is always in words: so a language says by itself which hour it names.
 */
export interface Way {
  readonly minutes: readonly MinuteSpan[];
  /** Said at this hour only, as noon is. */
  readonly hour?: number;
  /** What is said, the preferred first. */
  readonly said: readonly string[];
  /** What is understood and never said. */
  readonly understood?: readonly string[];
}

/** How a language tells the time. All of it is data; `wording` is what speaks and reads with it. */
export interface Grammar {
  /** 0 to 59 in words, by their value. */
  readonly numbers: readonly string[];
  /** What stands between two words: a blank, or nothing where words run together. */
  readonly blank: string;
  /**
   * The ways of saying a time by their names, the preferred first. Three names are known outside: `oclock`, `halfPast` and
   * `thirty`, between which a class may choose for half past.
   */
  readonly ways: Readonly<Record<string, Way>>;
  /** Spellings that are the same: patterns of regular expressions over small letters, and what they become. */
  readonly spellings: readonly { readonly like: string; readonly as: string }[];
  /** Phrases a child may begin or end without saying an hour. */
  readonly withoutHour: readonly string[];
  /** A half whose hour nobody can be sure of, such as "half 4"; none where it has one meaning only. */
  readonly halfAlone?: string;
  /** Words that beside digits make a writing of two forms in one, such as "half past 4:30". */
  readonly timeWords: readonly string[];
}

export type PaperSize = 'a4' | 'letter';

/** A language as it is spoken in one place. */
export interface Locale {
  /** As in BCP 47; how a device's voice, its days and its dates are found. */
  readonly tag: string;
  /** Where words are taken from that this one does not have. */
  readonly fallback?: LocaleTag;
  readonly grammar: Grammar;
  /** Clock language for children, by its key; what is missing comes from the fallback. */
  readonly words: object;
  /** The paper in use there. */
  readonly paper: PaperSize;
}
