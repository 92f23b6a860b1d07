import { readFileSync } from 'node:fs';
import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import { createAnswerRepository } from '../answers/answerRepository.ts';
import { createChildRepository } from '../children/childRepository.ts';
import { createClassRepository } from '../classes/classRepository.ts';
import { createLessonRepository } from '../lessons/lessonRepository.ts';
import { createPlanRepository } from '../plan/planRepository.ts';
import { createRoundRepository } from '../rounds/roundRepository.ts';
import { createSettingsRepository } from '../settings/settingsRepository.ts';
import { migrate } from './migrate.ts';

const FIRST = readFileSync(new URL('./migrations/0001_first_walk.sql', import.meta.url), 'utf8');
const segment = (kind: string, startsAt: number, times: number[]) => ({ kind, startsAt, minutes: 4, times });

/** A data file as it was before there were several classes. */
const oldFile = (): Database.Database => {
  const db = new Database(':memory:');
  db.exec(FIRST);
  db.exec(`CREATE TABLE migration (name TEXT PRIMARY KEY, applied_at TEXT NOT NULL) STRICT;
    INSERT INTO migration VALUES ('0001_first_walk.sql', '2026-11-01');
    INSERT INTO classroom VALUES (1, 'Clover Room', '10:15', 0);
    INSERT INTO settings VALUES (1, '{"english":"en-GB"}', 5);
    INSERT INTO child VALUES (3, 'Zoë', 'radish'), (4, 'Ada', 'snail');`);
  const lesson = db.prepare('INSERT INTO lesson VALUES (?, ?, ?, ?, ?, ?, ?)');
  lesson.run(
    11,
    1,
    'oclock-first-ticket',
    'check',
    '2026-11-16',
    '["oclock-read"]',
    JSON.stringify([segment('ticket', 0, [180, 60]), segment('close', 4, [])]),
  );
  lesson.run(
    12,
    2,
    'oclock-read-set',
    'lesson',
    '2026-11-17',
    '["oclock-set"]',
    JSON.stringify([segment('show', 0, [60]), segment('show-me', 4, [180, 0])]),
  );
  db.exec(`INSERT INTO round (id, lesson_id, day, times, item_index, phase, revealed, replays, version, away, phase_since, closed)
      VALUES ('5a0f6c1e-2f0f-4a58-9d3c-7c1f3f6b0c12', 12, '2026-11-17', '[180,0,60]', 1, 'think', 0, 0, 4, '[3]', 5, 0);
    INSERT INTO ready_tick VALUES (12, 'tablets');
    INSERT INTO decision (lesson_id, decision, decided_at) VALUES (11, 'go-on', '2026-11-16T10:00:00Z');
    INSERT INTO answer (id, child_id, lesson_id, round_id, round_index, attempt, item, answer, verdict, findings, source, stored_at, day)
    VALUES ('5a0f6c1e-2f0f-4a58-9d3c-7c1f3f6b0c11', 4, 11, NULL, NULL, 1, '{"kind":"read","shown":180}', '{"kind":"time","time":180}', 'right', '[]', 'tablet', '2026-11-16T09:12:00Z', '2026-11-16');`);
  return db;
};

describe('a data file of one class', () => {
  let db: Database.Database;
  beforeEach(() => {
    db = oldFile();
    migrate(db);
  });
  afterEach(() => {
    db.close();
  });
  const parts = () => {
    const classes = createClassRepository(db);
    const classId = classes.openId();
    const plans = createPlanRepository(db, classId);
    const answers = createAnswerRepository(db, classId);
    return { classes, classId, plans, lessons: createLessonRepository(db, classId, { plans, answers }) };
  };

  it('becomes a file of several with that class open, its children in the order they had, its settings', () => {
    const { classes, classId } = parts();
    expect(classes.maybe(classId)).toMatchObject({
      name: 'Clover Room',
      numberTime: '10:15',
      thresholds: { goOn: 80, withGroup: 50 },
    });
    expect(
      createChildRepository(db, classId)
        .all()
        .map(({ id, name }) => [id, name]),
    ).toEqual([
      [4, 'Ada'],
      [3, 'Zoë'],
    ]);
    expect(createSettingsRepository(db, classId).one()).toMatchObject({ locale: 'en-GB', snap: 5 });
  });
  it('keeps its unit as the first state of a plan: same ids, days, minutes and times, titles of kinds there are no more', () => {
    const { plans, lessons } = parts();
    const [first, second] = lessons.all();
    expect(first).toMatchObject({
      id: 11,
      number: 1,
      day: '2026-11-16',
      key: 'oclock-meet',
      title: 'Ticket: o’clock, first look',
    });
    expect(first!.segments[0]).toMatchObject({
      kind: 'ticket',
      times: [180, 60],
      items: [
        { kind: 'read', shown: 180 },
        { kind: 'read', shown: 60 },
      ],
    });
    expect(second).not.toHaveProperty('title');
    expect(second!.segments[1]!.items).toEqual([
      { kind: 'set', shown: 180 },
      { kind: 'set', shown: 0 },
    ]);
    expect(plans.maybeHead()!.plan.choices).toMatchObject({ firstDay: '2026-11-16', level: 'first-grade' });
  });
  it('its round asks for the same clocks in the same order, and stands where it stood', () => {
    expect(createRoundRepository(db, parts().classId).latest()?.round).toMatchObject({
      entries: [180, 0, 60].map((shown) => ({ item: { kind: 'set', shown }, origin: 'planned' })),
      spares: [],
      index: 1,
      phase: 'think',
      thinkSeconds: 10,
      countdown: false,
      repeatMissed: false,
      prompt: 'both',
      away: [3],
    });
  });
  it('keeps every answer, tick and decision, all pointing somewhere', () => {
    const { classId, lessons } = parts();
    expect(createAnswerRepository(db, classId).everyAfter(0, 100)).toHaveLength(1);
    expect(lessons.ticks(12)).toEqual(['tablets']);
    expect(lessons.maybeDecision(11)).toBe('go-on');
    expect(db.pragma('foreign_key_check')).toEqual([]);
    expect(db.pragma('foreign_keys', { simple: true })).toBe(1);
  });
});
