import { OCLOCK_TIMES, hourOf, normaliseAngle, wrapToDial, type DialTime } from '../clock/index.ts';
import { pick, shuffled, type Rng } from '../common/index.ts';
import { CLOCK_PARTS, UNITS, rightAnswers, type Answer, type Item } from '../items/index.ts';
import { WRONG_RULES, isInvisible, predict, type WrongRule } from '../misconceptions/index.ts';

/** A made-up child: a wrong rule or none, how often the rule is used, and how often a slip happens. */
export interface SimulatedChild {
  readonly rule: WrongRule | undefined;
  /** Share 0..1 of items on which the rule is followed; on the others the child is right. */
  readonly faith: number;
  /** Share 0..1 of answers that slip, to a neighbouring hour or to any other option. */
  readonly slip: number;
}

/** How made-up children behave, unless it is said otherwise. */
const USUAL = { faith: 0.8, slip: 0.05, slipOfKnowing: 0.02, knowing: 0.6 } as const;

/** A child who knows how it is done. */
export const knowing = (slip: number = USUAL.slipOfKnowing): SimulatedChild => ({ rule: undefined, faith: 0, slip });

/** A child who follows a wrong rule. */
export const following = (rule: WrongRule): SimulatedChild => ({ rule, faith: USUAL.faith, slip: USUAL.slip });

/** Some child: six in ten know how it is done, the others follow any of the wrong rules. */
export const anyChild = (rng: Rng): SimulatedChild =>
  rng() < USUAL.knowing ? knowing(USUAL.slip) : following(pick(rng, WRONG_RULES));

const slippedTime = (rng: Rng, time: DialTime): DialTime => {
  const hour = hourOf(time) % 12;
  return wrapToDial(OCLOCK_TIMES[(hour + (rng() < 0.5 ? 1 : 11)) % 12]! + (time % 60));
};

/** The right answer to another item: the same task about a neighbouring hour, or another option taken. */
const slipped = (rng: Rng, item: Item): Answer => {
  switch (item.kind) {
    case 'name-part':
      return { kind: 'part', part: pick(rng, CLOCK_PARTS) };
    case 'direction':
      return { kind: 'direction', direction: 'anticlockwise' };
    case 'choose-words':
    case 'digits-to-words':
    case 'which-of':
    case 'choose-clock':
    case 'choose-writings':
      return { kind: 'choice', chosen: [Math.floor(rng() * item.options.length)] };
    case 'pair': {
      const places = shuffled(
        rng,
        item.times.map((_, place) => place),
      );
      return { kind: 'pairs', pairs: places.map((place) => ({ digits: place, words: place })) };
    }
    case 'judge-clock':
      return { kind: 'judgement', possible: true };
    case 'how-long':
      return { kind: 'unit', unit: pick(rng, UNITS) };
    case 'day-order':
      return {
        kind: 'order',
        order: shuffled(
          rng,
          item.events.map((_, place) => place),
        ),
      };
    case 'yet':
      return { kind: 'yes-no', yes: rng() < 0.5 };
    default:
      return rightAnswers({ ...item, shown: slippedTime(rng, item.shown) })[0]!;
  }
};

/** Hands as a finger leaves them: on their place, or a degree or two beside. */
const trembling = (rng: Rng, answer: Answer): Answer => {
  if (answer.kind !== 'hands' && answer.kind !== 'hour-angle' && answer.kind !== 'drawn') return answer;
  const stray = Math.round((rng() - 0.5) * 6);
  if (answer.kind === 'hour-angle') return { kind: 'hour-angle', angle: normaliseAngle(answer.angle + stray) };
  if (answer.kind === 'hands')
    return {
      kind: 'hands',
      hour: normaliseAngle(answer.hour + stray / 12),
      minute: normaliseAngle(answer.minute + stray),
    };
  return { ...answer, hands: answer.hands.map((hand) => ({ ...hand, angle: normaliseAngle(hand.angle + stray) })) };
};

/** The answer a simulated child gives to an item; the same for the same generator state. */
export const simulateAnswer = (child: SimulatedChild, item: Item, rng: Rng): Answer => {
  // Naming a part is said aloud, and the teacher taps.
  if (item.kind === 'name-part') return { kind: 'observed', got: rng() >= child.slip };
  if (rng() < child.slip) return trembling(rng, slipped(rng, item));
  const { rule } = child;
  const predicted = rule === undefined || isInvisible(rule, item) ? undefined : predict(rule, item);
  if (predicted?.kind !== 'answers' || rng() >= child.faith) return trembling(rng, rightAnswers(item)[0]!);
  // The likelier answers of a rule stand first in its prediction: two in three take the first.
  return trembling(rng, rng() < 2 / 3 ? predicted.own[0]! : pick(rng, predicted.own));
};
