import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { OCLOCK_TIMES, TAUGHT_TIMES, handsApart, timeOf } from '../clock/index.ts';
import { seededRng, shuffled } from '../common/index.ts';
import { ITEM_KINDS, type Answer, type Item } from '../items/index.ts';
import { makeItem, suits } from '../making/index.ts';
import { response } from '../marking/given.test.support.ts';
import { WRONG_RULES, predict, type WrongRule } from '../misconceptions/index.ts';
import { simulateAnswer } from '../simulation/index.ts';
import { besides } from './beside.ts';
import { UNKNOWN, judgedGiven } from './judged.test.support.ts';
import {
  NEEDS,
  NEED_OF_RULE,
  beliefOf,
  childAtCheck,
  findReason,
  foretoldOf,
  judge,
  judgeChild,
  sharesOf,
  schoolDaysBetween,
  skillsOf,
  summariseCheck,
  timeResults,
  timesOf,
  tellingTasks,
  weightOfAge,
  type Check,
  type CountedAnswer,
  type JudgedAnswer,
} from './index.ts';

describe('what is foretold of an item', () => {
  const rng = seededRng(4);
  const items = ITEM_KINDS.flatMap((kind) =>
    TAUGHT_TIMES.filter((time) => suits(kind, time))
      .filter((_, i) => i % 7 === 1)
      .map((time) => makeItem(kind, rng, [time], TAUGHT_TIMES)),
  );
  it.each(items.map((item) => [JSON.stringify(item).slice(0, 90), item] as const))(
    'sums to one in each state: %s',
    (_, item) => {
      const { own, chances } = foretoldOf(item);
      const columns = own.length + 2;
      for (let way = 0; way < chances.length / columns; way++) {
        const row = [...chances.slice(way * columns, (way + 1) * columns)];
        for (const chance of row) expect(chance).toBeGreaterThan(0);
        expect(row.slice(0, -1).reduce((sum, chance) => sum + chance)).toBeLessThanOrEqual(1 + 1e-9);
      }
    },
  );
});

const at = timeOf;
const choose = (hour: number): Item => ({
  kind: 'choose-writings',
  shown: at(hour),
  options: [`${hour}00`, `${hour}:00`, `${hour}:0`, `00:${hour}`],
});
/** A good probe: drawing, writing, reading, choosing; and twice what a rule of few times needs. */
const PROBE: readonly Item[] = [
  ...[at(9, 30), at(4, 30), at(3), at(8)].map((shown): Item => ({ kind: 'draw', shown })),
  ...[at(12, 30), at(2), at(7)].map((shown): Item => ({ kind: 'write-digital', shown })),
  ...[at(8, 30), at(6), at(12, 30), at(5, 30), at(1, 30)].map((shown): Item => ({ kind: 'read', shown })),
  choose(9),
  choose(4),
  { kind: 'name-part', part: 'hour-hand' },
  { kind: 'name-part', part: 'minute-hand' },
];
/** What a child gives who follows a rule without fail, and otherwise knows. */
const given = (rule: WrongRule | undefined, item: Item): Answer => {
  const predicted = rule === undefined ? undefined : predict(rule, item);
  if (predicted?.kind === 'answers') return predicted.own[0]!;
  return simulateAnswer({ rule: undefined, faith: 0, slip: 0 }, item, steady);
};
/** Chance that never makes a hand tremble. */
const steady = (): number => 0.5;
const answering = (rule: WrongRule | undefined, items: readonly Item[] = PROBE, day = '2026-11-10'): JudgedAnswer[] =>
  items
    .filter((item) => rule !== undefined || item.kind !== 'name-part')
    .map((item) => judgedGiven(item, given(rule, item), day));
const namesOf = (answers: readonly JudgedAnswer[]) => judgeChild(answers).reasons.map(({ need }) => need);

