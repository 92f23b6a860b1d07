import { useEventListener } from '@vueuse/core';
import { computed, onMounted, watch } from 'vue';
import { useRoute } from 'vue-router';
import { onTurnedAway } from '../api/client.ts';
import { useBoardStore } from '../stores/board.ts';
import { useClassroomStore } from '../stores/classroom.ts';
import { useEntryStore } from '../stores/entry.ts';

/** Covers results in one press, wherever the focus is. */
export const COVER_KEY = 'F2';

/** Boards go on while results are covered, and a remote shows none. */
const SHOWS_NO_RESULTS: ReadonlySet<unknown> = new Set(['board', 'remote']);

/** What stands before the teacher's side: the passphrase that is asked for, or the cover. */
export const useDoor = () => {
  const route = useRoute();
  const classroom = useClassroomStore();
  const entry = useEntryStore();
  const board = useBoardStore();
  const lookOnce = async (): Promise<void> => {
    await entry.look();
    // Without a passphrase another device is asked what it is: a remote, or nothing of the teacher's.
    if (!entry.isSet && entry.entry?.device === 'out') await classroom.refresh();
  };
  // Where the server does not answer it is asked again with the next stream.
  const look = (): void => void lookOnce().catch(() => undefined);
  onMounted(look);
  onTurnedAway(look);
  // A stream that is refused says nothing else.
  watch(
    () => board.connected,
    (connected) => connected || look(),
  );
  // Another window covered, or gave the passphrase.
  watch(() => entry.coveredHere, look);
  const isShut = computed(() =>
    entry.mustEnter ? route.name !== 'remote' : entry.isCovered && !SHOWS_NO_RESULTS.has(route.name),
  );
  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    if (event.key !== COVER_KEY || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    if (!entry.isCovered) void entry.cover().catch(look);
    else if (!entry.isSet) entry.uncover();
  });
  // Dialogs stand outside the page they belong to.
  watch(isShut, (shut) => document.documentElement.classList.toggle('shut', shut), { immediate: true });
  return { isShut, mustEnter: computed(() => entry.mustEnter), isCovered: computed(() => entry.isCovered) };
};
