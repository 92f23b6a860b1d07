import type { Request } from 'express';
import type { Ticks } from '../clock.ts';
import { HoppelError } from '../errors/hoppelError.ts';

/** Wrong tries a sender has before it must wait: small children tap beside. */
const FREE_TRIES = 5;
/** Milliseconds it waits then; with each further wrong try twice as long, up to the longest. */
const FIRST_PAUSE_MS = 5000;
const LONGEST_PAUSE_MS = 120_000;
/** Milliseconds after which tries are forgotten. */
const FORGOTTEN_MS = 900_000;
/** Senders remembered at once; past it the one heard of longest ago is forgotten. */
const MOST_SENDERS = 1000;

/** Milliseconds a sender waits after so many wrong tries. */
export const pauseAfter = (wrong: number): number => {
  const over = wrong - FREE_TRIES;
  return over < 0 ? 0 : Math.min(FIRST_PAUSE_MS * 2 ** over, LONGEST_PAUSE_MS);
};

interface Sender {
  wrong: number;
  /** In ticks: when it may try again, and when it tried last. */
  until: number;
  last: number;
}

/** The device a request comes from. */
export const senderOf = ({ socket }: Pick<Request, 'socket'>): string => socket.remoteAddress ?? '';

/**
 * Who tries codes: each sender is slowed down for itself, so that nobody who tries them all keeps others out, and the teacher can be
 * told.
 */
export const createKnocking = (time: Ticks) => {
  const senders = new Map<string, Sender>();
  const forgetOld = (): void => {
    for (const [name, { last }] of senders) if (time() - last > FORGOTTEN_MS) senders.delete(name);
    while (senders.size > MOST_SENDERS) senders.delete(senders.keys().next().value!);
  };
  return {
    /**
     * One try. @param isRight looks whether the code is right; not asked while the sender has to wait
     * @throws HoppelError wrong-code, too-many-tries
     */
    tried: (sender: string, isRight: () => boolean): void => {
      const now = time();
      const before = senders.get(sender);
      if (before !== undefined && now < before.until) throw new HoppelError('too-many-tries');
      if (isRight()) {
        senders.delete(sender);
        return;
      }
      const wrong = (before?.wrong ?? 0) + 1;
      const pause = pauseAfter(wrong);
      // Told last, it is forgotten last.
      senders.delete(sender);
      senders.set(sender, { wrong, until: now + pause, last: now });
      forgetOld();
      throw new HoppelError(pause === 0 ? 'wrong-code' : 'too-many-tries');
    },
    /** There is a new code: whoever had to wait may try it. */
    forget: (): void => senders.clear(),
    /** Wrong tries of senders that had to wait, of the last quarter of an hour. */
    persistent: (): number => {
      forgetOld();
      return [...senders.values()].reduce((sum, { wrong }) => sum + (wrong >= FREE_TRIES ? wrong : 0), 0);
    },
  };
};
export type Knocking = ReturnType<typeof createKnocking>;
