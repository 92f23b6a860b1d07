// The thread a calendar file is read in: a file can be written so that its repeats never end.
import { parentPort, workerData } from 'node:worker_threads';
import { daysOffIn, type CalendarRead, type CalendarText } from './calendarFile.ts';
import { giveWay } from '../work/lowPriority.ts';

giveWay();
const { text, from, to } = workerData as CalendarText;
const read = (): CalendarRead => {
  try {
    return { reply: daysOffIn(text, from, to) };
  } catch (error) {
    return { fault: (error as Error).message };
  }
};
parentPort!.postMessage(read());
