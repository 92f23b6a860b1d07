import { describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import type { Classroom, Tablets } from '../contract/index.ts';
import { expectNoFault } from './support/axe.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
const asked = async <T>(path: string): Promise<T> => (await fetch(`${hoppel.url}/api${path}`)).json() as Promise<T>;
const group = async (): Promise<NonNullable<Classroom['group']>> => (await asked<Classroom>('/classroom')).group!;
const lenses = (): Promise<string> => page.attribute('.board', 'data-lenses');
const clockAt = async (): Promise<number> => Number(await page.attribute('.board .geared', 'aria-valuenow')) % 720;

describe('a small group', () => {
  it('stands at the end of what is known: needs with their children, the pair of times to show, and why this is suggested', async () => {
    await page.driver.get(hoppel.url);
    await page.shows('.reason', 4);
    const first = await page.text('.reason');
    for (const words of ['Telling the hands apart', 'Show 3:00 beside 9:00', 'Bram', 'Lotte', 'Otis'])
      expect(first).toContain(words);
    const all = await page.text('.know');
    for (const words of ['The hour between two numbers', 'What the long hand says', 'Which way round'])
      expect(all).toContain(words);
    expect(await page.text('.decision')).toContain('3 children need: hands apart.');
  });
  it('is there once the decision was accepted: names, eight minutes, what to show, six times', async () => {
    await page.driver.get(hoppel.url);
    await page.says('Go on, with a small group');
    await page.shows('.group', 0);
    await page.tap('Accept');
    await page.says('8 minutes');
    const { childIds, contrast, times } = await group();
    await page.shows('.group .names li', childIds.length);
    expect(childIds.length).toBeGreaterThanOrEqual(2);
    await page.shows('.group .small-clock', contrast.length + times.length);
    expect(times).toHaveLength(6);
    await expectNoFault(page.driver);
  });
  it('has whom the teacher puts into it', async () => {
    const before = (await group()).childIds;
    await page.tap('Who is in it');
    await (await page.find(`[data-member="${before.at(-1)}"]`)).click();
    await soon(async () => (await group()).childIds).toEqual(before.slice(0, -1));
    await page.shows('.group .names li', before.length - 1);
  });
  it('is handed its times on tablets, from the desk and from Tablets', async () => {
    const { childIds, times } = await group();
    await page.tap('To their tablets');
    await page.says('On their tablets');
    await page.driver.get(`${hoppel.url}/tablets`);
    await page.tap('Small group');
    await page.says('Six times to each of:');
    await page.tap('To their tablets');
    await soon(async () => (await asked<Tablets>('/tablets')).sets.map((set) => [set.childIds, set.count])).toEqual([
      [childIds, times.length],
      [childIds, times.length],
    ]);
  });
  it('has a key at the board: what parts right from wrong side by side, then its six times, then back', async () => {
    const { lens, contrast, times } = await group();
    await page.driver.get(`${hoppel.url}/board/8?segment=1&clock`);
    await page.find('.board .geared');
    await (await page.find('.dock [data-act="group"]')).click();
    await page.find('.board[data-group]');
    await soon(lenses).toContain('two-clocks');
    expect(await lenses()).toContain(lens);
    expect(await clockAt()).toBe(contrast[0]);
    // Both cards, then on to the first time, with the lens alone.
    await page.press(' ', ' ', ' ');
    await soon(clockAt).toBe(times[0]);
    await soon(lenses).toBe(lens);
    await page.driver.get(`${hoppel.url}/board/8?segment=1&clock`);
    await page.find('.board .geared');
    await page.press('j');
    await page.find('.board[data-group]');
    await page.press(Key.ESCAPE);
  });
  it('goes when the teacher decides otherwise', async () => {
    await page.driver.get(hoppel.url);
    await (await page.find('.decision [data-decide]')).click();
    await page.tap('Go on');
    await page.shows('.group', 0);
    expect((await asked<Classroom>('/classroom')).group).toBeNull();
    await page.driver.get(`${hoppel.url}/board`);
    await page.find('.dock [data-act="lenses"]');
    await page.shows('.dock [data-act="group"]', 0);
  });
});
