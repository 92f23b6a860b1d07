import { describe, expect, it } from '@jest/globals';
import { timeOf } from '../../clock/index.ts';
import { DEFAULT_CONVENTIONS } from '../../conventions/index.ts';
import { childAtCheck, hiddenRules } from '../../diagnosis/index.ts';
import { judgedGiven } from '../../diagnosis/judged.test.support.ts';
import { rightAnswers } from '../../items/index.ts';
import { defaultChoices, layUnit, skillOfCheck } from '../../planning/index.ts';
import { sheetOfLesson } from '../index.ts';

const DAY = '2026-11-30';
/** Three clocks read by their long hand, some days before. */
const before = [4, 8, 10].map((hour) =>
  judgedGiven({ kind: 'read', shown: timeOf(hour) }, { kind: 'time', time: timeOf(12, hour * 5) }, '2026-11-20', 2),
);

/** Tickets of every check of units laid by chance, each with its two forms. */
const tickets = (['kindergarten', 'first-grade'] as const).flatMap((level) =>
  [1, 2, 3, 4, 5, 6].flatMap((seed) => {
    const unit = layUnit({ ...defaultChoices('2026-11-16', 'Clover Room'), level, seed: `forms ${seed}` });
    return unit.flatMap((lesson, i) => {
      if (lesson.kind !== 'check') return [];
      const made = sheetOfLesson({ lesson, before: unit.slice(0, i) }, 'ticket', DEFAULT_CONVENTIONS);
      if ('problem' in made) throw new Error(made.problem);
      return [{ skill: skillOfCheck(lesson)!, forms: made.content.forms }];
    });
  }),
);

describe('the two forms of a ticket', () => {
  it('leave the same wrong rules open: who has all right has shown as much with either', () => {
    expect(tickets.length).toBeGreaterThan(50);
    for (const { skill, forms } of tickets) {
      const [a, b] = forms.map((items) => items.map((item) => `${item.kind}: ${[...hiddenRules(item)].sort()}`).sort());
      expect(b).toEqual(a);
      const standing = forms.map((items) => {
        const now = items.map((item) => judgedGiven(item, rightAnswers(item)[0]!, DAY));
        return childAtCheck({ lessonId: 1, day: DAY, skill }, [...before, ...now]).level;
      });
      expect(standing[1]).toBe(standing[0]);
    }
  });
});
