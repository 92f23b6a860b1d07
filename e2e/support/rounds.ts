import { Key } from 'selenium-webdriver';
import type { Round } from '../../contract/index.ts';
import { ROUND_TASKS, type RoundTask } from '../../core/rounds/index.ts';
import { atBoard } from './board.ts';
import { tapByTouch, type Page } from './page.ts';

/** Rounds on a teacher's board: made, moved on, looked into. */
export const roundsOn = (page: Page, url: string) => {
  const board = atBoard(page, url);
  const ofRound = async (): Promise<Round> =>
    ((await (await fetch(`${url}/api/board`)).json()) as { round: Round }).round;
  /** The answers that count to one of its tasks. */
  const answersTo = async (index: number): Promise<{ childId: number; verdict: string }[]> => {
    const reply = await fetch(`${url}/api/rounds/${(await ofRound()).id}/answers/${index}`);
    return (await reply.json()) as { childId: number; verdict: string }[];
  };
  const phase = (name: string): Promise<unknown> =>
    page.until(`the board is at ${name}`, async () => (await page.attribute('.board', 'data-phase')) === name);
  const next = async (reached: string): Promise<void> => {
    await page.press(' ');
    await phase(reached);
  };
  /** Makes a round at 3:00 and 8:00, picked on the wheel, on the board of today's lesson. */
  const pickRound = async (task: RoundTask, by: 'mouse' | 'finger' | 'keys'): Promise<Round> => {
    await endRound();
    await board.open();
    await page.press('g');
    /** "Show me" is chosen already; another kind is added, and "show me" taken away. */
    const chosen: readonly RoundTask[] = task === 'set' ? [] : [task, 'set'];
    const bricks = ['3 o’clock', '8 o’clock'].map((time) => `.rings [aria-label="${time}"]`);
    if (by === 'keys') {
      for (const kind of chosen) {
        await page.driver.executeScript("document.querySelector('.tasks button').focus()");
        for (let place = 0; place < ROUND_TASKS.indexOf(kind); place++) await page.press(Key.TAB);
        await page.press(' ');
      }
      for (const brick of bricks) {
        await page.driver.executeScript(`document.querySelector('${brick}').focus()`);
        await page.press(Key.ENTER);
      }
      await page.driver.executeScript("[...document.querySelectorAll('.round-tray .end button')].at(-1).focus()");
      await page.press(Key.ENTER);
    } else {
      const tap = async (css: string): Promise<void> => {
        const element = await page.find(css);
        await (by === 'mouse' ? element.click() : tapByTouch(page.driver, element));
      };
      for (const kind of chosen) await tap(`[data-task="${kind}"]`);
      for (const brick of bricks) await tap(brick);
      await tap('.round-tray .end button:last-child');
    }
    await phase('ask');
    await page.driver.executeScript('document.activeElement.blur()');
    return ofRound();
  };
  /** A move of the board's that is still on its way may come first: the end is said again then. */
  const endRound = async (): Promise<void> => {
    for (let round = await ofRound(); round !== null && !round.closed; round = await ofRound())
      await fetch(`${url}/api/rounds/${round.id}/moves`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ move: 'end', version: round.version }),
      });
  };
  return { ofRound, answersTo, phase, next, pickRound, endRound };
};
