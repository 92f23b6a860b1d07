import { describe, expect, it } from '@jest/globals';
import { TAUGHT_TIMES, handAngles, timeOf } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { drawnAt, pictureAt, pictureOf, type Answer, type Item } from '../items/index.ts';
import { anyStyle, simulateDrawing, simulateScribble } from '../simulation/index.ts';
import { sentence } from '../wording/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import { hintStep, mark as markRead } from './index.ts';
import { markGiven as mark, asRead } from './given.test.support.ts';

const at = (hour: number, minute = 0) => timeOf(hour, minute);
const chosen = (...places: number[]): Answer => ({ kind: 'choice', chosen: places });
const rulesOf = (item: Item, answer: Answer): string[] =>
  mark(item, answer).findings.flatMap((finding) => (finding.kind === 'rule' ? [finding.rule] : []));

describe('choosing', () => {
  const words: Item = { kind: 'choose-words', shown: at(4, 30), options: [at(5, 30), at(4, 30), at(4)] };
  it('the words of a clock: the right ones, or those a reason leads to', () => {
    expect(mark(words, chosen(1)).verdict).toBe('right');
    expect(rulesOf(words, chosen(0))).toEqual(['coming-hour', 'larger-number']);
    expect(rulesOf(words, chosen(2))).toEqual(['always-oclock']);
  });
  const clocks: Item = {
    kind: 'choose-clock',
    shown: at(4, 30),
    options: [pictureOf({ hour: 120, minute: 180 }), pictureAt(at(4, 30)), pictureAt(at(3, 30)), pictureAt(at(4, 30))],
  };
  it('every clock that shows the time: all of them and no other', () => {
    expect(mark(clocks, chosen(1, 3)).verdict).toBe('right');
    expect(mark(clocks, chosen(3, 1)).verdict).toBe('right');
    expect(mark(clocks, chosen(1)).findings).toEqual([{ kind: 'choice', leftOut: 1, wronglyTaken: 0 }]);
    expect(mark(clocks, chosen(1, 2, 3)).findings).toEqual([{ kind: 'choice', leftOut: 0, wronglyTaken: 1 }]);
    expect(rulesOf(clocks, chosen(0))).toEqual(['hour-hand-on-numeral']);
    expect(rulesOf(clocks, chosen(2))).toEqual(['coming-hour', 'larger-number', 'wrong-side']);
  });
  const writings: Item = {
    kind: 'choose-writings',
    shown: at(9),
    options: ['9:00', '900', '9 o’clock', '9:0', '00:9', '3:00'],
  };
  it('every right writing, the fault of a wrong one named', () => {
    expect(mark(writings, chosen(0, 2)).verdict).toBe('right');
    expect(rulesOf(writings, chosen(1))).toEqual(['colon-missing']);
    expect(rulesOf(writings, chosen(3))).toEqual(['one-zero']);
    expect(rulesOf(writings, chosen(4))).toEqual(['parts-reversed']);
    expect(rulesOf(writings, chosen(5))).toEqual(['anticlockwise']);
  });
});

