import type { Hand } from '../clock/index.ts';
import type { Lens } from '../face/index.ts';
import type { Phrase, StepPart } from '../wording/index.ts';
import type { PencilMark } from './pencil.ts';

/** Demonstrations that run by themselves, in the order of teaching. */
export const DEMONSTRATIONS = [
  'once-round',
  'half-way',
  'next-hour',
  'which-hour',
  'three-ways',
  'draw-it',
  'a-minute',
  'quarters',
  'fives',
  'minutes-to',
  'day-and-night',
  'digits-count',
] as const;
export type DemonstrationKind = (typeof DEMONSTRATIONS)[number];

/** How fast one may be played: 1 is the pace of its steps. */
export const SPEEDS = [0.5, 1, 2, 4] as const;
export type Speed = (typeof SPEEDS)[number];

/** The ways of writing one time down: hands, digits, words. */
export const WAYS = ['hands', 'digits', 'words'] as const;
export type Way = (typeof WAYS)[number];

/** What a board shows at one moment of a demonstration: a function of the moment alone, so that it can be played both ways. */
export interface Scene {
  /** Where the clock stands: minutes after twelve, unwrapped, whole or not. */
  readonly minutes: number;
  /** Hands on the face. */
  readonly hands: readonly Hand[];
  readonly lenses: readonly Lens[];
  /** Cards that are open. */
  readonly opened: readonly StepPart[];
  /** Where the minute trail began, unwrapped minutes; the hour of now unless given. */
  readonly trailSince?: number;
  /** How far the half turn is folded over, 0..1; 1 unless given. */
  readonly fold?: number;
  /** Seconds past the minute, where a second hand runs. */
  readonly seconds?: number;
  /** What is counted aloud: minutes or seconds. */
  readonly count?: number;
  readonly marks?: readonly PencilMark[];
  readonly ways?: readonly Way[];
}

/** What a step sets of a scene; the rest is as in a clock at rest. */
export type SceneOfStep = Pick<Scene, 'minutes'> & Partial<Scene>;

/** One step: how long it takes, what the teacher says, and what is seen. */
export interface DemonstrationStep {
  /** Seconds at speed 1. */
  readonly seconds: number;
  readonly sentence: Phrase;
  /** @param share of the step that has passed, 0..1 */
  readonly scene: (share: number) => SceneOfStep;
}

export interface Demonstration {
  readonly kind: DemonstrationKind;
  readonly steps: readonly DemonstrationStep[];
  /** Runs in real time, whatever the speed: a minute is a minute. */
  readonly realTime: boolean;
  /** Is about a whole day, and begins at its midnight whatever the clock shows? */
  readonly wholeDay?: boolean;
}

/** A sentence of a demonstration in the word files. */
export const phrase = (name: string, values: Phrase['values'] = {}): Phrase => ({ key: `clock.show.${name}`, values });

/** Where each step begins, in seconds at speed 1; the first at 0. */
export const stepStarts = ({ steps }: Demonstration): number[] =>
  steps.map((_, i) => steps.slice(0, i).reduce((sum, { seconds }) => sum + seconds, 0));

/** Seconds of the whole at speed 1. */
export const durationOf = ({ steps }: Demonstration): number => steps.reduce((sum, { seconds }) => sum + seconds, 0);

/** Which step it is at a moment, and how much of that step has passed. Moments outside are taken to the nearest end. */
export const stepAt = (
  demonstration: Demonstration,
  at: number,
): { readonly index: number; readonly share: number } => {
  const starts = stepStarts(demonstration);
  const clamped = Math.min(Math.max(at, 0), durationOf(demonstration));
  const index = Math.max(
    0,
    starts.findLastIndex((start) => start <= clamped),
  );
  return { index, share: Math.min(1, (clamped - starts[index]!) / demonstration.steps[index]!.seconds) };
};

/**
 * Where stepping leads: forward to the end of the step of now, which is what it shows; back to its beginning, or from there to the
 * beginning of the one before.
 */
export const steppedTo = (demonstration: Demonstration, at: number, direction: 1 | -1): number => {
  const stops = [...stepStarts(demonstration), durationOf(demonstration)];
  return direction === 1
    ? (stops.find((stop) => stop > at + SAME_MOMENT) ?? stops.at(-1)!)
    : (stops.findLast((stop) => stop < at - SAME_MOMENT) ?? 0);
};

/** Seconds within which two moments are one: rounding of sums. */
const SAME_MOMENT = 1e-6;

/**
 * What a board shows at a moment.
 * @param at seconds at speed 1
 * @param stepped for those who wish less motion: hands stand on whole minutes, and what is drawn or folded is there at once
 */
export const sceneAt = (demonstration: Demonstration, at: number, stepped = false): Scene => {
  const { index, share } = stepAt(demonstration, at);
  const scene: Scene = {
    hands: ['hour', 'minute'],
    lenses: [],
    opened: [],
    ...demonstration.steps[index]!.scene(share),
  };
  if (!stepped) return scene;
  return {
    ...scene,
    minutes: Math.floor(scene.minutes + SAME_MOMENT),
    ...(scene.fold !== undefined && { fold: 1 }),
    ...(scene.seconds !== undefined && { seconds: Math.floor(scene.seconds + SAME_MOMENT) }),
    ...(scene.marks !== undefined && { marks: scene.marks.map((mark) => ({ ...mark, share: 1 })) }),
  };
};

/** What the teacher says at a moment. */
export const sentenceAt = (demonstration: Demonstration, at: number): Phrase =>
  demonstration.steps[stepAt(demonstration, at).index]!.sentence;
