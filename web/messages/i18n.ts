import { createI18n } from 'vue-i18n';

/** Words of one entry: US English whole, UK English where it differs. */
export interface Words {
  readonly us: object;
  readonly uk: object;
}

/** The words of an entry; what UK English does not say differently comes from US. Clock language is core's. */
export const createWords = ({ us, uk }: Words) =>
  createI18n({
    legacy: false,
    locale: 'en-US',
    fallbackLocale: 'en-US',
    missingWarn: false,
    fallbackWarn: false,
    messages: { 'en-US': { ...us }, 'en-GB': { ...uk } },
    datetimeFormats: {
      'en-US': {
        weekday: { weekday: 'short', timeZone: 'UTC' },
        long: { weekday: 'long', month: 'long', day: 'numeric', timeZone: 'UTC' },
        day: { weekday: 'long', timeZone: 'UTC' },
      },
      'en-GB': {
        weekday: { weekday: 'short', timeZone: 'UTC' },
        long: { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' },
        day: { weekday: 'long', timeZone: 'UTC' },
      },
    },
  });
