import { By, error, until, type WebDriver, type WebElement } from 'selenium-webdriver';
import { createRequire } from 'node:module';
import type { Browser } from './browser.ts';

const WAIT_MS = 20_000;
/** Milliseconds between two looks. */
const LOOK_AGAIN_MS = 40;

/** Something that moves lies over it, it is only just coming, or it was drawn anew meanwhile: a person waits and taps then. */
const isTooSoon = (thrown: unknown): boolean =>
  thrown instanceof error.ElementClickInterceptedError ||
  thrown instanceof error.ElementNotInteractableError ||
  thrown instanceof error.StaleElementReferenceError;

/** Finds things on a page by what a person sees or hears. */
export const onPage = ({ driver }: Browser) => {
  const find = (css: string): Promise<WebElement> =>
    Promise.resolve(driver.wait(until.elementLocated(By.css(css)), WAIT_MS, `nothing like ${css}`, LOOK_AGAIN_MS));
  const literal = (text: string): string => `concat('', "${text.split('"').join(`", '"', "`)}")`;
  const named = (what: string, name: string): By =>
    By.xpath(`//${what}[contains(normalize-space(.), ${literal(name)}) or contains(@aria-label, ${literal(name)})]`);
  const button = (name: string): Promise<WebElement> =>
    Promise.resolve(
      driver.wait(
        until.elementLocated(
          named(
            "*[self::button or self::a or self::label or self::summary or contains(concat(' ', @class, ' '), ' v-list-item ')]",
            name,
          ),
        ),
        WAIT_MS,
        `no button ${name}`,
        LOOK_AGAIN_MS,
      ),
    );
  /**
   * What something on the page says, as a person reads it; none while there is no such thing. Read in the page: the driver's own way
   * asks each element by itself whether it can be seen, which takes up to a second where the machine is busy.
   */
  const read = (css: string): Promise<string | null> =>
    driver.executeScript(
      `const found = document.querySelector(arguments[0]);
       const drawn = (one) => [...one.querySelectorAll('text')].map((text) => text.textContent.trim()).join('\\n');
       return found && (found instanceof SVGElement ? drawn(found) || found.textContent : found.innerText).trim();`,
      css,
    );
  const text = async (css = 'body'): Promise<string> => {
    let said: string | null = null;
    await driver.wait(async () => (said = await read(css)) !== null, WAIT_MS, `nothing like ${css}`, LOOK_AGAIN_MS);
    return said!;
  };
  return {
    driver,
    find,
    button,
    text,
    all: (css: string): Promise<WebElement[]> => driver.findElements(By.css(css)),
    /** Waits until so many of these are on the page. */
    shows: async (css: string, count: number): Promise<void> => {
      const isSo = async (): Promise<boolean> => (await driver.findElements(By.css(css))).length === count;
      await driver.wait(isSo, WAIT_MS, `never ${count} of ${css}`, LOOK_AGAIN_MS);
    },
    /** Waits until the page says this. */
    says: (words: string): Promise<unknown> =>
      Promise.resolve(
        driver.wait(
          async () => (await read('body'))!.includes(words),
          WAIT_MS,
          `the page never says "${words}"`,
          LOOK_AGAIN_MS,
        ),
      ),
    /** Waits for a condition, asked again and again. */
    until: (what: string, holds: () => Promise<boolean>, ms = WAIT_MS): Promise<unknown> =>
      Promise.resolve(driver.wait(() => holds().catch(() => false), ms, what, LOOK_AGAIN_MS)),
    press: async (...keys: string[]): Promise<void> => {
      await driver
        .actions()
        .sendKeys(...keys)
        .perform();
    },
    tap: async (name: string): Promise<void> => {
      const press = async (): Promise<boolean> => {
        const found = await button(name);
        try {
          if (!(await found.isDisplayed())) return false;
          await found.click();
        } catch (thrown) {
          if (isTooSoon(thrown)) return false;
          throw thrown;
        }
        return true;
      };
      await driver.wait(press, WAIT_MS, `${name} cannot be tapped`, LOOK_AGAIN_MS);
    },
    /** Does something with what is found, once more where it came too soon. */
    steadily: async (act: () => Promise<unknown>): Promise<void> => {
      const once = async (): Promise<boolean> => {
        try {
          await act();
        } catch (thrown) {
          if (isTooSoon(thrown)) return false;
          throw thrown;
        }
        return true;
      };
      await driver.wait(once, WAIT_MS, 'it moves or is drawn anew for ever', LOOK_AGAIN_MS);
    },
    /** Read again where it was drawn anew between the finding and the reading. */
    attribute: async (css: string, name: string): Promise<string> => {
      let value = '';
      const readOnce = async (): Promise<boolean> => {
        try {
          value = String(await (await find(css)).getAttribute(name));
        } catch (thrown) {
          if (thrown instanceof error.StaleElementReferenceError) return false;
          throw thrown;
        }
        return true;
      };
      await driver.wait(readOnce, WAIT_MS, `${css} is drawn anew for ever`, LOOK_AGAIN_MS);
      return value;
    },
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
