import { useI18n } from 'vue-i18n';
import type { Settings } from '../../../contract/index.ts';
import { askedAs, timeAsked, type RoundItem } from '../../../core/rounds/index.ts';
import { useClockWords } from '../../words/useClockWords.ts';

/** What a task of a round is called in a few letters: its time in digits, or what is done where it is about none. */
export const useAskedName = (settings: () => Settings): ((item: RoundItem) => string) => {
  const { t } = useI18n();
  const words = useClockWords(settings);
  return (item) => {
    const time = timeAsked(item);
    return time === undefined ? t(`roundTray.tasks.${askedAs(item)}`) : words.written(time);
  };
};
