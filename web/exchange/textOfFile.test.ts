import { describe, expect, it } from '@jest/globals';
import { decodedText } from './textOfFile.ts';

const bytes = (...values: number[]): Uint8Array => Uint8Array.from(values);

describe('the text of a file', () => {
  it.each([
    ['UTF-8', Buffer.from('Zoë;Jürgen')],
    ['UTF-8 with its mark', Buffer.from('\uFEFFZoë;Jürgen')],
    ['UTF-16 as spreadsheets save it', Buffer.concat([bytes(0xff, 0xfe), Buffer.from('Zoë;Jürgen', 'utf16le')])],
    ['UTF-16 the other way round', Buffer.concat([bytes(0xfe, 0xff), Buffer.from('Zoë;Jürgen', 'utf16le').swap16()])],
    // 0xEB is ë, 0xFC ü in Windows-1252; neither is UTF-8 here.
    ['Windows-1252', bytes(...Buffer.from('Zo'), 0xeb, ...Buffer.from(';J'), 0xfc, ...Buffer.from('rgen'))],
  ])('is read in %s', (_, file) => expect(decodedText(Uint8Array.from(file))).toBe('Zoë;Jürgen'));
});
