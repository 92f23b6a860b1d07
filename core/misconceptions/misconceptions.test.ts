import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { OCLOCK_TIMES, TAUGHT_TIMES, handAngles, hourOf, timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { answersOf, ITEM_KINDS, pictureAt, rightAnswers, type Answer, type Item } from '../items/index.ts';
import { makeItem } from '../making/index.ts';
import {
  DRAWING_RULES,
  RULE_HELP,
  WRITING_RULES,
  WRONG_RULES,
  consistentRules,
  isInvisible,
  mayComeFromHomeLanguage,
  predict,
  type WrongRule,
} from './index.ts';
import { explainGiven as explain, markGiven } from '../marking/given.test.support.ts';

const clockText = (time: number): string => `${Math.floor(time / 60) || 12}:${String(time % 60).padStart(2, '0')}`;
const text = (answer: Answer): string => {
  switch (answer.kind) {
    case 'time':
      return clockText(answer.time);
    case 'text':
      return answer.text;
    case 'hour':
      return String(answer.hour);
    case 'hands':
      return `${answer.hour}/${answer.minute}`;
    case 'drawn':
      return answer.hands.map(({ angle }) => angle).join('/');
    default:
      return JSON.stringify(answer);
  }
};
const own = (rule: WrongRule, item: Item): string[] | string => {
  const predicted = predict(rule, item);
  return predicted.kind === 'answers' ? predicted.own.map(text) : predicted.kind;
};
const of = (kind: 'read' | 'draw' | 'set' | 'write-digital' | 'hour-hand', hour: number, minute = 0): Item => ({
  kind,
  shown: timeOf(hour, minute),
});

describe('what a follower of a rule reads', () => {
  // Worked by hand from what each rule says.
  it.each([
    ['hands-swapped', 3, 0, ['12:15', '12:03', '12:00']],
    ['hands-swapped', 6, 0, ['12:30', '12:06']],
    ['hands-swapped', 12, 0, ['12:00']],
    ['hands-swapped', 4, 30, ['6:25', '6:20', '6:05', '6:04', '6:00']],
    ['hands-swapped', 6, 30, ['6:35', '6:30', '6:07', '6:06']],
    ['coming-hour', 4, 30, ['5:30']],
    ['coming-hour', 12, 30, ['1:30']],
    ['coming-hour', 4, 0, 'as-right'],
    ['smaller-number', 4, 30, ['4:30']],
    ['smaller-number', 12, 30, ['1:30']],
    ['larger-number', 11, 30, ['12:30']],
    ['larger-number', 12, 30, ['12:30']],
    ['numeral-as-minutes', 4, 30, ['4:06']],
    ['numeral-as-minutes', 3, 0, ['3:12']],
    ['always-oclock', 4, 30, ['4:00', '5:00']],
    ['always-oclock', 12, 30, ['12:00', '1:00']],
    ['always-half-past', 3, 0, ['3:30']],
    ['hour-before', 1, 0, ['12:00']],
    ['hour-before', 12, 0, ['11:00']],
    ['hour-before', 4, 30, 'as-right'],
    ['anticlockwise', 3, 0, ['9:00']],
    ['anticlockwise', 11, 30, ['12:30']],
    ['long-hand-only', 3, 0, ['12:00']],
    ['long-hand-only', 4, 30, ['6:00', '6:30']],
    ['long-hand-names-hour', 4, 30, ['6:30']],
    ['colon-missing', 4, 30, 'as-right'],
    ['same-length', 4, 30, 'as-right'],
  ] as const)('%s: %d:%d', (rule, hour, minute, answers) =>
    expect(own(rule, of('read', hour, minute))).toEqual(answers),
  );
});

describe('what a follower of a rule writes, sets and draws', () => {
  it.each([
    ['colon-missing', of('write-digital', 4, 30), ['430']],
    ['one-zero', of('write-digital', 4), ['4:0']],
    ['one-zero', of('write-digital', 4, 30), ['4:3']],
    ['parts-reversed', of('write-digital', 4, 30), ['30:4']],
    ['parts-reversed', of('write-digital', 4), ['00:4']],
    ['sixty-for-zero', of('write-digital', 4), ['4:60']],
    ['sixty-for-zero', of('write-digital', 4, 30), 'as-right'],
    ['mixed-forms', of('write-digital', 4), ['4:00 o’clock']],
    ['numeral-as-minutes', of('write-digital', 4, 30), ['4:06']],
    ['hands-swapped', of('set', 3), ['7.5/90']],
    ['coming-hour', of('set', 4, 30), ['105/180']],
    ['hour-hand-on-numeral', of('set', 4, 30), 'as-right'],
    ['hands-swapped', of('draw', 3), ['0/90']],
    ['hands-swapped', of('draw', 4, 30), ['180/120', '180/135']],
    ['lengths-swapped', of('draw', 4, 30), ['180/135']],
    ['coming-hour', of('draw', 4, 30), ['105/180']],
    ['coming-hour', of('draw', 12, 30), ['345/180']],
    ['larger-number', of('draw', 12, 30), ['345/180']],
    ['numeral-as-minutes', of('draw', 4, 30), ['135/90']],
    ['minute-hand-at-3', of('draw', 4, 30), ['135/90']],
    ['always-oclock', of('draw', 4, 30), ['120/0']],
    ['always-half-past', of('draw', 4), ['135/180']],
    ['anticlockwise', of('draw', 12, 30), ['345/180']],
    ['long-hand-only', of('draw', 4, 30), ['0/120']],
    ['hour-hand-on-numeral', of('draw', 4, 30), ['120/180']],
    ['wrong-side', of('draw', 1, 30), ['15/180']],
    ['on-coming-numeral', of('draw', 12, 30), ['30/180']],
    ['half-way-at-oclock', of('draw', 12), ['15/0']],
    ['both-on-hour', of('draw', 4), ['120/120']],
    ['one-hand', of('draw', 3), ['90', '0']],
    ['off-centre', of('draw', 3), ['90/0']],
    ['same-length', of('draw', 3), ['90/0']],
    ['coming-hour', of('hour-hand', 4, 30), ['5']],
    ['hour-before', of('hour-hand', 12), ['11']],
  ] as const)('%s at %j', (rule, item, answers) => expect(own(rule, item)).toEqual(answers));
});

describe('where a rule cannot be seen', () => {
  const invisibleTimes = (rule: WrongRule, kind: 'read' | 'draw' | 'set'): string[] =>
    TAUGHT_TIMES.filter((shown) => isInvisible(rule, { kind, shown })).map(clockText);
  const halves = TAUGHT_TIMES.filter((time) => time % 60 === 30).map(clockText);
  const whole = OCLOCK_TIMES.map(clockText);
  it('swapped hands are hidden at 12:00 and 6:30 in reading, and nowhere else', () =>
    expect(invisibleTimes('hands-swapped', 'read')).toEqual(['12:00', '6:30']));
  it('swapped hands are hidden in drawing at 12:00 alone', () =>
    expect(invisibleTimes('hands-swapped', 'draw')).toEqual(['12:00']));
  it('the smaller number shows at 12:30 alone', () =>
    expect(invisibleTimes('smaller-number', 'read')).toHaveLength(23));
  it('the larger number is hidden at 12:30 and at every o’clock', () =>
    expect(invisibleTimes('larger-number', 'read').sort()).toEqual([...whole, '12:30'].sort()));
  it('the coming hour shows at every half past', () => expect(invisibleTimes('coming-hour', 'read')).toEqual(whole));
  it('the hour before shows at every o’clock', () => expect(invisibleTimes('hour-before', 'read')).toEqual(halves));
  it('anticlockwise is hidden where left and right are alike: 12:00 and 6:00', () =>
    expect(invisibleTimes('anticlockwise', 'read')).toEqual(['12:00', '6:00']));
  it('rules about drawing are all hidden in reading, and rules about writing too', () => {
    for (const rule of [...DRAWING_RULES, ...WRITING_RULES]) expect(invisibleTimes(rule, 'read')).toHaveLength(24);
  });
  it('a geared clock hides every rule about the place of the hour hand', () => {
    for (const rule of ['hour-hand-on-numeral', 'wrong-side', 'on-coming-numeral', 'half-way-at-oclock'] as const)
      expect(invisibleTimes(rule, 'set')).toHaveLength(24);
  });
});

describe('explaining an answer', () => {
  it('names no rule for a right answer, at any time, in any kind of task', () => {
    const rng = seededRng(4);
    for (const kind of ITEM_KINDS)
      for (let i = 0; i < 60; i++) {
        const item = makeItem(kind, rng);
        for (const right of rightAnswers(item)) expect([item, explain(item, right)]).toEqual([item, []]);
      }
  });
  it('names each rule for its own answers wherever it can be seen, and these are marked wrong', () => {
    const rng = seededRng(6);
    // One check for tens of thousands of answers.
    const wrong: unknown[] = [];
    for (const kind of ITEM_KINDS)
      for (let i = 0; i < 120; i++) {
        const item = makeItem(kind, rng);
        for (const rule of WRONG_RULES) {
          const predicted = predict(rule, item);
          if (predicted.kind !== 'answers' || isInvisible(rule, item)) continue;
          for (const answer of predicted.own) {
            if (!answersOf(kind).includes(answer.kind)) wrong.push([rule, item, 'is answered by', answer.kind]);
            if (!explain(item, answer).includes(rule)) wrong.push([rule, item, answer, 'is not named']);
            if (markGiven(item, answer).verdict === 'right') wrong.push([rule, item, answer, 'is marked right']);
          }
        }
      }
    expect(wrong).toEqual([]);
  });
  it('never blames what the item cannot tell: 12:00 and 6:30 never speak of swapped hands', () => {
    for (const shown of [timeOf(12), timeOf(6, 30)])
      for (let time = 0; time < 720; time++)
        expect(explain({ kind: 'read', shown }, { kind: 'time', time: time as never })).not.toContain('hands-swapped');
  });
  it('5:30 for 4:30 is the coming hour; 3:30 is neither that nor the swap', () => {
    const item = of('read', 4, 30);
    expect(explain(item, { kind: 'time', time: timeOf(5, 30) })).toContain('coming-hour');
    expect(explain(item, { kind: 'time', time: timeOf(3, 30) })).toEqual([]);
  });
  it('says nothing of times beyond o’clock and half past', () => {
    for (const rule of WRONG_RULES) expect(predict(rule, of('read', 3, 15)).kind).toBe('not-applicable');
  });
  it('finds a drawing whichever hand is given first, when both are of one length', () => {
    const hands = (a: number, b: number): Answer => ({
      kind: 'drawn',
      hands: [
        { angle: a, reach: 80 },
        { angle: b, reach: 80 },
      ],
    });
    expect(explain(of('draw', 3), hands(90, 0))).toEqual(['same-length']);
    expect(explain(of('draw', 3), hands(0, 90))).toEqual(['same-length']);
  });
  it('takes a tremble of the hand, and no more', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...TAUGHT_TIMES.slice(1)),
        fc.double({ min: -7, max: 7, noNaN: true }),
        (shown, stray) => {
          const item: Item = { kind: 'set-free', shown };
          const { hour, minute } = handAngles(shown);
          const swapped: Answer = {
            kind: 'hands',
            hour: (minute + stray + 360) % 360,
            minute: (hour + stray + 360) % 360,
          };
          expect(explain(item, swapped)).toContain('lengths-swapped');
        },
      ),
    ));
});