describe('an hour hand alone', () => {
  const put = (angle: number): Answer => ({ kind: 'hour-angle', angle });
  const item = (hour: number, minute = 0): Item => ({ kind: 'set-hour-hand', shown: at(hour, minute) });
  it('stands on its numeral at o’clock, half-way at half past; a finger’s tremble does no harm', () => {
    expect(mark(item(4), put(120)).verdict).toBe('right');
    expect(mark(item(4), put(127)).verdict).toBe('right');
    expect(mark(item(4, 30), put(135)).verdict).toBe('right');
    expect(mark(item(12, 30), put(15)).verdict).toBe('right');
    expect(mark(item(12), put(359)).verdict).toBe('right');
  });
  it.each([
    [at(4, 30), 120, ['hour-hand-on-numeral']],
    [at(4, 30), 150, ['on-coming-numeral']],
    [at(4, 30), 105, ['coming-hour', 'larger-number', 'wrong-side']],
    [at(4), 135, ['half-way-at-oclock']],
    [at(4), 240, ['anticlockwise']],
    [at(6, 30), 165, ['coming-hour', 'larger-number', 'anticlockwise', 'wrong-side']],
  ] as const)('at %i, put at %i degrees, follows %j', (shown, angle, rules) =>
    expect(rulesOf({ kind: 'set-hour-hand', shown }, put(angle))).toEqual(rules),
  );
  it('by any time is where that time has it, and another hour is named', () => {
    expect(mark(item(9, 50), put(295)).verdict).toBe('right');
    expect(mark(item(4), put(60)).findings).toEqual([{ kind: 'hour-off', askedHour: 4, answeredHour: 2 }]);
  });
  it('may stand anywhere between its numeral and the next where the class asks for no more', () => {
    const lenient = { ...DEFAULT_CONVENTIONS, halfPastHand: 'lenient' } as const;
    expect(mark(item(4, 30), put(125), lenient).verdict).toBe('right');
    expect(mark(item(4, 30), put(125)).verdict).not.toBe('right');
  });
});

describe('words and digits without a clock', () => {
  it('from words to digits go by the writing alone: no reason about hands is read out of them', () => {
    const item: Item = { kind: 'words-to-digits', shown: at(4, 30) };
    const written = (text: string): Answer => ({ kind: 'text', text });
    expect(mark(item, written('4:30')).verdict).toBe('right');
    expect(rulesOf(item, written('430'))).toEqual(['colon-missing']);
    expect(rulesOf(item, written('30:4'))).toEqual(['parts-reversed']);
    expect(rulesOf(item, written('5:30'))).toEqual([]);
    expect(mark(item, written('5:30')).verdict).toBe('wrong');
  });
  it('from digits to words one is chosen', () => {
    const item: Item = { kind: 'digits-to-words', shown: at(4, 30), options: [at(5, 30), at(4, 30), at(4)] };
    expect(mark(item, chosen(1)).verdict).toBe('right');
    expect(mark(item, chosen(0))).toMatchObject({ verdict: 'wrong', findings: [{ kind: 'choice' }] });
  });
  it('among clocks with hands and with digits, only hands are read by a rule', () => {
    const options = [
      { time: at(3, 30), form: 'analog' },
      { time: at(5, 30), form: 'digital' },
      { time: at(4, 30), form: 'digital' },
      { time: at(8), form: 'analog' },
    ] as const;
    const item: Item = { kind: 'which-of', shown: at(4, 30), options };
    expect(mark(item, chosen(2)).verdict).toBe('right');
    expect(rulesOf(item, chosen(0))).toContain('coming-hour');
    expect(rulesOf(item, chosen(1))).toEqual([]);
  });
});

