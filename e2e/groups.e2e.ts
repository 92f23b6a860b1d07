import { describe, expect, it } from '@jest/globals';
import { Key, Origin } from 'selenium-webdriver';
import type { Classroom, MaybeGroups, SmallGroup } from '../contract/index.ts';
import { expectNoFault } from './support/axe.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
const asked = async <T>(path: string): Promise<T> => (await fetch(`${hoppel.url}/api${path}`)).json() as Promise<T>;
const kept = async () => (await asked<MaybeGroups>('/groups')).view!.kept;
const groups = async (): Promise<readonly SmallGroup[]> => (await kept())?.groups ?? [];
const idOf = async (name: string): Promise<number> =>
  (await asked<Classroom>('/classroom')).children.find((child) => child.name === name)!.id;
const membersOf = async (id: number): Promise<number[]> =>
  (await groups()).find((group) => group.id === id)?.childIds ?? [];
const chip = (id: number) => page.find(`[data-child="${id}"]`);
/** Something in the open menu, as soon as it stands still. */
const choose = async (what: string): Promise<void> => {
  await page.until(`${what} stands`, async () => {
    const [item] = await page.all(`.v-overlay--active ${what}`);
    return item !== undefined && (await item.isDisplayed()) && (await item.getRect()).height >= 40;
  });
  await (await page.find(`.v-overlay--active ${what}`)).click();
};
const focused = (): Promise<string | null> =>
  page.driver.executeScript('return document.activeElement.getAttribute("data-child")');

