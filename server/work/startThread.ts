import { existsSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { Worker, type Transferable } from 'node:worker_threads';

/** Megabytes of objects a thread may hold before it is ended. */
const MAX_HEAP_MB = 256;

/** A script that runs a source file without building it. */
const asItIs = (source: URL): string =>
  `import('tsx/esm/api').then(({ register }) => { register(); return import(${JSON.stringify(source.href)}); });`;

/** Starts a thread. @param source its file @param work what it gets as `workerData` @param maxHeapMb megabytes of objects it may hold */
export const startThread = (
  source: URL,
  work: unknown,
  { maxHeapMb = MAX_HEAP_MB, transfer = [] }: { maxHeapMb?: number; transfer?: readonly Transferable[] } = {},
): Worker => {
  // Built, all files lie beside the server's. Tests bundle the threads and say where; without either the sources run as they are.
  const bundled = process.env['HOPPEL_THREADS'];
  const folder = bundled === undefined ? import.meta.url : pathToFileURL(`${bundled}/`);
  const built = new URL(source.pathname.split('/').at(-1)!.replace(/\.ts$/, '.js'), folder);
  const isBuilt = existsSync(built);
  return new Worker(isBuilt ? built : asItIs(source), {
    workerData: work,
    transferList: [...transfer],
    eval: !isBuilt,
    resourceLimits: { maxOldGenerationSizeMb: maxHeapMb },
  });
};
