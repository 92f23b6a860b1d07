import { HoppelError } from '../errors/hoppelError.ts';

/** How deep a file of classes may be nested; its deepest part, a point of a drawing in a row, lies at 11. */
const MAX_DEPTH = 32;
/** Depth at which a row of a table begins: in the file, its classes, a class, a table. */
const DEPTH_OF_ROW = 5;
/** Bytes a row may have: a drawing of as many points as one may have is about 250 kB, a unit of forty lessons 300 kB. */
const MAX_ROW_BYTES = 8 * 1024 ** 2;

const [QUOTE, BACKSLASH] = [0x22, 0x5c];
const OPENING: ReadonlySet<number> = new Set([0x5b, 0x7b]);
const CLOSING: ReadonlySet<number> = new Set([0x5d, 0x7d]);

/**
 * Looks at the bytes of a JSON text as they come, before they are parsed: what is nested too deep, or one row that is far too large, would
 * fill a parser's memory. Each byte is looked at once.
 * @returns takes the next bytes @throws HoppelError bad-file
 */
export const createNestingCheck = () => {
  let depth = 0;
  let isInText = false;
  let isEscaped = false;
  /** Bytes since a row began, or since the last thing outside of rows. */
  let bytes = 0;
  return (chunk: Uint8Array): void => {
    for (const byte of chunk) {
      bytes += 1;
      if (isInText) {
        if (isEscaped) isEscaped = false;
        else if (byte === BACKSLASH) isEscaped = true;
        else if (byte === QUOTE) isInText = false;
      } else if (byte === QUOTE) isInText = true;
      else if (OPENING.has(byte)) {
        depth += 1;
        if (depth > MAX_DEPTH) throw new HoppelError('bad-file', 'it is nested too deep: this is another kind of file');
        if (depth <= DEPTH_OF_ROW) bytes = 0;
      } else if (CLOSING.has(byte)) {
        depth -= 1;
        if (depth < DEPTH_OF_ROW) bytes = 0;
      }
    }
    if (bytes > MAX_ROW_BYTES)
      throw new HoppelError('bad-file', 'a part of it is too large: this is another kind of file');
  };
};
