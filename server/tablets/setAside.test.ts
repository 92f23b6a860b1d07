import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { openStream } from '../live/stream.test.support.ts';
import { LESSON, openSchool, type School, type Tablet } from '../school.test.support.ts';

let school: School;
let tablet: Tablet;
beforeEach(async () => {
  school = await openSchool();
  tablet = await school.tablet();
  await tablet.sit(3).expect(200);
});
afterEach(() => school.close());

const answerOf = (childId: number, lessonId: number = LESSON, id: string = newId()) => ({
  id,
  childId,
  answer: { kind: 'hands', hour: 90, minute: 0 },
  to: { setting: 'alone', lessonId, item: { kind: 'set', shown: 180 }, attempt: 1 },
});
/** What a tablet does that was refused. */
const refused = async (post: ReturnType<typeof answerOf>) => {
  const { body } = await tablet.post('/answers', post);
  const { code } = body as { code: string };
  return tablet.put(`/station/set-aside/${post.id}`, {
    childId: post.childId,
    code,
    answer: { post, lessonId: LESSON, item: { kind: 'set', shown: 180 } },
  });
};

describe('answers that could not be taken', () => {
  it('are counted for the teacher, each once, with why and whose', async () => {
    const [other, lost] = [answerOf(5), answerOf(3, 999)];
    expect((await refused(other)).body).toEqual({ keep: true });
    await refused(lost);
    await refused(lost);
    expect((await school.get('/tablets').expect(200)).body.setAside).toEqual([
      expect.objectContaining({ id: other.id, childId: 5, code: 'other-child' }),
      expect.objectContaining({ id: lost.id, childId: 3, code: 'unknown-lesson' }),
    ]);
  });
  it('are told to screens as they come, and to tablets when they are to be sent again', async () => {
    const [screen, listening] = [await openStream(`${school.url}/api/live`), await tablet.listen()];
    await refused(answerOf(5));
    expect(await screen.until(({ event, data }) => event === 'room' && (data as { setAside: number }).setAside === 1));
    await school.post('/tablets/set-aside/again', {}).expect(200);
    await listening.until(({ event }) => event === 'again');
    await Promise.all([screen.end(), listening.end()]);
  });
  it('leave the list when they are taken after all', async () => {
    const late = answerOf(5);
    await refused(late);
    await tablet.sit(5).expect(200);
    await tablet.post('/answers', late).expect(201);
    expect((await school.get('/tablets').expect(200)).body.setAside).toEqual([]);
  });
  it('can be downloaded whole, with the child’s name, also what no answer is', async () => {
    const odd = newId();
    await tablet
      .put(`/station/set-aside/${odd}`, { childId: 3, code: 'malformed', answer: { post: { id: odd, answer: 'x' } } })
      .expect(200);
    const reply = await school.get('/tablets/set-aside').expect(200);
    expect(reply.headers['content-disposition']).toMatch(/answers-not-taken\.json/);
    const name = ((await school.get('/classroom').expect(200)).body.children as { id: number; name: string }[]).find(
      ({ id }) => id === 3,
    )?.name;
    expect(reply.body.answers).toEqual([
      expect.objectContaining({ id: odd, child: name, code: 'malformed', answer: { post: { id: odd, answer: 'x' } } }),
    ]);
  });
  it('are let go by the teacher alone, and no other than those she saw', async () => {
    const [one, other] = [answerOf(5), answerOf(6)];
    await refused(one);
    await refused(other);
    await school.post('/tablets/set-aside/let-go', { ids: [one.id] }).expect(200);
    expect((await refused(one)).body).toEqual({ keep: false });
    expect((await refused(other)).body).toEqual({ keep: true });
    expect((await school.get('/tablets').expect(200)).body.setAside).toHaveLength(1);
  });
  it('do not fill the memory: what is too many is refused, and stays where it is', async () => {
    const answer = { lines: 'x'.repeat(500_000) };
    let status = 200;
    for (let i = 0; status === 200 && i < 40; i++)
      ({ status } = await tablet.put(`/station/set-aside/${newId()}`, { childId: 3, code: 'malformed', answer }));
    expect(status).toBe(413);
    await school.get('/tablets').expect(200);
  });
});
