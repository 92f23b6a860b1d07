import { Key } from 'selenium-webdriver';
import { gearedAngles, hourOf, turnBetween, wrapToDial, type Hand } from '../../core/clock/index.ts';
import { CLOCK_PARTS, UNITS, faultsOf, rightAnswers, type Answer, type Item } from '../../core/items/index.ts';
import { regionOf, tilesOf } from '../../core/asking/index.ts';
import { digital } from '../../core/wording/index.ts';
import { DEFAULT_CONVENTIONS } from '../../core/conventions/index.ts';
import { dragByTouch, drawByTouch, sweep, tapByTouch, type Page } from './page.ts';

/** Milliseconds after which a child taps again. */
const ASTRAY_MS = 3000;

/** How a child answers: with a finger, or with arrow keys and Enter alone, as a switch sends them. */
export type By = 'touch' | 'keys';

/** A plain wrong answer to an item: another option, another hour. */
export const wrongAnswer = (item: Item): Answer => {
  switch (item.kind) {
    case 'name-part':
      return { kind: 'part', part: CLOCK_PARTS.find((part) => part !== item.part)! };
    case 'direction':
      return { kind: 'direction', direction: 'anticlockwise' };
    case 'hour-hand':
      return { kind: 'hour', hour: (hourOf(item.shown) % 12) + 1 };
    case 'choose-words':
    case 'digits-to-words':
    case 'which-of':
    case 'choose-clock':
    case 'choose-writings': {
      const right = rightAnswers(item)[0] as Extract<Answer, { kind: 'choice' }>;
      return { kind: 'choice', chosen: [item.options.findIndex((_, place) => !right.chosen.includes(place))] };
    }
    case 'write-digital':
      return { kind: 'text', text: digital(item.shown, DEFAULT_CONVENTIONS).replace(':', '') };
    case 'pair': {
      const right = rightAnswers(item)[0] as Extract<Answer, { kind: 'pairs' }>;
      return {
        kind: 'pairs',
        pairs: right.pairs.map((pair, i) => ({ ...pair, words: right.pairs[(i + 1) % 3]!.words })),
      };
    }
    case 'yet': {
      const right = rightAnswers(item)[0] as Extract<Answer, { kind: 'yes-no' }>;
      return { kind: 'yes-no', yes: !right.yes };
    }
    case 'judge-clock':
      return faultsOf(item.clock).length > 0
        ? { kind: 'judgement', possible: true }
        : { kind: 'judgement', possible: false, fault: 'hands-disagree' };
    case 'how-long': {
      const right = rightAnswers(item)[0] as Extract<Answer, { kind: 'unit' }>;
      return { kind: 'unit', unit: UNITS.find((unit) => unit !== right.unit)! };
    }
    case 'day-order': {
      const right = rightAnswers(item)[0] as Extract<Answer, { kind: 'order' }>;
      return { kind: 'order', order: [...right.order].reverse() };
    }
    default:
      return rightAnswers({ ...item, shown: wrapToDial(item.shown + 180) })[0]!;
  }
};

