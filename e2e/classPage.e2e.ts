import { describe, expect, it } from '@jest/globals';
import { Key } from 'selenium-webdriver';
import { v4 as newId } from 'uuid';
import type { ChildAnswers, ChildHistory, ClassView, SkillView } from '../contract/index.ts';
import { timeOf } from '../core/clock/index.ts';
import { rightAnswers, type Item } from '../core/items/index.ts';
import { skillOfItem } from '../core/skills/index.ts';
import { expectNoFault } from './support/axe.ts';
import { bareTablet } from './support/bareTablet.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, page } = await visit();
const asked = async <T>(path: string): Promise<T> => (await fetch(`${hoppel.url}/api${path}`)).json() as Promise<T>;
const open = (path: string): Promise<void> => page.driver.get(`${hoppel.url}${path}`);
/** Names of the children in the table, from above. */
const names = (): Promise<string[]> =>
  page.driver.executeScript("return [...document.querySelectorAll('tbody .name')].map((one) => one.innerText)");
/** Puts the focus somewhere and presses a key there. */
const pressAt = async (css: string, key: string): Promise<void> => {
  await page.find(css);
  await page.driver.executeScript('document.querySelector(arguments[0]).focus()', css);
  await page.press(key);
};

describe('the class', () => {
  it('says of each child what it needs, how sure that is, and what to ask it next', async () => {
    await open('/class');
    await page.shows('tbody tr', 22);
    const table = await page.text('tbody');
    for (const words of ['hands apart 99%', 'hour between', 'long hand', 'direction', 'no pattern yet'])
      expect(table).toContain(words);
    const { children } = await asked<ClassView>('/record/class');
    expect(children.every(({ next }) => next !== null)).toBe(true);
    expect(await page.text('tbody tr td.next')).toMatch(/^(read|set|write|draw) \d+:\d\d$/);
    await expectNoFault(page.driver);
  });
  it('shows both rings of times', async () => {
    await page.shows('.wheel g[role=listitem]', 24);
    await soon(() => page.text('.wheel')).toContain('6:30');
  });
  it('can be looked at by need, by who has no pattern, by who was not seen, and in the order of who needs a look', async () => {
    await page.tap('Everybody');
    await page.tap('Needs: hands apart');
    await soon(names).toEqual(['Bram', 'Lotte', 'Otis']);
    await page.driver.navigate().refresh();
    await soon(names).toEqual(['Bram', 'Lotte', 'Otis']);
    await page.tap('Needs: hands apart');
    await page.tap('Not seen on');
    await soon(names).toEqual(['Nia']);
    await page.tap('Not seen on');
    await page.tap('No pattern yet');
    await soon(names).toContain('Theo');
    expect(await names()).not.toContain('Bram');
    await page.tap('No pattern yet');
    await page.tap('Everybody');
    await page.shows('tbody tr', 22);
    await page.tap('Everybody');
    await page.tap('Who needs a look first');
    await soon(async () => (await names()).slice(0, 6).sort()).toEqual([
      'Bram',
      'Ida',
      'Lotte',
      'Marek',
      'Otis',
      'Vito',
    ]);
    expect(await names()).toHaveLength(22);
    await expectNoFault(page.driver);
  });
});

describe('a skill', () => {
  it('opens by its column’s head, by keys too: how each time went, and the wrong answers with their reason and their children', async () => {
    await open('/class');
    await pressAt('[data-skill="oclock-read"]', Key.ENTER);
    await page.shows('.skill-panel .wheel g[role=listitem]', 12);
    const { wrong } = await asked<SkillView>('/record/skills/oclock-read');
    await page.shows('.wrong li', wrong.length);
    await soon(() => page.text('.wrong li')).toContain(`${wrong[0]!.count} times`);
    await soon(() => page.text('.wrong')).toContain('hands swapped');
    await soon(() => page.text('.wrong')).toContain('Bram');
    await expectNoFault(page.driver);
  });
  it('shows how the class came to where it is, as a chart and as a table that says the same', async () => {
    await pressAt('[data-pill="look days"]', Key.ENTER);
    await page.find('.chart svg path');
    await expectNoFault(page.driver);
    await page.tap('As a table');
    const { history } = await asked<SkillView>('/record/skills/oclock-read');
    await page.shows('.chart-or-table tbody tr', history.length);
    const { secure, gettingThere, beginning, lessons } = history.at(-1)!;
    const last = (await page.text('.chart-or-table tbody tr:last-child')).split(/\s+/).slice(1);
    expect(last).toEqual([lessons.join(), secure, gettingThere, beginning].map(String));
    await expectNoFault(page.driver);
  });
  it('shows who is not secure in it, and closes', async () => {
    await page.tap('Show only who is not secure here');
    const { children } = await asked<ClassView>('/record/class');
    const open = children.filter(({ skills }) => skills['oclock-read']?.level !== 'secure');
    await page.shows('tbody tr .name', open.length);
    await page.tap('Close this skill');
    await page.says('How each time went');
  });
});

describe('the progress of a child', () => {
  it('opens by a skill, with its answers under it; as a chart with its band, and as a table', async () => {
    await open('/class/2');
    await pressAt('.skills [data-skill="oclock-read"]', Key.ENTER);
    await page.find('.chart svg path');
    const { skills } = (await asked<ChildHistory>('/record/children/2/history')).days.at(-1)!;
    const { right, answers } = skills['oclock-read']!;
    await page.shows('.pair', answers);
    await expectNoFault(page.driver);
    await pressAt('.chart-or-table .link', Key.ENTER);
    await soon(() => page.text('.chart-or-table tbody tr:last-child')).toContain(`${right} of ${answers}`);
    await expectNoFault(page.driver);
    await page.tap('All answers');
    await soon(async () => (await page.all('.pair')).length > answers).toBe(true);
  });
});

describe('the answers of a child who has given many', () => {
  it('come a hundred at a time, and earlier ones with a tap, also of one skill', async () => {
    const item: Item = { kind: 'set', shown: timeOf(3) };
    const tablet = await bareTablet(hoppel.url);
    await tablet.sit(2);
    const to = { setting: 'alone', lessonId: 8, item, attempt: 1 };
    for (let i = 0; i < 120; i++)
      await tablet.send('POST', '/answers', { id: newId(), childId: 2, answer: rightAnswers(item)[0]!, to });
    const { answers } = await asked<ChildAnswers>('/record/children/2?count=1000');
    const ofSkill = answers.filter(({ item: one }) => skillOfItem(one) === 'oclock-set').length;
    expect([ofSkill > 100, answers.length > ofSkill]).toEqual([true, true]);
    await open('/class/2');
    await page.shows('.pair', 100);
    await page.tap('Earlier answers');
    await page.shows('.pair', Math.min(200, answers.length));
    await (await page.find('.skills [data-skill="oclock-set"]')).click();
    await page.shows('.pair', 100);
    await expectNoFault(page.driver);
    await page.tap('Earlier answers');
    await page.shows('.pair', ofSkill);
    await soon(async () => (await page.all('.earlier')).length).toBe(0);
  });
});

describe('a note about a child', () => {
  it('is kept with its day, and can be taken away', async () => {
    await open('/class/2');
    await (await page.find('.notes textarea')).sendKeys('Turns the clock by itself at snack time.');
    await page.tap('Keep the note');
    await soon(() => page.text('.notes li')).toContain('Turns the clock by itself at snack time.');
    await page.driver.navigate().refresh();
    await soon(() => page.text('.notes li')).toContain('November');
    await expectNoFault(page.driver);
    await page.tap('Take the note away');
    await page.shows('.notes li', 0);
  });
});
