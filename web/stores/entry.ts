import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import { useLocalStorage } from '@vueuse/core';
import { Entry } from '../../contract/index.ts';
import { askOutside } from '../api/client.ts';

/**
 * The way in to the teacher's side, and the cover over results. Where there is a passphrase the server keeps both; the cover alone is a
 * matter of this browser's windows, all at once.
 */
export const useEntryStore = defineStore('entry', () => {
  const entry = shallowRef<Entry>();
  /** One window covers all of them, also after it was loaded anew. */
  const coveredHere = useLocalStorage('hoppel-covered', false);
  /** The server was not told yet: it could not be reached when it was covered. */
  const untold = useLocalStorage('hoppel-cover-untold', false);
  const isSet = computed(() => entry.value?.passphrase === 'set');
  /** The passphrase is asked for before anything is shown. */
  const mustEnter = computed(() => isSet.value && entry.value?.device === 'out');
  const isCovered = computed(() => (isSet.value ? entry.value?.device === 'covered' : coveredHere.value));

  /** Grows with all that is done here: a look that was begun before it says what was. */
  let done = 0;
  const take = (fresh: Entry): void => {
    done += 1;
    entry.value = fresh;
    if (fresh.passphrase === 'set') coveredHere.value = fresh.device === 'covered';
  };
  const tellCovered = async (): Promise<void> => {
    untold.value = true;
    take(await askOutside(Entry, 'POST', '/entry/cover'));
    untold.value = false;
  };
  const look = async (): Promise<void> => {
    const before = done;
    const fresh = await askOutside(Entry, 'GET', '/entry');
    if (done !== before) return;
    if (untold.value && fresh.passphrase === 'set' && fresh.device === 'in') return tellCovered();
    take(fresh);
  };
  const enter = async (passphrase: string): Promise<void> => {
    take(await askOutside(Entry, 'POST', '/entry', { passphrase }));
    untold.value = false;
  };
  /** Covers at once, whatever the network does; the server is told after. */
  const cover = async (): Promise<void> => {
    coveredHere.value = true;
    if (!isSet.value || entry.value === undefined) return;
    entry.value = { ...entry.value, device: 'covered' };
    await tellCovered();
  };
  /** Only without a passphrase: whoever covered it stands there. */
  const uncover = (): void => void (coveredHere.value = false);
  const leave = async (): Promise<void> => take(await askOutside(Entry, 'DELETE', '/entry'));
  const choose = async (passphrase: string, before: string | null): Promise<void> =>
    take(await askOutside(Entry, 'PUT', '/entry/passphrase', { passphrase, before }));
  const goWithout = async (before: string | null): Promise<void> =>
    take(await askOutside(Entry, 'POST', '/entry/without', { before }));
  const sawTries = async (): Promise<void> => take(await askOutside(Entry, 'POST', '/entry/tries-seen'));
  return {
    entry,
    coveredHere,
    isSet,
    mustEnter,
    isCovered,
    look,
    enter,
    cover,
    uncover,
    leave,
    choose,
    goWithout,
    sawTries,
  };
});
