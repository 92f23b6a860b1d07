import { HERE_MS, type StationEvents } from '../../../contract/index.ts';
import { Refused, tell } from '../../api/client.ts';
import { listen, type Listeners } from '../../api/live.ts';
import { REPLY_MS, RETRY_MS, type Link } from './link.ts';
import { startPulse } from './pulse.ts';

interface Options {
  readonly link: Link;
  /** The seat a child sits at; none while nobody does. */
  readonly seat: () => string | undefined;
  readonly on: Listeners<StationEvents>;
  /** The stream stands, for the first time or again. */
  readonly onOpen: () => void;
  readonly onLost: () => void;
  /** The server knows nothing of this tablet's seat. */
  readonly onUnknown: () => void;
}

/** What a tablet hears of the class, and the signs of life by which each end notices that the other is gone. */
export const createStream = ({ link, seat, on, onOpen, onLost, onUnknown }: Options) => {
  let leave: (() => void) | undefined;
  let standing = false;
  const pulseOf = (mine: string): (() => void) =>
    startPulse({
      beat: async () => {
        // A page nobody looks at is not there.
        if (document.visibilityState === 'hidden') return 'heard';
        try {
          await tell('PUT', `/station/seats/${mine}`, undefined, { patience: REPLY_MS });
          // Something else may have been lost on its way while the stream stood.
          if (standing) link.connected.value = true;
          return 'heard';
        } catch (error) {
          return error instanceof Refused ? 'unknown' : 'silence';
        }
      },
      onGone: () => (standing = link.connected.value = false),
      onBack: join,
      onUnknown,
      later: (next, soon) => {
        const timer = setTimeout(next, soon ? RETRY_MS : HERE_MS);
        return () => clearTimeout(timer);
      },
    });
  const close = (): void => {
    leave?.();
    leave = undefined;
    standing = false;
  };
  /** Listens anew, as whoever sits here now; tells the board that this tablet is there. */
  const join = (): void => {
    close();
    // Who does not know the pictures hears nothing; with them it listens.
    if (link.needsCode.value) return;
    const mine = seat();
    const endPulse = mine === undefined ? undefined : pulseOf(mine);
    const endLive = listen<StationEvents>(
      mine === undefined ? '/station/live' : `/station/live?seat=${mine}`,
      on,
      (now) => {
        standing = link.connected.value = now;
        if (now) onOpen();
        else onLost();
      },
    );
    leave = () => {
      endPulse?.();
      endLive();
    };
  };
  return { join, close };
};
