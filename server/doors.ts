import { createServer, type RequestListener, type Server } from 'node:http';
import { setTimeout as wait } from 'node:timers/promises';
import { drain } from './ending.ts';

const HERE = '127.0.0.1';
const EVERYWHERE = '0.0.0.0';
/** A port that was let go a moment ago may still be taken: how often it is tried again, and the milliseconds between. */
const TRIES = 20;
const WAIT_MS = 50;

/** Milliseconds a connection is kept on which nothing is on its way: longer than tablets are silent, or each sign of life would need a new one. */
const KEPT_MS = 20_000;

const listening = (server: Server, port: number, host: string): Promise<void> =>
  new Promise((resolve, reject) => {
    server.once('error', reject);
    server.listen(port, host, () => {
      server.off('error', reject);
      resolve();
    });
  });

/** Where the server is reached: from this computer alone, or from its network too; that can be changed while it runs. */
export const createDoors = (app: RequestListener) => {
  /** All that may still have connections, the one that lets new ones in last. */
  let servers: Server[] = [];
  let bound = 0;
  let lan = false;

  /** One change after another. */
  let turn: Promise<unknown> = Promise.resolve();

  const open = async (port: number, toNetwork: boolean): Promise<void> => {
    const server = createServer({ keepAliveTimeout: KEPT_MS }, app);
    await listening(server, port, toNetwork ? EVERYWHERE : HERE);
    const address = server.address();
    if (typeof address === 'object' && address !== null) bound = address.port;
    servers = [...servers, server];
    lan = toNetwork;
  };
  const openAgain = async (toNetwork: boolean): Promise<void> => {
    for (let tries = 1; ; tries++) {
      try {
        await open(bound, toNetwork);
        return;
      } catch (error) {
        if (tries === TRIES || (error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
        await wait(WAIT_MS);
      }
    }
  };
  const change = async (toNetwork: boolean): Promise<void> => {
    if (toNetwork === lan) return;
    const before = servers.at(-1);
    // It lets nobody new in from now on; what is on its way is answered.
    if (before !== undefined)
      void drain(before, { cutOff: false }).then(() => (servers = servers.filter((one) => one !== before)));
    try {
      await openAgain(toNetwork);
    } catch (error) {
      await openAgain(lan);
      throw error;
    }
  };
  return {
    /** @param port 0 for any that is free. @throws when it cannot listen there */
    open,
    port: (): number => bound,
    lan: (): boolean => lan,
    /** Lets the network in, or only this computer; who is in already stays. Where that fails it is as before. */
    change: (toNetwork: boolean): Promise<void> => {
      const next = turn.then(() => change(toNetwork));
      turn = next.catch(() => undefined);
      return next;
    },
    /** Nobody new comes in; what is on its way is answered. */
    end: async (): Promise<void> => {
      await Promise.all(servers.map((server) => drain(server)));
    },
  };
};
export type Doors = ReturnType<typeof createDoors>;
