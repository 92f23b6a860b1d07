// npm run torture: kills, requests nobody sends and spoiled data files, much of each; how much of it can be said: kills requests files.
import { seededRng } from '../core/common/index.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { spoilFiles } from './torture/files.ts';
import { fuzz } from './torture/fuzz.ts';
import { killUnderLoad } from './torture/kills.ts';

const [kills = 100, requests = 50_000, files = 100] = process.argv.slice(2).map(Number);
const withHoppel = async <T>(work: (hoppel: Hoppel) => Promise<T>): Promise<T> => {
  const hoppel = await startHoppel();
  try {
    return await work(hoppel);
  } finally {
    await hoppel.remove();
  }
};

const killed = await withHoppel((hoppel) => killUnderLoad(hoppel, kills, seededRng(3)));
console.log(
  `${killed.kills} kills under load: ${killed.acknowledged} acknowledged answers, ${killed.lost} lost, ${killed.doubled} doubled, ${killed.refused} refused`,
);
const fuzzed = await withHoppel((hoppel) => fuzz(hoppel, requests, seededRng(1)));
console.log(`${fuzzed.requests} requests: ${JSON.stringify(fuzzed.statuses)}, ${fuzzed.faults.length} faults`);
const spoiled = await withHoppel(async (hoppel) => {
  await hoppel.stop();
  return spoilFiles(hoppel, files, seededRng(2));
});
console.log(
  `${spoiled.files} spoiled data files: ${spoiled.opened} opened, ${spoiled.refused} refused in a sentence, ${spoiled.faults.length} faults`,
);
for (const fault of [...fuzzed.faults, ...spoiled.faults].slice(0, 40)) console.log(fault);
const bad = killed.lost + killed.doubled + killed.refused + fuzzed.faults.length + spoiled.faults.length;
process.exit(bad === 0 ? 0 : 1);
