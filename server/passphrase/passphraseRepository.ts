import type { Database } from 'better-sqlite3';
import type { Entry } from '../../contract/index.ts';
import type { Hashed } from './scrypt.ts';

interface StoredRow {
  state: 'skipped' | 'set';
  hash: Buffer | null;
  salt: Buffer | null;
  cost: number | null;
  block_size: number | null;
  parallel: number | null;
}

/** What is stored of the passphrase. */
export const createPassphraseRepository = (db: Database) => {
  const select = db.prepare<[], StoredRow>('SELECT state, hash, salt, cost, block_size, parallel FROM passphrase');
  const clear = db.prepare('DELETE FROM passphrase');
  const insert = db.prepare<[Record<string, unknown>]>(`
    INSERT INTO passphrase (id, state, hash, salt, cost, block_size, parallel)
    VALUES (1, @state, @hash, @salt, @cost, @blockSize, @parallel)`);
  const NONE = { hash: null, salt: null, cost: null, blockSize: null, parallel: null };
  const put = db.transaction((row: Record<string, unknown>): void => {
    clear.run();
    insert.run({ ...NONE, ...row });
  });
  return {
    state: (): Entry['passphrase'] => select.get()?.state ?? 'unasked',
    /** None where there is no passphrase. */
    maybe: (): Hashed | undefined => {
      const row = select.get();
      if (row?.state !== 'set') return undefined;
      return {
        hash: row.hash!,
        salt: row.salt!,
        cost: row.cost!,
        blockSize: row.block_size!,
        parallel: row.parallel!,
      };
    },
    set: (hashed: Hashed): void => put({ state: 'set', ...hashed }),
    skip: (): void => put({ state: 'skipped' }),
    /** As if nobody had been asked yet. */
    forget: (): void => void clear.run(),
  };
};
export type PassphraseRepository = ReturnType<typeof createPassphraseRepository>;
