import { describe, expect, it } from '@jest/globals';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { typedInCell } from './cell.ts';

describe('a cell of a spreadsheet', () => {
  // What each turns a typed time into was read off files saved by spreadsheets.
  it.each([
    ['8:30', ['8:30']],
    ['08:30:00 AM', ['8:30']],
    ['8:30:00', ['8:30']],
    ['08:30:00', ['8:30']],
    ['04:30:00 AM', ['4:30']],
    ['4:30:00 AM', ['4:30']],
    ['8:30 AM', ['8:30']],
    ['8:30 a.m.', ['8:30']],
    ['8:30 pm', ['8:30']],
    ['12:30:00 PM', ['12:30']],
    ['0.354166666666667', ['8:30']],
    ['0,1875', ['4:30']],
    ['16:30:00', ['16:30']],
    ['00:30:00', ['0:30']],
    // 16:30, or half past four in the afternoon?
    ['04:30:00 PM', ['16:30', '4:30']],
    ['12:30:00 AM', ['0:30', '12:30']],
    // 8.30, or 8.3 with a zero missing?
    ['8.3', ['8.30', '8.3']],
    ['8,3', ['8,30', '8,3']],
    ['08:30:15', ['08:30:15']],
    ['430', ['430']],
    ['half past four', ['half past four']],
    ['B', ['B']],
    ['-', ['-']],
    ['', ['']],
    ['25:00:00', ['25:00:00']],
    ['0.3333', ['0.3333']],
  ])('%s was %j', (cell, expected) => expect(typedInCell(cell, DEFAULT_CONVENTIONS)).toEqual(expected));

  it('is written as the class writes times', () => {
    expect(typedInCell('04:30:00 AM', { ...DEFAULT_CONVENTIONS, digitalForm: '04:30' })).toEqual(['04:30']);
    expect(typedInCell('04:30:00 AM', { ...DEFAULT_CONVENTIONS, digitalForm: '4.30' })).toEqual(['4.30']);
  });
});
