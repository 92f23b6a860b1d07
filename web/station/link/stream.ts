import { HERE_MS, type StationEvents } from '../../../contract/index.ts';
import { Refused, tell } from '../../api/client.ts';
import { listen, type Listeners } from '../../api/live.ts';
import { RETRY_MS, type Link } from './link.ts';
import { startPulse } from './pulse.ts';

/** Milliseconds a sign of life may be on its way. */
const HEARD_MS = 5000;

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
  const pulseOf = (mine: string): (() => void) =>
    startPulse({
      beat: async () => {
        // A page nobody looks at is not there.
        if (document.visibilityState === 'hidden') return 'heard';
        try {
          await tell('PUT', `/station/seats/${mine}`, undefined, { patience: HEARD_MS });
          return 'heard';
        } catch (error) {
          return error instanceof Refused ? 'unknown' : 'silence';
        }
      },
      onGone: () => (link.connected.value = false),
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
        link.connected.value = now;
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
