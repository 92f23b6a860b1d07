import { afterAll, beforeAll, describe, expect } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { hourOf, wrapToDial, type DialTime } from '../core/clock/index.ts';
import type { Round } from '../contract/index.ts';
import { startingTime } from '../core/items/index.ts';
import { timeAsked } from '../core/rounds/index.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { soon } from './support/soon.ts';
import { enterClass, sitDown } from './support/station.ts';
import { journey } from './support/journey.ts';
import {
  dragByMouse,
  dragByPen,
  dragByTouch,
  drawnHands,
  handsStandAt,
  onPage,
  sweep,
  type Page,
} from './support/page.ts';

/** The whole walk, in order, in two browsers: a teacher at the board and Ada at a tablet. */
describe('a lesson from the desk to the record', () => {
  let hoppel: Hoppel;
  let teacherBrowser: Browser;
  let childBrowser: Browser;
  let teacher: Page;
  let child: Page;
  let times: DialTime[];

  beforeAll(async () => {
    hoppel = await startHoppel();
    teacherBrowser = await startBrowser({ motion: true });
    childBrowser = await startBrowser({ width: 1024, height: 768, motion: true });
    teacher = onPage(teacherBrowser);
    child = onPage(childBrowser);
  });
  afterAll(async () => {
    await Promise.all([teacherBrowser.quit(), childBrowser.quit()]);
    await hoppel.remove();
  });

  const step = journey(() => ({ teacher: teacherBrowser, child: childBrowser }));
  const phase = (name: string): Promise<unknown> =>
    teacher.until(`the board is at ${name}`, async () => (await teacher.attribute('.board', 'data-phase')) === name);
  const next = (): Promise<void> => teacher.press(' ');
  /** Chooses what the hands settle on. */
  const settleOn = async (minutes: string): Promise<void> => {
    await teacher.press('k');
    await teacher.tap(`Hands settle on every ${minutes}`);
    await teacher.until(
      `the hands settle on every ${minutes}`,
      async () =>
        (await (await teacher.button(`Hands settle on every ${minutes}`)).getAttribute('aria-pressed')) === 'true',
    );
    await teacher.press('k');
  };
  const ofRound = async (): Promise<Round & { times: DialTime[] }> => {
    const response = await fetch(`${hoppel.url}/api/board`);
    const { round } = (await response.json()) as { round: Round };
    return { ...round, times: round.entries.map(({ item }) => timeAsked(item)!) };
  };

  step('shows today’s lesson with its sentence, words, things and what the last check said', async () => {
    await teacher.driver.get(hoppel.url);
    await teacher.says('O’clock: read and set');
    await teacher.says('I can read o’clock times and set them on a clock.');
    for (const words of [
      'Tuesday, November 24, 9:00 to 9:20',
      'Monday’s ticket',
      'Nia was away',
      'of 21',
      'Telling the hands apart',
      'What the long hand says',
      'Go on, with a small group',
    ])
      await teacher.says(words);
    await teacher.shows('.path .stone', 16);
    await soon(() => teacher.attribute('.path .today', 'aria-label')).toContain('Lesson 8');
  });

  step('draws every segment as tall as its minutes, with clocks that tell its exact times', async () => {
    const blocks = await teacher.all('.block');
    const heights = await Promise.all(blocks.map(async (block) => (await block.getRect()).height));
    const minutes = await Promise.all(blocks.map(async (block) => Number(/(\d+) min/.exec(await block.getText())![1])));
    expect(minutes.reduce((a, b) => a + b)).toBe(20);
    heights.forEach((height, i) => expect(Math.abs(height + 4 - minutes[i]! * 27)).toBeLessThan(1));
    const hands = await drawnHands(teacher.driver, '.block:nth-child(2) .small-clock');
    expect(hands).toEqual({ hour: 270, minute: 0 }); // the first example to show is 9:00
  });

  step('keeps a tick and a decision', async () => {
    await (await teacher.find('.things li:nth-child(3) input')).click();
    await teacher.tap('Accept');
    await teacher.says('Decided');
    await teacher.driver.navigate().refresh();
    await teacher.says('Decided');
    expect(await (await teacher.find('.things li:nth-child(3) input')).isSelected()).toBe(true);
  });

  step('opens the board from the desk; a mouse drags the minute hand past 12 and the hour follows 12:1', async () => {
    await (await teacher.find('.run .start')).click();
    await teacher.until(
      'the board opens at the first times',
      async () => (await teacher.all('.board .geared')).length === 1,
    );
    await teacher.press(Key.ESCAPE);
    await teacher.tap('Open “Show” on the board');
    // What it is about is there, ready; behind it is the clock with its times.
    await teacher.find('.board[data-demonstration="once-round"]');
    await teacher.press(Key.ESCAPE);
    await teacher.shows('.board .lid', 3);
    const clock = await teacher.find('.board .geared');
    await soon(() => drawnHands(teacher.driver, '.board')).toEqual({ hour: 270, minute: 0 });
    await dragByMouse(teacher.driver, clock, { from: { degrees: 0, reach: 80 }, over: sweep(0, 390), reach: 80 });
    await handsStandAt(teacher, '.board', { hour: 302.5, minute: 30 }); // 10:05
    await dragByMouse(teacher.driver, clock, { from: { degrees: 30, reach: 80 }, over: sweep(30, -30), reach: 80 });
    await handsStandAt(teacher, '.board', { hour: 297.5, minute: 330 }); // back past 12 to 9:55
  });

  step('a finger drags the hour hand, and the minute hand goes round', async () => {
    const clock = await teacher.find('.board .geared');
    await dragByTouch(teacher.driver, clock, { from: { degrees: 297.5, reach: 40 }, over: [305, 315], reach: 40 });
    await handsStandAt(teacher, '.board', { hour: 315, minute: 180 }); // 10:30
  });

  step('a pen drags too, and the hands settle on what the setting says', async () => {
    await settleOn('15 minutes');
    const clock = await teacher.find('.board .geared');
    await dragByPen(teacher.driver, clock, { from: { degrees: 180, reach: 80 }, over: sweep(180, 290), reach: 80 });
    await handsStandAt(teacher, '.board', { hour: 322.5, minute: 270 }); // 10:48 settles on 10:45
    await settleOn('minute');
    await dragByPen(teacher.driver, clock, { from: { degrees: 270, reach: 80 }, over: sweep(270, 180), reach: 80 });
    await handsStandAt(teacher, '.board', { hour: 315, minute: 180 });
  });

  step('keys step 1, 5 and 30 minutes; Space opens the cards in the reading order', async () => {
    const clock = await teacher.find('.board .geared');
    const now = async (): Promise<number> => Number(await clock.getAttribute('aria-valuenow'));
    const keys = async (...held: string[]): Promise<void> => {
      const actions = teacher.driver.actions();
      for (const key of held.slice(0, -1)) actions.keyDown(key);
      actions.sendKeys(held.at(-1)!);
      for (const key of held.slice(0, -1)) actions.keyUp(key);
      await actions.perform();
    };
    const before = await now();
    await keys(Key.ARROW_RIGHT);
    await soon(() => now()).toBe(before + 1);
    await keys(Key.SHIFT, Key.ARROW_UP);
    await soon(() => now()).toBe(before + 6);
    await keys(Key.ALT, Key.ARROW_DOWN);
    await soon(() => now()).toBe(before - 24);
    const open = async (): Promise<string[]> =>
      Promise.all((await teacher.all('.card')).map((card) => card.getAttribute('data-open') as Promise<string>));
    await soon(() => open()).toEqual(['false', 'false', 'false']);
    await next();
    await soon(() => open()).toEqual(['true', 'false', 'false']);
    await next();
    await next();
    await soon(() => open()).toEqual(['true', 'true', 'true']);
    await teacher.says('10:06');
    // The cards say what the hands show, whatever the hands settle on.
    await settleOn('60 minutes');
    await keys(Key.ARROW_RIGHT);
    await teacher.says('10:07');
    await settleOn('minute');
    await teacher.press(Key.ESCAPE);
    await teacher.says('Get ready');
  });

  step('starts a round of six o’clock times; the task comes to the tablet by itself', async () => {
    await child.driver.get(`${hoppel.url}/station`);
    await enterClass(child, hoppel);
    await sitDown(child, 'Ada');
    await child.says('The next clock comes by itself.');
    await teacher.tap('Open “Show me” on the board');
    await teacher.tap('Start the round');
    await phase('ask');
    times = (await ofRound()).times;
    expect(times).toHaveLength(6);
    expect(times).toContain(0);
    const hours = times.map(hourOf);
    await teacher.says(`${hours[0]} o’clock`);
    await child.says(`${hours[0]}:00`);
    await teacher.says('0 of 1 tablets have answered');
    await teacher.shows('.board .geared .hand', 0); // the board does not show the answer yet
  });

  step(
    'the child turns the knob by touch and is done; the board counts it and shows no clock before the reveal',
    async () => {
      const clock = await child.find('.groove-clock svg');
      const start = startingTime(times[0]!);
      expect(Number(await clock.getAttribute('aria-valuenow'))).toBe(start);
      // Turn the minute hand to 12 by the knob, then bring the hour hand where it belongs.
      const minuteAngle = (start % 60) * 6;
      await dragByTouch(child.driver, clock, {
        from: { degrees: minuteAngle, reach: 112 },
        over: sweep(minuteAngle, minuteAngle + (((times[0]! - start + 1080) % 720) - 360) * 6),
        reach: 112,
      });
      await child.until('the clock is set', async () => Number(await clock.getAttribute('aria-valuenow')) === times[0]);
      await child.tap('Done');
      await child.says('Look up!');
      await teacher.says('1 of 1 tablets have answered');
      await next();
      await phase('think');
      await teacher.says('Think');
      await child.driver.navigate().refresh(); // a reloaded tablet knows what its child has set
      await child.says('Look up!');
      await handsStandAt(child, '.groove-clock', { hour: times[0]! / 2, minute: 0 });
      await teacher.says('1 of 1 tablets have answered');
      await teacher.shows('.wall', 0);
    },
  );

  step('reveals step by step, shows everyone’s clocks and asks who missed it', async () => {
    // The ten seconds to think end by themselves.
    await phase('show');
    // The hands are seen to turn the last hour, through every part of it, and to stop at the time.
    const turned = await teacher.driver.executeAsyncScript<number[]>(`
      const done = arguments[0];
      const seen = [];
      const clock = document.querySelector('.board .geared');
      const look = () => {
        if (clock.querySelector('.hand') === null) return;
        seen.push(Number(clock.getAttribute('aria-valuenow')));
        if (seen.at(-1) === ${times[0]!} && seen.length > 1) done(seen);
      };
      new MutationObserver(look).observe(clock, { attributes: true, childList: true, subtree: true });
      window.dispatchEvent(new KeyboardEvent('keydown', { key: ' ' }));`);
    const left = turned.map((minute) => (times[0]! - minute + 720) % 720);
    expect(left).toEqual([...left].sort((a, b) => b - a));
    expect(left[0]).toBeGreaterThan(45);
    expect(left.filter((minutes) => minutes > 5 && minutes < 55).length).toBeGreaterThan(2);
    await phase('reveal');
    await child.says('Yes!');
    await next();
    await next();
    await next();
    await teacher.says(`${hourOf(times[0]!)} o’clock`);
    await handsStandAt(teacher, '.board', { hour: times[0]! / 2, minute: 0 });
    await teacher.press('r');
    await teacher.until('R covers the cards again', async () => (await teacher.all('.lid')).length === 3);
    for (let step = 0; step < 4; step++) await next();
    await phase('missed');
    await soon(() => drawnHands(teacher.driver, '.wall')).toEqual({ hour: times[0]! / 2, minute: 0 });
    await teacher.tap('Bram: nothing noted yet');
    await teacher.button('Bram: missed it');
  });

  step('a restart in the middle of the round loses nothing and goes on where it was', async () => {
    await next();
    await teacher.until('the second time is asked', async () => (await ofRound()).index === 1);
    await hoppel.stop();
    await teacher.says('Trying again');
    await hoppel.start();
    await teacher.until('the board is connected again', async () => (await teacher.all('.lost')).length === 0);
    const round = await ofRound();
    expect(round).toMatchObject({ index: 1, phase: 'ask' });
    // What Bram missed comes once more, two times later.
    times = [...times.slice(0, 3), times[0]!, ...times.slice(3)];
    expect(round.times).toEqual(times);
    expect(round.entries.map(({ origin }) => origin)).toEqual(times.map((_, at) => (at === 3 ? 'again' : 'planned')));
    await next();
    await phase('think');
    await child.says(`${hourOf(times[1]!)}:00`);
  });

  step('an answer made while the network is down waits quietly and arrives once it is back', async () => {
    await child.driver.sendDevToolsCommand('Network.enable', {});
    const offline = (is: boolean): Promise<void> =>
      child.driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
        offline: is,
        latency: 0,
        downloadThroughput: -1,
        uploadThroughput: -1,
      });
    await offline(true);
    // Turned five minutes on, and left there: wrong.
    await (await child.find('.groove-clock svg')).sendKeys(Key.ARROW_RIGHT);
    await child.tap('Done');
    await child.find('.quiet-sign');
    await teacher.says('0 of 1 tablets have answered');
    await offline(false);
    await teacher.says('1 of 1 tablets have answered');
    await child.until('the sign is gone', async () => (await child.all('.quiet-sign')).length === 0);
  });

  step('another segment opens beside the open round, and the round goes on where it was', async () => {
    await teacher.press(Key.ESCAPE);
    await teacher.tap('Open “Show” on the board');
    await teacher.find('.board[data-demonstration="once-round"]');
    await teacher.press(Key.ESCAPE);
    await teacher.until('three covered cards', async () => (await teacher.all('.lid')).length === 3);
    await soon(() => drawnHands(teacher.driver, '.board')).toEqual({ hour: 270, minute: 0 });
    await teacher.press(Key.ESCAPE);
    await (await teacher.find('.run .start')).click();
    await teacher.says(`${hourOf(times[1]!)} o’clock`);
    expect((await ofRound()).index).toBe(1);
  });

  step('a teacher who goes on while clocks still turn gives every tablet the next clock at its own start', async () => {
    // The ten seconds to think may be over by now or not.
    await teacher.until('the answer is shown', async () => {
      const { phase: before } = await ofRound();
      if (before === 'reveal') return true;
      await next();
      // A key more would open a card already.
      await teacher.until('the round has moved', async () => (await ofRound()).phase !== before);
      return false;
    });
    await child.says('Watch.'); // it turns to the time now
    for (let card = 0; card < 3; card++) await next();
    await next();
    await phase('missed');
    await next();
    await phase('ask');
    await child.says(`${hourOf(times[2]!)}:00`);
    await child.driver.sleep(2500); // longer than any turn
    await soon(() => child.attribute('.groove-clock svg', 'aria-valuenow')).toBe(String(startingTime(times[2]!)));
  });

  step('goes back with Backspace and on to the end of the round', async () => {
    await next();
    await phase('think');
    await teacher.press(Key.BACK_SPACE);
    await phase('ask');
    // Two were missed, by Bram and by Ada's tablet: each is asked once more.
    expect((await ofRound()).entries).toHaveLength(8);
    for (let index = 2; index < 8; index++) {
      for (const reached of ['think', 'show', 'reveal', 'reveal', 'reveal', 'reveal', 'missed']) {
        await next();
        await phase(reached);
      }
      await next();
    }
    await phase('done');
    await teacher.says('The round is done');
    await teacher.shows('.done [data-origin="again"]', 2);
    await child.says('The next clock comes by itself.');
  });

  step('a second round can be ended early, and its end taken back', async () => {
    await teacher.tap('Another round');
    await phase('ask');
    await teacher.press('e');
    await phase('done');
    await teacher.says('not asked');
    await child.says('The next clock comes by itself.');
    await teacher.press(Key.BACK_SPACE);
    await phase('ask');
    await teacher.tap('End the round');
    await phase('done');
  });

  step('Class shows what happened: Bram’s miss, and Ada’s clock as a pair of asked and answered', async () => {
    await teacher.tap('See the class');
    await teacher.says('How each time went');
    await teacher.shows('tbody tr', 22);
    await soon(() => teacher.attribute('.wheel g[role=listitem]', 'aria-label')).toMatch(
      /^12 o’clock: \d+ of 22 had it$/,
    );
    await teacher.tap('Open Ada');
    await teacher.says('on a tablet');
    // Latest first: the tablet's second answer was left near where it started, the first was right.
    const pairs = await teacher.all('.pair');
    const second = await pairs[0]!.getText();
    expect(second).toContain(`Set ${hourOf(times[1]!)}:00`);
    const start = wrapToDial(startingTime(times[1]!) + 5);
    expect(second).toContain(`Turned to ${hourOf(start)}:${String(start % 60).padStart(2, '0')}`);
    expect(await pairs[1]!.getText()).toContain(`Turned to ${hourOf(times[0]!)}:00`);
    await teacher.driver.get(`${hoppel.url}/class/2`);
    await teacher.says('tapped by you');
    await soon(() => teacher.text('.answers')).toContain('Missed it');
  });
});
