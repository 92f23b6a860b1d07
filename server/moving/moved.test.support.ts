import request from 'supertest';
import { v4 as newId } from 'uuid';
import { expect } from '@jest/globals';
import { Arrival, type TakeIn } from '../../contract/index.ts';
import { beginRound, bytesOf, tabletAnswer, type School } from '../school.test.support.ts';
import { contentOfLesson } from '../../core/planning/index.ts';
import { sheetOf } from '../sheets/sheet.test.support.ts';
import { CLASS_TABLES, MOVING } from './tables.ts';

/** A file of classes, read. */
export interface ClassesFile {
  format: string;
  version: number;
  schema: number;
  madeAt: string;
  templates: Record<string, unknown>[];
  classes: Record<string, Record<string, unknown>[]>[];
}

/** What a school gives along, as it is sent. */
export const takenAlong = async (school: School, what: 'class' | 'all'): Promise<string> =>
  (await bytesOf(school.get(`/moving/${what}.json`))).bytes.toString('utf8');

/** Sends a file to a school, to be looked at. */
export const sendTo = (school: School, text: string | Buffer) =>
  request(school.url).post('/api/moving/arrivals').set('Content-Type', 'application/json').send(text);
export const lookedAt = async (school: School, text: string): Promise<Arrival> =>
  Arrival.parse((await sendTo(school, text).expect(201)).body);
export const takeIn = (school: School, id: string, classes: readonly TakeIn[]) =>
  school.post(`/moving/arrivals/${id}/take`, { classes });
/** Every class of a file as a class of its own. */
export const bringAll = async (school: School, text: string): Promise<void> => {
  const { id, classes } = await lookedAt(school, text);
  await takeIn(
    school,
    id,
    classes.map(({ number }) => ({ as: 'own', number })),
  ).expect(200);
};
/** Without the moment it was made. */
export const timeless = (text: string): string => text.replace(/"madeAt":"[^"]*"/, '"madeAt":""');

/** Fills the made-up class of a school until there is something of it in every table that goes along. */
export const fill = async (school: School): Promise<void> => {
  const post = async (path: string, body: object, status = 201) => (await school.post(path, body).expect(status)).body;
  const put = async (path: string, body: object) => (await school.put(path, body).expect(200)).body;
  await post('/record/children/2/notes', { id: newId(), text: 'Counts with blue marbles.' });
  await put('/groups/pairs', { childIds: [2, 5], sits: 'apart' });
  await put('/children/2', { homeLanguage: 'nl', absent: true });
  await put('/children/9', { movedAway: true });
  // Of a child that was deleted a number stays in old lists.
  await school.put('/lessons/8/decision', { id: newId(), decision: 'go-on-with-group' }).expect(200);
  await put('/lessons/8/note', { note: 'Blue clocks.' });
  await put('/lessons/8/ready/tablets', { ticked: true });
  const { settings, day, plan, lessons } = (await school.get('/classroom').expect(200)).body;
  await put('/day/moments', { moments: day.moments.slice(0, 1) });
  await put('/settings', { ...settings, otherForms: 'named' });
  const rename = { kind: 'title', lessonId: lessons[9].id, title: 'Blue clocks' };
  await post('/plan/changes', { id: newId(), version: plan.version, change: rename }, 200);
  await post('/tablets/sets', { id: newId(), childIds: [2, 3], source: { what: 'needs' } });
  const { id: roundId, times } = await beginRound(school);
  for (const child of [1, 3, 4]) await school.answer(tabletAnswer(child, roundId, 0, times[0]!)).expect(201);
  const answerId = school.db.prepare<[], string>('SELECT id FROM answer ORDER BY seq DESC').pluck().get()!;
  await post('/record/corrections', { id: newId(), answerId, says: 'out', why: 'helped' });
  school.db.prepare('INSERT INTO stand_in_answer (answer_id) VALUES (?)').run(answerId);
  const sheetId = newId();
  await put(`/sheets/${sheetId}`, { ...sheetOf(), lessonId: lessons[7].id, part: 'ticket' });
  const copies = [1, 2, 3].map((childId) => ({ childId, form: 0 }));
  const { number } = await post(`/sheets/${sheetId}/printings`, { id: newId(), version: 1, copies });
  const pile = await post('/piles', { id: newId(), source: { kind: 'printing', printing: number } });
  const said = { id: newId(), childId: 3 };
  await post(
    `/piles/${pile.id}/deeds`,
    {
      deeds: [
        {
          what: 'mark',
          id: newId(),
          childId: 1,
          task: 0,
          item: pile.forms[0][0],
          answer: { kind: 'no-answer', why: 'empty' },
        },
        { what: 'child', ...said, away: true, form: 0 },
      ],
    },
    200,
  );
  await post('/templates', { id: newId(), lesson: contentOfLesson(lessons[7]) });
  const missing = CLASS_TABLES.filter(
    (table) =>
      school.db
        .prepare<[{ id: number }], number>(`SELECT COUNT(*) FROM ${table} WHERE ${MOVING[table].where}`)
        .pluck()
        .get({ id: 1 }) === 0,
  );
  expect(missing).toEqual([]);
};
