import { describe, expect, it } from '@jest/globals';
import { ALL_DIAL_TIMES, TAUGHT_TIMES, handAngles, timeOf } from '../clock/index.ts';
import { CURRICULUM_TAGS, SKILLS, SKILL_DATA, skillOfItem } from '../skills/index.ts';
import { DEFAULT_CONVENTIONS } from '../conventions/index.ts';
import {
  DEEDS,
  ITEM_KINDS,
  KINDS,
  answersOf,
  printedAs,
  HOW_LONG,
  RIGHT_NUMERALS,
  SCHOOL_DAY,
  DAY_EVENTS,
  faultsOf,
  guessChance,
  hasCome,
  pictureAt,
  pictureOf,
  rightAnswers,
  showsTime,
  type Answer,
  type ClockPicture,
  type Item,
} from './index.ts';

const at = (hour: number, minute = 0) => timeOf(hour, minute);

describe('right answers', () => {
  it.each([
    [
      { kind: 'name-part', part: 'face' },
      { kind: 'part', part: 'face' },
    ],
    [{ kind: 'direction' }, { kind: 'direction', direction: 'clockwise' }],
    [
      { kind: 'hour-hand', shown: at(12, 30) },
      { kind: 'hour', hour: 12 },
    ],
    [
      { kind: 'read', shown: at(4, 30) },
      { kind: 'time', time: at(4, 30) },
    ],
    [
      { kind: 'write-digital', shown: at(4, 30) },
      { kind: 'text', text: '4:30' },
    ],
    [
      { kind: 'write-words', shown: at(4, 30) },
      { kind: 'text', text: 'half past 4' },
    ],
    [
      { kind: 'set', shown: at(4, 30) },
      { kind: 'hands', hour: 135, minute: 180 },
    ],
    [
      { kind: 'how-long', deed: 'bake-bread' },
      { kind: 'unit', unit: 'hour' },
    ],
    [
      { kind: 'yet', shown: at(4, 20), target: at(4, 30) },
      { kind: 'yes-no', yes: false },
    ],
    [
      { kind: 'choose-words', shown: at(4), options: [at(5), at(4)] },
      { kind: 'choice', chosen: [1] },
    ],
    [
      { kind: 'day-order', events: ['home', 'snack', 'lunch'] },
      { kind: 'order', order: [1, 2, 0] },
    ],
    [
      { kind: 'judge-clock', clock: pictureAt(at(3)) },
      { kind: 'judgement', possible: true },
    ],
  ] as const satisfies readonly (readonly [Item, Answer])[])('to %j: %j', (item, answer) =>
    expect(rightAnswers(item)[0]).toEqual(answer),
  );
  it('are several where several are right: digits and words, every clock that shows it', () => {
    expect(rightAnswers({ kind: 'write-digital', shown: at(3) }).map((one) => one.kind === 'text' && one.text)).toEqual(
      ['3:00', '3 o’clock'],
    );
    const options = [pictureAt(at(4)), pictureAt(at(5)), pictureAt(at(4))];
    expect(rightAnswers({ kind: 'choose-clock', shown: at(4), options })).toEqual([{ kind: 'choice', chosen: [0, 2] }]);
  });
  it('are written as the class writes', () =>
    expect(
      rightAnswers({ kind: 'write-digital', shown: at(4, 30) }, { ...DEFAULT_CONVENTIONS, digitalForm: '04:30' })[0],
    ).toEqual({ kind: 'text', text: '04:30' }));
});

describe('guessing', () => {
  const three = [pictureAt(at(4)), pictureAt(at(5)), pictureAt(at(6))];
  it.each([
    ['one of three clocks', { kind: 'choose-clock', shown: at(4), options: three }, 1 / 3],
    [
      'some of three clocks, two right',
      { kind: 'choose-clock', shown: at(4), options: [...three.slice(0, 2), three[0]!] },
      1 / 7,
    ],
    ['yes or no', { kind: 'yet', shown: at(4), target: at(5) }, 1 / 2],
    ['which way round', { kind: 'direction' }, 1 / 2],
    ['one of four parts', { kind: 'name-part', part: 'face' }, 1 / 4],
    ['an hour', { kind: 'hour-hand', shown: at(4) }, 1 / 12],
    ['one of the 24 times', { kind: 'read', shown: at(4) }, 1 / 24],
    ['three pairs twice over', { kind: 'pair', times: [at(1), at(2), at(3)], digitsOrder: [], wordsOrder: [] }, 1 / 36],
    ['three units', { kind: 'how-long', deed: 'hop' }, 1 / 3],
    ['an order of four', { kind: 'day-order', events: ['arrive', 'snack', 'lunch', 'home'] }, 1 / 24],
    ['eighteen degrees of one hand, in one of twelve turns', { kind: 'set', shown: at(4) }, 18 / 360 / 12],
    ['eighteen degrees of one and fifteen of the other hand', { kind: 'draw', shown: at(4) }, (18 / 360) * (15 / 360)],
  ] as const satisfies readonly (readonly [string, Item, number])[])('%s', (_, item, chance) =>
    expect(guessChance(item)).toBeCloseTo(chance, 12),
  );
});

