import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { contentOfLesson } from '../../core/planning/index.ts';
import { openSchool, type School } from '../school.test.support.ts';

describe('lessons kept for other classes', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool();
  });
  afterAll(() => school.close());
  const content = async (number: number) => {
    const { body } = await school.get('/classroom').expect(200);
    return contentOfLesson(body.lessons[number - 1]);
  };

  it('are kept once, listed whatever class is open, and put into its unit', async () => {
    expect((await school.get('/templates').expect(200)).body).toEqual([]);
    const kept = { id: newId(), lesson: await content(9) };
    await school.post('/templates', kept).expect(201);
    expect((await school.post('/templates', kept).expect(201)).body).toEqual([kept]);
    await school.restart();
    expect((await school.get('/templates').expect(200)).body).toEqual([kept]);
    const { body } = await school.get('/classroom').expect(200);
    const change = { kind: 'insert', what: 'content', after: body.lessons.at(-1).id, lesson: kept.lesson };
    const after = (await school.post('/plan/changes', { id: newId(), version: body.plan.version, change }).expect(200))
      .body;
    expect(after.lessons).toHaveLength(body.lessons.length + 1);
    expect(after.lessons.at(-1).segments).toEqual(kept.lesson.segments);
    expect(after.plan.undo).toMatchObject({ kind: 'insert', what: 'content' });
  });
  it('are taken out of the list', async () => {
    const [{ id }] = (await school.get('/templates').expect(200)).body;
    expect((await school.delete(`/templates/${id}`).expect(200)).body).toEqual([]);
    expect((await school.delete(`/templates/${id}`).expect(404)).body.code).toBe('not-found');
  });
  it.each([
    ['minutes that do not add up', { startsAt: 3 }],
    ['a task about another time', { times: [5], items: [{ kind: 'read', shown: 180 }] }],
    ['a kind of part there is none of', { kind: 'dance' }],
  ])('are refused with %s', async (_, wrong) => {
    const lesson = await content(9);
    const segments = [{ ...lesson.segments[0]!, ...wrong }, ...lesson.segments.slice(1)];
    const { body } = await school.post('/templates', { id: newId(), lesson: { ...lesson, segments } }).expect(400);
    expect(body.code).toBe('malformed');
  });
});