describe('the reason behind wrong answers', () => {
  // Hands beside the middle are right where they point; nobody marks them wrong.
  const NAMED = WRONG_RULES.filter((rule) => rule !== 'off-centre' && rule !== 'smaller-number');
  it.each(NAMED)('is named from its own answers to a good probe: %s', (rule) =>
    expect(namesOf(answering(rule))[0]).toBe(NEED_OF_RULE[rule]),
  );
  it('is never named from the answers of who knows', () => expect(namesOf(answering(undefined))).toEqual([]));
  it('has the answers that speak for it, and those that speak against it', () => {
    const swapped = [
      judgedGiven({ kind: 'read', shown: at(9) }, { kind: 'time', time: at(9) }),
      ...answering('hands-swapped'),
    ];
    const [reason] = judgeChild(swapped).reasons;
    expect(reason).toMatchObject({ need: 'hands', rule: 'hands-swapped', fitsWithRule: true });
    expect(reason!.against).toContain(0);
    expect(reason!.for.length).toBeGreaterThan(5);
    for (const { item, read } of reason!.fitting)
      expect(response(item, given('hands-swapped', item)).read).toEqual(read);
    expect(reason!.for.filter((place) => reason!.against.includes(place))).toEqual([]);
  });
  it('is not named on one wrong answer alone, nor on two to one task', () => {
    const wrong = judgedGiven({ kind: 'read', shown: at(3) }, { kind: 'time', time: at(12, 15) });
    const right = [at(7), at(9)].map((shown) => judgedGiven({ kind: 'read', shown }, { kind: 'time', time: shown }));
    expect(namesOf([wrong, ...right])).toEqual([]);
    expect(namesOf([wrong, wrong, wrong])).toEqual([]);
  });
  it('is not named while it is hardly likelier than not, however many answers fit it', () => {
    const HALF_PAST = [1, 8, 2, 3, 4, 5, 7, 9, 10, 11].map((hour): Item => ({ kind: 'read', shown: at(hour, 30) }));
    const shares: number[] = [];
    for (let right = 0; right <= 8; right++) {
      const answers = [
        ...answering('coming-hour', HALF_PAST.slice(0, 2)),
        ...answering(undefined, HALF_PAST.slice(2, 2 + right)),
      ];
      const { shares: all, reasons } = judgeChild(answers);
      shares.push(all.needs.between);
      expect(reasons.some(({ need }) => need === 'between')).toBe(all.needs.between > 0.8);
    }
    // Some of them lie between.
    expect(shares.some((share) => share > 0.5 && share < 0.8)).toBe(true);
    expect(shares[0]).toBeGreaterThan(0.8);
  });
  it('is not made of taps: they tell that it was missed, not how', () =>
    expect(
      namesOf(OCLOCK_TIMES.map((shown) => judgedGiven({ kind: 'read', shown }, { kind: 'observed', got: false }))),
    ).toEqual([]));
  it('is looking at the long hand only, and not swapped hands, where o’clock is read', () => {
    const looked = [at(3), at(7), at(9), at(10)].map((shown) =>
      judgedGiven({ kind: 'read', shown }, { kind: 'time', time: at(12) }),
    );
    expect(findReason(looked)).toMatchObject({ need: 'hands' });
  });
  it('may be two at once, of reading and of writing, and both are said', () => {
    const both = [at(4, 30), at(8, 30), at(1, 30)].map((shown) => {
      const read = given('coming-hour', { kind: 'read', shown });
      const time = read.kind === 'time' ? read.time : shown;
      return judgedGiven(
        { kind: 'write-digital', shown },
        given('colon-missing', { kind: 'write-digital', shown: time }),
      );
    });
    const reading = answering(
      'coming-hour',
      [at(2, 30), at(9, 30)].map((shown) => ({ kind: 'read', shown })),
    );
    const { needs } = judgeChild([...both, ...reading]).shares;
    expect(needs.between).toBeGreaterThan(0.8);
    expect(needs.writing).toBeGreaterThan(0.8);
  });
  it('of reading leaves no room to see how it draws, and says so', () => {
    const [reason] = judgeChild(answering('hands-swapped')).reasons;
    expect(reason!.masksDrawing).toBe(true);
    expect(judgeChild(answering('hour-hand-on-numeral')).reasons[0]!.masksDrawing).toBe(false);
  });
  it('has beside it what may be meant as well: home language, another need, hands of one length, times that hide it', () => {
    const coming = answering(
      'coming-hour',
      [at(4, 30), at(8, 30), at(2, 30)].map((shown) => ({ kind: 'read', shown })),
    );
    const kinds = (answers: readonly JudgedAnswer[], homeLanguage?: string) =>
      findReason(answers, { homeLanguage })!.beside.map(({ kind }) => kind);
    expect(kinds(coming, 'de')[0]).toBe('home-language');
    expect(kinds(coming, 'pl')).not.toContain('home-language');
    const swapped = [...answering('hands-swapped', PROBE.slice(0, 8))];
    const atTwelve = judgedGiven({ kind: 'read', shown: at(12) }, { kind: 'time', time: at(12) });
    expect(kinds([...swapped, atTwelve])).toContain('hidden');
    expect(kinds(swapped)).not.toContain('hidden');
  });
  it('has another need beside it from three in twenty on, and not below', () => {
    const beside = (direction: number) =>
      besides(
        { need: 'hands', rule: 'hands-swapped' },
        { needs: { ...UNKNOWN.needs, hands: 0.9, direction } },
        [],
        [],
        {},
      );
    expect(beside(0.2)).toEqual([{ kind: 'need', need: 'direction', share: 0.2 }]);
    expect(beside(0.12)).toEqual([]);
  });
  it('can be told by the tasks that tell most: none of one kind, nor of a time that hides what is likely', () => {
    const wrong = [judgedGiven({ kind: 'read', shown: at(3) }, { kind: 'time', time: at(12, 15) })];
    const items = [at(12), at(7), at(4, 30)].flatMap((shown): Item[] => [
      { kind: 'read', shown },
      { kind: 'draw', shown },
    ]);
    const next = tellingTasks(beliefOf(wrong), items);
    expect(next.length).toBeGreaterThanOrEqual(2);
    expect(next[0]!.item).not.toMatchObject({ shown: at(12) });
    expect(next[0]!.bits).toBeGreaterThanOrEqual(next[1]!.bits - 1e-9);
    expect(new Set(next.slice(0, 2).map(({ item }) => item.kind)).size).toBe(2);
  });
  it('is no longer named once a child has learned: six by the rule, then six right the day after', () => {
    const items = [at(4, 30), at(8, 30), at(2, 30), at(1, 30), at(7, 30), at(10, 30)].map((shown): Item => ({
      kind: 'read',
      shown,
    }));
    const learned = [...answering('coming-hour', items), ...answering(undefined, items, '2026-11-11')];
    expect(namesOf(answering('coming-hour', items))).toEqual(['between']);
    expect(namesOf(learned)).toEqual([]);
  });
  it('counts half a school week later, and not less for the weekend between', () => {
    expect(weightOfAge(schoolDaysBetween('2026-11-10', '2026-11-17'))).toBeCloseTo(0.5, 9);
    expect(weightOfAge(schoolDaysBetween('2026-11-13', '2026-11-16'))).toBeGreaterThan(0.85);
    expect(weightOfAge(0)).toBe(1);
  });
  it('holds for about one in two after a lesson about it, until they write again', () => {
    const wrote = [2, 5, 9, 11].map((hour) =>
      judgedGiven({ kind: 'write-digital', shown: timeOf(hour) }, { kind: 'text', text: `${hour}00` }, '2026-11-10'),
    );
    const read = judgedGiven({ kind: 'read', shown: timeOf(4) }, { kind: 'time', time: timeOf(4) }, '2026-11-11');
    const share = (lessons: readonly string[]): number => sharesOf(beliefOf([...wrote, read], lessons)).needs.writing;
    expect(share([])).toBeGreaterThan(0.85);
    expect(share(['2026-11-10'])).toBeGreaterThan(0.42);
    expect(share(['2026-11-10'])).toBeLessThan(0.55);
  });
  it('fades sooner where a lesson was taught about it since', () => {
    const items = [at(4, 30), at(8, 30), at(2, 30)].map((shown): Item => ({ kind: 'read', shown }));
    const answers = [...answering('coming-hour', items), ...answering(undefined, items.slice(0, 1), '2026-11-11')];
    const share = (lessons: readonly string[]) => sharesOf(beliefOf(answers, lessons)).needs.between;
    expect(share(['2026-11-10'])).toBeLessThan(share([]));
  });
});

