import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { Practice, Session } from '../../contract/index.ts';
import { timeOf, type DialTime } from '../../core/clock/index.ts';
import { rightAnswers, type Item } from '../../core/items/index.ts';
import { predict } from '../../core/misconceptions/index.ts';
import { taskAfter } from '../../core/practice/index.ts';
import { SILENT_MS } from './seats.ts';
import { LESSON, openSchool, type School } from '../school.test.support.ts';

let school: School;
beforeEach(async () => {
  school = await openSchool();
});
afterEach(() => school.close());

/** What a child reads that swaps the hands. */
const timeFromSwapped = (shown: DialTime): DialTime => {
  const predicted = predict('hands-swapped', { kind: 'read', shown });
  const [first] = predicted.kind === 'answers' ? predicted.own : [];
  if (first?.kind !== 'time') throw new Error('the rule does not show here');
  return first.time;
};

describe('what a child practises alone', () => {
  const practice = async (childId: number) => {
    const { body } = await (await school.tablet()).sit(childId).expect(200);
    school.passTime(SILENT_MS);
    return body.practice as Practice;
  };
  /** The tasks of a session for a child that does everything right. */
  const tasksOf = ({ session }: Practice): Item[] => {
    const done: { verdict: 'right' }[] = [];
    const tasks: Item[] = [];
    for (let item = taskAfter(session, done); item !== undefined; item = taskAfter(session, done)) {
      tasks.push(item);
      done.push({ verdict: 'right' });
    }
    return tasks;
  };
  const answerAll = async (childId: number, lessonId: number, items: readonly Item[]): Promise<void> => {
    for (const item of items) {
      const to = { setting: 'alone', lessonId, item, attempt: 1 };
      await school.answer({ id: newId(), childId, answer: rightAnswers(item)[0], to }).expect(201);
    }
  };

  it('is the lesson’s set, and when that is through, what it needs', async () => {
    const first = await practice(1);
    expect(first).toMatchObject({ lessonId: LESSON, follows: false, handed: false });
    expect(tasksOf(first).length).toBeGreaterThan(2);
    await answerAll(1, first.lessonId, tasksOf(first));
    const after = await practice(1);
    expect(after).toMatchObject({ lessonId: LESSON, follows: true });
    expect(after.key).not.toBe(first.key);
    expect(after.session).not.toEqual(first.next.session);
    expect(tasksOf(after).length).toBeGreaterThan(5);
  });
  it('goes on with what it needs where the network is gone after a set', async () => {
    const first = await practice(1);
    const next = { ...first, session: first.next.session };
    expect(tasksOf(next).length).toBeGreaterThan(5);
    expect(first.next.key).not.toBe(first.key);
  });
  it('has its rest made again once more is known: after answers that swap hands it looks for that', async () => {
    await school.post('/tablets/sets', { id: newId(), childIds: null, source: { what: 'needs' } }).expect(201);
    const tablet = await school.tablet();
    const seat = newId();
    const asked = [timeOf(3), timeOf(4), timeOf(8)].map((shown) => ({
      item: { kind: 'read', shown } as const,
      verdict: 'wrong',
    }));
    const restOf = async () =>
      (await tablet.post('/station/rest', { seat, asked }).expect(200)).body.session as Session;
    const child = (await school.get('/record/class')).body.children.find(
      ({ reason }: { reason: object | null }) => reason === null,
    ).childId;
    const sat = (await tablet.sit(child, seat).expect(200)).body.practice as Practice;
    const before = await restOf();
    for (const { item } of asked) {
      const swapped = timeFromSwapped(item.shown);
      const to = { setting: 'alone', lessonId: sat.lessonId, item, attempt: 1 };
      await tablet
        .post('/answers', { id: newId(), childId: child, answer: { kind: 'time', time: swapped }, to })
        .expect(201);
    }
    const after = await restOf();
    expect(after).not.toEqual(before);
    for (const { item } of asked) expect(after.tasks).not.toContainEqual(item);
  });
  it('is what the teacher handed to it, and to it alone, until it is taken back', async () => {
    const id = newId();
    const source = { what: 'times', kinds: ['draw'], times: [180, 420] };
    const { body } = await school.post('/tablets/sets', { id, childIds: [5, 6], source }).expect(201);
    expect(body.sets).toEqual([{ id, childIds: [5, 6], what: 'times', lessonId: LESSON, count: 2, done: null }]);
    expect(tasksOf(await practice(5))).toEqual([
      { kind: 'draw', shown: 180 },
      { kind: 'draw', shown: 420 },
    ]);
    expect((await practice(7)).key).not.toBe(id);
    await school.post('/tablets/sets', { id, childIds: [5, 6], source }).expect(201); // sent again
    expect((await school.get('/tablets')).body.sets).toHaveLength(1);
    await school.delete(`/tablets/sets/${id}`).expect(200);
    expect((await practice(5)).key).not.toBe(id);
  });
  it('can be handed to all at once, as what each of them needs', async () => {
    const id = newId();
    await school.post('/tablets/sets', { id, childIds: null, source: { what: 'needs' } }).expect(201);
    expect(await practice(8)).toMatchObject({ key: id, handed: true, follows: true });
  });
  it('tells tablets to look again when something is handed', async () => {
    const stream = await (await school.tablet()).listen();
    await school.post('/tablets/sets', { id: newId(), childIds: null, source: { what: 'lesson' } }).expect(201);
    await stream.until(({ event }) => event === 'classroom');
    await stream.end();
  });
});
