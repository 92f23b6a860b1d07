import { describe, expect, it } from '@jest/globals';
import { TAUGHT_TIMES, handsApart, timeOf } from '../clock/index.ts';
import { seededRng, type Rng } from '../common/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { NEED_OF_RULE } from '../diagnosis/index.ts';
import { UNKNOWN, sharesAfter } from '../diagnosis/judged.test.support.ts';
import { rightAnswers, type Answer, type ItemOf } from '../items/index.ts';
import { response } from '../marking/given.test.support.ts';
import { WRONG_RULES, explain, predict, visibleRules, type WrongRule } from '../misconceptions/index.ts';
import { simulateScribble, strokesOf } from '../simulation/index.ts';
import { answeredTime, asGiven, readAnswer } from './index.ts';

const draw = (shown: (typeof TAUGHT_TIMES)[number]): ItemOf<'draw'> => ({ kind: 'draw', shown });
/** What a tablet sends of a drawing: its lines, and no angles. */
const sent = (answer: Answer, rng: Rng): Answer =>
  answer.kind === 'drawn' ? { kind: 'strokes', strokes: strokesOf(answer, rng) } : answer;
/** Times at which a rule shows in a drawing, with what it leads to; hands that hide each other are not asked to be drawn. */
const shownBy = (rule: WrongRule): { item: ItemOf<'draw'>; answer: Answer }[] =>
  TAUGHT_TIMES.filter((time) => handsApart(time) > 15).flatMap((time) => {
    const item = draw(time);
    const own = visibleRules(item).find((one) => one.rule === rule)?.own[0];
    if (own?.kind !== 'drawn') return [];
    const [a, b] = own.hands;
    const hides = a !== undefined && b !== undefined && Math.abs(a.angle - b.angle) % 360 < 20;
    return hides ? [] : [{ item, answer: own }];
  });
const DRAWN = WRONG_RULES.filter((rule) => shownBy(rule).length >= 3);

describe('a drawing as a tablet sends it', () => {
  it('can be made by many wrong rules', () => expect(DRAWN.length).toBeGreaterThanOrEqual(12));
  it.each(DRAWN)('is explained by the rule it was drawn by, nine times in ten and more: %s', (rule) => {
    const rng = seededRng(31);
    const drawings = Array.from({ length: 8 }).flatMap(() =>
      shownBy(rule).map(({ item, answer }) => response(item, sent(answer, rng))),
    );
    const read = drawings.filter(({ verdict }) => verdict !== 'unreadable');
    expect(read.length / drawings.length).toBeGreaterThan(0.9);
    const named = read.filter(({ findings }) => findings.some((one) => one.kind === 'rule' && one.rule === rule));
    expect(named.length / read.length).toBeGreaterThanOrEqual(0.9);
    for (const { item, read: one } of named) expect(explain(item, one)).toContain(rule);
  });
  it.each(DRAWN)('speaks for its rule in what is suspected, and not for guessing: %s', (rule) => {
    const rng = seededRng(5);
    const five = shownBy(rule)
      .slice(0, 5)
      .map(({ item, answer }) => response(item, sent(answer, rng)));
    const { needs, rules } = sharesAfter(five);
    expect(needs.guessing).toBeLessThan(0.1);
    expect(needs[NEED_OF_RULE[rule]]).toBeGreaterThan(0.9);
    expect(rules[rule]).toBeGreaterThan(UNKNOWN.rules[rule]);
  });
  it('of swapped hands weighs as much as swapped hands that were read or set: five of them name it', () => {
    const rng = seededRng(2);
    const five = shownBy('hands-swapped')
      .slice(0, 5)
      .map(({ item, answer }) => response(item, sent(answer, rng)));
    const { needs } = sharesAfter(five);
    expect(needs.hands).toBeGreaterThan(0.95);
    expect(needs.guessing).toBeLessThan(0.03);
  });
  it('that is a scribble speaks for nothing and against nobody', () => {
    const scribble = response(draw(timeOf(4, 30)), { kind: 'strokes', strokes: simulateScribble(seededRng(1)) });
    expect(scribble).toMatchObject({
      verdict: 'unreadable',
      read: { kind: 'drawing', hands: [], problem: 'scribble' },
    });
    expect(sharesAfter([scribble]).needs.guessing).toBeCloseTo(UNKNOWN.needs.guessing, 9);
  });
});

