import type { Database } from 'better-sqlite3';

/** What is chosen for this computer as a whole, whichever class is open. */
export const createHouseRepository = (db: Database) => {
  const select = db.prepare<[], number>('SELECT lan FROM house').pluck();
  const put = db.prepare<[number]>(`
    INSERT INTO house (id, lan)
    VALUES (1, ?)
    ON CONFLICT (id) DO UPDATE SET lan = excluded.lan`);
  return {
    /** May other devices of the network come in? Not before somebody said so. */
    lan: (): boolean => select.get() === 1,
    setLan: (on: boolean): void => void put.run(on ? 1 : 0),
  };
};
