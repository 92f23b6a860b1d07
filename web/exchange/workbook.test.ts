import { describe, expect, it } from '@jest/globals';
import { utils, write } from '@e965/xlsx';
import { zipSync } from 'fflate';
import { readClassList, readResults } from '../../core/exchange/index.ts';
import { timeOf } from '../../core/clock/index.ts';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import { NoWorkbook, workbookText } from './workbook.ts';

/** A workbook as a spreadsheet saves it: 8:30 typed into a cell is a share of a day. */
const workbook = (bookType: 'xlsx' | 'ods'): Uint8Array => {
  const sheet = utils.aoa_to_sheet([
    ['Student', 'Task', 'Answer'],
    ['Ada', 1, null],
    ['Zoë', 1, null],
    ['李明', 1, 430],
  ]);
  sheet['C2'] = { t: 'n', v: 0.354166666666667, z: 'h:mm' };
  sheet['C3'] = { t: 'n', v: 0.1875, z: 'h:mm:ss' };
  const book = utils.book_new();
  utils.book_append_sheet(book, utils.aoa_to_sheet([]), 'Empty');
  utils.book_append_sheet(book, sheet, 'Results');
  return new Uint8Array(write(book, { type: 'array', bookType }) as ArrayBuffer);
};

describe('a workbook', () => {
  it.each(['xlsx', 'ods'] as const)('.%s is read as its cells were typed', (type) => {
    const items = [{ kind: 'write-digital' as const, shown: timeOf(8, 30) }];
    const children = ['Ada', 'Zoë', '李明'].map((name, i) => ({ childId: i + 1, name, items }));
    const results = readResults(workbookText(workbook(type)), children, {
      conventions: DEFAULT_CONVENTIONS,
      writing: 'line',
    });
    expect('read' in results && results.read.map(({ childId, answer }) => [childId, answer])).toEqual([
      [1, { kind: 'text', text: '8:30' }],
      [2, { kind: 'text', text: '4:30' }],
      [3, { kind: 'text', text: '430' }],
    ]);
  });
  it.each(['xlsx', 'ods'] as const)('.%s holds a class list', (type) => {
    const list = readClassList(workbookText(workbook(type)));
    expect(list.rows.map((row) => row[list.likely])).toEqual(['Ada', 'Zoë', '李明']);
  });
  it.each([
    ['with parts that unpack to far more than a class has', { 'xl/big.xml': new Uint8Array(60_000_000) }],
    [
      'of ten thousand parts',
      Object.fromEntries(Array.from({ length: 10_000 }, (_, i) => [`${i}.xml`, new Uint8Array(1)])),
    ],
    ['that is another zip', { '../../slip.txt': new Uint8Array(10) }],
  ])('is refused %s', (_, parts) => expect(() => workbookText(zipSync(parts))).toThrow(NoWorkbook));
  it('is refused or read, and nothing else, when any part of it is spoiled', () => {
    const whole = workbook('xlsx');
    for (let i = 0; i < 500; i++) {
      const spoiled = whole.slice();
      spoiled[(i * 7919) % spoiled.length] = (i * 31) % 256;
      try {
        expect(typeof workbookText(spoiled)).toBe('string');
      } catch (error) {
        expect(error).toBeInstanceOf(NoWorkbook);
      }
    }
  });
});
