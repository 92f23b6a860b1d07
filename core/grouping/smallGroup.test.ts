import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { isOclock, timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { LEVELS, NEED_OF_RULE } from '../diagnosis/index.ts';
import { HANDED_KINDS } from '../items/index.ts';
import { RULE_HELP, WRONG_RULES, isInvisible, predict, type WrongRule } from '../misconceptions/index.ts';
import { hasCountingOrder } from '../sets/index.ts';
import { SKILLS } from '../skills/index.ts';
import { GROUP_SIZE, smallGroup, type StoodAtCheck } from './index.ts';

const stood = (childId: number, level: StoodAtCheck['level'], ...rules: WrongRule[]): StoodAtCheck => ({
  childId,
  level,
  need: rules[0] && NEED_OF_RULE[rules[0]],
  rules,
});

describe('a small group', () => {
  it('has those with the commonest reason first, then who is furthest from secure; the secure and the away are not in it', () => {
    const group = smallGroup(seededRng(1), 'oclock-read', [
      stood(1, 'secure'),
      stood(2, 'getting-there'),
      stood(3, 'beginning', 'hands-swapped'),
      stood(4, 'beginning'),
      stood(5, 'not-seen'),
      stood(6, 'getting-there', 'hands-swapped'),
      stood(7, 'beginning', 'numeral-as-minutes'),
    ])!;
    expect(group.childIds).toEqual([3, 6, 4, 7, 2]);
    // 3:00 beside 12:15 would show quarter past, which nobody has met.
    const { lens } = RULE_HELP['hands-swapped'];
    expect(group).toMatchObject({ minutes: 8, rule: 'hands-swapped', lens, contrast: [timeOf(3), timeOf(9)] });
  });
  it('sits together by need, whatever the rule, and is shown two times that part the likeliest rules', () => {
    const group = smallGroup(seededRng(1), 'oclock-read', [
      stood(1, 'beginning', 'numeral-as-minutes'),
      stood(2, 'beginning', 'hands-swapped', 'long-hand-only'),
      stood(3, 'getting-there', 'long-hand-only'),
    ])!;
    expect(group.childIds).toEqual([2, 3, 1]);
    expect(group.rule).toBe('hands-swapped');
    for (const shown of group.contrast)
      expect(predict('hands-swapped', { kind: 'read', shown })).not.toEqual(
        predict('long-hand-only', { kind: 'read', shown }),
      );
  });
  it('works on six o’clock times at which the reason shows, and never in counting order', () => {
    const group = smallGroup(seededRng(3), 'oclock-read', [stood(1, 'beginning', 'anticlockwise')])!;
    expect(group.times).toHaveLength(6);
    for (const time of group.times) {
      expect(isOclock(time)).toBe(true);
      expect(isInvisible('anticlockwise', { kind: 'read', shown: time })).toBe(false);
    }
    expect(hasCountingOrder(group.times)).toBe(false);
    expect(group.task).toBe('choose-words');
  });
  it('is shown what the skill is about where no reason was found', () => {
    const group = smallGroup(seededRng(3), 'half-past-draw', [stood(1, 'getting-there')])!;
    expect(group).toMatchObject({ rule: null, lens: 'half-turn', contrast: [timeOf(4), timeOf(4, 30)], task: 'draw' });
  });
  it('is shown the two times that part its reason from what is right, where these were met', () =>
    expect(smallGroup(seededRng(3), 'half-past-read', [stood(1, 'beginning', 'coming-hour')])).toMatchObject(
      RULE_HELP['coming-hour'],
    ));
  it('reads the hour of one hand where the class has met no other', () =>
    expect(smallGroup(seededRng(3), 'hour-hand-between', [stood(1, 'beginning', 'coming-hour')])).toMatchObject({
      task: 'hour-hand',
      lens: 'hours-room',
    }));
  it('is none where everybody is secure', () =>
    expect(smallGroup(seededRng(1), 'oclock-read', [stood(1, 'secure'), stood(2, 'not-seen')])).toBeUndefined());
  it('exists for any class, skill and reasons: at most six children, six different times, a task that can be handed out', () =>
    fc.assert(
      fc.property(
        fc.integer(),
        fc.constantFrom(...SKILLS),
        fc.array(fc.tuple(fc.constantFrom(...LEVELS), fc.option(fc.constantFrom(...WRONG_RULES), { nil: undefined })), {
          maxLength: 30,
        }),
        (seed, skill, children) => {
          const all = children.map(([level, rule], i) => stood(i + 1, level, ...(rule === undefined ? [] : [rule])));
          const group = smallGroup(seededRng(seed), skill, all);
          const needing = all.filter(({ level }) => level === 'beginning' || level === 'getting-there');
          expect(group?.childIds.length ?? 0).toBe(Math.min(GROUP_SIZE, needing.length));
          if (group === undefined) return;
          expect(new Set(group.childIds).size).toBe(group.childIds.length);
          expect(new Set(group.times).size).toBe(6);
          expect(HANDED_KINDS).toContain(group.task);
          expect(smallGroup(seededRng(seed), skill, all)).toEqual(group);
        },
      ),
    ));
});
