// npm run --silent judge < cases.jsonl: one JSON case a line in, one JSON result a line out.
import { createInterface } from 'node:readline';
import { judgeLine } from './judgeLine.ts';

for await (const line of createInterface({ input: process.stdin, crlfDelay: Infinity }))
  if (line.trim() !== '') process.stdout.write(`${JSON.stringify(judgeLine(line))}\n`);
