import { readlinkSync } from 'node:fs';
import { setPriority } from 'node:os';

/** Nice value of threads that work for long: whoever answers comes first. */
const NICE = 10;

/**
 * Lets a thread give way to others of the machine, where the system can tell threads apart: Linux does (setpriority(2) takes a thread's
 * number). Elsewhere it is a thread like any other.
 */
export const giveWay = (): void => {
  if (process.platform !== 'linux') return;
  try {
    // Names the thread that asks: "pid/task/thread".
    setPriority(Number(readlinkSync('/proc/thread-self').split('/').at(-1)), NICE);
  } catch (error) {
    // A sandbox may forbid it. It only takes a little longer for others then.
    console.warn('A thread keeps the priority it has:', (error as Error).message);
  }
};
