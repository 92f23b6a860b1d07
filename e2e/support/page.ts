import { By, error, type WebDriver, type WebElement } from 'selenium-webdriver';
import { createRequire } from 'node:module';
import type { Browser } from './browser.ts';
import { answerOf, waitUntil } from './waiting.ts';

/** Something that moves lies over it, it is only just coming, or it was drawn anew meanwhile: a person waits and taps then. */
const isTooSoon = (thrown: unknown): boolean =>
  thrown instanceof error.ElementClickInterceptedError ||
  thrown instanceof error.ElementNotInteractableError ||
  thrown instanceof error.StaleElementReferenceError;

/** What can be tapped. */
const TAPPED = 'button, a, label, summary, .v-list-item';

/** Finds things on a page by what a person sees or hears. */
export const onPage = ({ driver }: Browser) => {
  const find = (css: string): Promise<WebElement> =>
    answerOf(driver, `nothing like ${css}`, 'return document.querySelector(arguments[0])', css);
  const button = (name: string): Promise<WebElement> =>
    answerOf(
      driver,
      `no button ${name}`,
      `const [css, name] = arguments;
       const said = (one) => one.textContent.replace(/[ \\t\\r\\n]+/g, ' ').trim();
       return [...document.querySelectorAll(css)].find(
         (one) => said(one).includes(name) || one.getAttribute('aria-label')?.includes(name));`,
      TAPPED,
      name,
    );
  /**
   * What something on the page says, as a person reads it. Read in the page: the driver's own way asks each element by itself whether
   * it can be seen, which takes up to a second where the machine is busy.
   */
  const text = (css = 'body'): Promise<string> =>
    answerOf(
      driver,
      `nothing like ${css}`,
      `const found = document.querySelector(arguments[0]);
       const drawn = (one) => [...one.querySelectorAll('text')].map((text) => text.textContent.trim()).join('\\n');
       return found && (found instanceof SVGElement ? drawn(found) || found.textContent : found.innerText).trim();`,
      css,
    );
  return {
    driver,
    find,
    button,
    text,
    all: (css: string): Promise<WebElement[]> => driver.findElements(By.css(css)),
    /** Waits until so many of these are on the page. */
    shows: (css: string, count: number): Promise<true> =>
      answerOf(
        driver,
        `never ${count} of ${css}`,
        'return document.querySelectorAll(arguments[0]).length === arguments[1] || null',
        css,
        count,
      ),
    /** Waits until the page says this. */
    says: (words: string): Promise<true> =>
      answerOf(
        driver,
        `the page never says "${words}"`,
        'return document.body?.innerText.includes(arguments[0]) || null',
        words,
      ),
    /** Waits for a condition, asked again and again. */
    until: (what: string, holds: () => Promise<boolean>, ms?: number): Promise<void> =>
      waitUntil(driver, what, () => holds().catch(() => false), ms),
    press: async (...keys: string[]): Promise<void> => {
      await driver
        .actions()
        .sendKeys(...keys)
        .perform();
    },
    tap: (name: string): Promise<void> =>
      waitUntil(driver, `${name} cannot be tapped`, async () => {
        const found = await button(name);
        try {
          if (!(await found.isDisplayed())) return false;
          await found.click();
        } catch (thrown) {
          if (isTooSoon(thrown)) return false;
          throw thrown;
        }
        return true;
      }),
    /** Does something with what is found, once more where it came too soon. */
    steadily: (act: () => Promise<unknown>): Promise<void> =>
      waitUntil(driver, 'it moves or is drawn anew for ever', async () => {
        try {
          await act();
        } catch (thrown) {
          if (isTooSoon(thrown)) return false;
          throw thrown;
        }
        return true;
      }),
    /** An attribute of something, once it has it; of a field, what stands in it, of a link, where it leads. */
    attribute: (css: string, name: string): Promise<string> =>
      answerOf(
        driver,
        `nothing like ${css}`,
        `const found = document.querySelector(arguments[0]);
         return ['value', 'href'].includes(arguments[1]) ? found?.[arguments[1]] : found?.getAttribute(arguments[1]);`,
        css,
        name,
      ),
  };
};
export type Page = ReturnType<typeof onPage>;

/** Degrees clockwise from 12 of each hand as it is drawn inside an element. */
export const drawnHands = async (driver: WebDriver, css: string): Promise<{ hour: number; minute: number }> =>
  driver.executeScript(
    `const of = (hand) => Number(/rotate\\(([-\\d.e]+)/.exec(document.querySelector(arguments[0] + ' .hand.' + hand).getAttribute('transform'))[1]);
     return { hour: of('hour'), minute: of('minute') };`,
    css,
  );

/** Waits until the hands inside an element have come to rest there: degrees clockwise from 12. */
export const handsStandAt = (page: Page, css: string, wanted: { hour: number; minute: number }): Promise<unknown> =>
  page.until(`the hands stand at ${JSON.stringify(wanted)}`, async () => {
    const drawn = await drawnHands(page.driver, css);
    return Math.abs(drawn.hour - wanted.hour) < 1e-9 && Math.abs(drawn.minute - wanted.minute) < 1e-9;
  });

/** Where a direction and distance on a clock lie, in pixels from the middle of its element; face units are 1/102 of half its width (or 1/130 for a child's clock with its groove). */
export const onClock = async (clock: WebElement, degrees: number, reach: number): Promise<{ x: number; y: number }> => {
  const { width } = await clock.getRect();
  const viewBox = String(await clock.getDomAttribute('viewBox'))
    .split(' ')
    .map(Number);
  const scale = width / viewBox[2]!;
  const radians = (degrees * Math.PI) / 180;
  return { x: Math.round(reach * scale * Math.sin(radians)), y: Math.round(-reach * scale * Math.cos(radians)) };
};

