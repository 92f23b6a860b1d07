import { watch } from 'vue';
import type { RemoteWish } from '../../../contract/index.ts';
import { useStageStore } from '../../stores/stage.ts';

/** What a remote may ask of a board, by the word it is asked with. */
export type Acts = Partial<Record<Extract<RemoteWish, { do: string }>['do'], (wish: RemoteWish) => void>>;

/** Does what a remote wishes of the board that is shown, as long as it is shown. */
export const useWishes = (acts: () => Acts): void => {
  const stage = useStageStore();
  watch(
    () => stage.wish,
    (wish) => wish && acts()[wish.do]?.(wish),
    // In the same breath: two wishes that come together are both done.
    { flush: 'sync' },
  );
};
