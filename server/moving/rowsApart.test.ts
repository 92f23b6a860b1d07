import { describe, expect, it } from '@jest/globals';
import { createRowsApart } from './rowsApart.ts';

const FILE = {
  format: 'classes',
  templates: [{ name: 'Warm-up "A"', content: { parts: [{ times: [{ at: 3 }] }] } }],
  classes: [
    {
      child: [{ name: 'Ada \\ "{[', deep: { of: [[{ a: 1 }]] } }, { name: 'Ольга 李明 🦉' }],
      note: [{ text: 'a]}b' }],
    },
    { child: [], note: [{ text: '' }, 7, ['no row'], 'no row'] },
  ],
};
/** What is left of a text that comes in pieces of so many bytes, with the rows put back into their places. */
const putBack = (text: string, size: number): { left: string; whole: unknown } => {
  const apart = createRowsApart();
  const bytes = Buffer.from(text);
  const left: Buffer[] = [];
  for (let at = 0; at < bytes.length; at += size) left.push(apart.take(bytes.subarray(at, at + size)));
  const rest = Buffer.concat(left).toString();
  return { left: rest, whole: JSON.parse(rest, (_, value: unknown) => apart.valueOf(value)) };
};

describe('the rows of a file of classes', () => {
  it.each([1, 2, 7, 64, 10_000])('are taken out and put back, in pieces of %d bytes', (size) => {
    for (const text of [JSON.stringify(FILE), JSON.stringify(FILE, null, 1)]) {
      const { left, whole } = putBack(text, size);
      expect(whole).toEqual(FILE);
      for (const inRow of ['Ada', 'Ольга', 'a]}b']) expect(left).not.toContain(inRow);
      // What is none of them stays where it is.
      for (const other of ['Warm-up', 'no row', '7']) expect(left).toContain(other);
    }
  });
  it('are those of classes alone, whatever other texts say', () => {
    const text = '{"madeAt":"classes","other":[{"a":[{"b":1}]}],"cl\\u0061sses":[{"a":[{"b":2}]}]}';
    expect(putBack(text, 3).left).toBe(text);
  });
  it('are refused where they are no UTF-8', () => {
    const apart = createRowsApart();
    expect(() => apart.take(Buffer.from('{"classes":[{"a":[{"b":"\xff"}]}]}', 'latin1'))).toThrow(/utf-8/);
  });
});
