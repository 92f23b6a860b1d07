import { describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import type { Lesson, Round } from '../contract/index.ts';
import { demonstrate } from '../core/demonstrations/index.ts';
import { DEFAULT_CONVENTIONS } from '../core/conventions/index.ts';
import { handAngles, timeOf, wrapToDial, type DialTime } from '../core/clock/index.ts';
import { showOf } from '../core/activities/index.ts';
import { timeAsked } from '../core/rounds/index.ts';
import { whyNot } from '../core/asking/index.ts';
import type { Form } from '../core/items/index.ts';
import { say, sentence } from '../core/wording/index.ts';
import { expectNoFault } from './support/axe.ts';
import { atBoard } from './support/board.ts';
import { startHoppel } from './support/hoppel.ts';
import { onClock, tapByTouch } from './support/page.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, browser, page } = await visit();
const board = atBoard(page, hoppel.url);
const lessons = async (): Promise<Lesson[]> =>
  ((await (await fetch(`${hoppel.url}/api/classroom`)).json()) as { lessons: Lesson[] }).lessons;
const ofRound = async (): Promise<Round> =>
  ((await (await fetch(`${hoppel.url}/api/board`)).json()) as { round: Round }).round;
/** Opens a tool of the plain board, without a lesson. */
const openTool = async (name: string): Promise<void> => {
  await board.open('/board');
  await (await board.tile('p', name)).click();
  await page.find(`.board[data-activity="${name}"]`);
};

describe('an empty clock at the board', () => {
  const verdict = (): Promise<string> => page.attribute('.board', 'data-verdict');
  const asked = async (): Promise<DialTime> => wrapToDial(Number(await page.attribute('.board', 'data-time')));
  /** Puts the chosen hand on where a finger or mouse taps. */
  const tapAt = async (degrees: number, reach: number): Promise<void> => {
    const clock = await page.find('.empty-clock');
    await page.driver
      .actions({ async: true })
      .move({ origin: clock, ...(await onClock(clock, degrees, reach)) })
      .click()
      .perform();
  };
  const putBoth = async (time: DialTime): Promise<void> => {
    const { hour, minute } = handAngles(time);
    await (await page.find('[data-put="minute"]')).click();
    await tapAt(minute, 80);
    await soon(() => page.attribute('.empty-clock', 'data-minute')).toBe(String(minute));
    // The other hand follows by itself.
    await soon(() => page.attribute('.empty-clock', 'data-chosen')).toBe('hour');
    await tapAt(hour, 50);
  };

  it('has hands put on by a tap in either order, is checked when wished, and wiped for the next', async () => {
    await openTool('empty-clock');
    await page.shows('.empty-clock .hand', 0);
    await expectNoFault(browser.driver);
    const first = await asked();
    await soon(() => page.text('.asked .words')).toBe(say(first, DEFAULT_CONVENTIONS));
    await putBoth(wrapToDial(first + 120));
    expect(await verdict()).toBe('');
    await page.press(' ');
    await soon(verdict).toBe('wrong');
    await soon(() => page.text('.said')).toMatch(/hand/);
    await page.press('w');
    await page.shows('.empty-clock .hand', 0);
    await putBoth(first);
    await page.press(Key.ENTER);
    await soon(verdict).toBe('right');
    await soon(() => page.text('.said')).toBe(`It is ${say(first, DEFAULT_CONVENTIONS)}.`);
    await page.press(' ');
    await page.shows('.empty-clock .hand', 0);
    expect(await asked()).not.toBe(first);
  });
  it('has the hour hand alone put on from digits, and says where it belongs', async () => {
    await openTool('empty-clock');
    await (await page.find('[data-pill="hands hour"]')).click();
    await page.shows('.asked .words', 0);
    await page.shows('[data-put]', 0);
    for (let times = 0; times < 5; times++) {
      const time = await asked();
      await tapAt(handAngles(wrapToDial(time + 120)).hour, 50);
      await page.press(' ');
      await soon(verdict).toBe('wrong');
      await tapAt(handAngles(time).hour, 50);
      await page.press(Key.ENTER);
      await soon(verdict).toBe('right');
      await page.shows('.empty-clock .hand', 1);
      await page.press(' ');
      await soon(asked).not.toBe(time);
    }
    await (await page.find('[data-pill="hands both"]')).click();
  });
  it('asks in digits, in words, or only by the teacher’s voice', async () => {
    for (const [prompt, digits, words] of [
      ['digits', 1, 0],
      ['words', 0, 1],
      ['called', 0, 0],
      ['both', 1, 1],
    ] as const) {
      await (await page.find(`[data-pill="prompt ${prompt}"]`)).click();
      await page.shows('.asked .digits', digits);
      await page.shows('.asked .words', words);
    }
    await (await page.find('[data-pill="prompt free"]')).click();
    await page.shows('.asked', 0);
  });
  it('is drawn in two steps, a dot on the rim and the line from the middle, by a finger', async () => {
    await tapByTouch(page.driver, await page.find('.steps input'));
    await tapAt(180, 88);
    await page.find('.empty-clock .dot');
    await page.shows('.empty-clock .hand', 0);
    await tapAt(180, 10);
    await page.shows('.empty-clock .hand', 1);
    await page.shows('.empty-clock .dot', 0);
  });
  it('has other faces, and hands that are put on by keys', async () => {
    await page.press('w');
    await (await page.find('[data-put="minute"]')).click();
    await page.press(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT);
    await soon(() => page.attribute('.empty-clock', 'data-minute')).toBe('18');
    await page.press('v');
    await (await page.find('.board [data-tile="other-face"]')).click();
    await page.until('the numbers are gone', async () => !/7/.test(await page.text('.empty-clock')));
    await page.press('v');
  });
});

describe('the quick quiz', () => {
  const phase = (): Promise<string> => page.attribute('.board', 'data-phase');
  it('goes on by itself from clock to answer to clock, stops and goes on, and notes nothing', async () => {
    await openTool('quiz');
    await expectNoFault(browser.driver);
    await (await page.find('[data-pill="seconds 3"]')).click();
    await (await page.find('[data-pill="count 6"]')).click();
    await page.tap('Start');
    await soon(phase).toBe('think');
    await page.shows('.board .geared .hand', 2);
    await page.press(' ');
    await page.says('Paused');
    const left = await page.text('.think .left');
    await page.driver.sleep(1300);
    expect(await page.text('.think .left')).toBe(left);
    await page.press(' ');
    await soon(phase).toBe('answer');
    await page.shows('.lid', 0);
    await soon(phase).toBe('think');
    await soon(() => page.attribute('.stones', 'aria-label')).toContain('2 of 6');
    for (let i = 0; i < 10; i++) await page.press(Key.ARROW_RIGHT);
    expect(await ofRound()).toBeNull();
  });
  it('is over after the last clock', async () => {
    while ((await phase()) !== 'over') {
      await (await board.dock('next')).click();
    }
    await page.says('6 clocks read');
    await page.tap('Once more');
    await page.find('.quiz-set-up');
  });
});

describe('which of four', () => {
  const asked = async (): Promise<DialTime> => wrapToDial(Number(await page.attribute('.board', 'data-asked')));
  const options = async (): Promise<{ time: number; form: string }[]> =>
    Promise.all(
      (await page.all('.options button')).map(async (one) => ({
        time: Number(await one.getAttribute('data-time')),
        form: String(await one.getAttribute('data-form')),
      })),
    );
  it('mixes hands and digits; a wrong one says why not and fades, the right one is pointed out', async () => {
    await openTool('which-of');
    await expectNoFault(browser.driver);
    const [time, all] = [await asked(), await options()];
    expect(new Set(all.map(({ form }) => form))).toEqual(new Set(['analog', 'digital']));
    const wrong = all.findIndex((one) => one.time !== time);
    const { form } = all[wrong]!;
    await tapByTouch(page.driver, (await page.all('.options button'))[wrong]!);
    await page.shows('.options .out', 1);
    const why = sentence(
      whyNot({ time: wrapToDial(all[wrong]!.time), form: form as Form }, time, DEFAULT_CONVENTIONS),
      DEFAULT_CONVENTIONS,
    );
    await soon(() => page.text('.said')).toBe(why);
    await page.press('abcd'[all.findIndex((one) => one.time === time)]!);
    await page.shows('.options .right', 1);
    await page.press(' ');
    await page.shows('.options .out', 0);
  });
  it('has three of them, votes before anything is ruled out, and any time the teacher picks', async () => {
    await (await page.find('[data-pill="count 3"]')).click();
    await page.shows('.options button', 3);
    await (await board.dock('vote')).click();
    for (let hand = 0; hand < 3; hand++) await (await page.all('.options button'))[1]!.click();
    await soon(() => page.text('.options .votes')).toBe('3');
    await page.shows('.options .out', 0);
    await (await board.dock('vote')).click();
    await (await page.find('.any-time input')).sendKeys('340', Key.ENTER);
    await soon(asked).toBe(timeOf(3, 40));
    expect((await options()).map(({ time }) => time)).toContain(timeOf(3, 40));
  });
});

describe('a plain board', () => {
  it('has rounds too: all twelve o’clocks in one key, in a row, and any time that is typed', async () => {
    await board.open('/board');
    await page.press('g');
    await (await page.find('[data-all="oclock"]')).click();
    await soon(() => page.text('.rings .centre')).toBe('12');
    await (await page.find('.any-time input')).sendKeys('950');
    await soon(() => page.text('.any-time .echo')).toBe('9:50 · ten to 10');
    await page.press(Key.ENTER);
    await soon(() => page.text('.rings .centre')).toBe('13');
    await (await page.find('[data-all="half-past"]')).click();
    await page.says('24 times: more do not fit into one list.');
    await (await page.find('[data-all="half-past"]')).click();
    await expectNoFault(browser.driver);
    await (await page.find('.round-tray .end button:last-child')).click();
    await soon(() => page.attribute('.board', 'data-phase')).toBe('ask');
    const { entries } = await ofRound();
    const oclocks = Array.from({ length: 12 }, (_, i) => timeOf(i + 1));
    expect(entries.map(({ item }) => timeAsked(item))).toEqual([...oclocks, timeOf(9, 50)]);
    await page.press('e');
    await soon(() => page.attribute('.board', 'data-phase')).toBe('done');
  });
  it('has a surprise, and on a check’s day the ticket', async () => {
    const CHECK = '2026-11-26';
    const other = await startHoppel({ today: CHECK });
    try {
      const state = async <T>(path: string): Promise<T> =>
        (await fetch(`${other.url}/api${path}`)).json() as Promise<T>;
      const begun = async (): Promise<Round> => (await state<{ round: Round }>('/board')).round;
      await page.driver.get(`${other.url}/board`);
      await page.find('.board .geared');
      await page.press('g');
      await page.tap('Surprise');
      await soon(() => page.attribute('.board', 'data-phase')).toBe('ask');
      expect((await begun()).entries).toHaveLength(6);
      await page.press('e');
      await soon(() => page.attribute('.board', 'data-phase')).toBe('done');
      await page.driver.get(`${other.url}/board`);
      await page.find('.board .geared');
      await page.press('g');
      await page.tap('Ticket');
      await soon(() => page.attribute('.board', 'data-phase')).toBe('ask');
      const { lessons: unit } = await state<{ lessons: Lesson[] }>('/classroom');
      const ticket = unit.find(({ day }) => day === CHECK)!.segments.find(({ kind }) => kind === 'ticket')!;
      expect((await begun()).entries.map(({ item }) => item)).toEqual(ticket.items);
    } finally {
      await other.remove();
    }
  });
});

describe('the questions while reading', () => {
  it('stand beside the clock when wished, and light up line by line with the cards', async () => {
    await board.open();
    await page.press('a');
    const now = (): Promise<string> => page.text('.questions .now');
    await soon(now).toBe('What does the hour hand point at, or what has it just passed?');
    await expectNoFault(browser.driver);
    await page.press(' ');
    await soon(now).toBe('Does the minute hand point straight up or straight down?');
    await page.press(' ');
    await soon(now).toBe('What time is it?');
    await page.press(' ');
    await page.shows('.questions .answered', 3);
    await page.press('a');
    await page.shows('.questions', 0);
  });
});

describe('a part of a lesson', () => {
  it('opens what it is about, ready, in every lesson', async () => {
    for (const { key, number, segments } of await lessons())
      for (const [at, { kind }] of segments.entries()) {
        const show = showOf(key, kind);
        if (show === undefined) continue;
        await page.driver.get(`${hoppel.url}/board/${number}?segment=${at}`);
        await page.find(`.board:is([data-demonstration="${show}"], [data-activity="${show}"])`);
      }
  });
  it('of the lesson on quarters of an hour has its demonstration at its own time', async () => {
    const { number, segments } = (await lessons()).find(({ key }) => key === 'half-turn')!;
    const at = segments.findIndex(({ kind }) => kind === 'show');
    await page.driver.get(`${hoppel.url}/board/${number}?segment=${at}`);
    await page.find('.board[data-demonstration="half-way"]');
    const start = wrapToDial(segments[at]!.times[0]!);
    expect(demonstrate('half-way', start, DEFAULT_CONVENTIONS).steps[0]!.scene(0).minutes).toBe(
      Math.floor(start / 60) * 60,
    );
    await soon(() => page.attribute('.board .geared', 'aria-valuenow')).toBe(String(Math.floor(start / 60) * 60));
    await page.press(Key.ESCAPE);
    await page.shows('.board .stones', 1);
  });
  it('leads from its last time to the next part', async () => {
    const all = await lessons();
    const { number, segments } = all.find(({ key }) => key === 'oclock-read-set')!;
    const at = segments.findIndex(({ kind }) => kind === 'together');
    await page.driver.get(`${hoppel.url}/board/${number}?segment=${at}`);
    await page.find('.board .geared');
    for (let i = 0; i < segments[at]!.times.length * 4; i++) await page.press(' ');
    await soon(() => page.driver.getCurrentUrl()).toContain(`segment=${at + 1}`);
  });
});
