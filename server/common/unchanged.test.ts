import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import type { Test } from 'supertest';
import { versionOf } from '../../core/common/index.ts';
import { openSchool, type School } from '../school.test.support.ts';

describe('what two windows change at once', () => {
  let school: School;
  beforeAll(async () => {
    school = await openSchool();
  });
  afterAll(() => school.close());
  const classroom = async () => (await school.get('/classroom').expect(200)).body;
  const seeing = (test: Test, seen: unknown): Test => test.set('If-Match', versionOf(seen));
  /** Two changes made from the same state. @returns how each was answered */
  const both = async (seen: unknown, one: () => Test, other: () => Test): Promise<[number, number, string]> => {
    const first = await seeing(one(), seen);
    const second = await seeing(other(), seen);
    return [first.status, second.status, second.body.code as string];
  };

  it('is not written over unseen: settings, the day, groups, a note', async () => {
    const { settings, day, lessons } = await classroom();
    expect(
      await both(
        settings,
        () => school.put('/settings', { ...settings, snap: 5 }),
        () => school.put('/settings', { ...settings, snap: 15 }),
      ),
    ).toEqual([200, 409, 'changed-elsewhere']);
    const entries = day.routine.map(({ name, picture, at }: { name: string; picture: string; at: number }) => ({
      name,
      picture,
      at,
    }));
    expect(
      await both(
        day.routine,
        () => school.put('/day/routine', { entries: entries.slice(1) }),
        () => school.put('/day/routine', { entries: entries.slice(0, 2) }),
      ),
    ).toEqual([200, 409, 'changed-elsewhere']);
    const check = lessons
      .filter(({ kind, day: on }: { kind: string; day: string }) => kind === 'check' && on <= '2026-11-24')
      .at(-1);
    const { kept } = (await school.post('/groups/again', { checkId: check.id }).expect(200)).body.view;
    const put = (absent: number[]) => school.put('/groups', { checkId: check.id, groups: [], absent });
    expect(
      await both(
        kept,
        () => put([1]),
        () => put([2]),
      ),
    ).toEqual([200, 409, 'changed-elsewhere']);
    const note = (text: string) => school.put('/lessons/8/note', { note: text });
    expect(
      await both(
        '',
        () => note('Bring the big clock.'),
        () => note('Bring paper.'),
      ),
    ).toEqual([200, 409, 'changed-elsewhere']);
    // The same words sent once more are no change.
    await seeing(note('Bring the big clock.'), '').expect(200);
  });
  it('is changed by whoever has seen it, and by programs that do not say what they saw', async () => {
    const { settings } = await classroom();
    await seeing(school.put('/settings', { ...settings, snap: 1 }), settings).expect(200);
    await school.put('/settings', { ...settings, snap: 5 }).expect(200);
  });
});
