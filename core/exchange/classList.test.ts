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
    ['under a heading of one word', 'Learner\nAda\nBram', ['Ada', 'Bram']],
    ['under "First"', 'First\nAda\nBram', ['Ada', 'Bram']],
    ['under "Student", surname first', 'Student\nMoss, Ada\nFern, Bram\nReed, Cleo', ['Ada', 'Bram', 'Cleo']],
    ['surname first in quotes', '"Moss, Ada"\n"Fern, Bram"', ['Ada', 'Bram']],
    ['surname first in quotes, with a heading', 'Pupil name\r\n"Moss, Ada"\r\n"Fern, Bram"\r\n', ['Ada', 'Bram']],
    ['surname first beside something else', 'Given name;Age\nMoss, Ada;6\nFern, Bram;7', ['Ada', 'Bram']],
    ['with a line that names the separator', 'sep=;\r\nFirst;Last\r\nAda;Moss\r\nBram;Fern', ['Ada', 'Bram']],
    ['with the mark of UTF-8', '\uFEFFGiven name,Family name\nAda,Moss\nBram,Fern', ['Ada', 'Bram']],
    ['given name behind the family name', 'Last name,Given name\nMoss,Ada\nFern,Bram', ['Ada', 'Bram']],
    ['where a line has nothing more', 'Ada;6\nBram;7\nCleo', ['Ada', 'Bram', 'Cleo']],
    ['where a line has no name', 'Ada;6\n;7\nCleo;6', ['Ada', 'Cleo']],
  ])('%s', (_, text, expected) => expect(names(text)).toEqual(expected));

  it('says what it took for a heading, so that it can be asked about', () => {
    expect(readClassList('Student\nAda\nBram').heading).toEqual(['Student']);
    expect(readClassList('First;Last\nAda;Moss\nBram;Fern').heading).toEqual(['First', 'Last']);
    expect(readClassList('Ada\nBram').heading).toEqual([]);
    // Of one line nothing tells.
    expect(names('Ada')).toEqual(['Ada']);
  });
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