/** Answers on a child's tablet, as a child would: through what is on the screen. */
export const answeringOn = (page: Page, by: By) => {
  const { driver } = page;
  /** Where the keys are: at something, on a clock or hand that arrows turn, or how many steps of the page's order before it. */
  const whereTo = (css: string): Promise<{ there: boolean; turns: boolean; ahead: number }> =>
    driver.executeScript(
      `const at = document.activeElement;
       const turning = '[role="slider"], [role="application"]';
       const all = [...document.querySelectorAll('main :is(a[href], button, [tabindex="0"])')].filter((one) => one.getClientRects().length > 0);
       const way = all.slice(all.indexOf(at) + 1);
       const place = way.findIndex((one) => one.matches(arguments[0]) || one.matches(turning));
       // The last step onto a clock is taken by itself: one too many would turn it.
       const ahead = place > 0 && way[place].matches(turning) ? place : place + 1;
       return { there: at.matches(arguments[0]), turns: at.matches(turning), ahead: all.includes(at) ? ahead : 1 };`,
      css,
    );
  /** Goes to something by arrow keys alone. */
  const goTo = async (css: string): Promise<void> => {
    await page.find(css);
    for (let steps = 0; steps < 60; steps++) {
      const { there, turns, ahead } = await whereTo(css);
      if (there) return;
      // On a clock or a hand arrows turn it: there Enter goes on.
      if (turns) await page.press(Key.ENTER);
      else await page.press(...Array.from({ length: Math.max(1, ahead) }, () => Key.ARROW_RIGHT));
    }
    throw new Error(`arrow keys never come to ${css}`);
  };
  /** What a tap on something changes: whether it is chosen, where the child is, what became of its answer. */
  const seen = (css: string): Promise<string> =>
    driver.executeScript(
      `const task = document.querySelector('.task');
       const place = task === null ? '' : task.dataset.status + task.querySelector('.stones').getAttribute('aria-label');
       return place + document.querySelector(arguments[0])?.getAttribute('aria-pressed');`,
      css,
    );
  /**
   * Taps, and once more where nothing came of it, as a child does: on a busy machine a tap can go astray. That one is heard at once after a
   * flick is tested by itself.
   */
  const tap = async (css: string): Promise<void> => {
    const element = await page.find(css);
    const before = await seen(css);
    await tapByTouch(driver, element);
    const tells = css === '.done' || before.endsWith('true') || before.endsWith('false');
    if (!tells) return;
    const isHeard = async (): Promise<boolean> => (await seen(css)) !== before;
    await page.until(`${css} is heard`, isHeard, ASTRAY_MS).catch(async () => tapByTouch(driver, await page.find(css)));
  };
  const use = async (css: string): Promise<void> => {
    if (by === 'touch') return tap(css);
    await goTo(css);
    await page.press(Key.ENTER);
  };
  const useAll = async (all: readonly string[]): Promise<void> => {
    for (const css of all) await use(css);
  };
  const pressMany = async (key: string, times: number): Promise<void> => {
    if (times > 0) await page.press(...Array.from({ length: times }, () => key));
  };

  const setGeared = async (to: number): Promise<void> => {
    const clock = await page.find('.groove-clock svg');
    if (by === 'keys') await goTo('.groove-clock svg');
    const now = Number(await clock.getAttribute('aria-valuenow'));
    const left = ((to - now + 1080) % 720) - 360;
    if (by === 'keys') {
      await pressMany(left > 0 ? Key.ARROW_RIGHT : Key.ARROW_LEFT, Math.abs(left) / 5);
    } else {
      const from = gearedAngles(now).minute;
      await dragByTouch(driver, clock, {
        from: { degrees: from, reach: 112 },
        over: sweep(from, from + left * 6),
        reach: 112,
      });
    }
    await page.until('the clock is set', async () => Number(await clock.getAttribute('aria-valuenow')) === to);
  };
  const angleOf = async (hand: Hand): Promise<number> =>
    Number(await page.attribute(`[data-hand="${hand}"]`, 'aria-valuenow'));
  /** Puts the hands there are, each by itself. */
  const setFree = async (to: Partial<Record<Hand, number>>): Promise<void> => {
    const reach = { hour: 44, minute: 82 };
    // By keys both hands come one after the other in their order; the longer one is easier to take first by a finger.
    for (const hand of by === 'keys' ? (['hour', 'minute'] as const) : (['minute', 'hour'] as const)) {
      const target = to[hand];
      if (target === undefined) continue;
      if (by === 'keys') await goTo(`[data-hand="${hand}"]`);
      const from = await angleOf(hand);
      const way = turnBetween(from, target);
      if (by === 'keys') {
        await pressMany(way > 0 ? Key.ARROW_RIGHT : Key.ARROW_LEFT, Math.round(Math.abs(way) / 6));
      } else if (Math.abs(way) > 1) {
        await dragByTouch(driver, await page.find('.unhooked'), {
          from: { degrees: from, reach: reach[hand] },
          over: sweep(from, from + way),
          reach: reach[hand],
        });
      }
      await page.until(`the ${hand} hand is set`, async () => Math.abs(turnBetween(await angleOf(hand), target)) <= 3);
    }
  };
  const draw = async (hands: readonly { angle: number; reach: number }[]): Promise<void> => {
    if (by === 'touch') {
      const pad = await page.find('.draw');
      for (const { angle, reach } of hands) await drawByTouch(driver, pad, angle, reach);
      return;
    }
    await goTo('.draw');
    let at = 0;
    for (const [i, { angle }] of hands.entries()) {
      const steps = Math.round(((((angle - at) % 360) + 360) % 360) / 6);
      await pressMany(Key.ARROW_RIGHT, steps);
      at += steps * 6;
      await page.press(i === 0 ? Key.ARROW_DOWN : Key.ARROW_UP, Key.ENTER);
    }
  };
  const putPairs = async (pairs: readonly { digits: number; words: number }[]): Promise<void> => {
    for (const kind of ['digits', 'words'] as const)
      for (const [clock, pair] of pairs.entries())
        await useAll([`[data-piece="${kind} ${pair[kind]}"]`, `[data-slot="${kind} ${clock}"]`]);
  };

  const give = async (item: Item, answer: Answer): Promise<void> => {
    switch (answer.kind) {
      case 'part':
        return use(`[data-option="${answer.part}"]`);
      case 'direction':
        return use(`[data-option="${answer.direction}"]`);
      case 'hour':
        return use(`[data-option="${answer.hour}"]`);
      case 'unit':
        return use(`[data-option="${answer.unit}"]`);
      case 'choice':
        return useAll(answer.chosen.map((place) => `[data-option="${place}"]`));
      case 'order':
        return useAll(answer.order.map((place) => `[data-option="${place}"]`));
      case 'yes-no':
        return use(`[data-option="${answer.yes ? 'yes' : 'not'}"]`);
      case 'judgement':
        return use(`[data-option="${answer.possible ? 'possible' : regionOf(answer.fault ?? 'hands-disagree')}"]`);
      case 'text':
        if (item.kind === 'write-digital' || item.kind === 'words-to-digits')
          return useAll([...answer.text].map((one) => `[data-key="${one === ':' ? 'colon' : one}"]`));
        throw new Error('words are put together from tiles');
      case 'time':
        return useAll(tilesOf(answer.time, DEFAULT_CONVENTIONS).map((word) => `[data-word="${word}"]`));
      case 'hands':
        return item.kind === 'set' ? setGeared((Math.round(answer.hour * 2) + 720) % 720) : setFree(answer);
      case 'hour-angle':
        return setFree({ hour: answer.angle });
      case 'drawn':
        return draw(answer.hands);
      case 'pairs':
        return putPairs(answer.pairs);
      default:
        throw new Error(`nobody gives ${answer.kind} on a tablet`);
    }
  };
  /** Where the hands of a clock that is set stand: minutes or degrees; empty where no clock is set. */
  const handsSet = (): Promise<string> =>
    driver.executeScript(
      `return [...document.querySelectorAll('.body [data-hand], .groove-clock svg')].map((one) => one.getAttribute('aria-valuenow')).join(' ');`,
    );
  let began = '';
  return {
    goTo,
    use,
    /** Gives an answer and hands it in. */
    give: async (item: Item, answer: Answer): Promise<void> => {
      const isWords = item.kind === 'read' || item.kind === 'write-words';
      // Words are told by their time.
      const told: Answer =
        isWords && answer.kind === 'text' ? { kind: 'time', time: timeOfWords(item, answer) } : answer;
      began = await handsSet();
      await give(item, told);
      await use('.done');
    },
    /** Takes everything back. */
    clear: async (): Promise<void> => {
      for (let taps = 0; taps < 9; taps++) {
        const isEmpty = (await page.all('.body [aria-pressed="true"]')).length === 0;
        if (isEmpty && (await page.attribute('.done', 'aria-disabled')) === 'true') return;
        await use('.undo');
        // A clock that is set goes back to its start at once; a hand must not be taken where it stood before.
        if (began !== '')
          return void (await page.until('the clock is as it began', async () => (await handsSet()) === began));
      }
    },
  };
};

const timeOfWords = (item: Item & { shown?: number }, answer: Extract<Answer, { kind: 'text' }>) =>
  wrapToDial(answer.text === (rightAnswers(item)[0] as { text?: string }).text ? item.shown! : item.shown! + 180);
