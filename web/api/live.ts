import { apiAddress } from './place.ts';

/** What a listener does with each kind of event; the data is the event's whole state. */
export type Listeners<Events> = { readonly [E in keyof Events]?: (data: Events[E]) => void };

/**
 * Listens to a stream of server-sent events. The browser connects again by itself after a lost connection; where it
 * gives up (the server answered with an error while starting), this starts a new stream. A page nobody sees lets go
 * of its stream, for a browser opens only six connections to one server over all its tabs, and takes it up again when
 * it is looked at; the first events then bring it up to date.
 * @param onConnected true when the stream stands, false when it is lost
 * @returns a function that ends it
 */
export const listen = <Events>(
  path: string,
  listeners: Listeners<Events>,
  onConnected: (connected: boolean) => void,
): (() => void) => {
  let source: EventSource | undefined;
  let retry: ReturnType<typeof setTimeout> | undefined;
  const stop = (): void => {
    clearTimeout(retry);
    source?.close();
    source = undefined;
  };
  const start = (): void => {
    stop();
    const fresh = new EventSource(apiAddress(path));
    source = fresh;
    fresh.onopen = () => onConnected(true);
    fresh.onerror = () => {
      onConnected(false);
      if (fresh.readyState === EventSource.CLOSED && source === fresh) retry = setTimeout(start, 1000);
    };
    for (const [event, listener] of Object.entries(listeners) as [string, (data: unknown) => void][])
      fresh.addEventListener(event, (message) => listener(JSON.parse((message as MessageEvent<string>).data)));
  };
  const follow = (): void => {
    if (document.visibilityState === 'hidden') stop();
    else if (source === undefined) start();
  };
  follow();
  const watching = new AbortController();
  document.addEventListener('visibilitychange', follow, { signal: watching.signal });
  // A page left behind may be kept for the way back, its stream with it.
  window.addEventListener('pagehide', stop, { signal: watching.signal });
  window.addEventListener('pageshow', follow, { signal: watching.signal });
  return () => {
    watching.abort();
    stop();
  };
};
