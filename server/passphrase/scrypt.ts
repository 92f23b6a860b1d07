import { randomBytes, scrypt, timingSafeEqual, type ScryptOptions } from 'node:crypto';
import { createFairQueue, type Waiting } from '../common/fairQueue.ts';

/** A passphrase as it is stored: its hash, and all that the hash was made by. */
export interface Hashed {
  readonly hash: Buffer;
  readonly salt: Buffer;
  /** scrypt's N, r and p (RFC 7914). */
  readonly cost: number;
  readonly blockSize: number;
  readonly parallel: number;
}

/** 32 MiB and about a tenth of a second on a small laptop; what is stored keeps those it was made by. */
const STRENGTH = { cost: 2 ** 15, blockSize: 8, parallel: 1 };
const BYTES = 32;
const SALT_BYTES = 16;

/** The same letters typed on another keyboard are the same passphrase, and spaces round it are none of it. */
const plain = (passphrase: string): string => passphrase.normalize('NFKC').trim();

const derive = (passphrase: string, salt: Buffer, strength: Omit<Hashed, 'hash' | 'salt'>): Promise<Buffer> => {
  const { cost, blockSize, parallel } = strength;
  // scrypt needs 128 * N * r bytes and a little more.
  const options: ScryptOptions = { N: cost, r: blockSize, p: parallel, maxmem: 256 * cost * blockSize };
  return new Promise((done, fail) => {
    scrypt(plain(passphrase), salt, BYTES, options, (error, key) => (error === null ? done(key) : fail(error)));
  });
};

/** Two at once: more would fill the memory of a small machine. */
const inTurn = createFairQueue(2);

export const hashPassphrase = (passphrase: string, who: Waiting): Promise<Hashed> =>
  inTurn(who, async () => {
    const salt = randomBytes(SALT_BYTES);
    return { hash: await derive(passphrase, salt, STRENGTH), salt, ...STRENGTH };
  });

/** Is it the one that a hash was made of? */
export const isOf = (passphrase: string, { hash, salt, ...strength }: Hashed, who: Waiting): Promise<boolean> =>
  inTurn(who, async () => timingSafeEqual(await derive(passphrase, salt, strength), hash));
