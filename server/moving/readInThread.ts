import { rmSync } from 'node:fs';
import { pipeline } from 'node:stream/promises';
import { Readable } from 'node:stream';
import { MessageChannel } from 'node:worker_threads';
import Database from 'better-sqlite3';
import type { Arrival } from '../../contract/index.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { PortStream } from '../reading/portStream.ts';
import { startThread } from '../work/startThread.ts';
import { readArrival, type ArrivalRead, type ArrivalWork, type ArrivedFile } from './arrival.ts';
import { contentsOf } from './contents.ts';

/** Megabytes of objects reading may take: rows are put away as they come. */
const MAX_HEAP_MB = 256;

/** A file that was looked at, and what is in it. */
export interface LookedAt {
  readonly file: ArrivedFile;
  readonly contents: Arrival;
}

/** Where the rows of a file that has come lie until it is taken in. */
export const arrivingPath = (dataFile: string): string => `${dataFile}.arriving`;
/** Nothing of a file that came before stays, also where the server was cut off meanwhile. */
export const removeArriving = (path: string): void => {
  for (const rest of ['', '-journal', '-wal', '-shm']) rmSync(`${path}${rest}`, { force: true });
};

/** The one message of a thread. @throws HoppelError where its memory is full, and what it threw */
const saidBy = (worker: ReturnType<typeof startThread>): Promise<ArrivalRead> =>
  new Promise((done, failed) => {
    worker.once('message', done);
    worker.once('error', (error: NodeJS.ErrnoException) =>
      failed(error.code === 'ERR_WORKER_OUT_OF_MEMORY' ? new HoppelError('bad-file', 'it is too much to read') : error),
    );
    worker.once('exit', () => failed(new Error('the thread ended without a word')));
  });

/**
 * Reads a file of classes in a thread of its own. It ends with whoever sends the file.
 * @param here the data file @param id what the file is called from then on
 * @throws HoppelError bad-file, too-large
 */
export const readInThread = async (
  source: AsyncIterable<Uint8Array>,
  here: Database.Database,
  id: string,
): Promise<LookedAt> => {
  if (here.memory) {
    const file = await readArrival(source);
    return { file, contents: contentsOf(id, file, here) };
  }
  const to = arrivingPath(here.name);
  removeArriving(to);
  const { port1, port2 } = new MessageChannel();
  const work: ArrivalWork = { port: port2, to, id, here: here.name };
  const worker = startThread(new URL('./arrivalWorker.ts', import.meta.url), work, {
    maxHeapMb: MAX_HEAP_MB,
    transfer: [port2],
  });
  try {
    const sent = pipeline(Readable.from(source), new PortStream(port1));
    // What was refused is not read on: that is said by the thread, not by the file that ends.
    const broken = sent.then(
      () => new Promise<never>(() => undefined),
      async () => {
        await new Promise((soon) => setTimeout(soon, 500));
        throw new HoppelError('bad-file', 'it ended in the middle');
      },
    );
    const said = await Promise.race([saidBy(worker), broken]);
    if ('code' in said) throw new HoppelError(said.code, said.message);
    const { madeAt, classIds, contents } = said;
    const db = new Database(to, { readonly: true, fileMustExist: true });
    const close = (): void => {
      db.close();
      removeArriving(to);
    };
    return { file: { db, madeAt, classIds, close }, contents };
  } catch (error) {
    await worker.terminate();
    removeArriving(to);
    throw error;
  } finally {
    port1.close();
  }
};
