import { describe, expect, it } from '@jest/globals';
import { namesIn } from './namesIn.ts';

describe('names that are typed or pasted', () => {
  it.each([
    ['one a line', 'Ada\nBram\r\nCleo', ['Ada', 'Bram', 'Cleo']],
    ['separated by commas, semicolons or tabs', 'Ada, Bram; Cleo\tDavi', ['Ada', 'Bram', 'Cleo', 'Davi']],
    ['numbered', '1. Ada\n2) Bram\n 3 Cleo', ['Ada', 'Bram', 'Cleo']],
    ['with empty lines', '\n\nAda\n , \n', ['Ada']],
    ['with two parts', 'Ana Maria\nJan-Erik', ['Ana Maria', 'Jan-Erik']],
    ['none', '  ', []],
  ])('%s', (_, text, names) => expect(namesIn(text)).toEqual(names));
});
