import { DEFAULT_CONVENTIONS, type LocaleTag } from '../conventions/index.ts';
import { EN_GB } from './en-GB/index.ts';
import { EN_US } from './en-US/index.ts';
import type { Locale } from './locale.ts';

/** Every language there is. */
export const LOCALES: Readonly<Record<LocaleTag, Locale>> = { 'en-US': EN_US, 'en-GB': EN_GB };

/** A language by its tag. One that is not known here is spoken as the usual one. */
export const localeOf = (tag: LocaleTag): Locale => LOCALES[tag] ?? LOCALES[DEFAULT_CONVENTIONS.locale];

/** A language's tag and those it falls back on, its own first. */
export const chainOf = (tag: LocaleTag): readonly LocaleTag[] => {
  const { fallback } = localeOf(tag);
  return [tag, ...(fallback === undefined ? [] : chainOf(fallback))];
};