describe('a judgement', () => {
  const mixed = [
    ...answering('coming-hour', PROBE.slice(0, 8)),
    ...answering('one-zero', PROBE.slice(3), '2026-11-11'),
    ...answering(undefined, PROBE, '2026-11-13'),
  ];
  const said = (answers: readonly JudgedAnswer[]) => {
    const { shares, reasons } = judgeChild(answers);
    return {
      shares: Object.values(shares.needs).map((share) => share.toFixed(9)),
      named: reasons.map(({ need }) => need),
    };
  };
  it('is the same in whatever order answers came', () => {
    const rng = seededRng(7);
    for (let i = 0; i < 5; i++) expect(said(shuffled(rng, mixed))).toEqual(said(mixed));
  });
  it('is the same, to the last digit, whether it grew answer by answer or is made at once', () => {
    const lessons = ['2026-11-12'];
    const days = ['2026-11-09', '2026-11-10', '2026-11-10', '2026-11-12', '2026-11-13', '2026-11-13'];
    const grown = days.flatMap((day, i) => answering(i % 2 === 0 ? 'coming-hour' : 'one-zero', PROBE.slice(0, 4), day));
    for (let count = 0; count <= grown.length; count++) {
      const until = grown.slice(0, count);
      expect(beliefOf(until, lessons)).toEqual(
        beliefOf(
          until.map((answer) => ({ ...answer })),
          lessons,
        ),
      );
    }
    // The same day once more: without the lesson, without an answer that does not count any more, and with one of an earlier day that came late.
    const others = [grown, grown.slice(1), [...grown, ...answering('one-zero', PROBE.slice(5, 6), '2026-11-11')]];
    for (const answers of others) expect(beliefOf(answers)).toEqual(beliefOf(answers.map((answer) => ({ ...answer }))));
  });
  it('sums to no more than certainty, whatever was answered', () =>
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...TAUGHT_TIMES), fc.integer({ min: 0, max: 719 })), { maxLength: 30 }),
        (pairs) => {
          const answers = pairs.map(([shown, time]) =>
            judgedGiven({ kind: 'read', shown }, { kind: 'time', time: time as (typeof TAUGHT_TIMES)[number] }),
          );
          const { needs, rules } = judgeChild(answers).shares;
          for (const share of [...Object.values(needs), ...Object.values(rules)]) {
            expect(share).toBeGreaterThanOrEqual(0);
            expect(share).toBeLessThanOrEqual(1 + 1e-9);
          }
        },
      ),
      { numRuns: 40 },
    ));
  it('of nothing, of one answer, of nothing that can be read, names nothing', () => {
    expect(namesOf([])).toEqual([]);
    expect(namesOf(answering('hands-swapped', PROBE.slice(0, 1)))).toEqual([]);
    const unread = Array.from({ length: 20 }, () =>
      judgedGiven({ kind: 'draw', shown: at(4, 30) }, { kind: 'strokes', strokes: [] }),
    );
    expect(namesOf(unread)).toEqual([]);
    expect(judgeChild(unread).shares).toEqual(judgeChild([]).shares);
  });
  it('of 4,000 answers is still a number for each need', () => {
    const many = Array.from(
      { length: 4000 },
      (_, i) => answering('coming-hour', [PROBE[i % 8]!], `2026-11-${10 + (i % 10)}`)[0]!,
    );
    for (const need of NEEDS) expect(Number.isFinite(judgeChild(many).shares.needs[need])).toBe(true);
    expect(namesOf(many)[0]).toBe('between');
  });
  it('is made of simulated children as they are: most who follow a rule are found, hardly any who know', () => {
    const items = TAUGHT_TIMES.filter((time) => handsApart(time) > 20)
      .slice(0, 12)
      .map((shown, i): Item => ({ kind: i % 2 === 0 ? 'read' : 'draw', shown }));
    const share = (rule: WrongRule | undefined): number => {
      let named = 0;
      for (let seed = 0; seed < 60; seed++) {
        const rng = seededRng(seed);
        const answers = items.map((item) =>
          judgedGiven(item, simulateAnswer({ rule, faith: 0.8, slip: 0.08 }, item, rng)),
        );
        const names = namesOf(answers);
        if (rule === undefined ? names.length > 0 : names.includes(NEED_OF_RULE[rule])) named += 1;
      }
      return named / 60;
    };
    for (const rule of ['hands-swapped', 'coming-hour', 'always-oclock', 'anticlockwise'] as const)
      expect([rule, share(rule) > 0.85]).toEqual([rule, true]);
    expect(share(undefined)).toBeLessThan(0.05);
  });
});

