import type { Rng } from '../common/index.ts';
import {
  DRAWING_STATES,
  READING_STATES,
  SLIP,
  WRITING_STATES,
  foretoldOf,
  type Belief,
  type Foretold,
  type Mastery,
  type PartState,
} from '../diagnosis/index.ts';
import type { Answer, Item } from '../items/index.ts';
import { answerOnTablet, strokesOf, type SimulatedChild } from '../simulation/index.ts';
import { SKILLS, skillOfItem, type Skill } from '../skills/index.ts';

/** What is believed of a real child: what it may be doing, and how far it is in each skill seen so far. */
export interface Believed {
  readonly belief: Belief;
  readonly skills: Partial<Record<Skill, Mastery>>;
}

/** A child of a made-up class: what it does in each part of the work, and how often it is right where no rule is followed. */
export interface MadeUpChild {
  readonly reading: PartState;
  readonly drawing: PartState;
  readonly writing: PartState;
  /** Share 0..1 of tasks of a skill it knows. */
  readonly knows: Readonly<Record<Skill, number>>;
}

/** Share of tasks known of a skill nobody has asked for yet: it is just being taught, and most follow. A judgement of ours. */
export const JUST_TAUGHT = 0.8;
/** Standard deviations from the middle to either end of the band of nine in ten. */
const BAND_SIGMAS = 1.645;
/** The least a child is taken to know that follows no rule. */
export const LEAST_KNOWN = 0.5;

/** A standard normal number (Box and Muller). */
const normal = (rng: Rng): number => Math.sqrt(-2 * Math.log(1 - rng())) * Math.cos(2 * Math.PI * rng());

const drawnShare = (mastery: Mastery | undefined, rng: Rng): number => {
  const [middle, spread] =
    mastery === undefined || mastery.level === 'not-seen'
      ? [JUST_TAUGHT, 0.1]
      : [mastery.share, (mastery.band[1] - mastery.band[0]) / 2 / BAND_SIGMAS];
  return Math.min(1 - SLIP, Math.max(LEAST_KNOWN, middle + spread * normal(rng)));
};

/** A place of some weights that sum to 1, by chance. */
const drawnPlace = (weights: ArrayLike<number>, rng: Rng): number => {
  let left = rng();
  for (let i = 0; i < weights.length; i++) {
    left -= weights[i]!;
    if (left < 0) return i;
  }
  return 0;
};

/** A child as a real one might be, by what is believed of it: two draws may do quite different things. */
export const drawChild = ({ belief, skills }: Believed, rng: Rng): MadeUpChild => {
  const state = drawnPlace(belief, rng);
  const [D, W] = [DRAWING_STATES.length, WRITING_STATES.length];
  const knows = Object.fromEntries(SKILLS.map((skill) => [skill, drawnShare(skills[skill], rng)]));
  return {
    reading: READING_STATES[Math.floor(state / (D * W))]!,
    drawing: DRAWING_STATES[Math.floor(state / W) % D]!,
    writing: WRITING_STATES[state % W]!,
    knows: knows as Record<Skill, number>,
  };
};

/** A child who is right, and one who slips. */
const RIGHT: SimulatedChild = { rule: undefined, faith: 0, slip: 0 };
const SLIPPING: SimulatedChild = { ...RIGHT, slip: 1 };

/** The state that a task asks for, as it is numbered in what is foretold: what is read wrongly goes on into what is set, drawn and written. */
const stateAt = ({ reading, drawing, writing }: MadeUpChild, { besides, width }: Foretold): number => {
  const other =
    besides === 'drawing'
      ? DRAWING_STATES.findIndex((state) => state === drawing)
      : besides === 'writing'
        ? WRITING_STATES.findIndex((state) => state === writing)
        : 0;
  return READING_STATES.findIndex((state) => state === reading) * width + other;
};

/** What a made-up child gives on a tablet: as often right, by a rule or beside both as is foretold of a child that is so. */
export const answerOf = (child: MadeUpChild, item: Item, rng: Rng): Answer => {
  const foretold = foretoldOf(item);
  const { own, wayOf, chances } = foretold;
  const way = wayOf[stateAt(child, foretold)]!;
  const columns = own.length + 2;
  // Who follows no rule that shows is right as often as it knows the skill, and slips otherwise.
  if (way === 0) return answerOnTablet(rng() < child.knows[skillOfItem(item)] ? RIGHT : SLIPPING, item, rng);
  let left = rng() - chances[way * columns]!;
  if (left < 0) return answerOnTablet(RIGHT, item, rng);
  for (const [place, answer] of own.entries()) {
    left -= chances[way * columns + 1 + place]!;
    if (left < 0) return answer.kind === 'drawn' ? { kind: 'strokes', strokes: strokesOf(answer, rng) } : answer;
  }
  return answerOnTablet(SLIPPING, item, rng);
};

/** Seconds until a child has answered, from when a task is asked: most while they think, some later, one in twenty not at all. */
export const secondsToAnswer = (rng: Rng): number => {
  if (rng() < 0.05) return Infinity;
  // Log-normal, as times to answer are: half of them within seven seconds, nine in ten within fourteen. An assumption of ours.
  return 7 * Math.exp(0.55 * normal(rng));
};