interface PointerInput {
  readonly Pointer: {
    new (name: string, type: string): TouchPointer;
    readonly Type: { readonly TOUCH: string; readonly PEN: string };
  };
}
interface TouchPointer {
  press(): unknown;
  release(): unknown;
  move(to: { origin: WebElement; x: number; y: number; duration: number }): unknown;
}
const input = createRequire(import.meta.url)('selenium-webdriver/lib/input.js') as PointerInput;

interface Stroke {
  readonly from: { degrees: number; reach: number };
  /** Directions passed on the way, so that more than half a turn is turned and not cut short. */
  readonly over: readonly number[];
  readonly reach: number;
}

/** Drags on a clock with a mouse. */
export const dragByMouse = async (
  driver: WebDriver,
  clock: WebElement,
  { from, over, reach }: Stroke,
): Promise<void> => {
  let actions = driver.actions({ async: true });
  actions = actions.move({ origin: clock, ...(await onClock(clock, from.degrees, from.reach)) }).press();
  for (const degrees of over)
    actions = actions.move({ origin: clock, ...(await onClock(clock, degrees, reach)), duration: 60 });
  await actions.release().perform();
};

/** Drags on a clock with a pointer that only touches while it is down. */
const dragBy =
  (name: string, type: string) =>
  async (driver: WebDriver, clock: WebElement, { from, over, reach }: Stroke): Promise<void> => {
    const pointer = new input.Pointer(name, type);
    const start = await onClock(clock, from.degrees, from.reach);
    const moves = [pointer.move({ origin: clock, ...start, duration: 0 }), pointer.press()];
    for (const degrees of over)
      moves.push(pointer.move({ origin: clock, ...(await onClock(clock, degrees, reach)), duration: 60 }));
    moves.push(pointer.release());
    const actions = driver.actions({ async: true }) as unknown as {
      insert(device: unknown, ...moves: unknown[]): { perform(): Promise<void> };
    };
    await actions.insert(pointer, ...moves).perform();
  };
export const dragByTouch = dragBy('finger', input.Pointer.Type.TOUCH);
export const dragByPen = dragBy('pen', input.Pointer.Type.PEN);

interface Inserting {
  insert(device: unknown, ...moves: unknown[]): Inserting;
  perform(): Promise<void>;
}
/** Taps an element with a finger. */
export const tapByTouch = async (driver: WebDriver, element: WebElement): Promise<void> => {
  const finger = new input.Pointer('finger', input.Pointer.Type.TOUCH);
  const moves = [finger.move({ origin: element, x: 0, y: 0, duration: 0 }), finger.press(), finger.release()];
  await (driver.actions({ async: true }) as unknown as Inserting).insert(finger, ...moves).perform();
};
/** Draws a line with a finger, from the middle of a clock outwards. */
export const drawByTouch = async (
  driver: WebDriver,
  clock: WebElement,
  degrees: number,
  reach: number,
): Promise<void> => {
  const finger = new input.Pointer('finger', input.Pointer.Type.TOUCH);
  const moves: unknown[] = [finger.move({ origin: clock, x: 0, y: 0, duration: 0 }), finger.press()];
  for (const share of [0.25, 0.5, 0.75, 1])
    moves.push(finger.move({ origin: clock, ...(await onClock(clock, degrees, reach * share)), duration: 60 }));
  moves.push(finger.release());
  await (driver.actions({ async: true }) as unknown as Inserting).insert(finger, ...moves).perform();
};
/** A finger flicks over a clock, lifted while it still moves, and taps something at once. */
export const flickAndTap = async (
  { driver }: Browser,
  clock: WebElement,
  [from, to]: readonly [degrees: number, degrees: number],
  tapped: WebElement,
): Promise<void> => {
  const middleOf = async (of: WebElement): Promise<{ x: number; y: number }> => {
    const { x, y, width, height } = await of.getRect();
    return { x: x + width / 2, y: y + height / 2 };
  };
  const [middle, button] = [await middleOf(clock), await middleOf(tapped)];
  const touch = async (type: string, at?: { x: number; y: number }): Promise<void> =>
    driver.sendDevToolsCommand('Input.dispatchTouchEvent', { type, touchPoints: at === undefined ? [] : [at] });
  const onFace = async (degrees: number): Promise<{ x: number; y: number }> => {
    const { x, y } = await onClock(clock, degrees, 70);
    return { x: middle.x + x, y: middle.y + y };
  };
  await touch('touchStart', await onFace(from));
  await touch('touchMove', await onFace(to));
  await touch('touchEnd');
  await touch('touchStart', button);
  await touch('touchEnd');
};
/** Two fingers drag on a clock at once, each by its own hand. */
export const dragByTwoFingers = async (
  driver: WebDriver,
  clock: WebElement,
  strokes: readonly Stroke[],
): Promise<void> => {
  let actions = driver.actions() as unknown as Inserting;
  for (const [i, { from, over, reach }] of strokes.entries()) {
    const finger = new input.Pointer(`finger ${i}`, input.Pointer.Type.TOUCH);
    const moves = [
      finger.move({ origin: clock, ...(await onClock(clock, from.degrees, from.reach)), duration: 0 }),
      finger.press(),
    ];
    for (const degrees of over)
      moves.push(finger.move({ origin: clock, ...(await onClock(clock, degrees, reach)), duration: 60 }));
    moves.push(finger.release());
    actions = actions.insert(finger, ...moves);
  }
  await actions.perform();
};

/** Directions every 30 degrees from one to another, clockwise when `to` is larger. */
export const sweep = (from: number, to: number): number[] => {
  const steps = Math.max(1, Math.round(Math.abs(to - from) / 30));
  return Array.from({ length: steps }, (_, i) => from + ((to - from) * (i + 1)) / steps);
};
