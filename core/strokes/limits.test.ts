import { describe, expect, it } from '@jest/globals';
import type { FacePoint } from '../clock/index.ts';
import { pointAt } from '../face/index.ts';
import { readDrawing, type Stroke } from './index.ts';

/** A ruled line from one point to another. */
const line = (from: FacePoint, to: FacePoint): Stroke =>
  Array.from({ length: 21 }, (_, i) => ({
    x: from.x + ((to.x - from.x) * i) / 20,
    y: from.y + ((to.y - from.y) * i) / 20,
    ms: i * 16,
  }));
const ray = (angle: number, reach: number, hub: FacePoint = { x: 0, y: 0 }): Stroke => {
  const { x, y } = pointAt(angle, reach);
  return line(hub, { x: hub.x + x, y: hub.y + y });
};
/** Half past three with ruled hands. */
const HANDS = [ray(105, 50), ray(180, 80)];

describe('where one thing ends and another begins', () => {
  it.each([
    [10, false],
    [12, false],
    [15, true],
    [22, true],
  ])('both hands %d beside the middle are said to be beside it: %s', (by, said) => {
    const hub = { x: by, y: 0 };
    expect(readDrawing([ray(0, 80, hub), ray(105, 50, hub)])).toMatchObject({ kind: 'hands', offCentre: said });
  });
  it.each([
    [16, 1],
    [24, 2],
  ])('a line of %d makes %d hands beside a long one', (reach, hands) => {
    const read = readDrawing([ray(105, reach), ray(180, 80)]);
    expect(read.kind === 'hands' && read.hands.length).toBe(hands);
  });
  it.each([
    [20, 'hands'],
    [28, 'unreadable'],
  ])('a third line of %d beside hands of 50 and 80 is %s', (reach, kind) =>
    expect(readDrawing([...HANDS, ray(300, reach + 2)]).kind).toBe(kind),
  );
  it.each([
    [56, 'hands'],
    [80, 'unreadable'],
  ])('a line across of %d that is no part of anything leaves %s', (length, kind) => {
    const across = line({ x: -length / 2, y: -20 }, { x: length / 2, y: -20 });
    expect(readDrawing([...HANDS, across]).kind).toBe(kind);
  });
  it('a short line about the middle is set aside, and said', () =>
    expect(readDrawing([...HANDS, ray(300, 14)]).aside).toEqual([{ kind: 'middle' }]));
});

describe('a reading', () => {
  it('of ruled hands is certain, of one hand and something else it is not', () => {
    const [whole, torn] = [readDrawing(HANDS), readDrawing([HANDS[1]!, line({ x: 30, y: 40 }, { x: 52, y: 40 })])];
    expect(whole.kind === 'hands' && whole.confidence).toBeGreaterThan(0.97);
    expect(torn.kind === 'hands' && torn.confidence).toBeLessThan(0.995);
  });
});
