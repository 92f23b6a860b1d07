import { get, type IncomingMessage } from 'node:http';

/** One message of a stream. */
export interface Heard {
  readonly event: string;
  readonly data: unknown;
}

/** A live stream as a browser hears it. */
export interface Stream {
  /** Everything heard so far, in order. */
  readonly heard: Heard[];
  /** The first message that fits, waiting for it up to ten seconds. */
  until(fits: (one: Heard) => boolean): Promise<Heard>;
  /** The data of the next message of a kind, in order, each once. */
  next(event: string): Promise<unknown>;
  end(): Promise<void>;
  /** What it says it is. */
  readonly type: string | undefined;
  /** Done when the server has ended it. */
  readonly over: Promise<void>;
}

/** @param cookie what a device shows to come in @param host the name it calls this computer by */
export const openStream = async (url: string, cookie = '', host = new URL(url).host): Promise<Stream> => {
  const ending = new AbortController();
  // Not fetch: that always calls a computer by the name in the address.
  const response = await new Promise<IncomingMessage>((answered, failed) =>
    get(url, { signal: ending.signal, headers: { cookie, host } }, answered).on('error', failed),
  );
  const heard: Heard[] = [];
  const reading = (async () => {
    let text = '';
    for await (const chunk of response.setEncoding('utf8')) {
      text += chunk;
      const messages = text.split('\n\n');
      text = messages.pop()!;
      for (const message of messages) {
        const field = (name: string): string | undefined => new RegExp(`^${name}:(.*)$`, 'm').exec(message)?.[1];
        if (field('event') !== undefined) heard.push({ event: field('event')!, data: JSON.parse(field('data')!) });
      }
    }
    // A stream that is ended on purpose ends its reading with an error.
  })().catch((error: unknown) => {
    if (!ending.signal.aborted) throw error;
  });
  const taken = new Set<Heard>();
  const until = async (fits: (one: Heard) => boolean): Promise<Heard> => {
    for (let tries = 0; tries < 3000; tries++) {
      const found = heard.find(fits);
      if (found !== undefined) return found;
      await new Promise((wait) => setTimeout(wait, 10));
    }
    throw new Error(`not heard; heard ${JSON.stringify(heard)}`);
  };
  return {
    over: reading,
    type: response.headers['content-type'],
    heard,
    until,
    next: async (event) => {
      const found = await until((one) => one.event === event && !taken.has(one));
      taken.add(found);
      return found.data;
    },
    end: async () => {
      ending.abort();
      await reading;
    },
  };
};
