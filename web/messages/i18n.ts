import { createI18n } from 'vue-i18n';
import clockUk from '../../core/wording/messages/en-GB.json';
import clockUs from '../../core/wording/messages/en-US.json';

/** Words of one entry: US English whole, UK English where it differs. */
export interface Words {
  readonly us: object;
  readonly uk: object;
}

/** The words of an entry together with the clock's own; what UK English does not say differently comes from US. */
export const createWords = ({ us, uk }: Words) =>
  createI18n({
    legacy: false,
    locale: 'en-US',
    fallbackLocale: 'en-US',
    missingWarn: false,
    fallbackWarn: false,
    messages: { 'en-US': { ...clockUs, ...us }, 'en-GB': { ...clockUk, ...uk } },
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
