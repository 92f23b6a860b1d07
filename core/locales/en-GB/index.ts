import { EN_US } from '../en-US/index.ts';
import { dialect } from '../grammar.ts';
import type { Locale } from '../locale.ts';
import differently from './grammar.json' with { type: 'json' };
import words from './words.json' with { type: 'json' };

/** English as in the United Kingdom: what differs from that of the United States. */
export const EN_GB: Locale = {
  tag: 'en-GB',
  fallback: 'en-US',
  grammar: dialect(EN_US.grammar, differently),
  words,
  paper: 'a4',
};