describe('groups on the Class page', () => {
  it('are made from the last check by one tap: by need, the others on their own with something to do', async () => {
    await page.driver.get(`${hoppel.url}/class`);
    await page.tap('Groups');
    await page.says('From the check of Monday');
    await page.tap('Make groups');
    await page.says('Telling the hands apart');
    await page.says('On their own');
    await page.says('Worth doing meanwhile');
    const made = await groups();
    await page.shows('.group', made.length);
    for (const { id, childIds } of made) await page.shows(`[data-place="${id}"] [data-child]`, childIds.length);
    // Nobody is lost, and nobody is there twice.
    await page.shows('[data-child]', (await asked<Classroom>('/classroom')).children.length);
    await expectNoFault(page.driver);
  });
  it('need no scrolling at 1280 by 800', async () =>
    expect(await page.driver.executeScript('return document.documentElement.scrollHeight <= window.innerHeight')).toBe(
      true,
    ));
  it('are changed by the arrow keys: the child goes on to the next place, and the keys stay with it', async () => {
    const ada = await idOf('Ada');
    const made = await groups();
    const last = made.at(-1)!;
    await page.driver.executeScript(`document.querySelector('[data-child="${ada}"]').focus()`);
    // From "on their own" over "new group", where there is room for one, into the last group.
    await page.press(Key.ARROW_LEFT);
    await soon(groups).toHaveLength(made.length + 1);
    await soon(focused).toBe(String(ada));
    await page.press(Key.ARROW_LEFT);
    await soon(() => membersOf(last.id)).toEqual([...last.childIds, ada]);
    await soon(focused).toBe(String(ada));
    await soon(async () => (await groups()).find(({ id }) => id === last.id)!.held).toEqual([ada]);
  });
  it('go on from where the change before left them, however quickly the next one comes', async () => {
    const seated = async (): Promise<number[][]> =>
      (await groups()).map(({ childIds }) => childIds).filter((ids) => ids.length > 0);
    const before = await seated();
    const { children } = await asked<Classroom>('/classroom');
    const { id } = children.find((child) => !before.flat().includes(child.id))!;
    await page.driver.executeScript(`document.querySelector('[data-child="${id}"]').focus()`);
    // Two steps into the groups, and one back: no reply comes between two keys.
    await page.press(Key.ARROW_LEFT, Key.ARROW_LEFT, Key.ARROW_RIGHT);
    await soon(seated).toEqual([...before, [id]]);
    await soon(focused).toBe(String(id));
    await page.press(Key.ARROW_RIGHT);
    await soon(seated).toEqual(before);
    await soon(focused).toBe(String(id));
  });
  it('are changed by a tap: where to, and who never sits beside whom', async () => {
    const [first] = await groups();
    const [one, other] = first!.childIds as [number, number];
    // The menu may still be on its way when its list is touched: a person looks, and touches it again.
    await page.until('they sit apart', async () => {
      if ((await page.all('.v-overlay--active')).length === 0) await (await chip(one)).click();
      const [option] = await page.all(`.v-overlay--active [data-pair="apart ${other}"]`);
      if (option === undefined) return false;
      const [nobody] = await page.all('.v-overlay--active [data-pairs="apart"] option');
      await ((await option.isSelected()) ? nobody! : option).click();
      await page.driver.sleep(400);
      return (await asked<MaybeGroups>('/groups')).view!.pairs.length > 0;
    });
    await soon(async () => (await asked<MaybeGroups>('/groups')).view!.pairs).toEqual([
      { childIds: [Math.min(one, other), Math.max(one, other)], sits: 'apart' },
    ]);
    await page.tap('Make again');
    await soon(async () =>
      (await groups()).some(({ childIds }) => [one, other].every((id) => childIds.includes(id))),
    ).toBe(false);
    await page.steadily(async () => (await chip(one)).click());
    await choose(`[data-free="${other}"]`);
    await soon(async () => (await asked<MaybeGroups>('/groups')).view!.pairs).toEqual([]);
    const wasSeated = (await groups()).some(({ childIds }) => childIds.includes(one));
    await page.steadily(async () => (await chip(one)).click());
    await choose('[data-to="away"]');
    await soon(async () => (await kept())!.absent).toEqual([one]);
    // It keeps its seat for the day after, and sits nowhere today.
    expect((await groups()).some(({ childIds }) => childIds.includes(one))).toBe(wasSeated);
    expect((await asked<Classroom>('/classroom')).groups.flatMap(({ childIds }) => childIds)).not.toContain(one);
    await page.shows('[data-place="away"] [data-child]', 1);
    await page.steadily(async () => (await chip(one)).click());
    await choose('[data-to="alone"]');
    await soon(async () => (await kept())!.absent).toEqual([]);
  });
  it('are changed by dragging a chip', async () => {
    const before = await groups();
    const [to, from] = [before[0]!, before.find(({ childIds }, i) => i > 0 && childIds.length > 1)!];
    const child = from.childIds[0]!;
    const target = await page.find(`[data-place="${to.id}"]`);
    const { driver } = page;
    await driver
      .actions()
      .move({ origin: await chip(child) })
      .press()
      .move({ origin: Origin.POINTER, x: -6, y: 2, duration: 100 })
      .move({ origin: target, duration: 400 })
      .move({ origin: Origin.POINTER, x: 2, y: 2, duration: 100 })
      .release()
      .perform();
    await soon(() => membersOf(to.id)).toContain(child);
    await page.shows(`[data-place="${to.id}"] [data-child="${child}"]`, 1);
  });
  it('keep a name and who sits there, where they are kept as they are, when the rest is made again', async () => {
    const [first] = await groups();
    await (await page.find(`[data-group="${first!.id}"] [data-rename]`)).click();
    const field = await page.find('.group input');
    await field.sendKeys('Snails', Key.ENTER);
    await soon(async () => (await groups())[0]!.name).toBe('Snails');
    await (await page.find(`[data-group="${first!.id}"] [data-lock]`)).click();
    await soon(async () => (await groups())[0]!.isLocked).toBe(true);
    const members = (await groups())[0]!.childIds;
    await page.tap('Make again');
    await page.says('Snails');
    expect((await groups())[0]).toMatchObject({ name: 'Snails', isLocked: true, childIds: members });
    await expectNoFault(page.driver);
  });
  it('are still there after a reload, and open on the board', async () => {
    await page.driver.navigate().refresh();
    await page.says('Snails');
    const [first] = await groups();
    await (await page.find(`[data-group="${first!.id}"] a[href*="group="]`)).click();
    await page.find(`.board[data-group="${first!.id}"]`);
  });
});
