import { rmSync } from 'node:fs';
import type { RequestListener } from 'node:http';
import { hostname, networkInterfaces } from 'node:os';
import { dirname, join } from 'node:path';
import type { Problem } from '../contract/index.ts';
import { makeDemo } from '../demo/makeDemo.ts';
import { CLOVER_ROOM } from '../demo/clover.ts';
import { createApp } from './app.ts';
import { readArguments } from './arguments.ts';
import { createBackups } from './backups/backups.ts';
import { putBeside, replaceWith } from './backups/replace.ts';
import { clockFrom } from './clock.ts';
import { openDataFile } from './dataFile.ts';
import { createPresence } from './db/presence.ts';
import { createDoors } from './doors.ts';
import { HoppelError } from './errors/hoppelError.ts';
import { giveUp } from './giveUp.ts';
import { createHouseRepository } from './house/houseRepository.ts';
import { createLog } from './log/requestLog.ts';
import { lookForWhatIsGone } from './memory.ts';
import { createOwnNames } from './names.ts';
import { ownCertificate, readCertificate, type Certificate } from './tls/certificate.ts';
import { whenParentGoes } from './parent.ts';
import { createReader } from './reading/reader.ts';
import { putDoors } from './passphrase/carryOver.ts';
import { tellUnforeseen } from './unforeseen.ts';

lookForWhatIsGone();
const { data, web, port, lan, names, tls, tlsPort, log: logFile, today, withParent } = readArguments();

/** Addresses of this machine that tablets on the same network can reach. */
const networkAddresses = (): string[] =>
  Object.values(networkInterfaces())
    .flat()
    .flatMap((net) => (net !== undefined && net.family === 'IPv4' && !net.internal ? [net.address] : []));

/** Address of the start page on this computer, once the server listens. */
const ownAddress = (): string => `http://localhost:${doors.port()}/`;
/** Addresses other devices reach, as they are now: a laptop carried to another network has others. */
const addresses = (): readonly string[] => {
  const scheme = tls === undefined ? 'http' : 'https';
  const reached = doors.lan() ? networkAddresses().map((host) => `${scheme}://${host}:${doors.outsidePort()}/`) : [];
  return reached.length > 0 ? reached : [ownAddress()];
};

const letNetworkIn = async (on: boolean): Promise<void> => {
  try {
    await doors.change(on);
  } catch (error) {
    console.error('Letting the network in:', error);
    throw new HoppelError('no-network');
  }
  school.house.setLan(on);
};
const now = clockFrom(today);
const log = createLog(logFile);

/** All that hangs on the data file. */
const openSchool = async () => {
  const file = await openDataFile(data, port);
  const backups = createBackups({ file: data, db: file.db, now });
  const app = createApp({
    db: file.db,
    now,
    webFolder: web,
    log,
    makeUp: makeDemo,
    reach: { lan: () => doors.lan(), letNetworkIn, addresses, own: ownAddress, isOwnName: createOwnNames(names) },
    behaviours: Object.fromEntries(CLOVER_ROOM.map(({ name, behaves }) => [name, behaves])),
    keeper: () => ({ backups, restore }),
    isFileThere: createPresence(data),
    reader: createReader(data),
  });
  return { file, house: createHouseRepository(file.db), backups, ...app };
};

/** Everybody asks again in a moment. */
const notNow: RequestListener = (_req, res) => {
  res.writeHead(503, { 'Content-Type': 'application/json', 'Retry-After': '1' });
  res.end(JSON.stringify({ code: 'busy', message: new HoppelError('busy').message } satisfies Problem));
};
/** A backup takes the place of the data file: all that hung on it is made anew, the doors stay as they are. */
let isRestoring = false;
const restore = async (name: string): Promise<void> => {
  if (isRestoring) throw new HoppelError('busy');
  isRestoring = true;
  try {
    await replaceBy(name);
  } finally {
    isRestoring = false;
  }
};
const replaceBy = async (name: string): Promise<void> => {
  const { backups, file } = school;
  await backups.contentsOf(name);
  // First: the backup of what is replaced may be the one that takes this one's place among those kept.
  const beside = putBeside(backups.pathOf(name), data);
  try {
    await backups.make('restore');
  } catch (error) {
    rmSync(beside, { force: true });
    throw error;
  }
  served = notNow;
  await school.end();
  // Before the switch: whatever ends the program in the midst of it, one file or the other is there, each with the passphrase.
  putDoors(file.db, beside);
  file.close();
  replaceWith(beside, data);
  school = await openSchool();
  served = school.app;
};

let school = await openSchool();
let served: RequestListener = school.app;
/** What the network's door speaks https with; what hinders it ends the start with a sentence. */
const certificate = async (): Promise<Certificate | undefined> => {
  if (tls === undefined) return undefined;
  try {
    if (tls !== 'own') return readCertificate(tls.certFile, tls.keyFile, new Date());
    const own = [
      ...new Set(['localhost', hostname(), `${hostname().split('.')[0]}.local`, ...names, ...networkAddresses()]),
    ];
    const made = await ownCertificate(join(dirname(data), 'tls'), own, new Date());
    console.log(
      `Tablets warn of this computer's own certificate until they are told to trust ${made.file} (docs/operations.md).`,
    );
    return made;
  } catch (error) {
    school.file.close();
    return giveUp(`https cannot be spoken (${(error as Error).message}).`);
  }
};
const secure = await certificate();
const doors = createDoors((req, res) => served(req, res), secure && { ...secure, port: tlsPort });
/** Milliseconds between two looks whether this day has a backup. */
const BACKUP_LOOK_MS = 60 * 60 * 1000;
let ending = false;

/** Opens the doors. */
const listen = async (): Promise<void> => {
  if (ending) return;
  try {
    await doors.open(port, lan || school.house.lan());
  } catch (error) {
    school.file.close();
    const { code, port: taken = port } = error as NodeJS.ErrnoException & { port?: number };
    if (code === 'EADDRINUSE')
      giveUp(`port ${taken} is in use already. Is Hoppel open in another window? Another port: --port 4940`);
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
  const daily = (): void =>
    void school.backups.daily().catch((error: unknown) => console.error('The backup of the day:', error));
  daily();
  setInterval(daily, BACKUP_LOOK_MS).unref();
  tellUnforeseen();
};

const end = async (): Promise<void> => {
  if (ending) return;
  ending = true;
  // Whatever goes wrong with one, the file is closed whole.
  for (const step of [() => school.end(), () => doors.end(), () => school.backups.atEnd()])
    await step().catch((error: unknown) => console.error('At the end:', error));
  school.file.close();
  process.exit(0);
};
// A window that is closed (SIGHUP) is an end like any other: the data file is closed whole.
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, () => void end());
if (withParent) whenParentGoes(() => void end());
const opened = school;
/** The program ends, or a backup takes the file's place: what was being worked out ahead is cut off, and nobody misses it. */
const isOver = (): boolean => ending || isRestoring || school !== opened;
void listen()
  .then(() => (isOver() ? undefined : opened.warm()))
  // What cannot be worked out ahead is said, and worked out again for whoever asks.
  .catch((error: unknown) => isOver() || console.error('Making ready:', error));
