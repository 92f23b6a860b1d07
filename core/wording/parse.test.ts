import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { ALL_DIAL_TIMES, timeOf } from '../clock/index.ts';
import { WRITING_FAULTS, digital, parse, quickEntry } from './index.ts';
import { DEFAULT_CONVENTIONS, CHOICES } from '../conventions/index.ts';
import { localeOf, oneSpelling } from '../locales/index.ts';

const at = (text: string): number => {
  const [hour, minute] = text.split(':').map(Number);
  return timeOf(hour!, minute!);
};

describe('a child’s writing that is a time', () => {
  it.each([
    ['4:30', '4:30', 'digital'],
    ['04:30', '4:30', 'digital'],
    ['4.30', '4:30', 'digital'],
    [' 4:30 ', '4:30', 'digital'],
    ['4 : 30', '4:30', 'digital'],
    ['4:06', '4:06', 'digital'],
    ['12:00', '12:00', 'digital'],
    ['12:30', '12:30', 'digital'],
    ['４：３０', '4:30', 'digital'],
    ['4:30.', '4:30', 'digital'],
    ['4:30!', '4:30', 'digital'],
    ["4o'clock", '4:00', 'oclock'],
    ['4oclock', '4:00', 'oclock'],
    ['30 past 4', '4:30', 'half-past'],
    ['15 past 4', '4:15', 'words'],
    ['15 to 5', '4:45', 'words'],
    ['ten after four', '4:10', 'words'],
    ['four thirty', '4:30', 'words'],
    ['Four Thirty', '4:30', 'words'],
    ['half past 4', '4:30', 'half-past'],
    ['half past four', '4:30', 'half-past'],
    ['half-past four', '4:30', 'half-past'],
    ['half past four o’clock', '4:30', 'half-past'],
    ['4 o’clock', '4:00', 'oclock'],
    ["4 o'clock", '4:00', 'oclock'],
    ['4 oclock', '4:00', 'oclock'],
    ['4 o clock', '4:00', 'oclock'],
    ['four o’clock.', '4:00', 'oclock'],
    ['FOUR O’CLOCK', '4:00', 'oclock'],
    ['twelve o’clock', '12:00', 'oclock'],
    ['noon', '12:00', 'words'],
    ['midnight', '12:00', 'words'],
    ['quarter past 4', '4:15', 'words'],
    ['quarter after four', '4:15', 'words'],
    ['quarter to one', '12:45', 'words'],
    ['ten minutes to ten', '9:50', 'words'],
    ['nine fifty', '9:50', 'words'],
    ['four oh five', '4:05', 'words'],
    ['twenty five past two', '2:25', 'words'],
  ])('%s is %s', (text, time, form) => expect(parse(text)).toEqual({ kind: 'time', time: at(time), form }));
  it('is read in every digital form, at all 720 times', () => {
    for (const time of ALL_DIAL_TIMES)
      for (const digitalForm of CHOICES.digitalForm.choices)
        expect(parse(digital(time, { digitalForm }))).toEqual({ kind: 'time', time, form: 'digital' });
  });
});

