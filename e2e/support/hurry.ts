import type { Browser } from './browser.ts';

/** Timers at least this long, and shorter than the next, are made so many times shorter: what a child has to look at, and no retry. */
const FROM_MS = 1000;
const TO_MS = 5000;
const TIMES = 5;

/** For pages opened from now on: what is shown for a second or more is shown for less. For where the moment itself is not tested. */
export const hurry = ({ driver }: Browser): Promise<void> =>
  driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
    source: `
      const real = window.setTimeout;
      window.setTimeout = (work, ms, ...rest) =>
        real(work, ms >= ${FROM_MS} && ms < ${TO_MS} ? ms / ${TIMES} : ms, ...rest);`,
  });
