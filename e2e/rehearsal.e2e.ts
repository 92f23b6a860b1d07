import { describe, expect, it } from '@jest/globals';
import Database from 'better-sqlite3';
import { Key } from 'selenium-webdriver';
import { expectNoFault } from './support/axe.ts';
import { expectNothingRunsOff, giveBackSize, giveSize } from './support/fits.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
/** How many rows each table of the data file has, and what it has of answers and plan to the last letter. */
const kept = (): unknown => {
  const db = new Database(hoppel.data, { readonly: true });
  try {
    const tables = db
      .prepare<[], string>("SELECT name FROM sqlite_schema WHERE type = 'table' ORDER BY 1")
      .pluck()
      .all();
    return [
      tables.map((table) => [table, db.prepare(`SELECT COUNT(*) FROM "${table}"`).pluck().get()]),
      db.prepare('SELECT id, item, answer FROM answer ORDER BY id').all(),
      db.prepare('SELECT * FROM plan_state').all(),
    ];
  } finally {
    db.close();
  }
};
const before = kept();
const path = async (): Promise<string> => new URL(await page.driver.getCurrentUrl()).pathname;
const act = async (name: string): Promise<void> => (await page.find(`.bar [data-act="${name}"]`)).click();
const atSpeed = async (speed: number): Promise<void> =>
  (await page.find(`[data-speed] option[value="${speed}"]`)).click();
const phase = (): Promise<string> => page.attribute('.board', 'data-phase');
const tiles = async (): Promise<number> => Number(await page.attribute('.wall', 'data-tiles'));

describe('a rehearsal', () => {
  it('opens from the run of a lesson: its round runs by itself, and the wall fills with answers of nobody real', async () => {
    await page.driver.get(hoppel.url);
    await page.tap('Rehearse this lesson with a made-up class');
    await page.find('.bar');
    await soon(() => page.text('.bar')).toMatch(/About \d+ min\. Likely to go wrong: Set \d+:00 \(\d+ of 22\)\./);
    expect(await path()).toBe('/rehearsal/board/8');
    await page.until('the wall fills', async () => (await tiles()) > 5);
    await page.until('and fills', async () => (await tiles()) > 12);
  });
  it('asks what the teacher would say or show, shows what Hoppel would, and waits meanwhile', async () => {
    await page.find('.coach');
    await page.says('missed it.');
    await expectNoFault(page.driver);
    await (await page.find('[data-pill="next pair"]')).click();
    await (await page.find('.coach textarea')).sendKeys('Look at the short hand first.');
    const time = await page.text('.bar .clock');
    await (await page.find('[data-would]')).click();
    await page.says('Hoppel would have suggested');
    expect((await page.text('.coach .would')).length).toBeGreaterThan(50);
    expect(await page.text('.bar .clock')).toBe(time);
    await (await page.find('[data-on]')).click();
    await page.shows('.coach', 0);
  });
  it('is paused and goes on by keys, and runs at any speed to its end', async () => {
    await act('asks');
    await page.driver.executeScript(`document.querySelector('.bar [data-act="play"]').focus()`);
    await page.press(Key.SPACE);
    await page.find('.bar [aria-label="Let it run"]');
    const stood = await page.text('.bar .clock');
    const where = await phase();
    await page.driver.sleep(600);
    expect([await page.text('.bar .clock'), await phase()]).toEqual([stood, where]);
    await atSpeed(30);
    await page.driver.executeScript(`document.querySelector('.bar [data-act="play"]').focus()`);
    await page.press(Key.ENTER);
    await page.until('it is done', async () => (await phase()) === 'done', 90_000);
    await soon(() => page.text('.bar')).toMatch(/\d+:\d\d of the lesson/);
    await expectNoFault(page.driver);
    await giveSize(page.driver, 640, 400);
    await expectNothingRunsOff(page.driver);
    for (const one of ['ticket', 'asks', 'end'])
      expect(await (await page.find(`.bar [data-act="${one}"]`)).isDisplayed()).toBe(true);
    await giveBackSize(page.driver);
  });
  it('shows at the desk what the ticket would say, with children that go by pictures', async () => {
    const names = ((await (await fetch(`${hoppel.url}/api/classroom`)).json()) as { children: { name: string }[] })
      .children;
    await act('ticket');
    await page.until('the desk', async () => (await path()) === '/rehearsal/lessons/11');
    await soon(() => page.text('.know')).toContain('of 22');
    const said = await page.text();
    for (const { name } of names) expect(said).not.toMatch(new RegExp(`\\b${name}\\b`));
    await expectNoFault(page.driver);
    expect(await page.text('.places')).not.toContain('Sheets');
    await page.driver.get(`${hoppel.url}/rehearsal/sheets`);
    await page.until('no papers of nobody', async () => (await path()) === '/rehearsal/');
  });
  it('is nowhere any more once it is over: no row is left behind, and its pages go to the real ones', async () => {
    await page.driver.get(`${hoppel.url}/rehearsal/lessons/8`);
    const note = await page.find('#note');
    await note.sendKeys('a note of a rehearsal');
    await page.driver.sleep(100);
    await act('end');
    await page.until('the real desk', async () => (await path()) === '/lessons/8');
    await page.find('.know');
    expect(await page.text()).not.toContain('a note of a rehearsal');
    await page.shows('.bar', 0);
    await page.driver.get(`${hoppel.url}/rehearsal/board/8`);
    await page.until('the real one', async () => (await path()) === '/');
    await page.says('Bram');
    expect(kept()).toEqual(before);
  });
  it('that was lost with the server leads back to the real desk by itself', async () => {
    await page.tap('Rehearse this lesson with a made-up class');
    await page.find('.bar [data-act="play"]');
    await hoppel.kill();
    await hoppel.start();
    await page.until('the real desk', async () => (await path()) === '/', 60_000);
    await page.says('Bram');
  });
});