describe('rules an answer does not rule out', () => {
  it('are, for a right answer, those that lead to it or say nothing', () => {
    const { fitting } = consistentRules(of('read', 12, 30), { kind: 'time', time: timeOf(12, 30) }, true);
    expect(fitting).toContain('larger-number');
    expect(fitting).toContain('same-length');
    expect(fitting).not.toContain('coming-hour');
    expect(fitting).not.toContain('smaller-number');
  });
  it('among writings: dots missing must guess where no writing lacks them; one zero at half past need not', () => {
    const item: Item = { kind: 'choose-writings', shown: timeOf(4, 30), options: ['4:30', '5:30', '30:4'] };
    const { fitting, guessing } = consistentRules(item, { kind: 'choice', chosen: [0] }, true);
    expect(guessing).toContain('colon-missing');
    expect(fitting).toContain('one-zero');
    expect(fitting).not.toContain('parts-reversed');
  });
  it('are guessing when what they look for is not among the options', () => {
    const item: Item = {
      kind: 'choose-clock',
      shown: timeOf(4, 30),
      options: [pictureAt(timeOf(4, 30)), pictureAt(timeOf(3, 30))],
    };
    const { guessing } = consistentRules(item, { kind: 'choice', chosen: [0] }, true);
    expect(guessing).toEqual(expect.arrayContaining(['hands-swapped', 'anticlockwise', 'hour-hand-on-numeral']));
    expect(guessing).not.toContain('coming-hour');
  });
});

describe('the library', () => {
  it('gives each a lens and two different times side by side', () => {
    for (const rule of WRONG_RULES) {
      const [first, second] = RULE_HELP[rule].contrast;
      expect(first).not.toBe(second);
    }
    expect(RULE_HELP['smaller-number'].contrast.map(hourOf)).toEqual([12, 1]);
  });
  it('sees that the coming hour may come from a home language', () => {
    for (const language of ['de', 'nl', 'sv-SE', 'DA'])
      expect(mayComeFromHomeLanguage('coming-hour', language)).toBe(true);
    expect(mayComeFromHomeLanguage('coming-hour', 'es')).toBe(false);
    expect(mayComeFromHomeLanguage('coming-hour', undefined)).toBe(false);
    expect(mayComeFromHomeLanguage('hands-swapped', 'de')).toBe(false);
  });
});
