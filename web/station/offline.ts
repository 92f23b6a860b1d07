/**
 * Lets the station open without a network, where browsers allow it: on this computer, or where Hoppel is served by https. A page
 * served by plain http has no service worker; it works on without a network once it is loaded.
 */
export const keepForOffline = (): void => {
  if (!('serviceWorker' in navigator)) return;
  // A newer Hoppel has come: the page opens anew, so that tablet and server speak the same. How far the child is, is kept.
  if (navigator.serviceWorker.controller !== null)
    navigator.serviceWorker.addEventListener('controllerchange', () => location.reload());
  window.addEventListener('load', () => {
    navigator.serviceWorker.register('/station-sw.js', { scope: '/station' }).catch((error: unknown) => {
      // A private window may refuse: the station then needs the network to open, and says so itself when it has none.
      console.warn('The station cannot be kept for offline use here.', error);
    });
  });
};
