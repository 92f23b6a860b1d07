import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from '@jest/globals';
import { PNG } from 'pngjs';
import { Key } from 'selenium-webdriver';
import type { Classroom, Desk, Sheet, SheetList } from '../contract/index.ts';
import { angleBetween, handAngles } from '../core/clock/index.ts';
import { layPages, timeOfTask, type PaperItem } from '../core/sheets/index.ts';
import { inkAngle, inkBox, rasterOf, rastersOfPdf } from '../server/print/raster.test.support.ts';
import { expectNoFault } from './support/axe.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
const folder = mkdtempSync(join(tmpdir(), 'hoppel-sheets-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const asked = async <T>(path: string): Promise<T> => (await fetch(`${hoppel.url}/api${path}`)).json() as Promise<T>;
const lessons = async () => (await asked<Classroom>('/classroom')).lessons;
const list = (): Promise<SheetList> => asked('/sheets');
const latest = async (): Promise<Sheet> => asked(`/sheets/${(await list())[0]!.id}`);
/** What opened in tabs of its own is closed: the teacher looks at the sheet again. */
const main = await page.driver.getWindowHandle();
const closeTabs = async (): Promise<void> => {
  for (const handle of await page.driver.getAllWindowHandles()) {
    if (handle === main) continue;
    await page.driver.switchTo().window(handle);
    await page.driver.close();
  }
  await page.driver.switchTo().window(main);
};
const pdf = async (path: string): Promise<Buffer> => {
  const answer = await fetch(`${hoppel.url}/api${path}`);
  expect(answer.headers.get('Content-Type')).toBe('application/pdf');
  return Buffer.from(await answer.arrayBuffer());
};
const pagesIn = (bytes: Buffer): number => bytes.toString('latin1').match(/\/Type \/Page\b/g)!.length;
const screen = page.driver as unknown as { sendDevToolsCommand: (name: string, given: object) => Promise<void> };
/** How much comes to the browser in a second. @param bytes -1 for as much as comes */
const throughput = (bytes: number): Promise<void> =>
  screen.sendDevToolsCommand('Network.emulateNetworkConditions', {
    offline: false,
    latency: 0,
    downloadThroughput: bytes,
    uploadThroughput: -1,
  });
const chooseTask = async (number: number): Promise<void> => {
  await (await page.find(`.task[aria-label^="Task ${number}:"]`)).click();
  await page.says(`Another time for task ${number}`);
};
const brick = async (said: string): Promise<void> => {
  const found = await page.find(`.brick[aria-label="${said}"]`);
  await page.driver.executeScript('arguments[0].dispatchEvent(new MouseEvent("click", { bubbles: true }))', found);
};

describe('from the desk', () => {
  it('a ticket is printed in one click, one for each child, and is ticked', async () => {
    const lesson = (await lessons())[9]!;
    await page.driver.get(`${hoppel.url}/lessons/10`);
    await page.says('Ticket, one a child');
    expect((await asked<Desk>(`/lessons/${lesson.id}/desk`)).ticked).not.toContain('ticket-paper');
    await page.tap('Print: Ticket, one a child');
    await soon(async () => (await asked<Desk>(`/lessons/${lesson.id}/desk`)).ticked).toContain('ticket-paper');
    await closeTabs();
    await page.until('the tick', async () =>
      page.driver.executeScript<boolean>(
        `return [...document.querySelectorAll('.things label')].some((one) => one.textContent.includes('Ticket') && one.querySelector('input').checked)`,
      ),
    );
    const [made] = await list();
    expect(made).toMatchObject({ lessonId: lesson.id, part: 'ticket', type: 'ticket' });
    expect(pagesIn(await pdf(`/sheets/printings/${made!.printings[0]!.number}/sheet.pdf`))).toBe(22);
  });
  it('everything of paper can be printed: nothing on the list is a dead end', async () => {
    for (const [number, thing] of [
      [1, 'Pictures of the day'],
      [8, '22 paper clocks'],
      [9, 'Word cards'],
    ] as const) {
      await page.driver.get(`${hoppel.url}/lessons/${number}`);
      const link = await page.find(`.things a[aria-label="Print: ${thing}"]`);
      expect(pagesIn(await pdf((await link.getAttribute('href'))!.split('/api')[1]!))).toBeGreaterThan(0);
    }
  });
});

describe('the Sheets screen', () => {
  it('shows the lesson’s ticket with both forms and the times on the wheel, without a fault', async () => {
    await page.driver.get(`${hoppel.url}/sheets/10`);
    await page.shows('.task', 6);
    await page.shows('.brick.picked', 6);
    await page.says('Why these times');
    await expectNoFault(page.driver);
    const first = await page.attribute('.task', 'aria-label');
    await (await page.find('.letters button:nth-child(2)')).click();
    await soon(() => page.attribute('.task', 'aria-label')).not.toBe(first);
    await (await page.find('.letters button:nth-child(1)')).click();
    await soon(() => page.attribute('.task', 'aria-label')).toBe(first);
  });
  it('swaps a time: the rule it would break is said first, and Ctrl-Z takes it back', async () => {
    const before = await page.attribute('.task[aria-label^="Task 2:"]', 'aria-label');
    const other = (await page.attribute('.task[aria-label^="Task 3:"]', 'aria-label')).split(', ')[1]!;
    await chooseTask(2);
    await brick(`${Number(other.split(':')[0])} o’clock`);
    await page.says('is in this set already');
    await page.tap('all the same');
    await soon(() => page.attribute('.task[aria-label^="Task 2:"]', 'aria-label')).toContain(other);
    await page.says('Against the rules');
    await page.driver.actions().keyDown(Key.CONTROL).sendKeys('z').keyUp(Key.CONTROL).perform();
    await soon(() => page.attribute('.task[aria-label^="Task 2:"]', 'aria-label')).toBe(before);
  });
  it('moves a task along the page', async () => {
    const [one, two] = await Promise.all(
      [1, 2].map((n) => page.attribute(`.task[aria-label^="Task ${n}:"]`, 'aria-label')),
    );
    await chooseTask(1);
    await page.tap('Later on the page');
    await soon(() => page.attribute('.task[aria-label^="Task 2:"]', 'aria-label')).toBe(
      one!.replace('Task 1', 'Task 2'),
    );
    expect(await page.attribute('.task[aria-label^="Task 1:"]', 'aria-label')).toBe(two!.replace('Task 2', 'Task 1'));
    await page.press(Key.ESCAPE);
    await page.tap('Undo');
  });
  it('puts a time on the sheet that must be there, and leaves one out', async () => {
    await brick('7 o’clock');
    await page.says('7:00 must be there');
    await page.shows('.brick.picked', 6);
    await brick('7 o’clock');
    await page.says('7:00 left out');
    await page.shows('.brick.picked', 6);
    await page.tap('7:00 left out');
    await page.shows('.wishes', 0);
  });
  it('says what is in the way of twenty different o’clock times, and offers the nearest that can be', async () => {
    await page.tap('One fewer: draw the hands');
    await page.tap('One fewer: draw the hands');
    for (let more = 4; more < 13; more++) await page.tap('One more: write the time');
    await page.says('there are only 12; this would take 13');
    await page.tap('Take 12');
    await page.shows('.brick.picked', 12);
    await page.shows('[role="alert"]', 0);
    await page.tap('New mix');
    await page.shows('.brick.picked', 12);
  });
  it('is another sheet by the words of its sentence', async () => {
    await page.driver.get(`${hoppel.url}/sheets/10?show=alone`);
    await page.find('.task');
    await page.tap('Help: no other help');
    await page.tap('minute numbers and a dot');
    await soon(() => page.text('.paper')).toContain('55');
    await page.tap('For whom: all 22');
    await page.tap('4 copies without names');
    await page.says('Print 4');
    await page.says('Without a name');
    await page.tap('Forms: One form');
    await page.tap('Two forms, neighbors differ');
    await page.find('.letters');
  });
  it('prints with P, remembers who got what, and has it under Earlier to be printed again to the byte', async () => {
    const before = (await list()).length;
    await page.press('p');
    await soon(async () => (await list()).length).toBe(before + 1);
    await closeTabs();
    await page.says('Printed: 4 copies');
    const [made] = await list();
    expect(made).toMatchObject({ part: 'alone', type: 'practice' });
    const path = `/sheets/printings/${made!.printings[0]!.number}/sheet.pdf`;
    const first = await pdf(path);
    await page.tap('Earlier');
    await page.says('4 copies printed');
    await expectNoFault(page.driver);
    const again = await page.find('.made li a');
    expect(await again.getAttribute('href')).toContain(path);
    expect((await pdf(path)).equals(first)).toBe(true);
    await (await page.find('.made .what')).click();
    await page.find('.task');
    await page.says('minute numbers and a dot');
  });
  it('gives each child a set of its own by what it needs', async () => {
    await page.driver.get(`${hoppel.url}/sheets/10?show=ticket`);
    await page.shows('.task', 6);
    await page.tap('Forms: Two forms');
    await page.tap('A set of its own for each child');
    await page.shows('.letters', 0);
    await page.tap('Print 22');
    await soon(async () => (await latest()).recipe.forms).toBe('own');
    await closeTabs();
    const sheet = await latest();
    expect(sheet.content.forms).toHaveLength(22);
    // Each goes to its own child, though the list is in another order when it is opened again.
    const { children } = await asked<Classroom>('/classroom');
    expect(sheet.childIds).toEqual(children.map((child) => child.id));
    await page.driver.executeAsyncScript(
      `fetch('/api/children/order', {
         method: 'PUT',
         headers: { 'Content-Type': 'application/json' },
         body: JSON.stringify({ ids: arguments[0] }),
       }).then(arguments[1])`,
      children.map((child) => child.id).reverse(),
    );
    await page.driver.get(`${hoppel.url}/sheets/10?show=ticket`);
    await page.says(children.at(-1)!.name);
    const before = (await list())[0]!.printings.length;
    await page.press('p');
    await soon(async () => (await list())[0]!.printings.length).toBe(before + 1);
    await closeTabs();
    const text = (name: string): string => execFileSync('pdftotext', ['-layout', name, '-']).toString();
    const files = (await list())[0]!.printings.map(({ number }) => number);
    const [last, first] = await Promise.all(
      files.slice(0, 2).map(async (number) => {
        const file = join(folder, `${number}.pdf`);
        writeFileSync(file, await pdf(`/sheets/printings/${number}/sheet.pdf`));
        return text(file)
          .split('\f')
          .filter((one) => one.trim() !== '');
      }),
    );
    /** A child's page without its code, which is each printing's own. */
    const plain = (one: string): string => one.replaceAll(/H1-\S+/g, '').replaceAll(/\s+/g, ' ');
    expect(last!.map(plain)).toEqual(first!.map(plain).reverse());
    expect(new Set(sheet.content.forms.map((form) => JSON.stringify(form))).size).toBeGreaterThan(18);
  });
  it('shows how far a long job is, and stops it', async () => {
    await page.driver.get(`${hoppel.url}/sheets/10?show=alone`);
    await page.find('.task');
    await page.tap('For whom: all 22');
    await page.tap('30 copies without names');
    for (let more = 0; more < 6; more++) await page.tap('One more: draw the hands');
    await page.says('page 1 of 2');
    // On a slow line: a quick computer would be through before anybody could stop it.
    await throughput(40_000);
    await page.press('p');
    await page.says('of 60');
    await page.tap('Stop');
    await page.shows('.job', 0);
    await throughput(-1);
    await page.shows('.print [role="alert"]', 0);
    await closeTabs();
    const { printings } = (await list())[0]!;
    expect(printings[0]).toMatchObject({ copies: 30, pages: 60 });
    expect(pagesIn(await pdf(`/sheets/printings/${printings[0]!.number}/sheet.pdf`))).toBe(60);
  });
  it('has things to print and a single clock as a file', async () => {
    await page.driver.get(`${hoppel.url}/sheets/8?show=things`);
    await page.says('Test of the printer');
    await expectNoFault(page.driver);
    for (const link of await page.all('.things .list a'))
      expect(pagesIn(await pdf((await link.getAttribute('href'))!.split('/api')[1]!))).toBeGreaterThan(0);
    await page.tap('Empty face');
    await soon(() => page.attribute('.drawing', 'aria-label')).toBe('empty face');
    // What the browser is given to keep is looked at as a picture.
    const size = await page.driver.executeAsyncScript<string>(`
      const done = arguments[0];
      const address = URL.createObjectURL;
      URL.createObjectURL = (blob) => {
        URL.createObjectURL = address;
        createImageBitmap(blob).then(({ width, height }) => done(blob.type + ' ' + width + 'x' + height));
        return address.call(URL, blob);
      };
      [...document.querySelectorAll('.acts button')].find((one) => one.textContent.includes('PNG')).click();`);
    // 52 mm at 300 dots an inch.
    expect(size).toBe('image/png 614x614');
  });
});

/** A square round a point. */
const around = ({ x, y }: { x: number; y: number }, by: number) => ({
  x: x - by,
  y: y - by,
  width: 2 * by,
  height: 2 * by,
});

describe('the preview', () => {
  it('shows every clock as it is printed', async () => {
    await page.driver.get(`${hoppel.url}/sheets/10?show=ticket`);
    await page.find('.task');
    await page.tap('What stands on it: all numbers');
    await page.tap('marks only');
    await page.tap('One more: circle the clock');
    await page.find('.task');
    await page.tap('Print');
    await page.says('Printed:');
    await closeTabs();
    const sheet = await latest();
    const { settings } = await asked<Classroom>('/classroom');
    const [laid] = [...layPages(sheet.content, [{ form: 0 }], { conventions: settings, day: '' })];
    const faces = laid!.zones.flatMap((zone) => (zone.kind === 'face' && !zone.drawnOn ? [zone] : []));
    // A picture of the preview as large as a page on a desk, and one of the PDF.
    const metrics = { width: 1280, height: 800, mobile: false };
    await screen.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', { ...metrics, deviceScaleFactor: 4 });
    const shot = PNG.sync.read(Buffer.from(await (await page.find('.paper .page')).takeScreenshot(), 'base64'));
    await screen.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', { ...metrics, deviceScaleFactor: 1 });
    const preview = rasterOf(shot.width, shot.height, shot.width / laid!.width, (at) => shot.data[at * 4]!);
    const file = join(folder, 'ticket.pdf');
    writeFileSync(file, await pdf(`/sheets/printings/${(await list())[0]!.printings[0]!.number}/sheet.pdf`));
    const [print] = rastersOfPdf(file, [1]);
    let compared = 0;
    for (const { at, radius, item, option } of faces) {
      const task = sheet.content.forms[0]![item] as PaperItem;
      const shown =
        task.kind === 'choose-clock' ? task.options[option!]!.hands.minute : handAngles(timeOfTask(task)!).minute;
      const angles = [preview, print!].map((raster) => {
        const { x, y, width, height } = inkBox(raster, around(at, radius + 1));
        return inkAngle(raster, { x: x + width / 2, y: y + height / 2 }, radius, [0.62, 0.86], shown);
      });
      expect(angleBetween(angles[0]!, angles[1]!)).toBeLessThan(0.5);
      expect(angleBetween(angles[0]!, shown)).toBeLessThan(0.5);
      compared += 1;
    }
    expect(compared).toBeGreaterThan(5);
  });
});

describe('a class without children or a unit', () => {
  it('is told what to do, and has things to print', async () => {
    await page.driver.executeAsyncScript(
      `fetch('/api/classes', {
         method: 'POST',
         headers: { 'Content-Type': 'application/json' },
         body: JSON.stringify({ id: arguments[0], name: 'Fern Room', children: [] }),
       }).then(arguments[1])`,
      randomUUID(),
    );
    await page.driver.get(`${hoppel.url}/sheets`);
    await page.says('no unit is laid out yet');
    await expectNoFault(page.driver);
    await page.tap('Things');
    await page.says('Paper clock');
  });
});
