import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { DialTime, Hand } from '../../core/clock/index.ts';
import { digital, handName, say, type Conventions, type Phrase } from '../../core/wording/index.ts';

/** Clock language in the class's own wording. @param conventions read anew at each use, so a change shows at once */
export const useClockWords = (conventions: () => Conventions) => {
  const { t } = useI18n();
  const hand = (which: Hand): string => t(handName(which, conventions()).key);
  const hands = computed(() => ({ hourHand: hand('hour'), minuteHand: hand('minute') }));
  return {
    hand,
    /** Names of both hands, to fill into a sentence. */
    hands,
    phrase: ({ key, values }: Phrase): string => t(key, { ...values, ...hands.value }),
    said: (time: DialTime): string => {
      const { key, values } = say(time);
      return t(key, { ...values });
    },
    written: (time: DialTime): string => digital(time, conventions()),
  };
};
