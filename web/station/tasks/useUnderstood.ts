import { onScopeDispose, ref, watch, type Ref } from 'vue';
import { readAnswer } from '../../../core/answers/index.ts';
import type { Answer, DrawnHand } from '../../../core/items/index.ts';
import { DOUBTFUL } from '../../../core/strokes/index.ts';
import type { Settings } from '../../../contract/index.ts';

/** Milliseconds in which a child sees what was understood of its drawing before it counts. */
const SEEN_MS = 1100;

interface Options {
  readonly answer: Ref<Answer | undefined>;
  readonly settings: () => Settings;
  /** May the child still change it? Where the teacher holds what is there, it is handed in already. */
  readonly open: () => boolean;
  readonly done: () => void;
}

/**
 * What stands between "Done" and handing in. Of a drawing the hands that were understood are laid over it for a moment: a child who cannot
 * read sees whether it was seen. One that cannot be read is asked for once more on a new sheet; the second is handed in as it is.
 */
export const useUnderstood = ({ answer, settings, open, done }: Options) => {
  const hands = ref<readonly DrawnHand[]>();
  const asksAgain = ref(false);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const stop = (): void => {
    clearTimeout(timer);
    timer = hands.value = undefined;
  };
  onScopeDispose(stop);
  // Whoever draws on has seen that something is missing: it is not handed in yet.
  watch(answer, (now) => {
    stop();
    if (now !== undefined) asksAgain.value = false;
  });
  watch(open, (isOpen) => {
    if (!isOpen) stop();
  });
  let wasAsked = false;
  const handIn = (): void => {
    if (timer !== undefined) return;
    const given = answer.value;
    if (given?.kind !== 'strokes') return done();
    const read = readAnswer(given, settings());
    const isRead = read.kind === 'drawing' && read.hands.length > 0 && read.confidence >= DOUBTFUL;
    if (!isRead) {
      if (wasAsked) return done();
      wasAsked = asksAgain.value = true;
      answer.value = undefined;
      return;
    }
    hands.value = read.hands;
    timer = setTimeout(() => {
      stop();
      done();
    }, SEEN_MS);
  };
  return {
    /** The hands that were understood, while they are shown. */
    hands,
    /** Is the child asked to draw once more? */
    asksAgain,
    handIn,
  };
};
