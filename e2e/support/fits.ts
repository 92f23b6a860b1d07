import type { Browser } from './browser.ts';
import { soon } from './soon.ts';

/** Gives a page another size, in pixels; a screen of 1280 by 800 at 200 per cent is one of 640 by 400. */
export const giveSize = (driver: Browser['driver'], width: number, height: number): Promise<void> =>
  driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  });
/** The size of a window of the tests. */
export const giveBackSize = (driver: Browser['driver']): Promise<void> => giveSize(driver, 1280, 800);

/** Expects that nothing on the page runs off its right edge, whatever it says and however narrow it is. */
export const expectNothingRunsOff = (driver: Browser['driver']): Promise<void> =>
  soon(() =>
    driver.executeScript<string[]>(`
      const off = [...document.querySelectorAll('body *')].filter((one) => {
        const { width, right } = one.getBoundingClientRect();
        return width > 0 && right > innerWidth + 1;
      });
      return off.slice(0, 3).map((one) => one.outerHTML.slice(0, 100)).concat(
        document.documentElement.scrollWidth > innerWidth ? ['scrolls sideways'] : []);`),
  ).toEqual([]);

/** Expects that all that can be read or tapped can be brought into the window whole, or fills it: nothing is cut off for good. */
export const expectAllReached = (driver: Browser['driver']): Promise<void> =>
  soon(() =>
    driver.executeScript<string[]>(`
      const lost = [...document.querySelectorAll(':is(h1, h2, p, button, a, input, [role="slider"]):not(.only-heard)')].filter((one) => {
        one.scrollIntoView({ block: 'nearest', inline: 'nearest' });
        const { width, height, top, bottom, left, right } = one.getBoundingClientRect();
        if (!one.checkVisibility() || width === 0 || one.closest('.only-heard, .skip') !== null) return false;
        return left < -1 || right > innerWidth + 1 || top < -1 || (bottom > innerHeight + 1 && height < innerHeight);
      });
      return lost.slice(0, 3).map((one) => one.outerHTML.slice(0, 100));`),
  ).toEqual([]);