describe('other kinds of task', () => {
  const times = [at(4, 30), at(5, 30), at(4)];
  const pair: Item = { kind: 'pair', times, digitsOrder: [2, 0, 1], wordsOrder: [1, 2, 0] };
  it('pairs clocks with digits and words in any order', () => {
    const right = [
      { digits: 1, words: 2 },
      { digits: 2, words: 0 },
      { digits: 0, words: 1 },
    ];
    expect(mark(pair, { kind: 'pairs', pairs: right }).verdict).toBe('right');
    expect(mark(pair, { kind: 'pairs', pairs: [right[1]!, right[0]!, right[2]!] }).verdict).toBe('wrong');
  });
  it.each([
    [at(4, 25), at(4, 30), false],
    [at(4, 30), at(4, 30), true],
    [at(4, 35), at(4, 30), true],
    [at(11, 55), at(12), false],
    [at(12, 5), at(12), true],
  ])('knows at %d whether it is %d yet', (shown, target, come) => {
    expect(mark({ kind: 'yet', shown, target }, { kind: 'yes-no', yes: come }).verdict).toBe('right');
    expect(mark({ kind: 'yet', shown, target }, { kind: 'yes-no', yes: !come }).verdict).toBe('wrong');
  });
  it('judges a clock: possible or not, and what is wrong', () => {
    const wrong: Item = { kind: 'judge-clock', clock: pictureOf({ hour: 120, minute: 180 }) };
    expect(mark(wrong, { kind: 'judgement', possible: false, fault: 'hour-hand-on-numeral' }).verdict).toBe('right');
    expect(mark(wrong, { kind: 'judgement', possible: false }).verdict).toBe('right');
    expect(mark(wrong, { kind: 'judgement', possible: false, fault: 'one-hand' }).verdict).toBe('wrong');
    expect(rulesOf(wrong, { kind: 'judgement', possible: true })).toEqual(['hour-hand-on-numeral']);
    const good: Item = { kind: 'judge-clock', clock: pictureAt(at(4, 30)) };
    expect(mark(good, { kind: 'judgement', possible: true }).verdict).toBe('right');
    expect(mark(good, { kind: 'judgement', possible: false }).verdict).toBe('wrong');
  });
  it('names parts and the way round', () => {
    expect(mark({ kind: 'name-part', part: 'face' }, { kind: 'part', part: 'face' }).verdict).toBe('right');
    expect(rulesOf({ kind: 'name-part', part: 'hour-hand' }, { kind: 'part', part: 'minute-hand' })).toEqual([
      'names-swapped',
    ]);
    expect(rulesOf({ kind: 'direction' }, { kind: 'direction', direction: 'anticlockwise' })).toEqual([
      'anticlockwise',
    ]);
  });
  it('knows how long things take and the order of the day', () => {
    expect(mark({ kind: 'how-long', deed: 'hop' }, { kind: 'unit', unit: 'second' }).verdict).toBe('right');
    expect(mark({ kind: 'how-long', deed: 'hop' }, { kind: 'unit', unit: 'hour' }).verdict).toBe('wrong');
    const day: Item = { kind: 'day-order', events: ['lunch', 'arrive', 'home'] };
    expect(mark(day, { kind: 'order', order: [1, 0, 2] }).verdict).toBe('right');
    expect(mark(day, { kind: 'order', order: [0, 1, 2] }).verdict).toBe('wrong');
  });
});

describe('drawings', () => {
  const draw = (hour: number, minute = 0): Item => ({ kind: 'draw', shown: at(hour, minute) });
  const drawn = (hour: number, minute: number): Answer => ({
    kind: 'drawn',
    hands: [
      { angle: hour, reach: 50 },
      { angle: minute, reach: 80 },
    ],
  });
  it('may put the hour hand anywhere between its numeral and the next where the class asks for no more', () => {
    const lenient = { ...DEFAULT_CONVENTIONS, halfPastHand: 'lenient' } as const;
    for (const hour of [123, 125, 135, 147]) expect(mark(draw(4, 30), drawn(hour, 180), lenient).verdict).toBe('right');
    for (const hour of [120, 122.5, 147.5, 150])
      expect(mark(draw(4, 30), drawn(hour, 180), lenient).verdict).toBe('wrong');
  });
  it('need hands of clearly different length: fifteen parts in a hundred', () => {
    const ratio = (reach: number): Answer => ({
      kind: 'drawn',
      hands: [
        { angle: 90, reach: 60 },
        { angle: 0, reach },
      ],
    });
    expect(mark(draw(3), ratio(69)).verdict).toBe('right');
    expect(mark(draw(3), ratio(68)).findings[0]).toEqual({ kind: 'drawing', problem: 'same-length' });
  });
  it('keep what was seen: angles, reaches and the time they amount to', () =>
    expect(mark(draw(4, 30), drawn(120, 180)).seen).toEqual({
      hourAngle: 120,
      minuteAngle: 180,
      hourReach: 50,
      minuteReach: 80,
      time: at(4, 30),
    }));
  it('are read from strokes, all 24 times, right as they were meant: 99 of 100 and more', () => {
    const rng = seededRng(5);
    const times = TAUGHT_TIMES.filter((time) => time !== at(12));
    const verdicts = Array.from({ length: 30 }).flatMap(() =>
      times.map((shown) => {
        const strokes = simulateDrawing(handAngles(shown), anyStyle(rng), rng);
        return mark({ kind: 'draw', shown }, { kind: 'strokes', strokes }).verdict;
      }),
    );
    expect(verdicts.filter((verdict) => verdict === 'right').length / verdicts.length).toBeGreaterThanOrEqual(0.99);
  });
  it('that are read with doubt go to the teacher, and nothing is said of why', () => {
    const hands = [
      { angle: 180, reach: 50 },
      { angle: 135, reach: 80 },
    ];
    const drawing = { kind: 'drawing', hands, offCentre: false, aside: [] } as const;
    expect(markRead(draw(4, 30), { ...drawing, confidence: 0.81 }).findings[0]).toMatchObject({ kind: 'rule' });
    expect(markRead(draw(4, 30), { ...drawing, confidence: 0.79 })).toMatchObject({
      verdict: 'unreadable',
      findings: [{ kind: 'drawing', problem: 'doubtful' }],
    });
  });
  it('that are a scribble, or nothing, go to the teacher', () => {
    expect(mark(draw(3), { kind: 'strokes', strokes: simulateScribble(seededRng(3)) })).toMatchObject({
      verdict: 'unreadable',
      findings: [{ kind: 'drawing' }],
    });
    expect(mark(draw(3), { kind: 'strokes', strokes: [] })).toMatchObject({
      verdict: 'unreadable',
      findings: [{ kind: 'drawing', problem: 'nothing' }],
    });
  });
  it('are right as drawn for every time', () => {
    for (const shown of TAUGHT_TIMES) expect(mark({ kind: 'draw', shown }, drawnAt(shown)).verdict).toBe('right');
  });
});

