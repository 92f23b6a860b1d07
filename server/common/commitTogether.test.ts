import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import { createCommitTogether, type Together } from './commitTogether.ts';

describe('what is committed together', () => {
  let folder: string;
  let file: string;
  let db: Database.Database;
  let together: Together;
  let commits = 0;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'hoppel-together-'));
    file = join(folder, 'a.sqlite');
    db = new Database(file, { timeout: 50 });
    db.pragma('journal_mode = WAL');
    db.exec('CREATE TABLE one (id INTEGER PRIMARY KEY, text TEXT)');
    together = createCommitTogether(db);
    commits = 0;
  });
  afterEach(() => {
    db.close();
    rmSync(folder, { recursive: true, force: true });
  });
  const add = (id: number, text = ''): Promise<number> =>
    together(() => Number(db.prepare('INSERT INTO one VALUES (?, ?)').run(id, text).lastInsertRowid));
  /** As another program sees it: only what is committed. */
  const seen = (): number[] => {
    const other = new Database(file, { readonly: true });
    const ids = other.prepare<[], number>('SELECT id FROM one ORDER BY id').pluck().all();
    other.close();
    return ids;
  };

  it('is on the disk before anybody hears of it, each with its own result', async () => {
    const all = [3, 1, 2].map((id) =>
      add(id).then((result) => {
        expect(seen()).toEqual([1, 2, 3]);
        commits += 1;
        return result;
      }),
    );
    expect(seen()).toEqual([]);
    expect(await Promise.all(all)).toEqual([3, 1, 2]);
    expect(commits).toBe(3);
  });
  it('is one transaction for all of a moment, and another for the next', async () => {
    const watching = new Database(file, { readonly: true });
    const before = watching.pragma('data_version', { simple: true }) as number;
    await Promise.all(Array.from({ length: 30 }, (_, i) => add(i)));
    const after = watching.pragma('data_version', { simple: true }) as number;
    expect(after - before).toBe(1);
    await add(100);
    expect((watching.pragma('data_version', { simple: true }) as number) - after).toBe(1);
    watching.close();
  });
  it('refuses one that is wrong, half done as it is, and keeps the others', async () => {
    const wrong = together(() => {
      db.prepare("INSERT INTO one VALUES (9, '')").run();
      throw new Error('not this one');
    });
    const results = await Promise.allSettled([add(1), wrong, add(1), add(2)]);
    expect(results.map(({ status }) => status)).toEqual(['fulfilled', 'rejected', 'rejected', 'fulfilled']);
    expect(seen()).toEqual([1, 2]);
  });
  it('tells everybody where the file is locked, and works again after', async () => {
    const other = new Database(file);
    other.exec('BEGIN IMMEDIATE');
    const results = await Promise.allSettled([add(1), add(2)]);
    expect(results.map((one) => (one.status === 'rejected' ? (one.reason as { code: string }).code : ''))).toEqual([
      'SQLITE_BUSY',
      'SQLITE_BUSY',
    ]);
    other.exec('ROLLBACK');
    other.close();
    await add(3);
    expect(seen()).toEqual([3]);
  });
  it('tells nobody that anything was kept where the disk filled up on the way', async () => {
    db.pragma(`max_page_count = ${(db.pragma('page_count', { simple: true }) as number) + 2}`);
    const results = await Promise.allSettled([add(1), add(2, 'x'.repeat(100_000)), add(3)]);
    const kept = results.flatMap((one) => (one.status === 'fulfilled' ? [one.value] : []));
    expect(results[1]!.status).toBe('rejected');
    expect(seen()).toEqual(kept.sort());
    db.pragma('max_page_count = 100000');
    await add(4);
    expect(seen()).toContain(4);
  });
});
