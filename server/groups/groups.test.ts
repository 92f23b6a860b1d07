import { afterEach, beforeEach, describe, expect, it } from '@jest/globals';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v4 as newId } from 'uuid';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import { digital } from '../../core/wording/index.ts';
import { CLOVER_ROOM } from '../../demo/clover.ts';
import type { Classroom, GroupsView, MaybeGroups, PutGroups, SmallGroup } from '../../contract/index.ts';
import { bytesOf, openSchool, type School } from '../school.test.support.ts';

describe('groups after a check', () => {
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
  const view = async (): Promise<GroupsView> => ((await school.get('/groups').expect(200)).body as MaybeGroups).view!;
  const again = async (): Promise<GroupsView> => {
    const { id } = await lesson(7);
    return ((await school.post('/groups/again', { checkId: id }).expect(200)).body as MaybeGroups).view!;
  };
  const asPut = ({ id, name, childIds, held, isLocked }: SmallGroup): PutGroups['groups'][number] => ({
    id,
    name,
    childIds,
    held,
    isLocked,
  });
  const put = async (groups: PutGroups['groups'], absent: number[] = [], status = 200): Promise<GroupsView> => {
    const { id } = await lesson(7);
    return ((await school.put('/groups', { checkId: id, groups, absent }).expect(status)).body as MaybeGroups).view!;
  };
  const namesIn = async (childIds: readonly number[]): Promise<string[]> => {
    const { children } = await classroom();
    return childIds.map((childId) => children.find(({ id }) => id === childId)!.name);
  };

  it('are there once it was accepted: by need, with eight minutes, what to show, six times and one to take away', async () => {
    expect((await classroom()).groups).toEqual([]);
    expect((await view()).kept).toBeNull();
    await decide('go-on-with-group');
    const { groups } = await classroom();
    const check = await lesson(7);
    const hands = groups.find(({ topic }) => topic === 'hands')!;
    expect(hands).toMatchObject({ checkId: check.id, minutes: 8, rule: 'hands-swapped', lens: 'hour-hand-alone' });
    expect(new Set([...hands.times, hands.takeAway]).size).toBe(7);
    // Those who really mix up the hands, and nobody whose hands are told apart.
    const HANDS = ['hands-swapped', 'long-hand-only'];
    const mixingHands = CLOVER_ROOM.filter(({ behaves }) => HANDS.includes(behaves.rule ?? '')).map(({ name }) => name);
    expect((await namesIn(hands.childIds)).sort()).toEqual(mixingHands.sort());
    const seated = groups.flatMap(({ childIds }) => childIds);
    expect(new Set(seated).size).toBe(seated.length);
    expect(groups.length).toBeLessThanOrEqual(4);
    for (const { childIds } of groups) {
      expect(childIds.length).toBeGreaterThanOrEqual(2);
      expect(childIds.length).toBeLessThanOrEqual(6);
    }
    const { stood, own } = await view();
    for (const { childId, isSecure } of stood) if (isSecure) expect(seated).not.toContain(childId);
    expect(own.times).toHaveLength(6);
  });
  it('go when the teacher decides otherwise, and are the same when she comes back to them, also after a restart', async () => {
    await decide('go-on-with-group');
    const { groups } = await classroom();
    await decide('go-on');
    expect((await classroom()).groups).toEqual([]);
    await decide('go-on-with-group');
    expect((await classroom()).groups).toEqual(groups);
    await school.restart();
    expect((await classroom()).groups).toEqual(groups);
  });
  it('can be made again as often as one likes', async () => {
    for (let times = 0; times < 40; times++) await again();
    const ids = (await again()).kept!.groups.map((group) => group.id);
    expect(Math.max(...ids)).toBeLessThan(10);
  });
  it('can be made without a decision, and made again around what is locked and who was put somewhere', async () => {
    const first = (await again()).kept!.groups;
    expect((await classroom()).groups).toEqual(first);
    const [one, two] = first;
    const outsider = (await view()).stood.find(({ isSecure }) => isSecure)!.childId;
    const locked = { ...asPut(one!), childIds: one!.childIds.slice(0, 2), isLocked: true, name: 'Early birds' };
    const withHand = { ...asPut(two!), childIds: [...two!.childIds, outsider], held: [outsider] };
    await put([locked, withHand]);
    const { groups } = (await again()).kept!;
    expect(groups[0]).toMatchObject({ id: one!.id, name: 'Early birds', isLocked: true, childIds: locked.childIds });
    expect(groups.find(({ id }) => id === two!.id)!.childIds).toContain(outsider);
    // Whoever was taken out of the locked one sits elsewhere or alone, but not back in it.
    for (const childId of one!.childIds.slice(2)) expect(groups[0]!.childIds).not.toContain(childId);
    expect(groups[1]!.topic).toBe(two!.topic);
  });
  it('leave out who is away today, who is back tomorrow', async () => {
    const { groups } = (await again()).kept!;
    const gone = groups[0]!.childIds[0]!;
    await put(groups.map(asPut), [gone]);
    expect((await classroom()).groups.flatMap(({ childIds }) => childIds)).not.toContain(gone);
    const made = (await again()).kept!;
    expect(made.absent).toEqual([gone]);
    expect(made.groups.flatMap(({ childIds }) => childIds)).not.toContain(gone);
    school.setClock(24 * 60 * 60 * 1000);
    expect((await view()).kept!.absent).toEqual([]);
    expect((await again()).kept!.groups.flatMap(({ childIds }) => childIds)).toContain(gone);
  });
  it('keep children apart or together, until that is taken back', async () => {
    const [first] = (await again()).kept!.groups;
    const childIds = first!.childIds.slice(0, 2) as [number, number];
    const sitTogether = async (): Promise<boolean> => {
      const { groups } = (await again()).kept!;
      return groups.some((group) => childIds.every((childId) => group.childIds.includes(childId)));
    };
    await school.put('/groups/pairs', { childIds, sits: 'apart' }).expect(200);
    expect(await sitTogether()).toBe(false);
    // The other way round is the same pair.
    await school.put('/groups/pairs', { childIds: [...childIds].reverse(), sits: null }).expect(200);
    expect((await view()).pairs).toEqual([]);
    expect(await sitTogether()).toBe(true);
  });
  it('have whoever the teacher puts into them; a new one is about what helps its children most; who moved away is in none', async () => {
    const { groups } = (await again()).kept!;
    const minute = groups.find(({ topic }) => topic !== 'hands')!;
    const pair = minute.childIds.slice(0, 2);
    const kept = (await put([{ id: 50, name: null, childIds: pair, held: pair, isLocked: false }])).kept!;
    expect(kept.groups).toMatchObject([{ id: 50, childIds: pair, topic: minute.topic }]);
    await school.put(`/children/${pair[1]}`, { movedAway: true }).expect(200);
    expect((await classroom()).groups.map(({ childIds }) => childIds)).toEqual([[pair[0]]]);
    expect((await put([{ id: 50, name: null, childIds: [], held: [], isLocked: false }])).kept!.groups).toEqual([]);
    expect((await classroom()).groups).toEqual([]);
  });
  it('say how many have answered since, and how many of these are secure by now', async () => {
    await again();
    const { since } = await view();
    expect(since.length).toBeGreaterThan(0);
    for (const { answered, secure } of since) expect(secure).toBeLessThanOrEqual(answered);
  });
  it('print as cards: who, what to show, six times and the one to take away, each as it is written; nobody who is away', async () => {
    await school.get('/groups/cards.pdf').expect(409);
    const { groups } = (await again()).kept!;
    const gone = groups[0]!.childIds[0]!;
    await put(groups.map(asPut), [gone]);
    const folder = mkdtempSync(join(tmpdir(), 'hoppel-cards-'));
    try {
      const { bytes, headers } = await bytesOf(school.get('/groups/cards.pdf'));
      expect(headers['content-type']).toBe('application/pdf');
      writeFileSync(join(folder, 'cards.pdf'), bytes);
      const text = execFileSync('pdftotext', ['-layout', join(folder, 'cards.pdf'), '-']).toString();
      expect(text.split('\f').filter((page) => page.trim() !== '')).toHaveLength(Math.ceil(groups.length / 2));
      const [goneName] = await namesIn([gone]);
      expect(text).not.toContain(goneName);
      for (const name of await namesIn(groups.flatMap(({ childIds }) => childIds).filter((id) => id !== gone)))
        expect(text).toContain(name);
      for (const { times, takeAway } of groups)
        for (const time of [...times, takeAway]) expect(text).toContain(digital(time, DEFAULT_CONVENTIONS));
    } finally {
      rmSync(folder, { recursive: true });
    }
  });
  it('refuse what cannot be, and nothing is changed', async () => {
    const before = (await again()).kept;
    const [first, second] = before!.groups;
    const twice = { ...asPut(second!), childIds: [first!.childIds[0]!] };
    await put([asPut(first!), twice], [], 400);
    await put([asPut(first!), asPut(first!)], [], 400);
    await put([{ ...asPut(first!), childIds: [99_999] }], [], 404);
    await put([{ ...asPut(first!), childIds: [1, 2, 3, 4, 5, 6, 7, 8, 9] }], [], 400);
    await put(
      [1, 2, 3, 4, 5].map((id) => ({ ...asPut(first!), id, childIds: [id] })),
      [],
      400,
    );
    await school.put('/groups/pairs', { childIds: [1, 1], sits: 'apart' }).expect(400);
    await school.put('/groups/pairs', { childIds: [1, 99_999], sits: 'apart' }).expect(404);
    const plain = (await classroom()).lessons.find(({ kind }) => kind === 'lesson')!;
    await school.post('/groups/again', { checkId: plain.id }).expect(404);
    await school.post('/groups/again', { checkId: 99_999 }).expect(404);
    expect((await view()).kept).toEqual(before);
  });
  it('are none before a class was set up', async () => {
    const empty = await openSchool({ demo: false });
    expect((await empty.get('/groups').expect(200)).body).toEqual({ view: null });
    await empty.close();
  });
});
