import { resolve } from 'node:path';
import { readAgain } from './answers/readAgain.ts';
import { openDataFile } from './dataFile.ts';

const { db, close } = await openDataFile(resolve(process.argv[2]!), 0);
const { read, changed } = readAgain(db, true);
close();
console.log(`${read} answers were read again; ${changed} of them say something else now.`);
