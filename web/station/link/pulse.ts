/** How a sign of life went: heard, heard by a server that knows nothing of this tablet's seat, or not heard. */
export type Beat = 'heard' | 'unknown' | 'silence';

interface Options {
  readonly beat: () => Promise<Beat>;
  /** The server is not reached any more. */
  readonly onGone: () => void;
  /** It is reached again after that; whatever was open to it before may be dead. */
  readonly onBack: () => void;
  /** It has another tablet at this seat's child, or none. */
  readonly onUnknown: () => void;
  /** Calls after a while, soon when the server is being looked for. @returns what calls it off; a test passes its own */
  readonly later: (next: () => void, soon: boolean) => () => void;
}

/**
 * Gives signs of life again and again, one after the other's reply: the server learns that a tablet is gone, and the tablet that
 * the server is. A stream whose other end vanished without a word tells neither.
 * @returns a function that ends it
 */
export const startPulse = ({ beat, onGone, onBack, onUnknown, later }: Options): (() => void) => {
  let gone = false;
  let ended = false;
  let callOff: () => void;
  const next = async (): Promise<void> => {
    const how = await beat();
    if (ended) return;
    const before = gone;
    gone = how === 'silence';
    // First of all, so that a listener which ends this pulse and starts another ends it for good.
    callOff = later(() => void next(), gone);
    if (gone && !before) onGone();
    if (!gone && before) onBack();
    if (how === 'unknown') onUnknown();
  };
  callOff = later(() => void next(), false);
  return () => {
    ended = true;
    callOff();
  };
};
