import { describe, expect, it } from '@jest/globals';
import { currentLesson, layUnit, suggestDecision } from '../index.ts';
import { CHOICES } from '../unit.test.support.ts';

describe('the decision after a check', () => {
  const levels = (secure: number, others: number, notSeen = 0) => [
    ...Array<'secure'>(secure).fill('secure'),
    ...Array<'beginning'>(others).fill('beginning'),
    ...Array<'not-seen'>(notSeen).fill('not-seen'),
  ];
  it.each([
    ['16 of 20: go on', levels(16, 4), 'go-on'],
    ['15 of 20: a small group', levels(15, 5), 'go-on-with-group'],
    ['10 of 20: a small group', levels(10, 10), 'go-on-with-group'],
    ['9 of 20: teach it again', levels(9, 11), 'teach-again'],
    ['children who were away do not count', levels(4, 1, 15), 'go-on'],
    ['nobody seen: no suggestion', levels(0, 0, 5), undefined],
  ])('%s', (_, given, decision) => expect(suggestDecision(given)).toBe(decision));
  it('follows the class’s own thresholds', () => {
    expect(suggestDecision(levels(15, 5), { goOn: 0.75, withGroup: 0.6 })).toBe('go-on');
    expect(suggestDecision(levels(10, 10), { goOn: 0.75, withGroup: 0.6 })).toBe('teach-again');
  });
});

describe('the lesson of now', () => {
  const unit = layUnit(CHOICES);
  it('is today’s, the next one on a day without, the last one after the end', () => {
    expect(currentLesson(unit, '2026-11-24')).toBe(unit[6]);
    expect(currentLesson(unit, '2026-11-21')).toBe(unit[5]);
    expect(currentLesson(unit, '2027-06-01')).toBe(unit[15]);
    expect(currentLesson([], '2026-11-24')).toBeUndefined();
  });
});
