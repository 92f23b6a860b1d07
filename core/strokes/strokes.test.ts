import { describe, expect, it } from '@jest/globals';
import { TAUGHT_TIMES, angleBetween, handAngles, timeOf, type FacePoint } from '../clock/index.ts';
import { seededRng } from '../common/index.ts';
import { pointAt } from '../face/index.ts';
import { DRAWING_HABITS, anyStyle, simulateDrawing, simulateScribble } from '../simulation/index.ts';
import {
  BUDGET,
  MOST_POINTS,
  drawnOn,
  extent,
  lengthOf,
  pointsIn,
  readDrawing,
  resampled,
  type Stroke,
} from './index.ts';

const stroke = (...points: FacePoint[]): Stroke => points.map((point, i) => ({ ...point, ms: i * 16 }));
/** A ruled line along a ray. */
const ruled = (angle: number, from: number, to: number): Stroke =>
  stroke(...[0, 0.25, 0.5, 0.75, 1].map((s) => pointAt(angle, from + (to - from) * s)));
const hands = (...strokes: Stroke[]) => {
  const read = readDrawing(strokes);
  return read.kind === 'hands'
    ? read.hands.map(({ angle, reach }) => [Math.round(angle) % 360, Math.round(reach / 5) * 5])
    : read;
};

describe('a drawing with a ruler', () => {
  it.each([
    ['from the middle', [ruled(135, 0, 50), ruled(180, 0, 80)]],
    ['from the rim', [ruled(135, 50, 0), ruled(180, 80, 0)]],
    ['the long hand first', [ruled(180, 0, 80), ruled(135, 0, 50)]],
    ['both hands in one stroke', [[...ruled(135, 50, 0), ...ruled(180, 0, 80)]]],
    ['past the middle', [ruled(135, 50, -15), ruled(180, 80, -15)]],
    ['drawn over three times', [[...ruled(135, 0, 50), ...ruled(135, 50, 0), ...ruled(135, 0, 50)], ruled(180, 0, 80)]],
    ['in two parts', [ruled(135, 0, 26), ruled(135, 24, 50), ruled(180, 0, 40), ruled(180, 38, 80)]],
    ['dots on the rim first', [ruled(135, 94, 96), ruled(180, 94, 97), ruled(135, 0, 50), ruled(180, 0, 80)]],
    [
      'with arrowheads',
      [
        ruled(135, 0, 50),
        stroke(pointAt(125, 40), pointAt(135, 50), pointAt(145, 40)),
        ruled(180, 0, 80),
        stroke(pointAt(174, 70), pointAt(180, 80), pointAt(186, 70)),
      ],
    ],
  ])('%s shows half past four', (_, strokes) =>
    expect(hands(...(strokes as Stroke[]))).toEqual([
      [135, 50],
      [180, 80],
    ]),
  );

  it('shows six o’clock drawn as one line through the middle', () =>
    expect(hands(ruled(0, 80, -50))).toEqual([
      [180, 50],
      [0, 80],
    ]));
  it('is not read where a third line is half as long as the shorter hand', () =>
    expect(hands(ruled(135, 0, 50), ruled(180, 0, 80), ruled(280, 0, 27))).toMatchObject({ why: 'too-many-lines' }));
  it('shows it still when that line is drawn over', () =>
    expect(hands(ruled(0, 80, -50), ruled(0, 80, -50))).toEqual([
      [180, 50],
      [0, 80],
    ]));
  it('shows half past eleven where each line goes on over the other', () =>
    expect(hands(ruled(345, 50, -26), ruled(180, 80, -26))).toEqual([
      [345, 50],
      [180, 80],
    ]));
  it('shows twelve o’clock as two hands, one behind the other', () =>
    expect(hands(ruled(0, 0, 50), ruled(0, 0, 85))).toEqual([
      [0, 50],
      [0, 85],
    ]));
  it('shows half past six, the hands fifteen degrees apart', () =>
    expect(hands(ruled(195, 0, 50), ruled(180, 0, 80))).toEqual([
      [195, 50],
      [180, 80],
    ]));
  it('with one hand shows one hand', () => expect(hands(ruled(90, 0, 80))).toEqual([[90, 80]]));
  it('never repairs what was drawn: swapped lengths stay swapped', () =>
    expect(hands(ruled(135, 0, 80), ruled(180, 0, 50))).toEqual([
      [180, 50],
      [135, 80],
    ]));
  it('beside the middle says so', () => {
    const shifted = (angle: number, to: number): Stroke =>
      ruled(angle, 0, to).map((point) => ({ ...point, x: point.x + 26 }));
    expect(readDrawing([shifted(0, 80), ruled(90, 0, 50)])).toMatchObject({ kind: 'hands', offCentre: true });
    expect(readDrawing([ruled(0, 0, 80), ruled(90, 0, 50)])).toMatchObject({ kind: 'hands', offCentre: false });
  });
});

