import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { ALL_DIAL_TIMES, TAUGHT_TIMES, gearedAngles, handAngles, hourOf, timeOf, wrapToDial } from '../clock/index.ts';
import { LENSES, minuteTrail } from '../face/index.ts';
import { say, sentence } from '../wording/index.ts';
import { DEFAULT_CONVENTIONS, type Conventions } from '../conventions/index.ts';
import {
  DEMONSTRATIONS,
  SPEEDS,
  demonstrate,
  durationOf,
  pencilLine,
  pencilPoint,
  sceneAt,
  sentenceAt,
  stepAt,
  stepStarts,
  steppedTo,
  type Demonstration,
} from './index.ts';
import { contrastOf } from '../activities/index.ts';

const at = (conventions: Partial<Conventions> = {}) => ({ ...DEFAULT_CONVENTIONS, ...conventions });
const HALF_PAST_FOUR = timeOf(4, 30);
const make = (kind: (typeof DEMONSTRATIONS)[number], time = HALF_PAST_FOUR, conventions = at()): Demonstration =>
  demonstrate(kind, time, conventions);
const said = (demonstration: Demonstration, conventions = at()): string[] =>
  demonstration.steps.map((step) => sentence(step.sentence, conventions));

describe.each(DEMONSTRATIONS)('%s', (kind) => {
  it('can be shown at every moment, for every time, with words for every step', () => {
    for (const time of ALL_DIAL_TIMES.filter((_, i) => i % 7 === 0)) {
      const shown = make(kind, time);
      const scenes = Array.from({ length: 21 }, (_, i) => sceneAt(shown, (i / 20) * durationOf(shown)));
      expect(scenes.every(({ minutes }) => Number.isFinite(minutes))).toBe(true);
      expect(scenes.every(({ lenses }) => lenses.every((lens) => LENSES.includes(lens)))).toBe(true);
      for (const words of said(shown)) expect(words).not.toMatch(/[{}]/);
    }
  });
  it('never jumps: the hands turn less than a minute and a half within a fiftieth of a second', () => {
    for (const time of TAUGHT_TIMES.filter((_, i) => i % 5 === 0)) {
      const shown = make(kind, time);
      const moments = Array.from(
        { length: Math.floor(durationOf(shown) * 50) },
        (_, i) => sceneAt(shown, i / 50).minutes,
      );
      const turns = moments.slice(1).map((minutes, i) => Math.abs(minutes - moments[i]!));
      expect(Math.max(...turns)).toBeLessThan(1.5);
    }
  });
  it('shows the same at a moment whichever way it was reached', () => {
    const shown = make(kind);
    fc.assert(
      fc.property(fc.double({ min: -5, max: 200, noNaN: true }), (moment) =>
        expect(sceneAt(shown, moment)).toEqual(sceneAt(make(kind), moment)),
      ),
    );
  });
  it('is stepped forwards to its end and back to its start through every stop', () => {
    const shown = make(kind);
    const stops = [...stepStarts(shown), durationOf(shown)];
    const forward = stops.map((_, i) =>
      Array.from({ length: i }).reduce<number>((moment) => steppedTo(shown, moment, 1), 0),
    );
    expect(forward).toEqual(stops);
    expect(steppedTo(shown, durationOf(shown), 1)).toBe(durationOf(shown));
    const back = [...stops]
      .reverse()
      .map((_, i) =>
        Array.from({ length: i }).reduce<number>((moment) => steppedTo(shown, moment, -1), durationOf(shown)),
      );
    expect(back).toEqual([...stops].reverse());
    expect(steppedTo(shown, 0, -1)).toBe(0);
  });
  it('stands on whole minutes, and is drawn at once, for those who wish less motion', () => {
    const shown = make(kind);
    for (let moment = 0; moment <= durationOf(shown); moment += 0.37) {
      const scene = sceneAt(shown, moment, true);
      expect(scene.minutes).toBe(Math.floor(sceneAt(shown, moment).minutes + 1e-6));
      expect((scene.marks ?? []).every(({ share }) => share === 1)).toBe(true);
    }
  });
});

describe('once round', () => {
  const shown = make('once-round');
  it('begins at the o’clock of its hour and ends at the next, one numeral on', () => {
    expect(sceneAt(shown, 0).minutes).toBe(timeOf(4));
    const end = sceneAt(shown, durationOf(shown));
    expect(end.minutes).toBe(timeOf(5));
    expect(gearedAngles(end.minutes)).toEqual({ hour: 150, minute: 0 });
  });
  it('counts each minute once, in order, and the trail is as long as the count', () => {
    const counts: number[] = [];
    for (let moment = 0; moment <= durationOf(shown); moment += 0.1) {
      const { minutes, count, trailSince } = sceneAt(shown, moment);
      expect(minuteTrail(minutes, trailSince).count).toBe(count);
      if (counts.at(-1) !== count) counts.push(count!);
    }
    expect(counts).toEqual(Array.from({ length: 61 }, (_, minute) => minute));
  });
  it('says the fives on its way and the hour at its end', () => {
    expect(said(shown).slice(1, 3)).toEqual(['Count on to 5, at the 1.', 'Count on to 10, at the 2.']);
    expect(said(shown).at(-1)).toBe('Once round is 60 minutes: an hour. The hour hand went from 4 to 5.');
    expect(said(make('once-round', timeOf(12, 30))).at(-1)).toContain('from 12 to 1');
  });
});

