import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { makeDemo } from '../../demo/makeDemo.ts';
import { openDatabase } from './open.ts';

describe('the data file', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'hoppel-db-'));
  });
  afterEach(() => rmSync(folder, { recursive: true, force: true }));
  const file = (name = 'class.sqlite'): string => join(folder, name);

  it('opens again with everything in it, each migration applied once', () => {
    const first = openDatabase(file());
    makeDemo(first, '2026-11-24');
    const count = (db: typeof first) => db.prepare<[], { n: number }>('SELECT COUNT(*) AS n FROM answer').get()!.n;
    const answers = count(first);
    first.close();
    const again = openDatabase(file());
    expect(count(again)).toBe(answers);
    expect(again.prepare('SELECT name FROM migration').pluck().all()).toEqual([
      '0001_first_walk.sql',
      '0002_classes_and_plans.sql',
      '0003_rounds_of_many_tasks.sql',
      '0004_tablets.sql',
      '0005_passes.sql',
      '0006_locale.sql',
      '0007_decisions_of_states.sql',
      '0008_corrections.sql',
      '0009_tickets_on_tablets.sql',
      '0010_prompts.sql',
      '0011_first_morning.sql',
      '0012_small_groups.sql',
      '0013_lesson_templates.sql',
      '0014_sheets.sql',
      '0015_piles.sql',
      '0016_readings.sql',
      '0017_child_notes.sql',
      '0018_groups.sql',
      '0019_erased_children.sql',
      '0020_doors.sql',
      '0021_calendar.sql',
      '0022_marking_rules.sql',
      '0023_wrong_clocks.sql',
      '0024_alone_since.sql',
    ]);
    again.close();
  });
  it('writes ahead, flushes every commit and holds foreign keys', () => {
    const db = openDatabase(file());
    expect(db.pragma('journal_mode', { simple: true })).toBe('wal');
    expect(db.pragma('synchronous', { simple: true })).toBe(2);
    expect(db.pragma('foreign_keys', { simple: true })).toBe(1);
    expect(() =>
      db.prepare("INSERT INTO decision (lesson_id, decision, decided_at) VALUES (99, 'go-on', '')").run(),
    ).toThrow('FOREIGN KEY');
    db.close();
  });
  it('keeps what was acknowledged even when the server is cut off: a copy taken while it is open has it all', () => {
    const db = openDatabase(file());
    makeDemo(db, '2026-11-24');
    for (const end of ['', '-wal']) copyFileSync(file() + end, file('copy.sqlite') + end);
    const copy = openDatabase(file('copy.sqlite'));
    const rows = 'SELECT id, verdict FROM answer ORDER BY seq';
    expect(copy.prepare(rows).all()).toEqual(db.prepare(rows).all());
    copy.close();
    db.close();
  });
  it.each([
    ['a phase that is none', "UPDATE round SET phase = 'nap'"],
    ['an entry of the day after midnight', 'UPDATE routine_entry SET at_min = 1440 WHERE id = 1'],
    ['a smaller group that needs more than everybody', 'UPDATE class SET with_group = 90'],
    [
      'an answer half in a round',
      "INSERT INTO answer (id, child_id, lesson_id, round_id, round_index, attempt, item, answer, verdict, findings, source, stored_at, day) VALUES ('x', 1, 1, NULL, 3, 1, '{}', '{}', 'right', '[]', 'tablet', '', '2026-11-24')",
    ],
  ])('refuses %s', (_, sql) => {
    const db = openDatabase(file());
    makeDemo(db, '2026-11-24');
    db.prepare(
      "INSERT INTO round (id, lesson_id, day, entries, item_index, phase, revealed, replays, version, away, phase_since, closed) VALUES ('r', 7, '2026-11-24', '[]', 0, 'ask', 0, 0, 0, '[]', 0, 0)",
    ).run();
    expect(() => db.prepare(sql).run()).toThrow('CHECK');
    db.close();
  });
});
