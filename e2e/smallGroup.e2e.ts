import { describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import type { Classroom, Tablets } from '../contract/index.ts';
import { expectNoFault } from './support/axe.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
const asked = async <T>(path: string): Promise<T> => (await fetch(`${hoppel.url}/api${path}`)).json() as Promise<T>;
const groups = async (): Promise<Classroom['groups']> => (await asked<Classroom>('/classroom')).groups;
const lenses = (): Promise<string> => page.attribute('.board', 'data-lenses');
const clockAt = async (): Promise<number> => Number(await page.attribute('.board .geared', 'aria-valuenow')) % 720;

describe('small groups', () => {
  it('stand at the end of what is known: needs with their children, the pair of times to show, and why this is suggested', async () => {
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
  it('are there once the decision was accepted: each with its names, by what they need', async () => {
    await page.driver.get(hoppel.url);
    await page.says('Go on, with a small group');
    await page.shows('.group', 0);
    await page.tap('Accept');
    await page.find('.decision .group');
    const made = await groups();
    expect(made.length).toBeGreaterThanOrEqual(2);
    await page.shows('.decision .group', made.length);
    const hands = await page.text('.decision .group');
    for (const words of ['Telling the hands apart', 'Bram', 'Lotte', 'Otis']) expect(hands).toContain(words);
    // What no group is about is still said; the others stand with their group.
    await page.shows('.reason', 1);
    expect(await page.text('.reason')).toContain('Marek');
    await expectNoFault(page.driver);
  });
  it('are handed their times on tablets, from the desk and from Tablets', async () => {
    const made = await groups();
    await page.tap('Telling the hands apart: to their tablets');
    await page.find('[aria-label="Telling the hands apart: on their tablets"]');
    const sets = async () => (await asked<Tablets>('/tablets')).sets.map((set) => [set.childIds, set.count]);
    const [first] = made;
    await soon(sets).toEqual([[first!.childIds, first!.times.length + 1]]);
    await page.driver.get(`${hoppel.url}/tablets`);
    await page.tap('Small group');
    await page.says('Six times and one to take away');
    await page.tap('To their tablets');
    await soon(async () => (await sets()).slice(1)).toEqual(made.map((one) => [one.childIds, one.times.length + 1]));
  });
  it('have a key at the board: what parts right from wrong side by side, then six times; pressed again, the next group', async () => {
    const made = await groups();
    const { lens, contrast, times } = made[0]!;
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
    await page.find(`.board[data-group="${made[0]!.id}"]`);
    await page.press('j');
    await page.find(`.board[data-group="${made[1]!.id}"]`);
    await soon(clockAt).toBe(made[1]!.contrast[0]);
    await page.press(Key.ESCAPE);
  });
  it('go when the teacher decides otherwise', async () => {
    await page.driver.get(hoppel.url);
    await (await page.find('.decision [data-decide]')).click();
    await page.tap('Go on');
    await page.shows('.group', 0);
    expect(await groups()).toEqual([]);
    await page.driver.get(`${hoppel.url}/board`);
    await page.find('.dock [data-act="lenses"]');
    await page.shows('.dock [data-act="group"]', 0);
  });
});
