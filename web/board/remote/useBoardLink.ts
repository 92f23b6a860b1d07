import { useDebounceFn, useEventListener } from '@vueuse/core';
import { computed, nextTick, onScopeDispose, watch } from 'vue';
import { v4 as newId } from 'uuid';
import type { BoardView, RemoteWish } from '../../../contract/index.ts';
import { tell } from '../../api/client.ts';
import { useBoardStore } from '../../stores/board.ts';
import { useStageStore } from '../../stores/stage.ts';

/** Milliseconds a clock rests before a remote is told where it stands: while it is turned nothing else is to be done. */
const REST_MS = 150;

/**
 * Tells remotes what the board shows, and does what they wish. Nothing of the board waits for it: a remote that is lost, or a
 * server that does not answer, is not noticed here.
 */
export const useBoardLink = (): void => {
  const board = useBoardStore();
  const stage = useStageStore();
  const boardId = newId();
  let seq = 0;
  let done: string | null = null;

  const shown = computed((): Omit<BoardView, 'seq' | 'done' | 'minutes'> => {
    const { view } = stage;
    return {
      boardId,
      lenses: [...stage.lenses],
      sayOnBoard: stage.sayOnBoard,
      phase: null,
      children: [],
      demonstration: null,
      opened: [...stage.openParts],
      ...view,
      title: view.title.slice(0, 120),
    };
  });
  // A telling that is lost is made good by the next one, or when the stream stands again.
  const send = (): void => {
    seq += 1;
    void tell('PUT', '/board/view', { ...shown.value, minutes: stage.minutes, seq, done }).catch(() => undefined);
  };
  const sendMoving = useDebounceFn(send, REST_MS);
  watch(() => JSON.stringify(shown.value), send, { immediate: true, flush: 'post' });
  watch(
    () => stage.minutes,
    () => void sendMoving(),
  );
  watch(
    () => board.connected,
    (connected) => connected && send(),
  );

  const act = (wish: RemoteWish): void => {
    if (wish.do === 'lens') stage.toggle(wish.lens);
    else if (wish.do === 'say-on-board') stage.sayOnBoard = wish.on;
    else if (wish.do === 'demonstrate') stage.begin({ kind: 'demonstration', show: wish.kind });
    else stage.wish = wish;
  };
  watch(
    () => board.command,
    (command) => {
      if (command === undefined || command.boardId !== boardId || command.id === done) return;
      done = command.id;
      act(command.wish);
      // What it did is shown first.
      void nextTick(send);
    },
    // In the same breath as it arrives: two that come together are both done.
    { flush: 'sync' },
  );

  const close = (): void => {
    void tell('DELETE', `/board/view/${boardId}`, undefined, { keepalive: true }).catch(() => undefined);
  };
  useEventListener(window, 'pagehide', close);
  useEventListener(window, 'pageshow', (event: PageTransitionEvent) => event.persisted && send());
  onScopeDispose(close);
};
