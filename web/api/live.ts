/** What a listener does with each kind of event; the data is the event's whole state. */
export type Listeners<Events> = { readonly [E in keyof Events]?: (data: Events[E]) => void };

/**
 * Listens to a stream of server-sent events. The browser connects again by itself after a lost connection; where it
 * gives up (the server answered with an error while starting), this starts a new stream.
 * @param onConnected true when the stream stands, false when it is lost
 * @returns a function that ends it
 */
export const listen = <Events>(
  path: string,
  listeners: Listeners<Events>,
  onConnected: (connected: boolean) => void,
): (() => void) => {
  let source: EventSource;
  let retry: ReturnType<typeof setTimeout> | undefined;
  const start = (): void => {
    source = new EventSource(`/api${path}`);
    source.onopen = () => onConnected(true);
    source.onerror = () => {
      onConnected(false);
      if (source.readyState === EventSource.CLOSED) retry = setTimeout(start, 1000);
    };
    for (const [event, listener] of Object.entries(listeners) as [string, (data: unknown) => void][])
      source.addEventListener(event, (message) => listener(JSON.parse((message as MessageEvent<string>).data)));
  };
  start();
  return () => {
    clearTimeout(retry);
    source.close();
  };
};
