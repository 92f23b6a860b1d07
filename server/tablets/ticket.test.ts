import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import type { Lesson, Practice } from '../../contract/index.ts';
import { timeOf } from '../../core/clock/index.ts';
import { rightAnswers, type Item } from '../../core/items/index.ts';
import { openSchool, type School, type Tablet } from '../school.test.support.ts';

const DAY = 86_400_000;
/** The last check of the demo class was yesterday's lesson 7; Nia, child 14, was away then. */
const CHECK = 7;
const NIA = 14;

describe('a check’s ticket on tablets', () => {
  let school: School;
  let tablet: Tablet;
  beforeEach(async () => {
    school = await openSchool();
    tablet = await school.tablet();
  });
  afterEach(() => school.close());
  const hand = (childIds: number[] | null, source: object = { what: 'ticket' }, id = newId()) =>
    school.post('/tablets/sets', { id, childIds, source });
  const sit = async (childId: number): Promise<Practice> => (await tablet.sit(childId).expect(200)).body.practice;
  const ticketOf = async (number: number): Promise<Item[]> => {
    const { lessons } = (await school.get('/classroom').expect(200)).body as { lessons: Lesson[] };
    return lessons[number - 1]!.segments.find(({ kind }) => kind === 'ticket')!.items;
  };
  const answer = (childId: number, item: Item, lessonId = CHECK) =>
    tablet
      .post('/answers', {
        id: newId(),
        childId,
        answer: rightAnswers(item)[0],
        to: { setting: 'alone', lessonId, item, attempt: 1 },
      })
      .expect(201);

  it('comes to each child quietly: its tasks once, in order, whatever is answered', async () => {
    await hand(null).expect(201);
    const practice = await sit(2);
    const items = await ticketOf(CHECK);
    expect(practice).toMatchObject({ lessonId: CHECK, handed: true, quiet: true, follows: false });
    expect(practice.session.tasks).toEqual(items);
    for (const { right, otherwise } of practice.session.steps) expect(otherwise).toBe(right);
  });
  it('goes on where it was for a child that changes its tablet', async () => {
    await hand(null).expect(201);
    const items = await ticketOf(CHECK);
    await sit(2);
    await answer(2, items[0]!);
    await answer(2, items[1]!);
    tablet = await school.tablet();
    school.passTime(60_000);
    expect((await sit(2)).session.tasks).toEqual(items.slice(2));
  });
  it('tells the teacher how far each child is, and nothing of how it went', async () => {
    const { body } = await hand(null).expect(201);
    expect(body.sets).toEqual([
      expect.objectContaining({ what: 'ticket', lessonId: CHECK, count: (await ticketOf(CHECK)).length, done: [] }),
    ]);
    await sit(2);
    const items = await ticketOf(CHECK);
    await answer(2, items[0]!);
    await answer(2, items[1]!);
    // Practice of the same lesson that is no task of the ticket does not count.
    await answer(2, { kind: 'read', shown: timeOf(1, 1) });
    const after = (await school.get('/tablets').expect(200)).body;
    expect(after.sets[0].done).toEqual([{ childId: 2, count: 2 }]);
  });
  it('counts as the check for who was away, on a later day too', async () => {
    const away = async (): Promise<number[]> => (await school.get('/lessons/8/desk').expect(200)).body.known.away;
    expect(await away()).toEqual([NIA]);
    school.passTime(DAY);
    await hand([NIA], { what: 'ticket', lessonId: CHECK }).expect(201);
    const { session } = await sit(NIA);
    for (const item of session.tasks) await answer(NIA, item);
    expect(await away()).toEqual([]);
    // It is through with it: what it needs comes next.
    expect(await sit(NIA)).toMatchObject({ handed: false, quiet: false });
  });
  it('is what the lesson’s set means on a check’s day; there is none of a lesson without a ticket', async () => {
    school.passTime(2 * DAY); // lesson 10 is a check
    const { body } = await hand(null, { what: 'lesson' }).expect(201);
    expect(body.sets.at(-1)).toMatchObject({ what: 'ticket', lessonId: 10 });
    expect((await hand(null, { what: 'ticket', lessonId: 8 }).expect(409)).body.code).toBe('nothing-to-ask');
  });
});