describe('the class', () => {
  const answer = (
    childId: number,
    lessonId: number,
    day: string,
    hour: number,
    saidHour: number,
    saidMinute = 0,
  ): CountedAnswer => {
    const item: Item = { kind: 'read', shown: timeOf(hour) };
    const given = { kind: 'time', time: timeOf(saidHour, saidMinute) } as const;
    return { childId, lessonId, day, ...response(item, given) };
  };
  const record = [
    answer(1, 1, '2026-11-10', 3, 3),
    answer(1, 2, '2026-11-12', 4, 4),
    answer(2, 1, '2026-11-10', 3, 12, 15),
    answer(2, 2, '2026-11-12', 4, 12, 20),
    answer(3, 1, '2026-11-10', 3, 4),
    answer(1, 3, '2026-11-20', 3, 2),
  ];

  const judged = (childId: number, answers: readonly CountedAnswer[]) =>
    answers.filter((one) => one.childId === childId).map(judge);
  const timesIn = (answers: readonly CountedAnswer[]) =>
    timeResults([...new Set(answers.map(({ childId }) => childId))].map((id) => timesOf(judged(id, answers))));
  const skillsIn = (answers: readonly CountedAnswer[]) => skillsOf(answers.map(judge));
  const summed = (at: Check, childIds: readonly number[], answers: readonly CountedAnswer[]) =>
    summariseCheck(childIds.map((childId) => ({ childId, ...childAtCheck(at, judged(childId, answers)) })));

  it('counts what nobody can read neither for nor against anybody', () => {
    const unreadable: CountedAnswer = {
      ...record[0]!,
      childId: 9,
      ...response({ kind: 'read', shown: timeOf(3) }, { kind: 'text', text: 'hare' }),
    };
    expect(timesIn([...record, unreadable])).toEqual(timesIn(record));
    expect(skillsIn([unreadable])['oclock-read']).toMatchObject({ level: 'not-seen', answers: 0 });
    expect(judgeChild([unreadable].map(judge)).shares).toEqual(judgeChild([]).shares);
  });
  it('counts each child once a time, by the latest answer', () =>
    expect(timesIn(record)).toEqual([
      { time: 180, children: 3, childrenRight: 0 },
      { time: 240, children: 2, childrenRight: 1 },
    ]));
  it('keeps skills apart', () => {
    const set: CountedAnswer = {
      ...record[0]!,
      ...response({ kind: 'set', shown: timeOf(3) }, { kind: 'hands', hour: 90, minute: 0 }),
    };
    expect(Object.keys(skillsIn([record[0]!, set]))).toEqual(['oclock-read', 'oclock-set']);
  });

  const check = { lessonId: 2, day: '2026-11-12', skill: 'oclock-read' } as const;
  it('is summed up as it was on the day of a check: later answers change nothing', () => {
    const summary = summed(check, [1, 2, 3], record)!;
    expect(summary.levels).toEqual([
      { childId: 1, level: 'getting-there' },
      { childId: 2, level: 'beginning' },
      { childId: 3, level: 'not-seen' },
    ]);
    expect(summary.away).toEqual([3]);
    expect(summary.reasons).toHaveLength(1);
    expect(summary.reasons[0]).toMatchObject({ childIds: [2], reason: { rule: 'hands-swapped' } });
  });
  it('has no summary of a check nobody answered', () =>
    expect(summed({ ...check, lessonId: 9 }, [1, 2, 3], record)).toBeUndefined());
});
