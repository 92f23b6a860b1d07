import { afterAll, beforeAll, describe, expect } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import type { Settings } from '../contract/index.ts';
import { expectNoFault } from './support/axe.ts';
import { atBoard } from './support/board.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { soon } from './support/soon.ts';
import { enterClass } from './support/station.ts';
import { journey } from './support/journey.ts';
import { drawnHands, onPage, type Page } from './support/page.ts';

/** A convention that is kept holds everywhere at once. */
describe('conventions', () => {
  let hoppel: Hoppel;
  let teacherBrowser: Browser;
  let otherBrowser: Browser;
  let teacher: Page;
  let other: Page;
  beforeAll(async () => {
    hoppel = await startHoppel();
    teacherBrowser = await startBrowser();
    otherBrowser = await startBrowser({ width: 1024, height: 768 });
    teacher = onPage(teacherBrowser);
    other = onPage(otherBrowser);
  });
  afterAll(async () => {
    await Promise.all([teacherBrowser.quit(), otherBrowser.quit()]);
    await hoppel.remove();
  });
  const step = journey(() => ({ teacher: teacherBrowser, other: otherBrowser }));
  const colour = (page: Page, css: string): Promise<string> =>
    Promise.resolve(
      page.driver.executeScript<string>('return getComputedStyle(document.querySelector(arguments[0])).fill', css),
    );

  step('“the smaller number” shows its exception at 12:30 as soon as it is chosen', async () => {
    await teacher.driver.get(`${hoppel.url}/settings`);
    await teacher.says('The hour hand has just passed 4.');
    await teacher.tap('the smaller number');
    await teacher.says('Here the hour is 12, although 1 is smaller.');
    await teacher.says('Between 12 and 1 the smaller number is wrong');
    await soon(() => drawnHands(teacher.driver, '.preview')).toEqual({ hour: 15, minute: 180 });
    await teacher.tap('Put back');
    await teacher.says('has just passed 12');
  });
  step('hands too alike are said to be, for the eye that cannot tell them apart', async () => {
    await teacher.tap('Our wall clock');
    await teacher.says('Every child can tell these two apart.');
    const choose = (hand: string, name: string): Promise<unknown> =>
      Promise.resolve(
        teacher.driver.executeScript(
          `document.querySelector('input[name="' + arguments[0] + '"][aria-label="' + arguments[1] + '"]').click()`,
          hand,
          name,
        ),
      );
    await choose('hour', 'green');
    await choose('minute', 'brown');
    await teacher.says('both hands look much the same');
    await choose('hour', 'black');
    await choose('minute', 'black');
    await teacher.says('Both hands look much the same. Only shape and length tell them apart.');
    await choose('hour', 'red');
    await choose('minute', 'blue');
    await teacher.says('Every child can tell these two apart.');
  });
  step('shape, numbers and colors are on board and tablet as soon as they are kept, and not before', async () => {
    await other.driver.get(`${hoppel.url}/station`);
    await enterClass(other, hoppel);
    await other.driver.get(`${hoppel.url}/station/4/alone`);
    await other.find('.groove-clock');
    await soon(() => colour(other, '.hand.hour .shape')).toBe('rgb(200, 82, 27)');
    await teacher.tap('oval');
    await teacher.tap('Roman');
    // The numbers of before fade out first: what cannot be seen yet is not read.
    await teacher.until('the preview has them', async () => (await teacher.text('.preview svg')).includes('XII'));
    await soon(() => other.text('.groove-clock svg')).not.toContain('XII');
    await teacher.tap('Keep');
    await teacher.says('It holds everywhere now.');
    await other.until('the tablet follows', async () => (await other.text('.groove-clock svg')).includes('XII'));
    await soon(() => colour(other, '.hand.hour .shape')).toBe('rgb(200, 30, 30)');
    await soon(() => colour(other, '.hand.minute .shape')).toBe('rgb(30, 60, 200)');
    await other.driver.get(`${hoppel.url}/board/8?segment=1&clock`);
    await other.find('.board .geared');
    await soon(() => other.text('.board .geared')).toContain('XII');
    await soon(() => other.attribute('.board .dial .rim', 'd')).toContain('A'); // an ellipse: wider than high
    const [wide, high] = await other.driver.executeScript<[number, number]>(
      "const { width, height } = document.querySelector('.board .dial .rim').getBoundingClientRect(); return [width, height]",
    );
    expect(wide / high).toBeCloseTo(1.26, 2);
  });
  step('what was tried and not kept is not lost without a word: whoever leaves is asked', async () => {
    const ask = async (): Promise<unknown> => {
      await (await teacher.find('a[href="/class"]')).click();
      return teacher.says('Keep these choices?');
    };
    await teacher.tap('Words');
    await teacher.tap('the hour’s own room');
    await teacher.tap('counting fives');
    await teacher.tap('four thirty');
    await ask();
    await expectNoFault(teacherBrowser.driver);
    await teacher.tap('Stay here');
    await teacher.says('The hour hand is in the room of');
    await ask();
    await (await teacher.find('[data-leave="let-go"]')).click();
    await teacher.says('How each time went');
    await teacher.driver.get(`${hoppel.url}/settings`);
    await teacher.says('has just passed');
    await teacher.tap('the hour’s own room');
    await teacher.tap('counting fives');
    await teacher.tap('four thirty');
    await ask();
    await (await teacher.find('[data-leave="keep"]')).click();
    await teacher.says('How each time went');
    const { settings } = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as { settings: Settings };
    expect(settings).toMatchObject({ hourFinding: 'room', minuteSupport: 'fives', halfPastPhrase: 'thirty' });
  });
  step('how the class finds hour and minutes stands on the board’s cards and among the lesson’s words', async () => {
    await teacher.driver.get(`${hoppel.url}/lessons/12`);
    await teacher.says('the hour’s own room');
    await teacher.says('count by fives');
    const board = atBoard(teacher, hoppel.url);
    await board.open('/board');
    while ((await board.clockAt()) % 60 !== 30) await teacher.press(Key.ARROW_RIGHT);
    await teacher.press(' ', ' ', ' ');
    await soon(() => teacher.text('.card.hour')).toContain('in its room');
    await soon(() => teacher.text('.card.minute')).toContain('fives to 6');
    // Numbers beside words are words.
    await soon(() => teacher.text('.card.whole .words')).toMatch(/^[a-z]+ thirty$/);
  });
});
