import { afterAll, beforeAll, describe, expect } from '@jest/globals';
import type { AnswerRow } from '../contract/index.ts';
import { rightAnswers } from '../core/items/index.ts';
import { answeringOn, wrongAnswer } from './support/answering.ts';
import { expectNoFault } from './support/axe.ts';
import { startBrowser, type Browser } from './support/browser.ts';
import { startHoppel, type Hoppel } from './support/hoppel.ts';
import { journey } from './support/journey.ts';
import { onPage, type Page } from './support/page.ts';
import { soon } from './support/soon.ts';
import { openStation, practiceOn, sitDown } from './support/station.ts';

/** A check's ticket on tablets: quietly, each child for itself, and who was away gets it later. */
describe('a quiet ticket', () => {
  let hoppel: Hoppel;
  let teacherBrowser: Browser;
  let tabletBrowser: Browser;
  let teacher: Page;
  let tablet: Page;
  beforeAll(async () => {
    hoppel = await startHoppel();
    teacherBrowser = await startBrowser({ motion: false });
    tabletBrowser = await startBrowser({ width: 1024, height: 768, motion: false });
    teacher = onPage(teacherBrowser);
    tablet = await openStation(tabletBrowser, hoppel);
  });
  afterAll(async () => {
    await Promise.all([teacherBrowser.quit(), tabletBrowser.quit()]);
    await hoppel.remove();
  });
  const step = journey(() => ({ teacher: teacherBrowser, tablet: tabletBrowser }));

  step('is handed to a child that was away, and comes to its tablet by itself', async () => {
    await sitDown(tablet, 'Nia');
    await teacher.driver.get(`${hoppel.url}/tablets`);
    await teacher.tap('Ticket');
    await teacher.says('It counts as the check');
    await soon(() => teacher.attribute('[data-check="7"]', 'aria-pressed')).toBe('true');
    await (await teacher.find('.children [aria-label="Nia"]')).click();
    await expectNoFault(teacherBrowser.driver);
    await teacher.tap('Hand to one child');
    await teacher.says('Ticket: 0 of 1 are through');
    await tablet.find('.task[data-kind="read"]');
  });
  step('asks one task after another: no help, no second try, and nothing tells how it went', async () => {
    const { tasks } = await practiceOn(tablet);
    const seen: string[] = [];
    for (const [i, item] of tasks.entries()) {
      await tablet.until(`task ${i + 1}`, async () =>
        (await tablet.attribute('.stones', 'aria-label')).includes(`${i + 1} of`),
      );
      await answeringOn(tablet, 'touch').give(item, i % 2 === 0 ? wrongAnswer(item) : rightAnswers(item)[0]!);
      seen.push(await tablet.text());
      if (i === 1)
        await teacher.until('she sees how far it is', async () => (await teacher.text('.ticket')).includes('2/'));
    }
    await tablet.says('Handed in. Thank you.');
    for (const text of seen) expect(text).not.toMatch(/Once more|Right|Watch/);
    await expectNoFault(tabletBrowser.driver);
  });
  step('says to the teacher who is through, and counts as the check', async () => {
    await teacher.says('Ticket: 1 of 1 are through');
    await teacher.shows('.ticket [data-state="through"]', 1);
    const { answers } = (await (await fetch(`${hoppel.url}/api/record/children/14`)).json()) as {
      answers: AnswerRow[];
    };
    const given = answers.filter(({ source }) => source === 'tablet');
    expect(given.every(({ lessonId, attempt }) => lessonId === 7 && attempt === 1)).toBe(true);
    expect(new Set(given.map(({ verdict }) => verdict))).toEqual(new Set(['right', 'wrong']));
    const { known } = (await (await fetch(`${hoppel.url}/api/lessons/8/desk`)).json()) as { known: { away: number[] } };
    expect(known.away).toEqual([]);
  });
});
