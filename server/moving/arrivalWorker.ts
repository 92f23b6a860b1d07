// The thread a file of classes is read in: whatever is in it, everybody else is served meanwhile.
import { workerData, parentPort } from 'node:worker_threads';
import Database from 'better-sqlite3';
import { HoppelError } from '../errors/hoppelError.ts';
import { PortStream } from '../reading/portStream.ts';
import { readArrival, type ArrivalRead, type ArrivalWork } from './arrival.ts';
import { contentsOf } from './contents.ts';
import { giveWay } from '../work/lowPriority.ts';

giveWay();
const { port, to, id, here } = workerData as ArrivalWork;
const read = async (): Promise<ArrivalRead> => {
  const file = await readArrival(new PortStream(port) as AsyncIterable<Uint8Array>, to);
  const known = new Database(here, { readonly: true, fileMustExist: true });
  try {
    const { madeAt, classIds } = file;
    return { madeAt, classIds, contents: contentsOf(id, file, known) };
  } finally {
    known.close();
    file.close();
  }
};
const asSaid = (error: unknown): ArrivalRead => {
  if (error instanceof HoppelError) return { code: error.code, message: error.message };
  throw error;
};
parentPort!.postMessage(await read().catch(asSaid));
