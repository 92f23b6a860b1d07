import { pipeline } from 'node:stream/promises';
import { setImmediate as nextTurn } from 'node:timers/promises';
import type { Response } from 'express';

const withTurns = async function* (pieces: Iterable<string>): AsyncGenerator<string> {
  for (const piece of pieces) {
    yield piece;
    await nextTurn();
  }
};

/** Writes a file piece by piece: others have their turn between, and who reads slowly is waited for. It ends where nobody reads any more. */
export const sendPieces = async (res: Response, pieces: Iterable<string>): Promise<void> => {
  try {
    await pipeline(withTurns(pieces), res);
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ERR_STREAM_PREMATURE_CLOSE') throw error;
  }
};
