// The server's threads, and how it is bundled.
export const THREADS = {
  calendarWorker: 'server/plan/calendarWorker.ts',
  arrivalWorker: 'server/moving/arrivalWorker.ts',
  readingThread: 'server/reading/readingThread.ts',
};

/** What esbuild is told for the server and its threads. */
export const FOR_NODE = {
  bundle: true,
  // What is loaded only when it is wanted stays a file of its own.
  splitting: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  packages: 'external',
  sourcemap: true,
};
