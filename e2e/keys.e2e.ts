import { describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import type { BoardState, Classroom } from '../contract/index.ts';
import { byKeys } from './support/keys.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

/** A teacher who has no mouse: a morning from the desk to tomorrow's decision. */
const { hoppel, page } = await visit();
const keys = byKeys(page);
const state = async (): Promise<Classroom> => (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as Classroom;
const board = async (): Promise<BoardState> => (await (await fetch(`${hoppel.url}/api/board`)).json()) as BoardState;
const path = async (): Promise<string> => new URL(await page.driver.getCurrentUrl()).pathname;

describe('a morning by keys alone', () => {
  it('gets ready: ticks what is laid out, notes something, and puts a part of the lesson later', async () => {
    await page.driver.get(hoppel.url);
    await page.says('What we know');
    await keys.press('Geared clock', ' ');
    await keys.to('For tomorrow');
    await page.press('Blue clocks.');
    await page.press(Key.TAB);
    await soon(async () => {
      const reply = await fetch(`${hoppel.url}/api/lessons/8/desk`);
      return (await reply.json()) as { note: string; ticked: string[] };
    }).toMatchObject({ note: 'Blue clocks.' });
    await keys.to('Move “Show”');
    await page.press(Key.ARROW_DOWN);
    await soon(async () => (await state()).lessons[7]!.segments.map(({ kind }) => kind)).toEqual([
      ...['warm-up', 'together', 'show', 'show-me', 'alone', 'close'],
    ]);
  });
  it('accepts what Hoppel suggests after the check', async () => {
    await page.driver.get(hoppel.url);
    await page.says('Go on, with a small group');
    await keys.press('Accept');
    await soon(async () => (await state()).groups.length).toBeGreaterThan(0);
  });
  it('shows the lesson on the board, asks a round, says who missed it, and comes back', async () => {
    await page.driver.get(hoppel.url);
    await page.says('What we know');
    await keys.press('Start');
    await soon(path).toMatch(/^\/board/);
    await page.driver.get(`${hoppel.url}/board/8?segment=3`);
    await page.find('.board');
    await keys.press('Start the round');
    await soon(async () => (await board()).round?.phase ?? 'none').toBe('ask');
    for (let move = 1; (await board()).round?.phase !== 'missed'; move++) {
      const { version: before, phase } = (await board()).round!;
      // A key is pressed by who sees where the round is.
      await soon(() => page.attribute('.board', 'data-phase')).toBe(phase);
      await page.press(' ');
      await soon(async () => (await board()).round!.version).toBeGreaterThan(before);
      expect(move).toBeLessThan(10);
    }
    await keys.press('Bram', ' ');
    await keys.press('Next');
    await soon(async () => (await board()).counts[0]).toMatchObject({ missed: 1 });
  });
  it('looks at the class, opens a child, and comes to what to show it', async () => {
    await page.driver.get(`${hoppel.url}/class`);
    await page.says('How each time went');
    await keys.press('Open Bram’s page');
    await page.says('What Bram can do');
    expect(await path()).toBe('/class/2');
    await keys.to('Show it on the board');
  });
  it('changes a convention for everybody', async () => {
    await page.driver.get(`${hoppel.url}/settings`);
    await page.says('The hands are called');
    await keys.to('hour hand, minute hand');
    await page.press(Key.ARROW_RIGHT);
    await keys.press('Keep');
    await soon(async () => (await state()).settings.handNames).toBe('short-long');
  });
  it('goes to another day on the path and back to today', async () => {
    await page.driver.get(hoppel.url);
    await page.says('What we know');
    await keys.to('Lesson 8');
    await page.press(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ENTER);
    await soon(path).toBe('/lessons/10');
    await page.press('t', Key.ENTER);
    await soon(path).toBe('/');
  });
  it('is seen, at every stop, to have the keys', () => {
    expect(keys.unseen()).toEqual([]);
  });
});
