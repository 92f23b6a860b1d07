import { connect, createServer, type AddressInfo, type Socket } from 'node:net';

/** A network between a tablet and the server that can go away without a word: connections stay open, and nothing comes through. */
export const startNetwork = async (serverUrl: string) => {
  const server = new URL(serverUrl);
  const sockets = new Set<Socket>();
  let isThere = true;
  const net = createServer((near) => {
    const keep = (socket: Socket): void => {
      sockets.add(socket);
      socket.on('error', () => socket.destroy());
      socket.on('close', () => sockets.delete(socket));
    };
    keep(near);
    if (!isThere) return;
    const far = connect(Number(server.port), server.hostname);
    keep(far);
    near.pipe(far).pipe(near);
  });
  await new Promise<void>((ready) => net.listen(0, '127.0.0.1', ready));
  return {
    url: `http://localhost:${(net.address() as AddressInfo).port}`,
    /** All that is open is dead from now on, and nobody is told. */
    vanish: (): void => {
      isThere = false;
      for (const socket of sockets) socket.unpipe().pause();
    },
    /** New connections come through; those that died stay dead. */
    comeBack: (): void => {
      isThere = true;
    },
    end: async (): Promise<void> => {
      for (const socket of sockets) socket.destroy();
      await new Promise((done) => net.close(done));
    },
  };
};
