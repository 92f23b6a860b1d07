import type { Browser } from './browser.ts';
import type { Page } from './page.ts';

interface Notes {
  /** Which document they are of. */
  readonly of: number;
  readonly all: readonly {
    readonly status?: string;
    readonly message?: string;
    readonly hands?: readonly number[];
    readonly understood?: number;
  }[];
}
type Note = Notes['all'][number];

/** For pages opened from now on: a child's task notes each status, message, place of its hands and how many drawn ones were understood. */
export const takeNotes = ({ driver }: Browser): Promise<void> =>
  driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
    source: `
      const notes = (window.notes = { of: Math.random(), all: [] });
      const last = {};
      const note = (name, value) => {
        if (JSON.stringify(value) === last[name]) return;
        last[name] = JSON.stringify(value);
        notes.all.push({ [name]: value });
      };
      const turned = (hand) => {
        const drawn = document.querySelector('.groove-clock .hand.' + hand)?.getAttribute('transform');
        return Number(/rotate\\(([-\\d.e]+)/.exec(drawn ?? '')?.[1]);
      };
      new MutationObserver(() => {
        const task = document.querySelector('.task');
        if (task === null) return;
        note('status', task.dataset.status);
        note('message', task.querySelector('.right [role=status]:not(:empty)')?.textContent.trim() ?? '');
        note('understood', Number(task.querySelector('.understood')?.dataset.understood ?? 0));
        note('hands', [turned('hour'), turned('minute')]);
      }).observe(document, { subtree: true, childList: true, attributes: true, characterData: true });`,
  });

/**
 * Waits for what a page showed, one thing after the other, were it for a moment: a look from outside comes too late where this machine
 * is busy.
 */
export const noticedOn = (page: Page) => {
  let of: number | undefined;
  let read = 0;
  const wait = (what: string, fits: (one: Note) => boolean): Promise<unknown> =>
    page.until(what, async () => {
      // Only what was not read yet: a task notes hundreds of places of its hands.
      const notes = await page.driver.executeScript<Notes>(
        `const { of, all } = window.notes;
         return { of, all: of === arguments[0] ? all.slice(arguments[1]) : all };`,
        of,
        read,
      );
      if (notes.of !== of) [of, read] = [notes.of, 0];
      const found = notes.all.findIndex(fits);
      if (found < 0) return false;
      read += found + 1;
      return true;
    });
  return {
    status: (wanted: string) => wait(`the task is ${wanted}`, ({ status }) => status === wanted),
    message: (wanted: string) => wait(`it says "${wanted}"`, ({ message }) => message?.includes(wanted) === true),
    /** Hands laid over a drawing. */
    understood: (hands: number) => wait(`${hands} hands were understood`, ({ understood }) => understood === hands),
    /** Degrees clockwise from 12. */
    hands: (wanted: { hour: number; minute: number }) =>
      wait(
        `the hands stand at ${JSON.stringify(wanted)}`,
        ({ hands }) =>
          hands !== undefined && Math.abs(hands[0]! - wanted.hour) < 1e-9 && Math.abs(hands[1]! - wanted.minute) < 1e-9,
      ),
  };
};
