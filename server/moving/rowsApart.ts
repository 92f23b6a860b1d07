import { randomBytes } from 'node:crypto';
import { HoppelError } from '../errors/hoppelError.ts';

/** How deep a file of classes may be nested; its deepest part, a point of a drawing in a row, lies at 11. */
const MAX_DEPTH = 32;
/** Depth at which a row of a table begins: in the file, its classes, a class, a table. */
const DEPTH_OF_ROW = 5;
/** Bytes a row may have: a drawing of as many points as one may have is about 250 kB, a unit of forty lessons 300 kB. */
const MAX_ROW_BYTES = 8 * 1024 ** 2;

const QUOTE = 0x22;
const BACKSLASH = 0x5c;
const [OPEN_LIST, CLOSE_LIST, OPEN_OBJECT, CLOSE_OBJECT] = [0x5b, 0x5d, 0x7b, 0x7d];

/**
 * Takes the rows of tables out of the JSON text of a file of classes, byte by byte as it comes, and leaves a word in the place of each: a
 * row is parsed as a whole, many times as fast as a parser for streams does it, which has the rest. What is nested too deep, or one part
 * that is far too large, would fill a parser's memory and is refused before.
 */
export const createRowsApart = () => {
  /** Nobody who wrote a file knows it, so nothing else in it is taken for a row. */
  const word = randomBytes(9).toString('base64url');
  const inItsPlace = Buffer.from(JSON.stringify(word));
  const decoder = new TextDecoder('utf-8', { fatal: true });
  /** Rows taken out, oldest first, until the parser comes to their places. */
  const rows: string[] = [];
  let depth = 0;
  let isInText = false;
  let isEscaped = false;
  let isInRow = false;
  /** Beginnings of the row, or of the text straight in the file's object, that the last pieces ended in. */
  let begun: Uint8Array[] = [];
  /** The text that stood last straight in the file's object: the name of what follows. */
  let name = '';
  /** Bytes since a row began, or since the last thing outside of rows. */
  let bytes = 0;
  const whole = (last: Uint8Array): string => {
    const text = decoder.decode(begun.length === 0 ? last : Buffer.concat([...begun, last]));
    begun = [];
    return text;
  };
  /** @returns what is left for the parser @throws HoppelError bad-file @throws TypeError where a row is not UTF-8 */
  const take = (chunk: Uint8Array): Buffer => {
    const left: Uint8Array[] = [];
    let from = 0;
    let textFrom = 0;
    for (let i = 0; i < chunk.length; i++) {
      const byte = chunk[i]!;
      if (isInText) {
        if (isEscaped) isEscaped = false;
        else if (byte === BACKSLASH) isEscaped = true;
        else if (byte === QUOTE) {
          isInText = false;
          if (depth === 1) name = whole(chunk.subarray(textFrom, i));
        }
      } else if (byte === QUOTE) {
        isInText = true;
        textFrom = i + 1;
      } else if (byte === OPEN_LIST || byte === OPEN_OBJECT) {
        depth += 1;
        if (depth > MAX_DEPTH) throw new HoppelError('bad-file', 'it is nested too deep: this is another kind of file');
        if (depth <= DEPTH_OF_ROW) bytes = -i;
        if (depth === DEPTH_OF_ROW && byte === OPEN_OBJECT && name === 'classes') {
          left.push(chunk.subarray(from, i));
          from = i;
          isInRow = true;
        }
      } else if (byte === CLOSE_LIST || byte === CLOSE_OBJECT) {
        depth -= 1;
        if (depth < DEPTH_OF_ROW) bytes = -i;
        if (isInRow && depth < DEPTH_OF_ROW) {
          isInRow = false;
          rows.push(whole(chunk.subarray(from, i + 1)));
          left.push(inItsPlace);
          from = i + 1;
        }
      }
    }
    bytes += chunk.length;
    if (bytes > MAX_ROW_BYTES)
      throw new HoppelError('bad-file', 'a part of it is too large: this is another kind of file');
    // A piece's memory may be another's when the next one comes.
    if (isInRow) begun.push(chunk.slice(from));
    else {
      left.push(chunk.subarray(from));
      if (isInText && depth === 1) begun.push(chunk.slice(textFrom));
    }
    return Buffer.concat(left);
  };
  return {
    take,
    /** The value at the place of a row: the row itself where it was taken out. @throws SyntaxError */
    valueOf: (value: unknown): unknown => (value === word ? (JSON.parse(rows.shift()!) as unknown) : value),
  };
};