describe('a drawing that cannot be read', () => {
  it.each([
    ['nothing', [], 'nothing'],
    ['dots alone', [ruled(90, 94, 96), ruled(0, 94, 95)], 'nothing'],
    ['three hands', [ruled(0, 0, 80), ruled(90, 0, 60), ruled(200, 0, 70)], 'too-many-lines'],
  ])('%s', (_, strokes, why) => expect(readDrawing(strokes as Stroke[])).toMatchObject({ kind: 'unreadable', why }));
  it('a scribble all over the face, in at least 98 of 100', () => {
    const rng = seededRng(8);
    const read = Array.from({ length: 300 }, () => readDrawing(simulateScribble(rng)).kind);
    expect(read.filter((kind) => kind === 'unreadable').length).toBeGreaterThanOrEqual(294);
  });
  it('points that are not finite are no hands', () =>
    expect(readDrawing([stroke({ x: NaN, y: 0 }, { x: 0, y: NaN })]).kind).toBe('unreadable'));
});

describe('drawings as children make them, with one to two millimetres of wobble on a face of 60 mm', () => {
  const rng = seededRng(2026);
  const drawings = Array.from({ length: 2400 }, (_, i) => {
    const time = TAUGHT_TIMES[i % 24]!;
    const style = anyStyle(rng);
    const strokes = simulateDrawing(handAngles(time), style, rng);
    return { time, habit: style.habit, read: readDrawing(strokes) };
  });
  const errors = ({ time, read }: (typeof drawings)[number]): [number, number] | undefined => {
    if (read.kind !== 'hands' || read.hands.length !== 2) return undefined;
    const exact = handAngles(time);
    return [angleBetween(read.hands[0]!.angle, exact.hour), angleBetween(read.hands[1]!.angle, exact.minute)];
  };
  const isRight = (drawing: (typeof drawings)[number]): boolean => {
    const found = errors(drawing);
    return found !== undefined && found[0] <= 7.5 && found[1] <= 9;
  };

  it('are read to under two degrees in the middle', () => {
    const all = drawings.flatMap((drawing) => errors(drawing) ?? []).sort((a, b) => a - b);
    expect(all[Math.floor(all.length / 2)]!).toBeLessThan(2);
  });
  it('give both hands right in at least 98 of 100', () =>
    expect(drawings.filter(isRight).length / drawings.length).toBeGreaterThanOrEqual(0.98));
  it.each(DRAWING_HABITS)('give both hands right in at least 95 of 100, drawn %s', (habit) => {
    const of = drawings.filter((drawing) => drawing.habit === habit);
    expect(of.length).toBeGreaterThan(200);
    expect(of.filter(isRight).length / of.length).toBeGreaterThanOrEqual(0.95);
  });
  it('give both hands right in at least 9 of 10 even where they hide each other: 12:00, 5:30 and 6:30', () => {
    for (const time of [timeOf(12), timeOf(5, 30), timeOf(6, 30)]) {
      const of = drawings.filter((drawing) => drawing.time === time);
      expect(of.filter(isRight).length / of.length).toBeGreaterThanOrEqual(0.9);
    }
  });
});

