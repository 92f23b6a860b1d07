import type { Database } from 'better-sqlite3';
import type { GroupsView, PutPair } from '../../contract/index.ts';

interface Row {
  readonly a: number;
  readonly b: number;
  readonly sits: 'together' | 'apart';
}

/** Children of a class who sit together, or never do. */
export const createPairRepository = (db: Database, classId: number) => {
  const select = db.prepare<[number], Row>(
    `SELECT p.child_a AS a, p.child_b AS b, p.sits FROM child_pair AS p JOIN child AS c ON c.id = p.child_a
     WHERE c.class_id = ? ORDER BY p.child_a, p.child_b`,
  );
  const insert = db.prepare<[number, number, string]>(
    `INSERT INTO child_pair (child_a, child_b, sits) VALUES (?, ?, ?)
     ON CONFLICT (child_a, child_b) DO UPDATE SET sits = excluded.sits`,
  );
  const remove = db.prepare<[number, number]>('DELETE FROM child_pair WHERE child_a = ? AND child_b = ?');
  return {
    all: (): GroupsView['pairs'] => select.all(classId).map(({ a, b, sits }) => ({ childIds: [a, b], sits })),
    keep: ({ childIds, sits }: PutPair): void => {
      const [a, b] = [Math.min(...childIds), Math.max(...childIds)];
      if (sits === null) remove.run(a, b);
      else insert.run(a, b, sits);
    },
  };
};
export type PairRepository = ReturnType<typeof createPairRepository>;
