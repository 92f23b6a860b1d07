import { startThread } from './startThread.ts';

/** Work that took longer, or filled more memory, than it may: its thread was ended. */
export class TookTooMuch extends Error {}

/**
 * Does work in a thread of its own, so that whatever it is given, everybody else is served meanwhile, and it can be ended.
 * @param source the thread's file. It takes its work as `workerData` and posts one message, what came of it
 * @param ms milliseconds after which it is ended
 * @throws TookTooMuch, or what the thread threw
 */
export const inWorker = <In, Out>(source: URL, work: In, ms: number): Promise<Out> => {
  const worker = startThread(source, work);
  return new Promise<Out>((done, failed) => {
    const timer = setTimeout(() => {
      failed(new TookTooMuch());
      void worker.terminate();
    }, ms);
    worker.once('message', done);
    worker.once('error', (error: NodeJS.ErrnoException) =>
      failed(error.code === 'ERR_WORKER_OUT_OF_MEMORY' ? new TookTooMuch() : error),
    );
    worker.once('exit', () => {
      clearTimeout(timer);
      failed(new Error('the thread ended without a word'));
    });
  });
};
