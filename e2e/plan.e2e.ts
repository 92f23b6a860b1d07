import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect } from '@jest/globals';
import { Key, type WebElement } from 'selenium-webdriver';
import { expectNoFault } from './support/axe.ts';
import { journey } from './support/journey.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const folder = mkdtempSync(join(tmpdir(), 'hoppel-files-'));
const { hoppel, browser, page } = await visit({ demo: false });

interface ClassroomSeen {
  readonly lessons: readonly {
    id: number;
    key: string;
    day: string;
    segments: { kind: string; minutes: number; times: number[] }[];
  }[];
  readonly children: readonly { id: number; name: string; picture: string }[];
  readonly plan: { readonly skipped: readonly unknown[] } | null;
}

/** A teacher plans: from an empty class to a unit that is changed, undone, taken out and read back. */
describe('the plan', () => {
  beforeAll(() => browser.downloadTo(folder));
  afterAll(() => {
    rmSync(folder, { recursive: true, force: true });
  });
  const step = journey(() => ({ teacher: browser }));
  const room = async (): Promise<ClassroomSeen> =>
    (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as ClassroomSeen;
  const days = async (): Promise<string[]> => (await room()).lessons.map(({ day }) => day);
  const keys = async (): Promise<string[]> => (await room()).lessons.map(({ key }) => key);
  const open = async (path: string, words: string): Promise<void> => {
    await page.driver.get(hoppel.url + path);
    await page.says(words);
  };
  /** Opens the desk of the lesson that stands there on the path. */
  const openDesk = async (number: number, words: string): Promise<void> =>
    open(`/lessons/${(await room()).lessons[number - 1]!.id}`, words);
  const stone = (number: number): Promise<WebElement> => page.find(`.path li:nth-child(${number}) .stone`);
  const focus = (element: WebElement): Promise<unknown> =>
    Promise.resolve(page.driver.executeScript('arguments[0].focus()', element));
  const held = (modifier: string, key: string): Promise<void> =>
    page.driver.actions().keyDown(modifier).sendKeys(key).keyUp(modifier).perform();
  const menu = async (act: string): Promise<void> => {
    await (await page.find('.lesson-menu button')).click();
    await page.tap(act);
    await page.until('the menu is gone', async () => (await page.all('.v-overlay--active .v-list')).length === 0);
  };
  /** Waits until every change has been kept. */
  const kept = async (what: string, holds: () => Promise<boolean>): Promise<unknown> => page.until(what, holds);

  step('an empty class gets a good unit with three clicks', async () => {
    await page.driver.get(hoppel.url);
    await page.says('A new class');
    await (await page.find('input')).sendKeys('Fern Room');
    await (await page.find('textarea')).sendKeys('Ada, Bram, Cleo');
    await page.tap('Make the class'); // one
    await page.says('A new unit');
    await page.says('16 lessons');
    await expectNoFault(browser.driver);
    await page.tap('first grade: half past too'); // two: what is chosen already
    await page.tap('Lay the path'); // three
    await page.says('What clocks are for');
    await page.shows('.path .stone', 16);
    for (const { segments } of (await room()).lessons)
      expect(segments.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(20);
  });

  step('a lesson moves by keyboard, keeps the focus, and can be taken back and done again', async () => {
    const before = await keys();
    await focus(await stone(8));
    await held(Key.ALT, Key.ARROW_RIGHT);
    await page.says('Lesson moved.');
    await page.says('O’clock: read and set: ');
    const after = [...before];
    after.splice(8, 0, ...after.splice(7, 1));
    await kept('the server has it', async () => (await keys()).join() === after.join());
    await page.until('the moved stone has the focus', async () =>
      (
        await page.driver.executeScript<string>('return document.activeElement.getAttribute("aria-label") ?? ""')
      ).includes('Lesson 9, O’clock: read and set'),
    );
    await held(Key.CONTROL, 'z');
    await page.says('Taken back: Lesson moved.');
    await soon(() => keys()).toEqual(before);
    await page.tap('Redo');
    await page.says('Done again: Lesson moved.');
    await soon(() => keys()).toEqual(after);
  });

  step('a stone is dragged to another place', async () => {
    const before = await keys();
    const [from, to] = [await stone(11), await stone(13)];
    await page.driver
      .actions({ async: true })
      .move({ origin: from })
      .press()
      .move({ origin: from, x: 20, y: 0, duration: 150 })
      .move({ origin: to, x: 4, y: 0, duration: 400 })
      .move({ origin: to, x: 10, y: 0, duration: 150 })
      .release()
      .perform();
    await kept('the order has changed', async () => (await keys()).indexOf(before[10]!) > 10);
    await page.tap('Undo');
    await kept('it is back', async () => (await keys()).join() === before.join());
  });

  step('a skipped day pushes what is in the way, says what moved and why, and is taught after all', async () => {
    const before = await days();
    await openDesk(3, 'The parts of a clock');
    await menu('Skip this day');
    await soon(() => page.driver.executeScript<string>('return document.activeElement.tagName')).toBe('INPUT');
    await page.press('fire drill');
    await page.press(Key.ENTER);
    await page.says('skipped: fire drill.');
    await (await page.find('.news .more')).click();
    await kept('all lines', async () => (await page.all('.news li')).length === 14);
    await soon(() => days()).toEqual([...before.slice(0, 2), ...before.slice(3), (await days()).at(-1)]);
    await open('/settings/unit', 'Days that fell out');
    await page.tap('Undo: ');
    await page.says('Taken back');
    await soon(() => days()).toEqual(before);
  });

  step('a lesson goes to another day, one is put in and taken out', async () => {
    await openDesk(16, 'Can this clock be right?');
    await menu('To another day');
    await page.driver.executeScript(
      "const field = document.querySelector('.ask input'); field.value = '2026-12-25'; field.dispatchEvent(new Event('input', { bubbles: true }));",
    );
    await page.tap('Move it');
    await kept('it is on Christmas', async () => (await days()).at(-1) === '2026-12-25');
    await openDesk(4, 'Round and round');
    await menu('Put in an empty lesson after it');
    await page.says('Lesson put in.');
    await kept('17 stones', async () => (await page.all('.path .stone')).length === 17);
    expect((await keys())[4]).toBe('blank');
    await openDesk(5, 'A lesson of my own');
    await menu('Call it something else');
    await page.press(Key.chord(Key.CONTROL, 'a'), 'The sundial');
    await page.press(Key.ENTER);
    await page.says('The sundial');
    await menu('Take it out');
    await kept('16 stones', async () => (await page.all('.path .stone')).length === 16);
  });

  step(
    'segments are reordered and pulled longer by keyboard; the minutes are held against the lesson’s length',
    async () => {
      await openDesk(9, 'O’clock: read and set');
      const kinds = async (): Promise<string[]> => (await room()).lessons[8]!.segments.map(({ kind }) => kind);
      const length = async (at: number): Promise<number> => (await room()).lessons[8]!.segments[at]!.minutes;
      expect((await kinds()).slice(0, 2)).toEqual(['warm-up', 'show']);
      await focus(await page.find('.block:nth-child(1) .grip'));
      await page.press(Key.ARROW_DOWN);
      await kept('show is first', async () => (await kinds())[0] === 'show');
      await page.until('the grip keeps the focus', async () =>
        page.driver.executeScript<boolean>(
          "return document.activeElement === document.querySelector('.block:nth-child(2) .grip')",
        ),
      );
      const before = await length(3);
      const times = (await room()).lessons[8]!.segments[3]!.times;
      await focus(await page.find('.block:nth-child(4) .edge'));
      await page.press(Key.ARROW_DOWN);
      await page.says('21 of 20 min: 1 too many');
      await kept('it is longer', async () => (await length(3)) === before + 1);
      const more = (await room()).lessons[8]!.segments[3]!.times;
      expect(more.slice(0, times.length)).toEqual(times);
      expect(more.length).toBeGreaterThan(times.length);
      await page.press(Key.ARROW_UP);
      await page.until('20 minutes again', async () => (await page.text('.run header')).includes('20 min'));
      await kept('it is as it was', async () => (await length(3)) === before);
    },
  );

  step('a segment is dragged, and its lower edge pulled, by mouse', async () => {
    const first = (await room()).lessons[8]!.segments[0]!;
    const title = await page.text('.block:nth-child(1) h3');
    await page.steadily(async () => {
      const [grip, third] = [await page.find('.block:nth-child(1) .grip'), await page.find('.block:nth-child(3)')];
      await page.driver
        .actions({ async: true })
        .move({ origin: grip })
        .press()
        .move({ origin: grip, x: 0, y: 30, duration: 200 })
        .move({ origin: third, x: 0, y: 20, duration: 400 })
        .move({ origin: third, x: 0, y: 28, duration: 200 })
        .release()
        .perform();
    });
    await kept('it is no longer first', async () => (await room()).lessons[8]!.segments[0]!.kind !== first.kind);
    await page.tap('Undo');
    await kept('it is back', async () => (await room()).lessons[8]!.segments[0]!.kind === first.kind);
    await soon(() => page.text('.block:nth-child(1) h3')).toBe(title);
    await page.steadily(async () => {
      const edge = await page.find('.block:nth-child(1) .edge');
      await page.driver
        .actions({ async: true })
        .move({ origin: edge })
        .press()
        .move({ origin: edge, x: 0, y: 54, duration: 300 })
        .release()
        .perform();
    });
    await kept('two minutes more', async () => (await room()).lessons[8]!.segments[0]!.minutes === first.minutes + 2);
    await page.tap('Undo');
    await kept('as before', async () => (await room()).lessons[8]!.segments[0]!.minutes === first.minutes);
  });

  step('a time is swapped: what keeps the rules is offered, what breaks one says which', async () => {
    await openDesk(9, 'O’clock: read and set');
    const round = async (): Promise<number[]> =>
      (await room()).lessons[8]!.segments.find(({ kind }) => kind === 'show-me')!.times;
    const before = await round();
    await page.tap('Times of “Show me”');
    await page.says('Why these times');
    await page.says('nobody can count on');
    await expectNoFault(browser.driver);
    await (await page.find('.times .row li:nth-child(1) button')).click();
    const bricks = await page.all('.picker .brick.breaks');
    await bricks[0]!.click();
    await page.until('it says which rule', async () => (await page.text('.verdict')).length > 20);
    await soon(() => page.text('.verdict')).toContain('all the same');
    await (await page.find('.picker .brick:not(.breaks):not(.current)')).click();
    await page.says('keeps every rule.');
    await (await page.find('.verdict button')).click();
    await kept('the first time is another', async () => (await round())[0] !== before[0]);
    expect((await round()).slice(1)).toEqual(before.slice(1));
    await (await page.find('.times footer button')).click();
    await page.until('the window is gone', async () => (await page.all('.v-overlay--active')).length === 0);
  });

  step('a note keeps itself, and what is typed while the server is away is not lost', async () => {
    const field = await page.find('#note');
    await field.sendKeys('Bring the big clock.');
    const note = async (): Promise<string> => {
      const { id } = (await room()).lessons[8]!;
      return ((await (await fetch(`${hoppel.url}/api/lessons/${id}/desk`)).json()) as { note: string }).note;
    };
    await kept('the note is kept', async () => (await note()) === 'Bring the big clock.');
    await hoppel.stop();
    await field.sendKeys(' And the sundial.');
    await page.says('Not kept yet, trying again');
    await focus(await page.find('.block:nth-child(1) .grip'));
    await page.press(Key.ARROW_DOWN);
    await page.says('Not kept yet: Hoppel does not answer');
    await hoppel.start();
    await kept('the note is kept after all', async () => (await note()) === 'Bring the big clock. And the sundial.');
    await kept('the change too', async () => (await room()).lessons[8]!.segments[1]!.kind === 'show');
    await page.until('nothing waits', async () => (await page.all('.failed')).length === 0);
    await openDesk(10, 'Noted last time');
    await page.says('And the sundial.');
  });

  step(
    'the unit goes out as a calendar, a plan to print and a file, and comes back the same in another class',
    async () => {
      await open('/settings/unit', 'Take out and in');
      const files = (): string[] =>
        readdirSync(folder)
          .filter((name) => !name.endsWith('.crdownload'))
          .sort();
      for (const [i, words] of ['Plan to print', 'Calendar (.ics)', 'Unit file (.json)'].entries()) {
        await page.tap(words);
        await page.until(`${words} is there`, async () => files().length === i + 1);
      }
      expect(files()).toEqual(['Fern Room.hoppel.json', 'Fern Room.ics', 'Fern Room.pdf']);
      expect(readFileSync(join(folder, 'Fern Room.pdf'), 'latin1').slice(0, 5)).toBe('%PDF-');
      expect(readFileSync(join(folder, 'Fern Room.ics'), 'utf8').match(/BEGIN:VEVENT/g)).toHaveLength(16);
      const unit = (await room()).lessons.map(({ id: _, ...lesson }) => lesson);

      await page.tap('Class: Fern Room');
      await page.tap('A new class …');
      await (await page.find('.welcome input')).sendKeys('Moss Room');
      await page.tap('Make the class');
      await page.says('A new unit');
      const broken = join(folder, 'broken.json');
      writeFileSync(
        broken,
        readFileSync(join(folder, 'Fern Room.hoppel.json'), 'utf8')
          .replace('"kindergarten"', '"x"')
          .replace('"first-grade"', '"x"'),
      );
      await (await page.find('.files input')).sendKeys(broken);
      await page.says('This file could not be read.');
      await page.says('choices.level');
      await (await page.find('.files input')).sendKeys(join(folder, 'Fern Room.hoppel.json'));
      await page.says('The unit of Moss Room');
      expect((await room()).lessons.map(({ id: _, ...lesson }) => lesson)).toEqual(unit);
    },
  );

  step('classes are switched from the name in the shell', async () => {
    await page.tap('Class: Moss Room');
    await page.tap('Fern Room');
    await page.says('What clocks are for');
    expect((await room()).children.map(({ name }) => name)).toEqual(['Ada', 'Bram', 'Cleo']);
  });

  step('children are added by pasting, get another picture, are absent, move away and come back', async () => {
    await open('/settings/class', 'Class list');
    await (await page.find('textarea')).sendKeys('1. Davi\n2. Elif');
    await page.says('2 children');
    await soon(() => page.text('.preview')).toBe('Davi\nElif');
    // Surname first, as a school's own lists have it: who is understood stands there before anybody is kept.
    await (await page.find('textarea')).sendKeys(Key.chord(Key.CONTROL, 'a'), 'Fern, Davi\nMoss, Elif');
    await soon(() => page.text('.preview')).toBe('Davi\nElif');
    await page.tap('Fern, Moss …');
    await soon(() => page.text('.preview')).toBe('Fern\nMoss');
    await page.tap('Davi, Elif …');
    await expectNoFault(browser.driver);
    await page.tap('Add');
    await kept('five children', async () => (await room()).children.length === 5);
    expect((await room()).children.slice(3).map(({ name }) => name)).toEqual(['Davi', 'Elif']);
    await page.tap('Picture of Ada');
    await page.tap('hedgehog');
    await kept('Ada has the hedgehog', async () => (await room()).children[0]!.picture === 'hedgehog');
    await focus(await page.find('.child:nth-child(1) .grip'));
    await page.press(Key.ARROW_DOWN);
    await kept('Ada is second', async () => (await room()).children[1]!.name === 'Ada');
    await page.tap('absent');
    await page.tap('More about Cleo');
    await page.says('half five');
    await page.tap('Cleo moved away');
    await kept('four children', async () => (await room()).children.length === 4);
    await page.tap('Cleo is here again');
    await kept('five again', async () => (await room()).children.length === 5);
  });

  step('days off come from a school’s calendar file, and lessons make room', async () => {
    const off = (await days())[6]!;
    const file = join(folder, 'school.ics');
    const compact = off.replaceAll('-', '');
    writeFileSync(
      file,
      [
        'BEGIN:VCALENDAR',
        'VERSION:2.0',
        'PRODID:-//Quillbrook//EN',
        'BEGIN:VEVENT',
        'UID:1',
        'DTSTAMP:20261101T000000Z',
        `DTSTART;VALUE=DATE:${compact}`,
        'SUMMARY:Harvest day',
        'END:VEVENT',
        'END:VCALENDAR',
        '',
      ].join('\r\n'),
    );
    await open('/settings/unit', 'Days off');
    await (await page.find('.days-off input[type=file]')).sendKeys(file);
    await page.says('1 days off read');
    await page.says('Harvest day');
    await page.tap('Keep these days');
    await page.says('Teaching days changed.');
    await kept('nobody is taught then', async () => !(await days()).includes(off));
  });
});
