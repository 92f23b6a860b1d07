import { performance } from 'node:perf_hooks';

/** Median of milliseconds, after a warm-up. */
export const median = (call: () => unknown): number => {
  for (let i = 0; i < 3; i++) call();
  const times = Array.from({ length: 9 }, () => {
    const began = performance.now();
    call();
    return performance.now() - began;
  });
  return times.sort((a, b) => a - b)[4]!;
};
/** A line of a bench. */
export const say = (name: string, ms: number): void => console.log(`${name.padEnd(68)}${ms.toFixed(1)} ms`);