describe('an answer that was read', () => {
  const read = (answer: Answer) => readAnswer(answer, DEFAULT_CONVENTIONS);
  it('is the time or the fault of a writing, with its letters', () => {
    expect(read({ kind: 'text', text: '4:30' })).toMatchObject({
      kind: 'writing',
      text: '4:30',
      written: { time: 270 },
    });
    expect(read({ kind: 'text', text: '430' })).toMatchObject({ written: { fault: 'colon-missing', meant: 270 } });
  });
  it('is read by what the class has agreed on', () => {
    const strict = { ...DEFAULT_CONVENTIONS, otherForms: 'named' } as const;
    expect(readAnswer({ kind: 'text', text: '4.30' }, strict)).toMatchObject({ written: { fault: 'other-form' } });
    expect(read({ kind: 'text', text: '4.30' })).toMatchObject({ written: { kind: 'time' } });
  });
  it('amounts to the time it says, shows or means', () => {
    expect(answeredTime(read(rightAnswers(draw(timeOf(4, 30)))[0]!))).toBe(270);
    expect(answeredTime(read({ kind: 'text', text: '430' }))).toBe(270);
    expect(answeredTime(read({ kind: 'choice', chosen: [1] }))).toBeUndefined();
  });
  it('can be given again as it was read; what was read with doubt cannot', () => {
    const drawn: Answer = {
      kind: 'drawn',
      hands: [
        { angle: 135, reach: 50 },
        { angle: 180, reach: 80 },
      ],
      offCentre: true,
    };
    expect(asGiven(read(drawn))).toEqual(drawn);
    expect(asGiven(read({ kind: 'text', text: '430' }))).toEqual({ kind: 'text', text: '430' });
    const drawing = { kind: 'drawing', hands: drawn.hands, offCentre: false, aside: [] } as const;
    expect(asGiven({ ...drawing, confidence: 0.5 })).toBeUndefined();
    expect(asGiven({ ...drawing, confidence: 0.9 })).toBeDefined();
  });
  it('fits where answers are explained, and an answer as it was given does not', () => {
    const given: Answer = { kind: 'text', text: '430' };
    // @ts-expect-error Nothing but what was read is explained.
    expect(explain({ kind: 'write-digital', shown: timeOf(4, 30) }, given)).toEqual([]);
  });
});

describe('options that were chosen together', () => {
  const item = { kind: 'choose-writings', shown: timeOf(4), options: ['400', '4:00', '4 o’clock', '5:00'] } as const;
  const rulesOf = (...chosen: number[]) => explain(item, { kind: 'choice', chosen });
  it('fit a rule together: the dots missing, and the words right', () => {
    expect(rulesOf(0, 2)).toContain('colon-missing');
    expect(rulesOf(2, 0)).toContain('colon-missing');
    expect(rulesOf(0)).toContain('colon-missing');
    expect(rulesOf(0, 3)).not.toContain('colon-missing');
    expect(rulesOf(0, 1)).not.toContain('colon-missing');
  });
  it('are foretold as sets, all that such a child finds first', () => {
    const predicted = predict('colon-missing', item);
    expect(predicted).toMatchObject({ kind: 'answers', own: [{ chosen: [0, 2] }, { chosen: [0] }] });
  });
  it('are every writing of another time, where the clock was read as that', () => {
    const half = {
      kind: 'choose-writings',
      shown: timeOf(4, 30),
      options: ['5:30', 'half past 5', '4:30', 'half past 4'],
    } as const;
    expect(explain(half, { kind: 'choice', chosen: [0, 1] })).toContain('coming-hour');
    expect(explain(half, { kind: 'choice', chosen: [1] })).toContain('coming-hour');
    expect(explain(half, { kind: 'choice', chosen: [0, 3] })).not.toContain('coming-hour');
  });
});

describe('an answer that is nearly right', () => {
  it('speaks for knowing, and never for guessing', () => {
    const near = (hour: number) =>
      response(draw(timeOf(hour)), {
        kind: 'drawn',
        hands: [
          { angle: hour * 30 - 9.5, reach: 50 },
          { angle: 0, reach: 80 },
        ],
      });
    const two = [near(3), near(8)];
    expect(two.map(({ verdict }) => verdict)).toEqual(['nearly', 'nearly']);
    const { needs } = sharesAfter(two);
    expect(needs.guessing).toBeLessThan(0.05);
    expect(needs.none).toBeGreaterThan(UNKNOWN.needs.none);
  });
});
