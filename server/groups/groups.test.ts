import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { v4 as newId } from 'uuid';
import { CLOVER_ROOM } from '../../demo/clover.ts';
import type { Classroom } from '../../contract/index.ts';
import { openSchool, type School } from '../school.test.support.ts';

describe('a small group after a check', () => {
  let school: School;
  beforeEach(async () => {
    school = await openSchool();
  });
  afterEach(() => school.close());

  const classroom = async (): Promise<Classroom> => (await school.get('/classroom').expect(200)).body;
  const lesson = async (number: number) => (await classroom()).lessons.find((one) => one.number === number)!;
  const decide = async (decision: string): Promise<void> => {
    const { id } = await lesson(8);
    await school.put(`/lessons/${id}/decision`, { id: newId(), decision }).expect(200);
  };

  it('is there once it was accepted, with names, eight minutes, what to show and six times', async () => {
    expect((await classroom()).group).toBeNull();
    await decide('go-on-with-group');
    const { group, children } = await classroom();
    const check = await lesson(7);
    expect(group).toMatchObject({ checkId: check.id, minutes: 8, rule: 'hands-swapped', lens: 'hour-hand-alone' });
    expect(group!.times).toHaveLength(6);
    // The three who really swap the hands come first.
    const HANDS = ['hands-swapped', 'long-hand-only'];
    const mixingHands = CLOVER_ROOM.filter(({ behaves }) => HANDS.includes(behaves.rule ?? '')).map(({ name }) => name);
    const names = group!.childIds.map((childId) => children.find(({ id }) => id === childId)!.name);
    expect(names.slice(0, 3).sort()).toEqual(mixingHands.sort());
    expect(names.length).toBeLessThanOrEqual(6);
  });
  it('goes when the teacher decides otherwise, and is the same when she comes back to it', async () => {
    await decide('go-on-with-group');
    const { group } = await classroom();
    await decide('go-on');
    expect((await classroom()).group).toBeNull();
    await decide('go-on-with-group');
    expect((await classroom()).group).toEqual(group);
  });
  it('has whoever the teacher puts into it; who moved away is not in it', async () => {
    await decide('go-on-with-group');
    const { id } = await lesson(7);
    const { children } = await classroom();
    const [first, second] = [children[0]!, children[1]!];
    const { body } = await school.put(`/lessons/${id}/group`, { childIds: [first.id, second.id] }).expect(200);
    expect(body.group.childIds).toEqual([first.id, second.id]);
    await school.put(`/children/${second.id}`, { movedAway: true }).expect(200);
    expect((await classroom()).group!.childIds).toEqual([first.id]);
    await school.restart();
    expect((await classroom()).group!.childIds).toEqual([first.id]);
  });
  it.each([
    [[], 400],
    [[1, 2, 3, 4, 5, 6, 7, 8, 9], 400],
    [[99_999], 404],
  ])('refuses %j', async (childIds, status) => {
    await decide('go-on-with-group');
    const { id } = await lesson(7);
    await school.put(`/lessons/${id}/group`, { childIds }).expect(status);
  });
  it('is changed only where there is one', async () => {
    const { id } = await lesson(7);
    expect((await school.put(`/lessons/${id}/group`, { childIds: [1] }).expect(404)).body.code).toBe('not-found');
  });
});
