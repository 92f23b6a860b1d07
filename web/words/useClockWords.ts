import { computed } from 'vue';
import type { DialTime, Hand } from '../../core/clock/index.ts';
import { digital, handName, say, sentence, type Phrase } from '../../core/wording/index.ts';
import { type Conventions } from '../../core/conventions/index.ts';

/** Clock language in the class's own wording. @param conventions read anew at each use, so a change shows at once */
export const useClockWords = (conventions: () => Conventions) => {
  const hand = (which: Hand): string => handName(which, conventions());
  const hands = computed(() => ({ hourHand: hand('hour'), minuteHand: hand('minute') }));
  return {
    hand,
    /** Names of both hands, to fill into a sentence. */
    hands,
    phrase: (phrase: Phrase): string => sentence(phrase, conventions()),
    said: (time: DialTime): string => say(time, conventions()),
    written: (time: DialTime): string => digital(time, conventions()),
  };
};
