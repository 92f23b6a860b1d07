import { Key } from 'selenium-webdriver';
import type { Page } from './page.ts';

/** What has the keys: its name as it is heard, and whether it is seen to have them. */
interface Held {
  readonly name: string;
  readonly seen: boolean;
}

/** Stops a person comes by at most before it counts as lost. */
const MOST = 160;

/** Goes about a page by keys alone, and notes where it was not seen what has them. */
export const byKeys = (page: Page) => {
  const unseen = new Set<string>();
  const held = (): Promise<Held> =>
    page.driver.executeAsyncScript<Held>(`
      const done = arguments[0];
      // What comes to look so by a change is so a moment later, where motion is not wished too.
      requestAnimationFrame(() => requestAnimationFrame(() => {
      const one = document.activeElement;
      const label = one.closest('label') ?? (one.id === '' ? null : document.querySelector('label[for="' + CSS.escape(one.id) + '"]'));
      const name = (one.getAttribute('aria-label') ?? (one.innerText?.trim() || label?.innerText || one.title || one.tagName)).trim();
      const look = getComputedStyle(one);
      const within = [...one.querySelectorAll('path, rect, circle')].some((part) => parseFloat(getComputedStyle(part).strokeWidth) >= 2.4);
      const around = one.closest('label, .v-field, .v-input');
      const seen = look.outlineStyle !== 'none' || within || (around !== null && (getComputedStyle(around).outlineStyle !== 'none' ||
        around.querySelector('.v-field--focused') !== null || around.matches('.v-field--focused')));
      done({ name, seen });
      }));`);
  /** Presses Tab (or another key) until something is reached whose name begins so. @throws Error where it never comes */
  const to = async (name: string, key: string = Key.TAB): Promise<void> => {
    const passed: string[] = [];
    for (let stop = 0; stop < MOST; stop++) {
      await page.press(key);
      const now = await held();
      if (!now.seen) unseen.add(now.name);
      if (now.name.startsWith(name)) return;
      passed.push(now.name.slice(0, 40));
    }
    throw new Error(`no key leads to ${name}; it goes by ${[...new Set(passed)].join(' | ')}`);
  };
  return {
    to,
    /** Goes there and presses it. */
    press: async (name: string, by: string = Key.ENTER): Promise<void> => {
      await to(name);
      await page.press(by);
    },
    held,
    /** Names of what had the keys and did not look so. */
    unseen: (): string[] => [...unseen],
  };
};