describe('a child’s writing that is no time has a name, and is never repaired', () => {
  it.each([
    ['430', 'colon-missing', '4:30'],
    ['4 30', 'colon-missing', '4:30'],
    ['4-30', 'colon-missing', '4:30'],
    ['4 - 30', 'colon-missing', '4:30'],
    ['4--30', 'colon-missing', '4:30'],
    ['4–30', 'colon-missing', '4:30'],
    ['4 30.', 'colon-missing', '4:30'],
    ['300', 'colon-missing', '3:00'],
    ['4;30', 'other-sign', '4:30'],
    ['4,30', 'other-sign', '4:30'],
    ["4'30", 'other-sign', '4:30'],
    ['4/0', 'other-sign', '4:00'],
    [':30', 'hour-missing', undefined],
    ['4:', 'minutes-missing', '4:00'],
    ['4.', 'minutes-missing', '4:00'],
    ['60:4', 'parts-reversed', '4:00'],
    ['60:04', 'parts-reversed', '4:00'],
    ['4 thirty', 'mixed-forms', '4:30'],
    ['four 30', 'mixed-forms', '4:30'],
    ['4:300', 'not-a-time', undefined],
    ['12345', 'not-a-time', undefined],
    ['4::30', 'other-sign', '4:30'],
    ['1230', 'colon-missing', '12:30'],
    ['4:3', 'one-zero', '4:30'],
    ['4:0', 'one-zero', '4:00'],
    ['12:0', 'one-zero', '12:00'],
    ['4.0', 'one-zero', '4:00'],
    ['4:6', 'one-zero', undefined],
    ['30:4', 'parts-reversed', '4:30'],
    ['00:4', 'parts-reversed', '4:00'],
    ['00:04', 'parts-reversed', '4:00'],
    ['30:04', 'parts-reversed', '4:30'],
    ['0:4', 'parts-reversed', '4:00'],
    ['30 4', 'parts-reversed', '4:30'],
    ['30:12', 'parts-reversed', '12:30'],
    ['4:60', 'sixty-for-zero', '4:00'],
    ['4:75', 'minutes-over-59', undefined],
    ['13:00', 'hour-over-12', '1:00'],
    ['16:30', 'hour-over-12', '4:30'],
    ['24:00', 'hour-over-12', '12:00'],
    ['0:30', 'hour-zero', '12:30'],
    ['00:30', 'hour-zero', '12:30'],
    ['half past', 'hour-missing', undefined],
    ['o’clock', 'hour-missing', undefined],
    ['quarter to', 'hour-missing', undefined],
    ['4', 'minutes-missing', '4:00'],
    ['half 4', 'half-without-past', undefined],
    ['half four', 'half-without-past', undefined],
    ['half past 4:30', 'mixed-forms', '4:30'],
    ['4:00 o’clock', 'mixed-forms', '4:00'],
    ['4:0 o’clock', 'mixed-forms', undefined],
    ['', 'nothing', undefined],
    ['   ', 'nothing', undefined],
    ['45', 'not-a-time', undefined],
    ['99:99', 'not-a-time', undefined],
    ['4:30:00', 'not-a-time', undefined],
    ['half past 13', 'not-a-time', undefined],
    ['half past nothing', 'not-a-time', undefined],
    ['hare', 'not-a-time', undefined],
    ['-4:30', 'not-a-time', undefined],
  ] as const)('"%s": %s', (text, fault, meant) =>
    expect(parse(text)).toEqual({ kind: 'fault', fault, meant: meant === undefined ? undefined : at(meant) }),
  );
  it('in a form the class does not use, where the teacher wants that named', () => {
    const strict = { ...DEFAULT_CONVENTIONS, otherForms: 'named' } as const;
    expect(parse('4:30', strict)).toMatchObject({ kind: 'time' });
    expect(parse('10:30', { ...strict, digitalForm: '04:30' })).toMatchObject({ kind: 'time' });
    for (const text of ['4.30', '04:30'])
      expect(parse(text, strict)).toEqual({ kind: 'fault', fault: 'other-form', meant: timeOf(4, 30) });
  });
  it('whatever was written: a time on the dial, or a fault of the list, and never a crash', () =>
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), fc.stringMatching(/^[\d:. ]{0,6}$/), fc.string({ unit: 'grapheme' })),
        (text) => {
          const read = parse(text);
          if (read.kind === 'time') expect(ALL_DIAL_TIMES).toContain(read.time);
          else expect(WRITING_FAULTS).toContain(read.fault);
        },
      ),
      { numRuns: 500 },
    ));
});

describe('a very long text', () => {
  // Work that grew faster than the text would not end within the time a test has: 20 s was measured once.
  const LONG = 100_000;
  it.each(['!', '.', ' ', '4', '4 ', '4:', '-', ';', 'o', "o'", 'half ', 'a4', '\n', '’', '０', '! '])(
    'of "%s" alone, or before and behind something else, is no time, and is read at once',
    (piece) => {
      for (const text of [piece.repeat(LONG), `${piece.repeat(LONG)}x`, `x${piece.repeat(LONG)}x`]) {
        expect(parse(text).kind).toBe('fault');
        expect(quickEntry(text)).toBeUndefined();
        expect(oneSpelling(text, localeOf('en-US').grammar).length).toBeLessThanOrEqual(12 * LONG);
      }
    },
  );
});

describe('a teacher’s quick entry', () => {
  it.each([
    ['430', '4:30', 'half past 4'],
    ['4', '4:00', '4 o’clock'],
    ['4 30', '4:30', 'half past 4'],
    ['half 4', '4:30', 'half past 4'],
    ['16:30', '4:30', 'half past 4'],
    ['quarter to 5', '4:45', 'quarter to 5'],
    ['0:30', '12:30', 'half past 12'],
    ['9:00', '9:00', '9 o’clock'],
  ])('%s is understood as %s and echoed: %s', (text, time, echo) =>
    expect(quickEntry(text)).toEqual({ time: at(time), echo }),
  );
  it('is echoed as the class says it', () =>
    expect(quickEntry('430', { ...DEFAULT_CONVENTIONS, halfPastPhrase: 'thirty' })?.echo).toBe('four thirty'));
  it.each(['', 'hare', '99', '4:75', '4:6'])('"%s" is not understood, and not guessed', (text) =>
    expect(quickEntry(text)).toBeUndefined(),
  );
});