describe('writing', () => {
  it('in another form than the class’s is right or named, as the class chose', () => {
    const item: Item = { kind: 'write-digital', shown: at(4, 30) };
    const dotted: Answer = { kind: 'text', text: '4.30' };
    expect(mark(item, dotted).verdict).toBe('right');
    expect(mark(item, dotted, { ...DEFAULT_CONVENTIONS, otherForms: 'named' })).toMatchObject({
      verdict: 'wrong',
      findings: [{ kind: 'writing', fault: 'other-form' }],
    });
  });
  it('is taken as an answer to a reading task too', () =>
    expect(mark({ kind: 'read', shown: at(4, 30) }, { kind: 'text', text: 'half past five' })).toMatchObject({
      verdict: 'wrong',
      findings: [{ rule: 'coming-hour' }, { rule: 'larger-number' }],
      seen: { text: 'half past five', time: at(5, 30) },
    }));
});

describe('the hint for a child', () => {
  const hint = (item: Item, answer: Answer): string | undefined => {
    const step = hintStep(item, asRead(answer), DEFAULT_CONVENTIONS);
    return step && sentence(step.sentence, DEFAULT_CONVENTIONS);
  };
  it.each([
    ['another hour: the hour hand', at(5, 30), 'The hour hand has just passed 4.'],
    ['other minutes: the minute hand', at(4), 'The minute hand points straight down: half a turn.'],
  ])('is the reading step that was missed, %s', (_, said, words) =>
    expect(hint({ kind: 'read', shown: at(4, 30) }, { kind: 'time', time: said })).toBe(words),
  );
  it('is the step read first where the answer does not tell', () =>
    expect(hint({ kind: 'read', shown: at(3) }, { kind: 'observed', got: false })).toBe('The hour hand points to 3.'));
  it('looks at the hands of a clock that was set', () =>
    expect(hint({ kind: 'set', shown: at(3) }, { kind: 'hands', ...handAngles(at(4)) })).toBe(
      'The hour hand points to 3.',
    ));
  it('is none for a task that is not about one time', () =>
    expect(hint({ kind: 'direction' }, { kind: 'direction', direction: 'anticlockwise' })).toBeUndefined());
});
