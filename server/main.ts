import { createServer } from 'node:http';
import { mkdirSync } from 'node:fs';
import { networkInterfaces } from 'node:os';
import { dirname, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { isDay } from '../core/planning/index.ts';
import { CLOVER_ROOM } from '../demo/clover.ts';
import { createApp } from './app.ts';
import { clockFrom } from './clock.ts';
import { openDatabase } from './db/open.ts';

/** One clear sentence and exit code 1, for whatever keeps Hoppel from starting. */
const giveUp = (sentence: string): never => {
  console.error(`Hoppel cannot start: ${sentence}`);
  process.exit(1);
};

const readArguments = () => {
  try {
    return parseArgs({
      options: {
        data: { type: 'string' },
        web: { type: 'string' },
        port: { type: 'string', default: '4930' },
        lan: { type: 'boolean', default: false },
        today: { type: 'string' },
      },
    }).values;
  } catch (error) {
    return giveUp((error as Error).message);
  }
};

const { data, web, port: portText, lan, today } = readArguments();
const port = Number(portText);
if (!Number.isInteger(port) || port < 0 || port > 65535) giveUp(`${portText} is not a port number (0 to 65535).`);
if (data === undefined || web === undefined) giveUp('it needs --data FILE and --web FOLDER.');
if (today !== undefined && !isDay(today)) giveUp(`${today} is not a day written YYYY-MM-DD.`);

const open = (file: string) => {
  try {
    mkdirSync(dirname(file), { recursive: true });
    return openDatabase(file);
  } catch (error) {
    return giveUp(`the data file ${file} cannot be opened or written (${(error as Error).message}).`);
  }
};

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

const db = open(resolve(data!));
const { app, end: endLive } = createApp({
  db,
  now: clockFrom(today),
  webFolder: resolve(web!),
  reach: { lan, addresses, own: ownAddress },
  behaviours: Object.fromEntries(CLOVER_ROOM.map(({ name, behaves }) => [name, behaves])),
});
const server = createServer(app);

server.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code === 'EADDRINUSE')
    giveUp(`port ${port} is in use already. Is Hoppel open in another window? Another port: --port 4940`);
  giveUp(error.message);
});

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

let ending = false;
const end = async (): Promise<void> => {
  if (ending) return;
  ending = true;
  await endLive();
  server.close(() => {
    db.close();
    process.exit(0);
  });
  server.closeAllConnections();
};
// A window that is closed (SIGHUP) is an end like any other: the data file is closed whole.
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void end());
// What nobody foresaw is told where the server runs; thirty tablets go on meanwhile.
server.once('listening', () => {
  process.on('uncaughtException', (error) => console.error('Something nobody foresaw:', error));
  process.on('unhandledRejection', (reason) => console.error('Something nobody foresaw:', reason));
});
