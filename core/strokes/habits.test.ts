import { describe, expect, it } from '@jest/globals';
import { ALL_DIAL_TIMES, angleBetween, handAngles, handsApart, timeOf, type HandAngles } from '../clock/index.ts';
import { pick, seededRng } from '../common/index.ts';
import { HABITS, SCRIBBLES, scrawl, scribbled, type Habit, type Scribble } from '../simulation/scrawl/index.ts';
import { DOUBTFUL, readDrawing, type Aside, type DrawingRead, type Stroke } from './index.ts';

/** Times whose hands somebody can tell apart. */
const TIMES = ALL_DIAL_TIMES.filter((time) => handsApart(time) >= 8);
/** Degrees within which a hand is read as it was drawn. */
const NEAR = 6;
const EACH = 250;

const isRight = (read: DrawingRead, hands: HandAngles): boolean => {
  const [hour, minute] = read.kind === 'hands' ? read.hands : [];
  return (
    hour !== undefined &&
    minute !== undefined &&
    angleBetween(hour.angle, hands.hour) <= NEAR &&
    angleBetween(minute.angle, hands.minute) <= NEAR
  );
};
const isSure = (read: DrawingRead): boolean => read.kind === 'hands' && read.confidence >= DOUBTFUL;
const drawn = (habit: Habit, seed: number, count = EACH) => {
  const rng = seededRng(seed);
  return Array.from({ length: count }, () => {
    const { strokes, hands } = scrawl(rng, habit, handAngles(pick(rng, TIMES)));
    const read = readDrawing(strokes);
    return { read, right: isRight(read, hands) };
  });
};
const NAMES = Object.keys(HABITS) as Habit[];
const UNSEEN = NAMES.filter((habit) => !HABITS[habit].tuned);

describe('drawings of the second kind', () => {
  const all = new Map(NAMES.map((habit) => [habit, drawn(habit, 404)]));
  const share = (
    list: readonly { right: boolean; read: DrawingRead }[],
    holds: (one: { right: boolean; read: DrawingRead }) => boolean,
  ): number => list.filter(holds).length / list.length;

  it('are of thirty habits and more, and the reader was made without a third of them', () => {
    expect(NAMES.length).toBeGreaterThan(30);
    expect(UNSEEN.length / NAMES.length).toBeGreaterThanOrEqual(0.3);
  });
  it('with habits it has never seen are read in at least 98 of 100', () =>
    expect(
      share(
        UNSEEN.flatMap((habit) => all.get(habit)!),
        ({ right }) => right,
      ),
    ).toBeGreaterThanOrEqual(0.98));
  it('with all habits are read in at least 98 of 100', () =>
    expect(share([...all.values()].flat(), ({ right }) => right)).toBeGreaterThanOrEqual(0.98));
  it.each(NAMES)('%s: read, or given to somebody to look at, in at least 92 of 100', (habit) =>
    expect(share(all.get(habit)!, ({ right, read }) => right || !isSure(read))).toBeGreaterThanOrEqual(0.92),
  );
  it.each(['overshoot', 'more-pieces', 'shifted'] as const)('%s: sure and wrong in at most 1 of 100', (habit) =>
    expect(share(drawn(habit, 77, 1500), ({ right, read }) => !right && isSure(read))).toBeLessThanOrEqual(0.01),
  );
  it('are trusted no more than they deserve: of readings at nine in ten and above, nine in ten are right', () => {
    const confident = (from: number, to: number) =>
      [...all.values()]
        .flat()
        .filter(({ read }) => read.kind === 'hands' && read.confidence >= from && read.confidence < to);
    expect(share(confident(0.9, 0.97), ({ right }) => right)).toBeGreaterThanOrEqual(0.87);
    expect(share(confident(0.97, 1.01), ({ right }) => right)).toBeGreaterThanOrEqual(0.97);
    expect(share(confident(0, DOUBTFUL), ({ right }) => right)).toBeLessThan(0.9);
  });
  it('lose no more than a few readings to doubt', () =>
    expect(share([...all.values()].flat(), ({ read }) => isSure(read))).toBeGreaterThanOrEqual(0.97));
});

describe('what shows no time', () => {
  const KINDS = Object.keys(SCRIBBLES) as Scribble[];
  const sure = new Map(
    KINDS.map((kind) => {
      const rng = seededRng(77);
      const read = Array.from({ length: EACH }, () => readDrawing(scribbled(rng, kind)));
      return [kind, read.filter(isSure).length / EACH] as const;
    }),
  );
  it.each(KINDS)('%s: not read, or with doubt, in at least 94 of 100', (kind) =>
    expect(sure.get(kind)).toBeLessThanOrEqual(0.06),
  );
  it('is not read in at least 97 of 100, all kinds together', () =>
    expect([...sure.values()].reduce((sum, one) => sum + one, 0) / KINDS.length).toBeLessThanOrEqual(0.03));
});

describe('what is set aside', () => {
  const asides = (habit: Habit, shown = timeOf(4, 30)): Aside[] => {
    const rng = seededRng(12);
    return Array.from({ length: 20 }, () => readDrawing(scrawl(rng, habit, handAngles(shown)).strokes)).flatMap(
      ({ aside }) => [...aside],
    );
  };
  const kinds = (habit: Habit): string[] => [...new Set(asides(habit).map(({ kind }) => kind))].sort();
  it('is said: a ring round the hour, with the numeral', () =>
    expect(asides('hour-ringed').filter((one) => one.kind === 'ring' && one.numeral === 4).length).toBeGreaterThan(15));
  it('is said: arrowheads and blobs as the tips they are', () => {
    expect(kinds('middle-v')).toEqual(['tip']);
    expect(kinds('blob')).toEqual(['tip']);
  });
  it('is said: the rim, numerals, the middle', () => {
    expect(kinds('rim-traced')).toEqual(['rim']);
    expect(kinds('numerals-too')).toContain('beside');
    expect(kinds('hub')).toContain('middle');
  });
  it('is nothing in a plain drawing', () => expect(kinds('plain')).toEqual([]));
  it('leaves nothing to read where nothing else is there', () => {
    const ring = (scrawl(seededRng(3), 'hour-ringed', handAngles(timeOf(7))).strokes as Stroke[]).filter((stroke) =>
      stroke.every(({ x, y }) => Math.hypot(x, y) > 50),
    );
    expect(readDrawing(ring)).toMatchObject({
      kind: 'unreadable',
      why: 'nothing',
      aside: [{ kind: 'ring', numeral: 7 }],
    });
  });
});

describe('a whole drawing beside the middle', () => {
  it('is read as if it were not, and said to be beside it', () => {
    const rng = seededRng(8);
    const shifted = Array.from({ length: 100 }, () => scrawl(rng, 'shifted', handAngles(timeOf(9))));
    const read = shifted.map(({ strokes, hands }) => ({ read: readDrawing(strokes), hands }));
    expect(read.filter(({ read: one, hands }) => isRight(one, hands)).length).toBeGreaterThan(95);
    expect(read.filter(({ read: one }) => one.kind === 'hands' && one.offCentre).length).toBeGreaterThan(50);
  });
});