describe('a kind of task on paper', () => {
  it('is one that a pencil can answer, and practises the same or its drawing', () => {
    for (const kind of ITEM_KINDS) {
      const paper = printedAs(kind);
      expect(printedAs(paper)).toBe(paper);
      for (const answer of answersOf(paper)) expect(['hands', 'time']).not.toContain(answer);
      // What is asked of a time is asked of the same time.
      expect(KINDS[paper].timed).toBe(KINDS[kind].timed);
    }
    expect(ITEM_KINDS.filter((kind) => printedAs(kind) !== kind)).toEqual(['read', 'set', 'set-free', 'mend-clock']);
  });
});

describe('a printed clock', () => {
  const good = pictureAt(at(4, 30));
  it.each([
    ['a numeral missing', { ...good, numerals: RIGHT_NUMERALS.map((n) => (n === 7 ? 0 : n)) }, ['numeral-missing']],
    ['a numeral twice', { ...good, numerals: RIGHT_NUMERALS.map((n) => (n === 7 ? 8 : n)) }, ['numeral-doubled']],
    ['numerals out of order', { ...good, numerals: [...RIGHT_NUMERALS].reverse() }, ['numerals-disordered']],
    ['equal hands', { ...good, equalLength: true }, ['equal-hands']],
    ['one hand', { ...good, handsDrawn: 'hour' }, ['one-hand']],
    ['the hour hand on the numeral at half past', pictureOf({ hour: 120, minute: 180 }), ['hour-hand-on-numeral']],
    ['hands swapped', pictureOf({ hour: 0, minute: 150 }), ['hands-swapped']],
    ['hands that do not go together', pictureOf({ hour: 105, minute: 0 }), ['hands-disagree']],
    [
      'two things wrong',
      { ...pictureOf({ hour: 120, minute: 180 }), equalLength: true },
      ['equal-hands', 'hour-hand-on-numeral'],
    ],
  ] as const satisfies readonly (readonly [string, ClockPicture, readonly string[]])[])(
    'with %s',
    (_, picture, faults) => expect(faultsOf(picture)).toEqual(faults),
  );
  it('is without a fault at all 720 times and shows its own time alone', () => {
    for (const time of ALL_DIAL_TIMES) {
      expect(faultsOf(pictureAt(time))).toEqual([]);
      expect(showsTime(pictureAt(time), time)).toBe(true);
      expect(showsTime(pictureAt(time), timeOf(12))).toBe(time === 0);
    }
  });
  it('with something wrong shows no time', () =>
    expect(showsTime({ ...good, equalLength: true }, at(4, 30))).toBe(false));
});

describe('a time that has come', () => {
  it('has from the target on, for half a turn of the hour hand', () => {
    for (const target of TAUGHT_TIMES) {
      expect(hasCome(target, target)).toBe(true);
      expect(hasCome(ALL_DIAL_TIMES[(target + 359) % 720]!, target)).toBe(true);
      expect(hasCome(ALL_DIAL_TIMES[(target + 719) % 720]!, target)).toBe(false);
    }
  });
});

describe('the school day and how long things take', () => {
  it('has its events in order', () => {
    const times = DAY_EVENTS.map((event) => SCHOOL_DAY[event]);
    expect(times).toEqual([...times].sort((a, b) => a - b));
  });
  it('has three deeds of each length', () => {
    for (const unit of ['second', 'minute', 'hour'])
      expect(DEEDS.filter((deed) => HOW_LONG[deed] === unit)).toHaveLength(3);
  });
});

describe('the skill an item shows', () => {
  it.each([
    [{ kind: 'read', shown: at(3) }, 'oclock-read'],
    [{ kind: 'draw', shown: at(3, 30) }, 'half-past-draw'],
    [{ kind: 'set-free', shown: at(3, 30) }, 'half-past-set'],
    [{ kind: 'write-words', shown: at(3) }, 'oclock-write'],
    [{ kind: 'hour-hand', shown: at(3) }, 'hour-hand-on'],
    [{ kind: 'hour-hand', shown: at(3, 30) }, 'hour-hand-between'],
    [{ kind: 'read', shown: at(3, 15) }, 'quarter-past'],
    [{ kind: 'read', shown: at(3, 45) }, 'quarter-to'],
    [{ kind: 'read', shown: at(3, 20) }, 'five-minutes'],
    [{ kind: 'read', shown: at(3, 7) }, 'to-the-minute'],
    [{ kind: 'judge-clock', clock: pictureAt(at(3)) }, 'judge-clock'],
    [{ kind: 'day-order', events: ['lunch', 'home'] }, 'what-for'],
  ] as const satisfies readonly (readonly [Item, string])[])('%j: %s', (item, skill) =>
    expect(skillOfItem(item)).toBe(skill),
  );
  it('counts the kind among those that show it', () => {
    for (const skill of SKILLS) expect(SKILL_DATA[skill].tags.every((tag) => CURRICULUM_TAGS.includes(tag))).toBe(true);
    for (const kind of ['read', 'set', 'draw', 'write-digital', 'choose-clock'] as const)
      for (const shown of TAUGHT_TIMES) {
        const item = (kind === 'choose-clock' ? { kind, shown, options: [] } : { kind, shown }) as Item;
        expect(SKILL_DATA[skillOfItem(item)].itemKinds).toContain(kind);
      }
  });
});

describe('hands of a right answer', () => {
  it('stand where a true clock’s do, at all 720 times', () => {
    for (const shown of ALL_DIAL_TIMES)
      expect(rightAnswers({ kind: 'set-free', shown })).toEqual([{ kind: 'hands', ...handAngles(shown) }]);
  });
});
