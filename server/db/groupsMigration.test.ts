import { readFileSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import { createGroupRepository } from '../groups/groupRepository.ts';
import { MIGRATIONS, migrate } from './migrate.ts';
import { fileBefore } from './oldFile.test.support.ts';

/** A data file of before there were several groups, with the one of a check. */
const oldFile = (group: object): Database.Database => {
  const db = fileBefore('0018');
  db.prepare("INSERT INTO small_group (lesson_id, members, made_at) VALUES (7, ?, '2026-11-24T08:00:00Z')").run(
    JSON.stringify(group),
  );
  return db;
};

describe('a small group of before there were several', () => {
  const OLD = {
    checkId: 7,
    childIds: [3, 5],
    minutes: 8,
    rule: 'hands-swapped',
    lens: 'hour-hand-alone',
    contrast: [180, 540],
    task: 'set',
    times: [60, 240, 420, 120, 600, 300],
  };
  it.each([
    [OLD, 'hands'],
    [{ ...OLD, rule: 'coming-hour' }, 'between'],
    [{ ...OLD, rule: 'one-zero' }, 'writing'],
    [{ ...OLD, rule: null }, 'practice'],
  ])('is the one group of its check, about what its rule is about: %#', (group, topic) => {
    const db = oldFile(group);
    db.exec(readFileSync(new URL('./migrations/0018_groups.sql', import.meta.url), 'utf8'));
    expect(createGroupRepository(db).maybe(7)).toEqual({
      day: '2026-11-24',
      absent: [],
      groups: [{ ...group, id: 1, topic, name: null, held: [3, 5], isLocked: false, takeAway: 300, ordinal: null }],
    });
    db.close();
  });
  it('is left alone by a second look', () => {
    expect(MIGRATIONS).toContain('0018_groups.sql');
    const db = new Database(':memory:');
    migrate(db);
    migrate(db);
    expect(createGroupRepository(db).maybe(7)).toBeUndefined();
    db.close();
  });
});
