import { createServer } from 'node:http';
import { networkInterfaces } from 'node:os';
import { CLOVER_ROOM } from '../demo/clover.ts';
import { createApp } from './app.ts';
import { readArguments } from './arguments.ts';
import { clockFrom } from './clock.ts';
import { openDataFile } from './dataFile.ts';
import { drain } from './ending.ts';
import { giveUp } from './giveUp.ts';
import { createOwnNames } from './names.ts';
import { whenParentGoes } from './parent.ts';

const { data, web, port, lan, names, today, withParent } = readArguments();

/** Addresses of this machine that tablets on the same network can reach. */
const networkAddresses = (): string[] =>
  Object.values(networkInterfaces())
    .flat()
    .flatMap((net) => (net !== undefined && net.family === 'IPv4' && !net.internal ? [net.address] : []));

/** Port and address of the start page on this computer, once the server listens. */
let bound = port;
const ownAddress = (): string => `http://localhost:${bound}/`;
/** Addresses other devices reach, as they are now: a laptop carried to another network has others. */
const addresses = (): readonly string[] => {
  const reached = lan ? networkAddresses().map((host) => `http://${host}:${bound}/`) : [];
  return reached.length > 0 ? reached : [ownAddress()];
};

const file = openDataFile(data, port);
const {
  app,
  end: endLive,
  warm,
} = createApp({
  db: file.db,
  now: clockFrom(today),
  webFolder: web,
  reach: { lan, addresses, own: ownAddress, isOwnName: createOwnNames(names) },
  behaviours: Object.fromEntries(CLOVER_ROOM.map(({ name, behaves }) => [name, behaves])),
});
const server = createServer(app);
let ending = false;

server.on('error', (error: NodeJS.ErrnoException) => {
  file.close();
  if (error.code === 'EADDRINUSE')
    giveUp(`port ${port} is in use already. Is Hoppel open in another window? Another port: --port 4940`);
  giveUp(error.message);
});

/** Opens the doors. What the first page needs has been read: whoever comes in is served at once. */
const listen = (): void => {
  if (ending) return;
  server.listen(port, lan ? '0.0.0.0' : '127.0.0.1', () => {
    const address = server.address();
    if (typeof address === 'object' && address !== null) bound = address.port;
    console.log(`Teacher  ${ownAddress()}`);
    for (const url of addresses()) console.log(`Station  ${url}station`);
    console.log(
      lan
        ? 'Tablets on the same network can open the station, a remote the board with its code; all else answers here only.'
        : 'Open on this computer only. For tablets on the classroom network start with --lan.',
    );
    console.log('Ctrl-C ends Hoppel.');
  });
};

const end = async (): Promise<void> => {
  if (ending) return;
  ending = true;
  await endLive();
  await drain(server);
  file.close();
  process.exit(0);
};
// A window that is closed (SIGHUP) is an end like any other: the data file is closed whole.
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void end());
if (withParent) whenParentGoes(() => void end());
// What cannot be made ready is said, and asked for again by whoever wants it.
void warm()
  .catch((error: unknown) => console.error('Making ready:', error))
  .then(listen);
// What nobody foresaw is told where the server runs; thirty tablets go on meanwhile.
server.once('listening', () => {
  process.on('uncaughtException', (error) => console.error('Something nobody foresaw:', error));
  process.on('unhandledRejection', (reason) => console.error('Something nobody foresaw:', reason));
});