describe('a line', () => {
  it('is measured across its box', () => {
    const points = [
      { x: 0, y: 0 },
      { x: 3, y: 4 },
      { x: 0, y: 0 },
    ];
    expect(extent(points)).toBe(5);
  });
  it('is put at even distances, however fast it was drawn', () => {
    const even = resampled(
      [
        { x: 0, y: 0 },
        { x: 1, y: 0 },
        { x: 10, y: 0 },
      ],
      2,
    );
    expect(even.map(({ x }) => x)).toEqual([0, 2, 4, 6, 8, 10]);
    expect(resampled([], 2)).toEqual([]);
  });
});

describe('a line as it is drawn', () => {
  it('is not longer for a finger that rests, and ends where the sheet is full', () => {
    const resting = Array.from({ length: 50 }, (_, i) => ({ x: 10 + (i % 2) * 0.1, y: 10, ms: i }));
    expect(drawnOn([], resting, 100)).toEqual([resting[0]]);
    const far = Array.from({ length: 50 }, (_, i) => ({ x: i, y: 0, ms: i }));
    expect(drawnOn([], far, 20)).toEqual(far.slice(0, 20));
    expect(drawnOn(far.slice(0, 20), far.slice(20), 0)).toEqual(far.slice(0, 20));
  });
  it('says the same as one whose every point was kept, on a device that reports ten times as many', () => {
    const rng = seededRng(31);
    for (let i = 0; i < 300; i++) {
      const time = TAUGHT_TIMES[i % TAUGHT_TIMES.length]!;
      const dense = simulateDrawing(handAngles(time), anyStyle(rng), rng).map((line) =>
        line.flatMap((from, at): Stroke => {
          const to = line[at + 1] ?? from;
          const between = (a: number, b: number, share: number): number => a + (b - a) * share;
          return Array.from({ length: 10 }, (_, part) => ({
            x: between(from.x, to.x, part / 10),
            y: between(from.y, to.y, part / 10),
            ms: between(from.ms, to.ms, part / 10),
          }));
        }),
      );
      const kept = dense.map((line) => drawnOn([], line, MOST_POINTS));
      expect(pointsIn(kept)).toBeLessThan(pointsIn(dense));
      const [all, some] = [readDrawing(dense), readDrawing(kept)];
      expect(some.kind).toBe(all.kind);
      if (all.kind !== 'hands' || some.kind !== 'hands') continue;
      expect(some.hands).toHaveLength(all.hands.length);
      some.hands.forEach(({ angle, reach }, hand) => {
        expect(angleBetween(angle, all.hands[hand]!.angle)).toBeLessThan(1.5);
        expect(Math.abs(reach - all.hands[hand]!.reach)).toBeLessThan(3); // a step of the reading
      });
    }
  });
});

describe('what is too wild', () => {
  /** As many points as a drawing may have, each as far from the one before as the page reaches. */
  const wildest = (reach: number): Stroke[] => {
    const rng = seededRng(5);
    const anywhere = (): number => (rng() * 2 - 1) * reach;
    return [stroke(...Array.from({ length: MOST_POINTS }, () => ({ x: anywhere(), y: anywhere() })))];
  };
  it.each([1000, 100, 12])('is scribble, whatever it holds (a page of %d)', (reach) =>
    expect(readDrawing(wildest(reach))).toMatchObject({ kind: 'unreadable', why: 'scribble' }),
  );
  it('is not two hands, each drawn over twenty times', () => {
    const over = (angle: number, far: number): Stroke[] => Array.from({ length: 20 }, () => ruled(angle, 0, far));
    expect(hands(...over(135, 50), ...over(180, 80))).toEqual([
      [135, 50],
      [180, 80],
    ]);
  });
  it('is nothing that a made-up child draws: the longest of them has half of what is looked at', () => {
    const longest = TAUGHT_TIMES.flatMap((time) =>
      [1, 2, 3].map((seed) => {
        const rng = seededRng(time * 10 + seed);
        return lengthOf(simulateDrawing(handAngles(time), anyStyle(rng), rng));
      }),
    );
    expect(Math.max(...longest)).toBeLessThan(BUDGET.length / 2);
  });
});
