// Copies a data file whole into a folder, while Hoppel runs or not.
import { existsSync, mkdirSync } from 'node:fs';
import { basename, extname, join, resolve } from 'node:path';
import Database from 'better-sqlite3';
import { whyNot } from '../db/faults.ts';
import { copyWhole } from './copy.ts';
import { backupName } from './names.ts';

const [file, folder] = process.argv.slice(2).map((path) => resolve(path)) as [string, string];
if (!existsSync(file)) {
  console.error(`There is no data file ${file}.`);
  process.exit(1);
}
const db = new Database(file, { readonly: true });
try {
  mkdirSync(folder, { recursive: true });
  const to = join(folder, backupName(basename(file, extname(file)), new Date(), 'hand'));
  await copyWhole(db, to);
  console.log(`Copied to ${to}`);
} catch (error) {
  console.error(`The data file could not be copied to ${folder} (${whyNot(error)}).`);
  process.exitCode = 1;
} finally {
  db.close();
}
