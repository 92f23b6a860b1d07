import { describe, expect, it } from '@jest/globals';
import { timeOf } from '../clock/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { acceptedWritings } from './acceptedWritings.ts';

describe('writings that are taken for right', () => {
  it('are digits in every form and words with either apostrophe', () => {
    const writings = acceptedWritings({ kind: 'write-digital', shown: timeOf(4) }, DEFAULT_CONVENTIONS);
    expect(writings[0]).toBe('4:00');
    expect(writings).toEqual(expect.arrayContaining(['04:00', '4.00', '4 o’clock', "4 o'clock", "four o'clock"]));
  });
  it('are those of half past, and none that marking names a fault', () => {
    const writings = acceptedWritings({ kind: 'write-words', shown: timeOf(8, 30) }, DEFAULT_CONVENTIONS);
    expect(writings).toEqual(expect.arrayContaining(['half past eight', 'half past 8', 'eight thirty', '08:30']));
    expect(writings).not.toContain('830');
  });
  it('are of the class: another form of digits only where the class takes it', () => {
    const strict = { ...DEFAULT_CONVENTIONS, otherForms: 'named' as const };
    const writings = acceptedWritings({ kind: 'write-digital', shown: timeOf(4, 30) }, strict);
    expect(writings).toContain('4:30');
    expect(writings).not.toContain('4.30');
  });
});
