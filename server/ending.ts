import { Server as NetServer } from 'node:net';
import type { Server } from 'node:http';

/** Milliseconds in which what is on its way already still comes in. */
const ON_THE_WAY_MS = 250;
/** Milliseconds after which what is not through is cut off. */
const PATIENCE_MS = 3000;
/** Milliseconds between two looks for connections on which nothing is on its way. */
const LOOK_MS = 50;

/**
 * Ends a server so that requests on their way are answered: nobody new is let in, streams are ended by their owner before, and what
 * is not through after a few seconds is cut off.
 * @param cutOff left out, whoever is in stays until the other end has had enough, as streams do for hours
 * @returns done when no connection is left
 */
export const drain = (server: Server, { cutOff = true } = {}): Promise<void> =>
  new Promise((done) => {
    let look: ReturnType<typeof setInterval>;
    const timers = [
      setTimeout(() => {
        look = setInterval(() => server.closeIdleConnections(), LOOK_MS);
      }, ON_THE_WAY_MS),
      setTimeout(() => cutOff && server.closeAllConnections(), PATIENCE_MS),
    ];
    // Not the web server's own close: that cuts off at once every connection whose next request has not been read yet.
    NetServer.prototype.close.call(server, () => {
      timers.forEach(clearTimeout);
      clearInterval(look);
      done();
    });
  });
