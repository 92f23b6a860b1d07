import { describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import type { Classroom, Lesson } from '../contract/index.ts';
import { expectNoFault } from './support/axe.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
const classroom = async (): Promise<Classroom> =>
  (await fetch(`${hoppel.url}/api/classroom`)).json() as Promise<Classroom>;
const lesson = async (number: number): Promise<Lesson> => (await classroom()).lessons[number - 1]!;
/** Chooses in the menu of a lesson. */
const choose = async (number: number, what: string): Promise<void> => {
  await page.driver.get(`${hoppel.url}/lessons/${(await lesson(number)).id}`);
  await (await page.find('.lesson-menu button')).click();
  await page.tap(what);
};
const field = async (label: string): Promise<string> =>
  page.driver.executeScript(
    `const label = [...document.querySelectorAll('.own label')].find((one) => one.innerText.trim() === arguments[0]);
     return '#' + label.htmlFor;`,
    label,
  );
const write = async (css: string, text: string): Promise<void> => {
  const at = await page.find(css);
  await at.sendKeys(Key.chord(Key.CONTROL, 'a'), text);
};
const pickFrom = (part: number, place: number, value: string): Promise<void> =>
  page.driver.executeScript(
    `const select = document.querySelectorAll('[data-part="' + arguments[0] + '"] select')[arguments[1]];
     select.value = arguments[2];
     select.dispatchEvent(new Event('change'));`,
    part,
    place,
    value,
  );
const addTime = async (part: number, time: string): Promise<void> => {
  const at = await page.find(`[data-part="${part}"] .any-time input`);
  await at.sendKeys(time, Key.ENTER);
};

describe('a lesson of one’s own', () => {
  it('has a title, an I-can sentence, parts with minutes, times and tasks, and comes after the one it was made from', async () => {
    await choose(9, 'A lesson of my own after it');
    await page.says('A lesson of my own');
    await write(await field('Title'), 'Hare’s day');
    await write(await field('I can …'), 'I can read when the hare is fed.');
    await write('[data-part="0"] .minutes', '7');
    for (const time of ['1:30', '950', 'half 4']) await addTime(0, time);
    await page.tap('One more part');
    await pickFrom(1, 0, 'show-me');
    await pickFrom(1, 1, 'draw');
    for (const time of ['3', '12']) await addTime(1, time);
    await page.says('cannot be asked so');
    await expectNoFault(page.driver);
    await (await page.find('[data-done]')).click();
    await page.says('Lesson put in');
    await soon(async () => (await lesson(10)).title).toBe('Hare’s day');
    const { segments } = await lesson(10);
    expect(segments.map(({ kind, minutes, times }) => [kind, minutes, times])).toEqual([
      ['together', 7, [90, 590, 270]],
      ['show-me', 5, [180]],
    ]);
    expect(segments.map(({ items }) => items.map(({ kind }) => kind))).toEqual([['read', 'read', 'read'], ['draw']]);
    await page.driver.get(`${hoppel.url}/lessons/${(await lesson(10)).id}`);
    await page.says('I can read when the hare is fed.');
  });
  it('is changed later, and what was not touched stays', async () => {
    await choose(10, 'Change what is in it');
    await page.says('What is in the lesson');
    await (await page.find('[data-part="0"] .chip')).click();
    await write(await field('Title'), 'Feeding time');
    await (await page.find('[data-done]')).click();
    await page.says('Lesson changed');
    await soon(async () => (await lesson(10)).title).toBe('Feeding time');
    const { segments } = await lesson(10);
    expect(segments[0]!.times).toEqual([590, 270]);
    expect(segments[1]!.times).toEqual([180]);
  });
  it('is kept for other classes, and put into the unit of one; any lesson is copied', async () => {
    await choose(10, 'Keep it for other classes');
    await page.says('Feeding time is kept for other classes.');
    await choose(11, 'Copy it, after it');
    await soon(async () => (await classroom()).lessons.length).toBe(18);
    expect((await lesson(12)).segments).toEqual((await lesson(11)).segments);
    await choose(12, 'A kept lesson after it');
    await page.find('[data-kept]');
    await expectNoFault(page.driver);
    await (await page.find('[data-kept]')).click();
    await soon(async () => (await lesson(13)).title).toBe('Feeding time');
    await page.tap('Undo');
    await soon(async () => (await classroom()).lessons.length).toBe(18);
    await choose(12, 'A kept lesson after it');
    await page.tap('Take Feeding time off the list');
    await page.says('None is kept yet.');
  });
});
