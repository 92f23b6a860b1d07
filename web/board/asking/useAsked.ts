import { computed } from 'vue';
import type { Settings } from '../../../contract/index.ts';
import { timeOf } from '../../../core/clock/index.ts';
import { askPhrase, promptFor, timeNamed, type Prompt } from '../../../core/asking/index.ts';
import { isHourAlone } from '../../../core/items/index.ts';
import { showsClock, timeAsked, type RoundItem } from '../../../core/rounds/index.ts';
import type { Room } from '../stage/BoardStage.vue';
import { useClockWords } from '../../words/useClockWords.ts';

/** What the class is asked, in its own words. */
export const useAsked = (item: () => RoundItem, settings: () => Settings, wished: () => Prompt = () => 'both') => {
  const prompt = (): Prompt => promptFor(item(), wished());
  const words = useClockWords(settings);
  /** Where the board's clock stands. A clock to be judged stands in front of it, whatever it shows. */
  const time = computed(() => timeAsked(item()) ?? timeOf(12));
  /** The time that is asked about, as it is said. */
  const said = computed(() => {
    const one = item();
    const named = one.kind === 'yet' ? one.target : time.value;
    return prompt() === 'digits' ? words.written(named) : words.said(named);
  });
  const plain = computed(() => words.phrase(askPhrase(item(), settings(), prompt())));
  /** The same time in digits, where it is asked in both. */
  const digits = computed(() => {
    const named = timeNamed(item());
    return prompt() === 'both' && named !== undefined ? words.written(named) : '';
  });
  /** Would its hands on the board be the answer? Then they come with it. */
  const handsAnswer = computed(() => !showsClock(item()));
  return {
    words,
    time,
    said,
    plain,
    digits,
    /** The same for a line of its own: a time in it is not broken over two lines. */
    ask: computed(() => plain.value.replace(said.value, said.value.replaceAll(' ', '\u00a0'))),
    handsAnswer,
    /** What stands beside it. @param isOut is the answer there to be opened? @param say what the teacher says; nothing at the end */
    room: (isOut: boolean, say: string): Room => ({
      handsOn: isOut || !handsAnswer.value,
      still: !isOut,
      also: isHourAlone(item().kind) ? ['hour-hand-alone'] : [],
      say,
    }),
  };
};
