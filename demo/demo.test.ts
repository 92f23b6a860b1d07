import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { openSchool, type School } from '../server/school.test.support.ts';
import { AWAY_AT_TICKET, CLOVER_ROOM } from './clover.ts';

/** What Hoppel says about the made-up children, held against what they really do. */
describe('the made-up class', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool();
  });
  afterAll(() => school.close());
  const names = async (): Promise<Map<number, string>> => {
    const { body } = await school.get('/classroom').expect(200);
    return new Map(body.children.map(({ id, name }: { id: number; name: string }) => [id, name]));
  };

  it('has 22 children with a picture each, and today’s lesson today', async () => {
    const { body } = await school.get('/classroom').expect(200);
    expect(body.children).toHaveLength(22);
    expect(new Set(body.children.map(({ picture }: { picture: string }) => picture)).size).toBe(22);
    expect(body.lessons[7]).toMatchObject({ number: 8, key: 'oclock-read-set', day: '2026-11-24' });
  });
  it('has the reason found that each child really follows, and none where there is none', async () => {
    const { body } = await school.get('/record/class').expect(200);
    const byId = await names();
    for (const { childId, reason } of body.children) {
      const real = CLOVER_ROOM.find(({ name }) => name === byId.get(childId))!;
      expect([real.name, reason?.rule]).toEqual([real.name, real.behaves.rule]);
    }
  });
  it('goes on with a small group after the first ticket, with the child who was away left out', async () => {
    const { body } = await school.get('/lessons/8/desk').expect(200);
    const byId = await names();
    expect(body.known.away.map((id: number) => byId.get(id))).toEqual([AWAY_AT_TICKET]);
    expect(body.known.suggestion).toBe('go-on-with-group');
    const levels = body.known.levels.map(({ level }: { level: string }) => level);
    for (const level of ['secure', 'getting-there', 'beginning', 'not-seen']) expect(levels).toContain(level);
  });
  it('is marked as made up, every answer of it', () =>
    expect(school.db.prepare('SELECT DISTINCT source FROM answer').all()).toEqual([{ source: 'simulated' }]));
});
