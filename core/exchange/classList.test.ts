import { describe, expect, it } from '@jest/globals';
import { namesOf, readClassList } from './classList.ts';

const names = (text: string): string[] => {
  const list = readClassList(text);
  return namesOf(list, list.likely);
};

describe('a class list that is typed or pasted', () => {
  it.each([
    ['one a line', 'Ada\nBram\r\nCleo', ['Ada', 'Bram', 'Cleo']],
    ['in one line, separated by commas, semicolons or tabs', 'Ada, Bram; Cleo\tDavi', ['Ada', 'Bram', 'Cleo', 'Davi']],
    ['numbered', '1. Ada\n2) Bram\n 3 Cleo', ['Ada', 'Bram', 'Cleo']],
    ['with empty lines', '\n\nAda\n , \n', ['Ada']],
    ['with two parts', 'Ana Maria\nJan-Erik', ['Ana Maria', 'Jan-Erik']],
    ['lines of several names each', 'Ada, Bram\nCleo', ['Ada', 'Bram', 'Cleo']],
    ['none', '  ', []],
    ['surname first', 'Fern, Ada\nMoss, Bram\nReed, Cleo', ['Ada', 'Bram', 'Cleo']],
    ['with the age', 'Ada;6\nBram;7\nCleo;6', ['Ada', 'Bram', 'Cleo']],
    ['from a table, with its heading', 'No\tLast name\tFirst name\n1\tFern\tAda\n2\tMoss\tBram', ['Ada', 'Bram']],
    ['with a heading of one word', 'Name;Age\nAda;6\nBram;7', ['Ada', 'Bram']],
    [
      'with quotes, as tables are saved',
      '"Fern, the elder";Ada\n"Moss, the younger";Bram',
      ['Fern, the elder', 'Moss, the younger'],
    ],
    ['where a line has nothing more', 'Ada;6\nBram;7\nCleo', ['Ada', 'Bram', 'Cleo']],
    ['where a line has no name', 'Ada;6\n;7\nCleo;6', ['Ada', 'Cleo']],
  ])('%s', (_, text, expected) => expect(names(text)).toEqual(expected));

  it('has every column to choose from, or every cell', () => {
    const list = readClassList('Fern, Ada\nMoss, Bram');
    expect(list.columns).toBe(2);
    expect(namesOf(list, 0)).toEqual(['Fern', 'Moss']);
    expect(namesOf(list, undefined)).toEqual(['Fern', 'Ada', 'Moss', 'Bram']);
  });
  it('keeps no name longer than a picture has room for, and nothing that is no letter of any name', () => {
    expect(names(`${'x'.repeat(90)}\nAda\u0007 B`)).toEqual(['x'.repeat(40), 'Ada B']);
  });
});
