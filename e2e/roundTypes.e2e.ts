import { describe, expect, it } from '@jest/globals';
import { showsTime } from '../core/items/index.ts';
import { ROUND_TASKS, judgedPhrase, revealSteps, showsClock, timeAsked, type RoundTask } from '../core/rounds/index.ts';
import { DEFAULT_CONVENTIONS } from '../core/conventions/index.ts';
import { sentence } from '../core/wording/index.ts';
import { expectNoFault } from './support/axe.ts';
import { handsStandAt, tapByTouch } from './support/page.ts';
import { roundsOn } from './support/rounds.ts';
import { soon } from './support/soon.ts';
import { visit } from './support/visit.ts';

const { hoppel, browser, page } = await visit();
const { ofRound, answersTo, next, pickRound } = roundsOn(page, hoppel.url);
const ASKS: Readonly<Record<RoundTask, RegExp>> = {
  read: /What time is it\?/,
  set: /Show me\s+3 o’clock/,
  'set-hour-hand': /Where is the hour hand at\s+3:00/,
  'words-to-digits': /Write\s+3 o’clock\s+in digits/,
  'digits-to-words': /How do you say\s+3:00/,
  draw: /Draw\s+3 o’clock/,
  'write-digital': /Write it in digits\./,
  'choose-clock': /Which clock shows\s+3 o’clock/,
  yet: /Is it\s+3 o’clock\s+yet\?/,
  'judge-clock': /Can a clock look like this\?/,
};

describe('a round of every kind of task', () => {
  it.each(ROUND_TASKS)(
    '%s: asked, thought about, shown, revealed step by step, and who missed it kept',
    async (task) => {
      for (const by of ['mouse', 'finger'] as const) expect((await pickRound(task, by)).entries).toHaveLength(2);
      const { entries } = await pickRound(task, 'keys');
      expect(entries.map(({ item }) => item.kind)).toEqual([task, task]);
      if (task !== 'judge-clock')
        expect(entries.map(({ item }) => (item.kind === 'yet' ? item.target : timeAsked(item)))).toEqual([180, 480]);
      const { item } = entries[0]!;
      expect((await page.text('.task')).replaceAll('\n', ' ')).toMatch(ASKS[task]);
      if (task === 'choose-clock') {
        await page.shows('.choices .judged', 3);
        await page.shows('.choices .right', 0);
      } else if (task === 'judge-clock') await page.shows('.board svg.judged', 1);
      else expect((await page.all('.board .geared .hand')).length > 0).toBe(showsClock(item));
      await next('think');
      await page.find('.think');
      await next('show');
      await next('reveal');
      if (revealSteps(item) === 1) {
        await page.find('.one-answer .lid');
        await page.press(' ');
        await page.find('.one-answer .answer');
        if (item.kind === 'choose-clock') {
          const right = await Promise.all(
            (await page.all('.choices li')).map(async (one) =>
              String(await one.getAttribute('class')).includes('right'),
            ),
          );
          expect(right).toEqual(item.options.map((picture) => showsTime(picture, timeAsked(item))));
        } else if (item.kind === 'set-hour-hand') {
          expect(await page.text('.one-answer .answer')).toMatch(/hour hand/);
          expect(await page.text('.one-answer strong')).toBe('3:00');
        } else if (item.kind === 'judge-clock') {
          const words = sentence(judgedPhrase(item.clock), DEFAULT_CONVENTIONS);
          await soon(() => page.text('.one-answer .answer')).toBe(words);
        } else await soon(() => page.text('.one-answer .answer')).toMatch(/^(Yes|Not yet|It was)/);
      } else {
        for (let card = 0; card < 3; card++) await page.press(' ');
        await page.says('3:00');
        await handsStandAt(page, '.board', { hour: 90, minute: 0 });
      }
      await expectNoFault(browser.driver);
      await next('missed');
      await tapByTouch(page.driver, await page.button('Cleo: nothing noted yet'));
      await page.button('Cleo: missed it');
      await next('ask');
      expect((await ofRound()).entries.map(({ origin }) => origin)).toEqual(['planned', 'planned', 'again']);
      const answers = await answersTo(0);
      expect(answers.filter(({ verdict }) => verdict === 'wrong').map(({ childId }) => childId)).toEqual([3]);
    },
  );
});