describe('half way and the next hour', () => {
  it('stop at 6 and fold, the hour hand between its numerals', () => {
    const shown = make('half-way', timeOf(4));
    const end = sceneAt(shown, durationOf(shown));
    expect(end).toMatchObject({ minutes: HALF_PAST_FOUR, lenses: ['half-turn', 'hours-room'] });
    expect(said(shown)).toContain('It stops straight down, on 6. Fold the face: half a turn.');
    const folding = stepStarts(shown)[2]!;
    const folds = [0, 1, 2, 3].map((second) => sceneAt(shown, folding + second).fold!);
    expect(folds).toEqual([...folds].sort((a, b) => a - b));
    expect(folds[0]).toBe(0);
  });
  it('go on from half past to the coming numeral, over 12 too', () => {
    for (const time of [HALF_PAST_FOUR, timeOf(12, 30), timeOf(11, 30)]) {
      const shown = make('next-hour', time);
      const end = sceneAt(shown, durationOf(shown));
      expect(sceneAt(shown, 0).minutes).toBe(time);
      expect(wrapToDial(end.minutes)).toBe(wrapToDial(time + 30));
      expect(said(shown).at(-1)).toContain(`${hourOf(wrapToDial(time + 30))} o’clock`);
    }
  });
});

describe('which hour', () => {
  it('says the half-past steps as the class says them, and opens a card with each', () => {
    for (const hourFinding of ['passed', 'room', 'step-back', 'smaller'] as const) {
      const conventions = at({ hourFinding });
      const shown = make('which-hour', timeOf(4), conventions);
      expect(said(shown, conventions).at(-1)).toBe(`It is ${say(HALF_PAST_FOUR, conventions)}.`);
      expect(sceneAt(shown, 0).opened).toEqual(['hour']);
      expect(new Set(sceneAt(shown, 1e9).opened)).toEqual(new Set(['hour', 'minute', 'whole']));
    }
    const minuteFirst = make('which-hour', timeOf(4), at({ firstRead: 'minute' }));
    expect(sceneAt(minuteFirst, 0).opened).toEqual(['minute']);
  });
});

describe('three ways', () => {
  it('shows hands, then digits, then words, and keeps what was shown', () => {
    const shown = make('three-ways');
    expect([0, 4, 8].map((moment) => sceneAt(shown, moment).ways)).toEqual([
      ['hands'],
      ['hands', 'digits'],
      ['hands', 'digits', 'words'],
    ]);
  });
});

describe('draw it', () => {
  it('sets a dot where each hand points, then rules its line, the hand of the convention first', () => {
    for (const drawnFirst of ['hour', 'minute'] as const) {
      const shown = make('draw-it', HALF_PAST_FOUR, at({ drawnFirst }));
      const { marks, hands } = sceneAt(shown, durationOf(shown));
      expect(hands).toEqual([]);
      expect(marks!.map(({ hand, kind }) => `${hand} ${kind}`)).toEqual(
        (drawnFirst === 'hour' ? ['hour', 'minute'] : ['minute', 'hour']).flatMap((hand) => [
          `${hand} dot`,
          `${hand} line`,
        ]),
      );
      const angles = handAngles(HALF_PAST_FOUR);
      for (const { hand, angle } of marks!) expect(angle).toBe(angles[hand]);
      expect(sceneAt(shown, 0).marks).toEqual([]);
    }
  });
  it('draws a line as long as the hand, near enough to straight, from the tip to the middle', () => {
    for (const hand of ['hour', 'minute'] as const) {
      const points = [...pencilLine(hand, 135, 1).matchAll(/[ML](\S+) (\S+?)(?=[L]|$)/g)].map(([, x, y]) => [
        Number(x),
        Number(y),
      ]);
      const reach = Math.hypot(points[0]![0]!, points[0]![1]!);
      expect(Math.abs(reach - (hand === 'hour' ? 56 : 90.5))).toBeLessThan(0.5);
      expect(Math.hypot(points.at(-1)![0]!, points.at(-1)![1]!)).toBeLessThan(0.5);
      // Off the line of 135 degrees, x = y with y down, by less than half a face unit.
      for (const [x, y] of points) expect(Math.abs(x! - y!) / Math.SQRT2).toBeLessThan(0.5);
    }
    expect(pencilLine('hour', 135, 0)).toBe('');
    expect(pencilPoint({ kind: 'line', hand: 'hour', angle: 90, share: 1 }).x).toBeCloseTo(0);
  });
});

describe('a minute', () => {
  it('takes sixty real seconds, the second hand six degrees a second, the minute hand one mark on', () => {
    const shown = make('a-minute', timeOf(9));
    expect(shown.realTime).toBe(true);
    for (let second = 0; second < 60; second += 0.5) {
      const scene = sceneAt(shown, second);
      expect(scene.seconds).toBeCloseTo(second);
      expect(scene.minutes).toBeCloseTo(timeOf(9) + second / 60);
      expect(scene.count).toBe(Math.floor(second));
    }
    expect(sceneAt(shown, 60)).toMatchObject({ minutes: timeOf(9) + 1, seconds: 0, count: 60 });
  });
});

it('a moment outside a demonstration is its nearest end', () => {
  const shown = make('half-way');
  expect(stepAt(shown, -3)).toEqual({ index: 0, share: 0 });
  expect(stepAt(shown, 1e6)).toEqual({ index: shown.steps.length - 1, share: 1 });
  expect(sentenceAt(shown, 1e6)).toEqual(shown.steps.at(-1)!.sentence);
});
it('speeds hold the pace of the steps', () => expect(SPEEDS).toContain(1));
it('the contrast of an o’clock is its half past, of everything else its own o’clock', () => {
  expect(contrastOf(timeOf(4))).toBe(HALF_PAST_FOUR);
  expect(contrastOf(HALF_PAST_FOUR)).toBe(timeOf(4));
  expect(contrastOf(timeOf(12, 5))).toBe(timeOf(12));
});
