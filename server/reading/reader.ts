import type { Request, Response } from 'express';
import { request, type IncomingMessage } from 'node:http';
import { availableParallelism } from 'node:os';
import { text } from 'node:stream/consumers';
import { pipeline } from 'node:stream/promises';
import { MessageChannel, type Worker } from 'node:worker_threads';
import type { Classroom } from '../classroom/classroom.ts';
import { HoppelError } from '../errors/hoppelError.ts';
import { startThread } from '../work/startThread.ts';
import { ASKED, type ReadingWork } from './asked.ts';
import { PortStream } from './portStream.ts';

/** Threads at most: one processor is left to whoever answers. */
const MAX_THREADS = Math.max(1, Math.min(2, availableParallelism() - 1));
/** Requests a thread has at once; more are asked to come again. */
const MAX_REQUESTS = 24;
/** Milliseconds a thread works on for nobody before it is ended. */
const FOR_NOBODY_MS = 3000;
/** Milliseconds without a request after which a thread is ended, for its memory. */
const IDLE_MS = 5 * 60_000;
/** Megabytes of objects a thread may hold: a year of a large class. */
const MAX_HEAP_MB = 768;

/** Answers what takes long in threads of their own. */
export interface Reader {
  /** Answers a request there. It ends with its request. @throws HoppelError busy */
  readonly answer: (classroom: Classroom, req: Request, res: Response) => Promise<void>;
  /** What a path under /api says there. @throws HoppelError as the thread says it, or busy */
  readonly json: (classroom: Classroom, path: string) => Promise<unknown>;
  /** Ends the threads; nothing reads the data file any more. */
  readonly end: () => Promise<void>;
}

interface Reading {
  readonly worker: Worker;
  /** Requests the thread has not answered yet; each fails if the thread dies. */
  readonly open: Set<() => void>;
  timer: NodeJS.Timeout | undefined;
}

/** Connection's own headers of a reply: the server's connection has its own. */
const OF_CONNECTION = new Set(['connection', 'keep-alive', 'transfer-encoding', 'date', 'x-powered-by']);

/** @param file path of the data file */
export const createReader = (file: string): Reader => {
  const threads = new Map<number, Reading>();
  /** Numbers of classes' objects: one that was made anew has read nothing yet. */
  const made = new WeakMap<Classroom, number>();
  let count = 0;
  const versionOf = (classroom: Classroom): string => {
    if (!made.has(classroom)) made.set(classroom, ++count);
    return `${made.get(classroom)}.${classroom.answers.removals()}.${classroom.answers.corrections()}`;
  };
  const drop = async (place: number, reading: Reading): Promise<void> => {
    if (threads.get(place) === reading) threads.delete(place);
    clearTimeout(reading.timer);
    await reading.worker.terminate();
  };
  /** Ends a thread some time after its last request: sooner where its work was for one who has gone. */
  const endAfter = (ms: number, place: number, reading: Reading): void => {
    clearTimeout(reading.timer);
    reading.timer = setTimeout(() => void drop(place, reading), ms).unref();
  };
  const threadOf = (place: number): Reading => {
    const found = threads.get(place);
    if (found !== undefined) return found;
    const work: ReadingWork = { file };
    const worker = startThread(new URL('./readingThread.ts', import.meta.url), work, { maxHeapMb: MAX_HEAP_MB });
    const reading: Reading = { worker, open: new Set(), timer: undefined };
    worker.unref();
    worker.on('error', (error) => console.error('The thread that reads:', error));
    worker.once('exit', () => {
      if (threads.get(place) === reading) threads.delete(place);
      for (const isGone of reading.open) isGone();
    });
    threads.set(place, reading);
    return reading;
  };
  /**
   * Asks a thread. @param ended when the reply was taken whole, or nobody wants it any more
   * @returns the head of its reply @throws HoppelError busy
   */
  const ask = async (
    classroom: Classroom,
    path: string,
    ended: (finish: (isWhole: boolean) => void) => void,
  ): Promise<IncomingMessage> => {
    const place = classroom.id % MAX_THREADS;
    const reading = threadOf(place);
    if (reading.open.size >= MAX_REQUESTS) throw new HoppelError('busy');
    clearTimeout(reading.timer);
    const { port1, port2 } = new MessageChannel();
    const connection = new PortStream(port1);
    const isGone = (): void => void connection.destroy(new Error('the thread is gone'));
    reading.open.add(isGone);
    ended((isWhole) => {
      reading.open.delete(isGone);
      connection.destroy();
      if (reading.open.size === 0) endAfter(isWhole ? IDLE_MS : FOR_NOBODY_MS, place, reading);
    });
    reading.worker.postMessage(port2, [port2]);
    return new Promise((answered, failed) => {
      const asked = request({
        createConnection: () => connection,
        path,
        headers: {
          host: 'localhost',
          connection: 'close',
          [ASKED.classId]: classroom.id,
          [ASKED.now]: classroom.now().getTime(),
          [ASKED.version]: versionOf(classroom),
        },
      });
      asked.once('response', answered);
      asked.once('error', () => failed(new HoppelError('busy')));
      asked.end();
    });
  };

  return {
    answer: async (classroom, req, res) => {
      let finish: ((isWhole: boolean) => void) | undefined;
      res.once('close', () => finish?.(res.writableFinished));
      const reply = await ask(classroom, req.originalUrl, (done) => (finish = done));
      if (res.destroyed) return;
      res.status(reply.statusCode!);
      for (const [name, value] of Object.entries(reply.headers))
        if (value !== undefined && !OF_CONNECTION.has(name)) res.setHeader(name, value);
      // Whoever asked may have gone meanwhile; what was sent by then was right.
      await pipeline(reply, res).catch(() => res.destroy());
    },
    json: async (classroom, path) => {
      let finish: ((isWhole: boolean) => void) | undefined;
      try {
        const reply = await ask(classroom, `/api${path}`, (done) => (finish = done));
        const said = JSON.parse(await text(reply)) as { code?: HoppelError['code']; message?: string };
        if (reply.statusCode !== 200) throw new HoppelError(said.code ?? 'failed', said.message);
        return said;
      } finally {
        finish?.(true);
      }
    },
    end: async () => {
      await Promise.all([...threads].map(([place, reading]) => drop(place, reading)));
    },
  };
};
