// Puts a backup in the place of a data file; the one before is kept beside it. Only while Hoppel does not run.
import { existsSync, renameSync } from 'node:fs';
import { basename, resolve } from 'node:path';
import { lockOrGiveUp, makeFolderOf } from '../holdFile.ts';
import { whyNot } from '../db/faults.ts';
import { contentsOf } from './contents.ts';
import { putBeside, replaceWith } from './replace.ts';

const [file, backup] = process.argv.slice(2).map((path) => resolve(path)) as [string, string];
makeFolderOf(file);
const lock = lockOrGiveUp(file, null);
try {
  const { classes } = contentsOf(backup);
  const beside = putBeside(backup, file);
  // It may be damaged, and is kept as it is, its log with it.
  const before = `${file}.${new Date().toISOString().slice(0, 19).replace(/:/g, '.')}.before`;
  for (const part of ['', '-wal', '-shm'])
    if (existsSync(`${file}${part}`)) renameSync(`${file}${part}`, `${before}${part}`);
  replaceWith(beside, file);
  for (const { name, children, answers, last } of classes)
    console.log(`${name}: ${children} children, ${answers} answers${last === null ? '' : `, the latest of ${last}`}`);
  console.log(`${basename(backup)} is in the place of the data file now; the one before is ${basename(before)}.`);
} catch (error) {
  console.error(`Nothing was changed: ${backup} cannot be used (${whyNot(error)}).`);
  process.exitCode = 1;
} finally {
  lock.free();
}
