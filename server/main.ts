import { networkInterfaces } from 'node:os';
import { makeDemo } from '../demo/makeDemo.ts';
import { CLOVER_ROOM } from '../demo/clover.ts';
import { createApp } from './app.ts';
import { readArguments } from './arguments.ts';
import { clockFrom } from './clock.ts';
import { openDataFile } from './dataFile.ts';
import { createDoors } from './doors.ts';
import { HoppelError } from './errors/hoppelError.ts';
import { giveUp } from './giveUp.ts';
import { createHouseRepository } from './house/houseRepository.ts';
import { createOwnNames } from './names.ts';
import { whenParentGoes } from './parent.ts';

const { data, web, port, lan, names, today, withParent } = readArguments();

/** Addresses of this machine that tablets on the same network can reach. */
const networkAddresses = (): string[] =>
  Object.values(networkInterfaces())
    .flat()
    .flatMap((net) => (net !== undefined && net.family === 'IPv4' && !net.internal ? [net.address] : []));

/** Address of the start page on this computer, once the server listens. */
const ownAddress = (): string => `http://localhost:${doors.port()}/`;
/** Addresses other devices reach, as they are now: a laptop carried to another network has others. */
const addresses = (): readonly string[] => {
  const reached = doors.lan() ? networkAddresses().map((host) => `http://${host}:${doors.port()}/`) : [];
  return reached.length > 0 ? reached : [ownAddress()];
};

const file = openDataFile(data, port);
const house = createHouseRepository(file.db);
const letNetworkIn = async (on: boolean): Promise<void> => {
  try {
    await doors.change(on);
  } catch (error) {
    console.error('Letting the network in:', error);
    throw new HoppelError('no-network');
  }
  house.setLan(on);
};
const {
  app,
  end: endLive,
  warm,
} = createApp({
  db: file.db,
  now: clockFrom(today),
  webFolder: web,
  makeUp: makeDemo,
  reach: { lan: () => doors.lan(), letNetworkIn, addresses, own: ownAddress, isOwnName: createOwnNames(names) },
  behaviours: Object.fromEntries(CLOVER_ROOM.map(({ name, behaves }) => [name, behaves])),
});
const doors = createDoors(app);
let ending = false;

/** Opens the doors. What the first page needs has been read: whoever comes in is served at once. */
const listen = async (): Promise<void> => {
  if (ending) return;
  try {
    await doors.open(port, lan || house.lan());
  } catch (error) {
    file.close();
    if ((error as NodeJS.ErrnoException).code === 'EADDRINUSE')
      giveUp(`port ${port} is in use already. Is Hoppel open in another window? Another port: --port 4940`);
    giveUp((error as Error).message);
  }
  console.log(`Teacher  ${ownAddress()}`);
  for (const url of addresses()) console.log(`Station  ${url}station`);
  console.log(
    doors.lan()
      ? 'Tablets on the same network can open the station, a remote the board with its code; all else answers here only.'
      : 'Open on this computer only. Under Tablets the classroom network is let in, or from the start with --lan.',
  );
  console.log('Ctrl-C ends Hoppel.');
  // What nobody foresaw is told where the server runs; thirty tablets go on meanwhile.
  process.on('uncaughtException', (error) => console.error('Something nobody foresaw:', error));
  process.on('unhandledRejection', (reason) => console.error('Something nobody foresaw:', reason));
};

const end = async (): Promise<void> => {
  if (ending) return;
  ending = true;
  await endLive();
  await doors.end();
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
