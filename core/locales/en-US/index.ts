import type { Locale } from '../locale.ts';
import grammar from './grammar.json' with { type: 'json' };
import words from './words.json' with { type: 'json' };

/** English as in the United States. */
export const EN_US: Locale = { tag: 'en-US', grammar, words, paper: 'letter' };
