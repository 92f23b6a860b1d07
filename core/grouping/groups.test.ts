import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { isOclock, timeOf } from '../clock/index.ts';
import { LEVELS, NEEDS, NEED_OF_RULE, type Need } from '../diagnosis/index.ts';
import { UNKNOWN } from '../diagnosis/judged.test.support.ts';
import { HANDED_KINDS, KINDS } from '../items/index.ts';
import { RULE_HELP, WRONG_RULES, isInvisible, predict, type WrongRule } from '../misconceptions/index.ts';
import { hasCountingOrder } from '../sets/index.ts';
import { SKILLS, type Skill } from '../skills/index.ts';
import { groupsAfter, ownWork, withOrdinals, type StoodAtCheck } from './index.ts';

const sureOf = (need: Need): StoodAtCheck['needs'] => ({
  ...(Object.fromEntries(NEEDS.map((one) => [one, 0.02])) as StoodAtCheck['needs']),
  [need]: 0.9,
});
const stood = (childId: number, level: StoodAtCheck['level'], ...rules: WrongRule[]): StoodAtCheck => ({
  childId,
  level,
  needs: rules[0] === undefined ? UNKNOWN.needs : sureOf(NEED_OF_RULE[rules[0]]),
  rules,
});
const after = (skill: Skill, ...all: StoodAtCheck[]) => groupsAfter({ id: 7, skill }, all);

describe('groups about the same', () => {
  it('are counted, those with a name of their own left out', () => {
    const groups = [
      { topic: 'practice', name: null },
      { topic: 'hands', name: null },
      { topic: 'practice', name: 'Snails' },
      { topic: 'practice', name: null },
    ] as const;
    expect(withOrdinals(groups).map(({ ordinal }) => ordinal)).toEqual([1, null, null, 2]);
  });
});

describe('groups after a check', () => {
  it('sit together by need, whatever the rule; the secure and the away are in none', () => {
    const { groups, alone } = after(
      'oclock-read',
      stood(1, 'secure'),
      stood(2, 'getting-there'),
      stood(3, 'beginning', 'hands-swapped'),
      stood(4, 'beginning', 'numeral-as-minutes'),
      stood(5, 'not-seen'),
      stood(6, 'getting-there', 'hands-swapped', 'long-hand-only'),
      stood(7, 'beginning', 'numeral-as-minutes'),
      stood(8, 'beginning', 'long-hand-only'),
    );
    expect(groups.map(({ topic, childIds }) => [topic, childIds])).toEqual([
      ['hands', [3, 6, 8]],
      ['minute', [4, 7]],
    ]);
    expect(alone).toEqual([1, 2, 5]);
    const [hands] = groups;
    expect(hands).toMatchObject({ minutes: 8, rule: 'hands-swapped', lens: RULE_HELP['hands-swapped'].lens });
    for (const shown of hands!.contrast)
      expect(predict('hands-swapped', { kind: 'read', shown })).not.toEqual(
        predict('long-hand-only', { kind: 'read', shown }),
      );
  });
  it('practise together where nobody knows why', () => {
    const { groups } = after('half-past-draw', ...[1, 2, 3].map((id) => stood(id, 'beginning')));
    expect(groups).toMatchObject([
      {
        topic: 'practice',
        childIds: [1, 2, 3],
        rule: null,
        lens: 'half-turn',
        contrast: [timeOf(4), timeOf(4, 30)],
        task: 'draw',
      },
    ]);
  });
  it('work on six o’clock times at which the reason shows, never in counting order, and take another one away', () => {
    const [group] = after(
      'oclock-read',
      stood(1, 'beginning', 'anticlockwise'),
      stood(2, 'beginning', 'anticlockwise'),
    ).groups;
    expect(group!.times).toHaveLength(6);
    for (const time of [...group!.times, group!.takeAway]) {
      expect(isOclock(time)).toBe(true);
      expect(isInvisible('anticlockwise', { kind: 'read', shown: time })).toBe(false);
    }
    expect(group!.times).not.toContain(group!.takeAway);
    expect(hasCountingOrder(group!.times)).toBe(false);
    expect(group!.task).toBe('choose-words');
  });
  it('are shown the two times that part a reason from what is right, where these were met', () =>
    expect(
      after('half-past-read', stood(1, 'beginning', 'coming-hour'), stood(2, 'beginning', 'coming-hour')).groups[0],
    ).toMatchObject(RULE_HELP['coming-hour']));
  it('read the hour of one hand where the class has met no other', () =>
    expect(
      after('hour-hand-between', stood(1, 'beginning', 'coming-hour'), stood(2, 'beginning', 'coming-hour')).groups[0],
    ).toMatchObject({ task: 'hour-hand', lens: 'hours-room' }));
  it('are none where everybody is secure, nobody was seen, or there is only one', () => {
    for (const all of [[], [stood(1, 'secure'), stood(2, 'not-seen')], [stood(1, 'beginning', 'hands-swapped')]])
      expect(after('oclock-read', ...all)).toEqual({ groups: [], alone: all.map(({ childId }) => childId) });
  });
  it('keep whom the teacher put there, secure or not, with what the topic is about', () => {
    const { groups } = groupsAfter(
      { id: 7, skill: 'oclock-read' },
      [stood(1, 'secure'), stood(2, 'beginning', 'hands-swapped'), stood(3, 'beginning', 'hands-swapped')],
      { kept: [{ topic: 'writing', childIds: [1], isLocked: true }] },
    );
    expect(groups.map(({ topic, childIds, rule }) => [topic, childIds, rule])).toEqual([
      ['writing', [1], null],
      ['hands', [2, 3], 'hands-swapped'],
    ]);
  });
  it('are there for any class, skill and reasons: two to six children, six different times, a task that can be handed out', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...SKILLS),
        fc.array(fc.tuple(fc.constantFrom(...LEVELS), fc.option(fc.constantFrom(...WRONG_RULES), { nil: undefined })), {
          maxLength: 30,
        }),
        (skill, children) => {
          const all = children.map(([level, rule], i) => stood(i + 1, level, ...(rule === undefined ? [] : [rule])));
          const found = after(skill, ...all);
          const everybody = [...found.groups.flatMap(({ childIds }) => childIds), ...found.alone];
          expect(everybody.sort((a, b) => a - b)).toEqual(all.map(({ childId }) => childId));
          for (const group of found.groups) {
            expect(group.childIds.length).toBeGreaterThanOrEqual(2);
            expect(group.childIds.length).toBeLessThanOrEqual(6);
            expect(new Set([...group.times, group.takeAway]).size).toBe(7);
            expect(HANDED_KINDS).toContain(group.task);
          }
          expect(after(skill, ...all)).toEqual(found);
        },
      ),
      { numRuns: 40 },
    ));
});

describe('what the others do on their own', () => {
  it('is another thing than the check asked, of what was taught, about every kind of time that was met', () => {
    const taught = ['oclock-read', 'oclock-set', 'oclock-draw', 'half-past-read'] as const;
    const own = ownWork(7, 'half-past-read', taught, ['oclock', 'half-past']);
    expect(KINDS[own.task].doing).toBe('draw');
    expect(new Set(own.times).size).toBe(6);
    expect(own.times.some(isOclock) && !own.times.every(isOclock)).toBe(true);
    expect(ownWork(7, 'half-past-read', taught, ['oclock', 'half-past'])).toEqual(own);
  });
  it('is something for every check, also where little was taught yet', () => {
    for (const skill of SKILLS) {
      const { task, times } = ownWork(1, skill, [skill], []);
      expect(HANDED_KINDS).toContain(task);
      expect(new Set(times).size).toBe(6);
    }
  });
});
