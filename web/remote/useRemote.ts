import { onScopeDispose, ref, watch } from 'vue';
import { v4 as newId } from 'uuid';
import type { RemoteWish } from '../../contract/index.ts';
import { tell } from '../api/client.ts';
import { useBoardStore } from '../stores/board.ts';

/** Milliseconds a board may take to do a wish before it counts as not answering. */
const ANSWERS_WITHIN_MS = 2000;

/** Sends wishes to the board that is open and notices when it does not answer. */
export const useRemote = () => {
  const board = useBoardStore();
  const silent = ref(false);
  let waitingFor: string | undefined;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const answered = (): void => {
    clearTimeout(timer);
    waitingFor = undefined;
    silent.value = false;
  };
  watch(
    () => board.view,
    (view) => view?.done === waitingFor && answered(),
  );
  onScopeDispose(() => clearTimeout(timer));
  const ask = (wish: RemoteWish): void => {
    const boardId = board.view?.boardId;
    if (boardId === undefined) return;
    const id = newId();
    waitingFor = id;
    clearTimeout(timer);
    timer = setTimeout(() => (silent.value = true), ANSWERS_WITHIN_MS);
    tell('POST', '/board/commands', { id, boardId, wish }).catch(() => (silent.value = true));
  };
  return { silent, ask };
};
