import { createI18n } from 'vue-i18n';
import { CHOICES, DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import { FALLBACKS, type WordFiles } from '../../core/locales/index.ts';

/** Ways of writing a day; the order of its parts is the language's. */
const DATES = {
  weekday: { weekday: 'short', timeZone: 'UTC' },
  long: { weekday: 'long', month: 'long', day: 'numeric', timeZone: 'UTC' },
  day: { weekday: 'long', timeZone: 'UTC' },
} as const;

/**
 * The words of an entry; what a language does not say comes from those it falls back on. Clock language is core's.
 * @param files what each language says itself
 */
export const createWords = (files: WordFiles) =>
  createI18n({
    legacy: false,
    locale: DEFAULT_CONVENTIONS.locale,
    fallbackLocale: FALLBACKS,
    missingWarn: false,
    fallbackWarn: false,
    messages: files as Record<string, Record<string, string>>,
    datetimeFormats: Object.fromEntries(CHOICES.locale.choices.map((tag) => [tag, DATES])),
  });
