import { Duplex } from 'node:stream';
import type { MessagePort } from 'node:worker_threads';

/** Says that the last piece was taken and the next may come. */
const TAKEN = 'taken';
/** Says that no piece follows. */
const ENDED = 'ended';

/**
 * A connection between two threads: what is written at one end of a message channel is read at the other. A piece is sent once the one
 * before it was taken, so whoever reads slowly is waited for.
 */
export class PortStream extends Duplex {
  readonly #port: MessagePort;
  #sent: (() => void) | undefined;
  #owesTaken = false;

  constructor(port: MessagePort) {
    super();
    this.#port = port;
    port.on('message', (message: unknown) => {
      if (message === TAKEN) this.#next();
      else if (message === ENDED) this.push(null);
      else if (this.push(Buffer.from(message as Uint8Array))) port.postMessage(TAKEN);
      else this.#owesTaken = true;
    });
    // The other thread has closed its end, or is gone.
    port.on('close', () => this.destroy());
  }
  #next(): void {
    const sent = this.#sent;
    this.#sent = undefined;
    sent?.();
  }
  override _read(): void {
    if (!this.#owesTaken) return;
    this.#owesTaken = false;
    this.#port.postMessage(TAKEN);
  }
  override _write(piece: Buffer, _encoding: string, sent: () => void): void {
    this.#sent = sent;
    this.#port.postMessage(piece);
  }
  override _final(done: () => void): void {
    this.#port.postMessage(ENDED);
    done();
  }
  override _destroy(error: Error | null, done: (error: Error | null) => void): void {
    this.#next();
    this.#port.close();
    done(error);
  }
}
