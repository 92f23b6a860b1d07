/** Where a rehearsal's pages and its server are found: a school of its own beside the real one. */
const REHEARSAL = '/rehearsal';

/** Is this page one of a rehearsal's? It is loaded anew on the way in and out, so that nothing of the one is in the other. */
export const isRehearsing = globalThis.location?.pathname.startsWith(`${REHEARSAL}/`) ?? false;

/** What the address of every page begins with. */
export const BASE = isRehearsing ? REHEARSAL : '';

/** The address of something this page's server gives. @param path from `/api` on */
export const apiAddress = (path: string): string => `${BASE}/api${path}`;

/** A page of a rehearsal's, or of the real school's. */
export const rehearsalPage = (path: string): string => `${REHEARSAL}${path}`;

/** A list of texts that is gone with the page. */
const forgetful = (): Storage => {
  const kept = new Map<string, string>();
  return {
    get length() {
      return kept.size;
    },
    key: (i) => [...kept.keys()][i] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
    clear: () => kept.clear(),
  };
};
let made: Storage | undefined;
/** Where what waits to be sent is kept: on this machine, in a rehearsal nowhere. */
export const waitingStorage = (): Storage => (made ??= isRehearsing ? forgetful() : localStorage);
