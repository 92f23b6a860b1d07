import { describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { v4 as newId } from 'uuid';
import { timeAsked } from '../core/rounds/index.ts';
import { expectNoFault } from './support/axe.ts';
import { atBoard } from './support/board.ts';
import { tapByTouch } from './support/page.ts';
import { roundsOn } from './support/rounds.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, browser, page } = await visit();
const board = atBoard(page, hoppel.url);
const { ofRound, answersTo, phase, next, pickRound, endRound } = roundsOn(page, hoppel.url);

describe('how a round is run', () => {
  /** Moves the round on to "who missed it" of the item of now. */
  const toMissed = async (): Promise<void> => {
    while ((await page.attribute('.board', 'data-phase')) !== 'missed') {
      const { version } = await ofRound();
      await page.press(' ');
      await page.until('the round has moved', async () => (await ofRound()).version !== version);
      await page.until(
        'the board too',
        async () => (await page.attribute('.board', 'data-phase')) === (await ofRound()).phase,
      );
    }
  };

  it('time to think is set from none to thirty seconds, and counted down where that is wished', async () => {
    await pickRound('set', 'mouse');
    await page.press('g');
    await page.driver.executeScript("document.querySelector('.think input').focus()");
    await page.press(Key.HOME);
    await page.until('no time to think', async () => (await ofRound()).thinkSeconds === 0);
    await page.tap('3, 2, 1');
    await page.until('no countdown', async () => !(await ofRound()).countdown);
    await page.tap('3, 2, 1');
    await page.until('a countdown', async () => (await ofRound()).countdown);
    await expectNoFault(browser.driver);
    await page.driver.executeScript('document.activeElement.blur()');
    await page.press('g');
    await page.driver.executeScript(`
      window.counted = [];
      new MutationObserver(() => {
        const text = document.querySelector('.board .show')?.textContent.trim();
        if (text && text !== window.counted.at(-1)) window.counted.push(text);
      }).observe(document.body, { subtree: true, childList: true, characterData: true });`);
    await next('show'); // thinking is left out
    await page.says('Show!');
    await soon(() => page.driver.executeScript<string[]>('return window.counted.join(" ")')).toMatch(
      /^([321] )+Show!$/,
    );
    await page.press('g');
    await page.driver.executeScript("document.querySelector('.think input').focus()");
    await page.press(Key.END);
    await page.until('thirty seconds', async () => (await ofRound()).thinkSeconds === 30);
    await page.driver.executeScript('document.activeElement.blur()');
    await page.press('g');
    await page.press(Key.BACK_SPACE);
    await phase('think');
    const left = Number(await page.text('.think .left'));
    expect(left).toBeGreaterThan(10);
    expect(left).toBeLessThanOrEqual(30);
  });

  it('a time is asked in digits, in words, in both, or by voice alone', async () => {
    await pickRound('set', 'mouse');
    const asked = async (): Promise<string> => (await page.text('.task')).replace(/\s+/g, ' ');
    for (const [prompt, words] of [
      ['both', /Show me 3 o’clock 3:00$/],
      ['digits', /Show me 3:00$/],
      ['words', /Show me 3 o’clock$/],
      ['spoken', /^Listen to the time\.$/],
    ] as const) {
      await page.press('g');
      await (await page.find(`.round-plan [data-pill="prompt ${prompt}"]`)).click();
      await page.until('it is kept', async () => (await ofRound()).prompt === prompt);
      await page.press('g');
      await soon(asked).toMatch(words);
    }
    await page.press('g');
    await (await page.find('.round-plan [data-pill="prompt both"]')).click();
    await page.until('it is kept', async () => (await ofRound()).prompt === 'both');
    await page.press('g');
  });

  it('the order is changed in the middle by drag-and-drop’s keys, and a time is left out', async () => {
    await endRound();
    await board.open();
    await page.press('g');
    await page.tap('Show me: 6');
    await phase('ask');
    const before = (await ofRound()).entries.map(({ item }) => timeAsked(item));
    await page.press('g');
    await page.driver.executeScript("document.querySelector('.round-plan li:first-child .grip').focus()");
    await page.press(Key.ARROW_DOWN);
    const moved = [before[0], before[2], before[1], ...before.slice(3)];
    await page.until('it is asked later', async () => {
      const now = (await ofRound()).entries.map(({ item }) => timeAsked(item));
      return now.join() === moved.join();
    });
    await (await page.find('.round-plan li:last-child .round-button:last-child')).click();
    await page.until('the last is left out', async () => (await ofRound()).entries.length === 5);
    const grips = await page.all('.round-plan .grip');
    await page.driver
      .actions({ async: true })
      .move({ origin: grips[2]! })
      .press()
      .move({ origin: grips[2]!, y: -20, duration: 150 })
      .move({ origin: grips[0]!, y: -10, duration: 300 })
      .release()
      .perform();
    await page.until('dragged to the front', async () => timeAsked((await ofRound()).entries[1]!.item) === moved[3]);
    await page.press('g');
    await toMissed();
    await page.press(' ');
    await page.says(`Show me`);
    await page.until('the one dragged is asked', async () => (await ofRound()).index === 1);
    // Nobody was tapped, so nobody was seen.
    expect(await answersTo(0)).toEqual([]);
  });

  it('one key says that all had it; what was missed comes once more, and with time left one more', async () => {
    await pickRound('read', 'mouse');
    await toMissed();
    await page.press('a');
    await page.until('the next is asked', async () => (await ofRound()).index === 1);
    await phase('ask');
    const answers = await answersTo(0);
    expect(answers).toHaveLength(22);
    expect(answers.every(({ verdict }) => verdict !== 'wrong')).toBe(true);
    await toMissed();
    await page.tap('Bram: nothing noted yet');
    await page.press(' ');
    await page.until('it is asked again', async () => (await ofRound()).index === 2);
    await phase('ask');
    await toMissed();
    await page.press('a');
    await phase('done');
    await page.shows('.done li', 3);
    await page.shows('.done li[data-origin="again"]', 1);
    await page.says('22 of 22');
    await page.says('21 of 22');
    await expectNoFault(browser.driver);
    await page.press('j');
    await phase('ask');
    const { entries, index } = await ofRound();
    expect([index, entries[3]!.origin]).toEqual([3, 'spare']);
    expect(entries.slice(0, 3).map(({ item }) => timeAsked(item))).not.toContain(timeAsked(entries[3]!.item));
    await page.press('e');
    await phase('done');
    await page.tap('3:00: 22 of 22. Look who missed it');
    await page.says('Who missed 3:00?');
    await page.tap('Cleo: had it');
    await page.button('Cleo: missed it');
    await page.tap('Does not count');
    await page.tap('Davi: had it');
    await page.button('Davi: nothing noted yet');
    await expectNoFault(browser.driver);
    await page.press(' ');
    await page.button('3:00: 20 of 21. Look who missed it');
    const says = (await answersTo(0)) as { childId: number; says: string | null; verdict: string }[];
    expect(
      says.filter((one) => one.says !== null).map(({ childId, verdict, says: said }) => [childId, verdict, said]),
    ).toEqual([
      [3, 'right', 'missed'],
      [4, 'right', 'out'],
    ]);
    // What was seen is in the record.
    await page.tap('See the class');
    await page.says('How each time went');
    await page.driver.get(`${hoppel.url}/class/2`);
    await page.says('tapped by you');
  });

  it('any answer of a child is corrected on its page, taken out, and stands again as it was given', async () => {
    await page.driver.get(`${hoppel.url}/class/3`);
    const first = '.answers .pair:first-child';
    const say = async (says: string): Promise<void> => {
      await (await page.find(`${first} .correct`)).click();
      const choice = await page.find(`[data-says="${says}"]`);
      await page.until('the menu is open', () => choice.isDisplayed());
      await choice.click();
    };
    await soon(() => page.text(first)).toContain('tapped by you');
    await say('out');
    await soon(() => page.text(first)).toContain('You say: does not count');
    await expectNoFault(browser.driver);
    await say('missed');
    await soon(() => page.text(first)).toContain('You say: missed it');
    await say('as-given');
    await soon(() => page.text(first)).toContain('tapped by you');
  });

  it('a surprise is made on the spot', async () => {
    await endRound();
    await board.open();
    await page.press('g');
    await tapByTouch(page.driver, await page.find('[data-task="yet"]'));
    await page.tap('Surprise');
    await phase('ask');
    const { entries } = await ofRound();
    expect(entries).toHaveLength(6);
    // Two kinds were chosen, asked in turn.
    expect(new Set(entries.map(({ item }) => item.kind))).toEqual(new Set(['set', 'yet']));
  });
  it('a board that cannot reach Hoppel says so and keeps what was tapped', async () => {
    await pickRound('set', 'mouse');
    await toMissed();
    await page.tap('Davi: nothing noted yet');
    await hoppel.stop();
    await page.press(' ');
    await page.says('Not stored yet: Hoppel does not answer.');
    await page.button('Davi: missed it');
    await hoppel.start();
    await page.until('it goes on', async () => {
      await page.press(' ');
      return (await ofRound()).index === 1;
    });
  });

  it('quarters have rings to be tapped once the class has met them', async () => {
    await endRound();
    const unit = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as {
      plan: { version: number };
      lessons: { id: number; number: number; skills: string[] }[];
    };
    const change = { kind: 'insert', after: 8, what: 'again', skills: ['quarter-past', 'quarter-to'], rules: [] };
    const inserted = await fetch(`${hoppel.url}/api/plan/changes`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ id: newId(), version: unit.plan.version, change }),
    });
    expect([inserted.status, inserted.ok ? '' : await inserted.text()]).toEqual([200, '']);
    const after = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as typeof unit;
    await board.open(`/board/${after.lessons[8]!.id}`);
    await page.press('g');
    await page.shows('.rings .brick', 24);
    await page.tap('3:15 · 3:45');
    await page.shows('.rings .brick', 24);
    await expectNoFault(browser.driver);
    await tapByTouch(page.driver, await page.find('.rings [aria-label^="quarter to 3"]'));
    await soon(() => page.text('.rings .centre')).toBe('1');
  });

  it('what children do by themselves is asked as they see it: no hand stands there before the answer is opened', async () => {
    await endRound();
    const { lessons } = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as {
      lessons: { id: number; segments: { kind: string; items: { kind: string }[] }[] }[];
    };
    const [place] = lessons.flatMap(({ id, segments }) =>
      segments.flatMap(({ kind, items }, at) =>
        kind === 'alone' && items.some((item) => item.kind === 'draw') ? [{ id, at, items }] : [],
      ),
    );
    await board.open(`/board/${place!.id}?segment=${place!.at}`);
    for (const [index, { kind }] of place!.items.entries()) {
      await page.until(`task ${index + 1}`, async () => (await page.attribute('.board', 'data-task')) === kind);
      const isAsked = kind === 'draw' || kind === 'set';
      expect(await page.all('.board .hand.hour')).toHaveLength(isAsked ? 0 : 1);
      if (isAsked) {
        await soon(() => page.text('.task')).toMatch(/Draw|Show me/);
        await page.press(' ');
        await page.until('the hands are there', async () => (await page.all('.board .hand.hour')).length === 1);
        await page.shows('.lid', 3);
      }
      for (let card = 0; card < 3; card++) await page.press(' ');
      await page.shows('.lid', 0);
      if (index === 0) await expectNoFault(browser.driver);
      await page.press(' ');
    }
  });

  it('the ticket of a lesson about judging clocks asks for judgements, and for other things that were taught', async () => {
    await endRound();
    const { lessons } = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as {
      lessons: { key: string; id: number; segments: { kind: string; items: { kind: string }[] }[] }[];
    };
    const lesson = lessons.find(({ key }) => key === 'judge-clock')!;
    const at = lesson.segments.findIndex(({ kind }) => kind === 'ticket');
    await page.driver.get(`${hoppel.url}/board/${lesson.id}?segment=${at}`);
    await page.find('.board svg.judged');
    await page.press('g');
    await (await page.find(`.round-tray [data-part="${at}"]`)).click();
    await phase('ask');
    const { entries } = await ofRound();
    expect(entries.length).toBeGreaterThan(3);
    expect(new Set(entries.map(({ item }) => item.kind))).toEqual(new Set(['judge-clock', 'read', 'draw']));
    await page.press('e');
    await phase('done');
    await page.shows('.done svg.judged', entries.filter(({ item }) => item.kind === 'judge-clock').length);
    await expectNoFault(browser.driver);
  });

  it('a lesson about the hour hand asks with that hand alone, and has one answer', async () => {
    await endRound();
    const { lessons } = (await (await fetch(`${hoppel.url}/api/classroom`)).json()) as {
      lessons: { id: number; segments: { kind: string; items: { kind: string }[] }[] }[];
    };
    const places = lessons.flatMap(({ id, segments }) =>
      segments.flatMap(({ items }, at) => (items.some(({ kind }) => kind === 'hour-hand') ? [{ id, at }] : [])),
    );
    const { id, at } = places[0]!;
    await board.open(`/board/${id}?segment=${at}`);
    await page.press('g');
    await (await page.find(`.round-tray [data-part="${at}"]`)).click();
    await phase('ask');
    await soon(() => page.text('.task')).toContain('Which hour?');
    expect(
      [await page.all('.board .hand.hour'), await page.all('.board .hand.minute')].map((one) => one.length),
    ).toEqual([1, 0]);
    for (const reached of ['think', 'show', 'reveal']) await next(reached);
    await page.press(' ');
    await page.until('the answer', async () => /The hour hand/.test(await page.text('.one-answer .answer')));
  });
});
