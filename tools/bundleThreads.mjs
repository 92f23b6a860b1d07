// Bundles the server's threads once before the tests: run from source, each thread would compile half of the server as it starts.
import { cpSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'esbuild';
import { ROOT } from './ensure.mjs';
import { FOR_NODE, THREADS } from './threads.mjs';

/** A folder of this run's own, as far below the project as the sources are: they find pictures and the version from where they lie. */
const folder = join(ROOT, '.threads', String(process.pid));

export default async () => {
  await build({ ...FOR_NODE, absWorkingDir: ROOT, entryPoints: THREADS, outdir: folder });
  cpSync(join(ROOT, 'server/db/migrations'), join(folder, 'migrations'), { recursive: true });
  process.env.HOPPEL_THREADS = folder;
};

export const removeThreads = () => rmSync(folder, { recursive: true, force: true });
