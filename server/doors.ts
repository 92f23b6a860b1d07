import { createServer, type RequestListener, type Server } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import { setTimeout as wait } from 'node:timers/promises';
import { drain } from './ending.ts';
import type { Certificate } from './tls/certificate.ts';

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

/** https for the network: what it is spoken with, and the port; 0 for any that is free. */
export type Secure = Certificate & { readonly port: number };

const portOf = (server: Server): number => {
  const address = server.address();
  return typeof address === 'object' && address !== null ? address.port : 0;
};

/**
 * Where the server is reached: from this computer alone, or from its network too; that can be changed while it runs. With a certificate
 * the network's door is one of its own that speaks https, and this computer's stays as it is; without, one door is both.
 */
export const createDoors = (app: RequestListener, secure?: Secure) => {
  /** All that may still have connections, the one that lets new ones in last. */
  let servers: Server[] = [];
  let bound = 0;
  let outside = secure?.port ?? 0;
  let lan = false;

  /** One change after another. */
  let turn: Promise<unknown> = Promise.resolve();

  const add = async (server: Server, port: number, host: string): Promise<number> => {
    await listening(server, port, host);
    servers = [...servers, server];
    return portOf(server);
  };
  /** It lets nobody new in from now on; what is on its way is answered. */
  const shut = (server: Server | undefined): void => {
    if (server === undefined) return;
    void drain(server, { cutOff: false }).then(() => (servers = servers.filter((one) => one !== server)));
  };
  const openOne = async (port: number, toNetwork: boolean): Promise<void> => {
    bound = await add(createServer({ keepAliveTimeout: KEPT_MS }, app), port, toNetwork ? EVERYWHERE : HERE);
    lan = toNetwork;
  };
  let network: Server | undefined;
  const openSecure = async (certificate: Certificate): Promise<void> => {
    network = createSecureServer({ ...certificate, keepAliveTimeout: KEPT_MS }, app);
    outside = await add(network, outside, EVERYWHERE);
    lan = true;
  };
  const again = async (open: () => Promise<void>): Promise<void> => {
    for (let tries = 1; ; tries++) {
      try {
        await open();
        return;
      } catch (error) {
        if (tries === TRIES || (error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
        await wait(WAIT_MS);
      }
    }
  };
  const changeSecure = async (certificate: Certificate, toNetwork: boolean): Promise<void> => {
    if (toNetwork) return again(() => openSecure(certificate));
    shut(network);
    network = undefined;
    lan = false;
  };
  const changeOne = async (toNetwork: boolean): Promise<void> => {
    shut(servers.at(-1));
    try {
      await again(() => openOne(bound, toNetwork));
    } catch (error) {
      await again(() => openOne(bound, lan));
      throw error;
    }
  };
  const change = async (toNetwork: boolean): Promise<void> => {
    if (toNetwork === lan) return;
    await (secure === undefined ? changeOne(toNetwork) : changeSecure(secure, toNetwork));
  };
  return {
    /** @param port 0 for any that is free. @throws when it cannot listen there */
    open: async (port: number, toNetwork: boolean): Promise<void> => {
      if (secure === undefined) return openOne(port, toNetwork);
      await openOne(port, false);
      if (toNetwork) await openSecure(secure);
    },
    port: (): number => bound,
    /** The port at which the network comes in. */
    outsidePort: (): number => (secure === undefined ? bound : outside),
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
