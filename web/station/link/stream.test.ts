import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { HERE_MS } from '../../../contract/index.ts';
import { RETRY_MS, createLink } from './link.ts';
import { createStream } from './stream.ts';

/** The newest stream of server-sent events; a test opens and breaks it. */
let newest: { onopen?: () => void; onerror?: () => void };
let isServerThere = true;

beforeEach(() => {
  jest.useFakeTimers();
  isServerThere = true;
  const nobody = { addEventListener: () => undefined };
  Object.assign(globalThis, {
    document: { visibilityState: 'visible', ...nobody },
    window: nobody,
    EventSource: class {
      readonly addEventListener = nobody.addEventListener;
      constructor() {
        newest = this as typeof newest;
      }
      close(): void {}
    },
    fetch: async () => {
      if (!isServerThere) throw new TypeError('no network');
      return { ok: true, json: async () => ({}) };
    },
  });
});
afterEach(() => {
  jest.useRealTimers();
});

const tablet = () => {
  const link = createLink();
  const nothing = (): void => undefined;
  const stream = createStream({
    link,
    seat: () => 'seat',
    on: {},
    onOpen: nothing,
    onLost: nothing,
    onUnknown: nothing,
  });
  stream.join();
  newest.onopen?.();
  return link;
};

describe('whether a tablet is connected', () => {
  it('is true again soon after something was lost on its way while the stream stood', async () => {
    const link = tablet();
    link.connected.value = false;
    await jest.advanceTimersByTimeAsync(HERE_MS);
    expect(link.connected.value).toBe(true);
  });
  it('stays false while the stream is broken, however well signs of life are heard', async () => {
    const link = tablet();
    newest.onerror?.();
    await jest.advanceTimersByTimeAsync(3 * HERE_MS);
    expect(link.connected.value).toBe(false);
  });
  it('is false when no sign of life is heard, and true again when a stream stands after that', async () => {
    const link = tablet();
    isServerThere = false;
    await jest.advanceTimersByTimeAsync(HERE_MS);
    expect(link.connected.value).toBe(false);
    isServerThere = true;
    await jest.advanceTimersByTimeAsync(RETRY_MS);
    expect(link.connected.value).toBe(false);
    newest.onopen?.();
    expect(link.connected.value).toBe(true);
  });
});
