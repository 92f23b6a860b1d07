import { describe, expect, it } from '@jest/globals';
import { startPulse, type Beat } from './pulse.ts';

/** A tablet whose signs of life go as told, one at a time. */
const tablet = (...beats: Beat[]) => {
  const told: string[] = [];
  const pace: boolean[] = [];
  let due: (() => void) | undefined;
  const end = startPulse({
    beat: async () => beats.shift() ?? 'heard',
    onGone: () => told.push('gone'),
    onBack: () => told.push('back'),
    onUnknown: () => told.push('unknown'),
    later: (next, soon) => {
      due = next;
      pace.push(soon);
      return () => (due = undefined);
    },
  });
  const wait = async (times: number): Promise<void> => {
    for (let i = 0; i < times; i++) {
      due?.();
      await new Promise((done) => setTimeout(done));
    }
  };
  return { told, pace, end, wait, isDue: () => due !== undefined };
};

describe('signs of life of a tablet', () => {
  it('tell once that the server is gone, and once that it is back', async () => {
    const { told, pace, wait } = tablet('heard', 'silence', 'silence', 'heard', 'heard', 'silence');
    await wait(3);
    expect(told).toEqual(['gone']);
    await wait(3);
    expect(told).toEqual(['gone', 'back', 'gone']);
    // While it is gone it is looked for more often.
    expect(pace).toEqual([false, false, true, true, false, false, true]);
  });
  it('tell each time that the server knows nothing of the seat', async () => {
    const { told, wait } = tablet('silence', 'unknown', 'unknown');
    await wait(4);
    expect(told).toEqual(['gone', 'back', 'unknown', 'unknown']);
  });
  it('end, also while one is on its way', async () => {
    const { told, wait, end, isDue } = tablet('silence');
    const going = wait(1);
    end();
    await going;
    expect([told, isDue()]).toEqual([[], false]);
  });
});
