import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import { v4 as newId } from 'uuid';
import { LESSON, openSchool, type School } from '../school.test.support.ts';

let school: School;
beforeEach(async () => {
  school = await openSchool();
});
afterEach(() => school.close());

const answer = (id: string = newId()) => ({
  id,
  childId: 1,
  answer: { kind: 'hands', hour: 90, minute: 0 },
  to: { setting: 'alone', lessonId: LESSON, item: { kind: 'set', shown: 180 }, attempt: 1 },
});

describe('a data file that another program has locked', () => {
  it('is read all the same; who wants to write hears at once to try again, and nothing is half done', async () => {
    const posted = answer();
    const tablet = await school.tablet();
    await tablet.sit(1).expect(200);
    const other = new Database(school.file);
    other.exec('BEGIN IMMEDIATE');
    const before = performance.now();
    const reply = await tablet.post('/answers', posted);
    expect(reply).toMatchObject({ status: 503, body: { code: 'busy' }, headers: { 'retry-after': '1' } });
    expect(performance.now() - before).toBeLessThan(2000);
    await school.get('/classroom').expect(200);
    await school.get('/record/class').expect(200);
    other.exec('ROLLBACK');
    other.close();
    await tablet.post('/answers', posted).expect(201);
    await tablet.post('/answers', posted).expect(200);
  });
});

describe('a disk that is full', () => {
  it('is named, and what was stored stays readable', async () => {
    const pages = school.db.pragma('page_count', { simple: true }) as number;
    school.db.pragma(`max_page_count = ${pages}`);
    let last = { status: 201, body: { code: '' } };
    for (let i = 0; i < 200 && last.status === 201; i++) last = await school.answer(answer());
    expect([last.status, last.body.code]).toEqual([507, 'disk-full']);
    await school.get('/record/class').expect(200);
    school.db.pragma('max_page_count = 1000000');
    await school.answer(answer()).expect(201);
  });
});
