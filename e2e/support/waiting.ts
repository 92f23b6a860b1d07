import { error, type WebDriver } from 'selenium-webdriver';

const WAIT_MS = 20_000;
/** Milliseconds between two looks. */
const LOOK_AGAIN_MS = 40;
/** Milliseconds a page looks by itself, before it is asked again. */
const IN_PAGE_MS = 2000;

/** Waits until something asked again and again is so. @throws TimeoutError with what was waited for */
export const waitUntil = async (
  driver: WebDriver,
  what: string,
  holds: () => Promise<boolean>,
  ms = WAIT_MS,
): Promise<void> => {
  await driver.wait(holds, ms, what, LOOK_AGAIN_MS);
};

/** The page was left, or drawn anew, while it looked. */
const isGone = (thrown: unknown): boolean =>
  thrown instanceof error.StaleElementReferenceError ||
  (thrown instanceof error.JavascriptError && /unloaded|navigat/.test(thrown.message));

/**
 * What a page has to say to a question once it has: the page itself looks again and again, for each command from outside costs ten
 * milliseconds of a processor.
 * @param question body of a function in the page; `undefined` or null: not yet
 */
export const answerOf = async <T>(
  driver: WebDriver,
  what: string,
  question: string,
  ...told: readonly unknown[]
): Promise<T> => {
  const end = Date.now() + WAIT_MS;
  while (Date.now() < end)
    try {
      const answer = await driver.executeAsyncScript<T | null>(
        `const [told, done] = arguments;
         const ask = (...arguments) => { ${question} };
         const end = performance.now() + ${IN_PAGE_MS};
         const look = () => {
           const answer = ask(...told) ?? null;
           if (answer !== null || performance.now() > end) done(answer);
           else setTimeout(look, ${LOOK_AGAIN_MS});
         };
         look();`,
        told,
      );
      if (answer !== null) return answer;
    } catch (thrown) {
      if (!isGone(thrown)) throw thrown;
    }
  throw new error.TimeoutError(what);
};
