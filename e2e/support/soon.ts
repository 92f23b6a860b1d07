import { setTimeout as wait } from 'node:timers/promises';
import { expect } from '@jest/globals';

const WAIT_MS = 20_000;
const LOOK_AGAIN_MS = 50;

type Matchers<T> = ReturnType<typeof expect<T>>;
type Soon<M> = {
  [Name in Exclude<keyof M, 'not' | 'resolves' | 'rejects'>]: M[Name] extends (...wanted: infer Wanted) => unknown
    ? (...wanted: Wanted) => Promise<void>
    : never;
};

/** `expect` for what a page comes to show: reads it again and again until it is as wanted, and fails as `expect` does. */
export const soon = <T>(read: () => Promise<T>): Soon<Matchers<T>> & { readonly not: Soon<Matchers<T>> } => {
  const asked = (isNot: boolean): object =>
    new Proxy(
      {},
      {
        get: (_, name: string) => {
          if (name === 'not') return asked(true);
          return async (...wanted: unknown[]): Promise<void> => {
            const end = Date.now() + WAIT_MS;
            for (;;)
              try {
                const is = expect(await read()) as unknown as Record<string, (...wanted: unknown[]) => void>;
                const matchers = isNot ? (is.not as unknown as typeof is) : is;
                matchers[name]!(...wanted);
                return;
              } catch (error) {
                if (Date.now() > end) throw error;
                await wait(LOOK_AGAIN_MS);
              }
          };
        },
      },
    );
  return asked(false) as Soon<Matchers<T>> & { readonly not: Soon<Matchers<T>> };
};
