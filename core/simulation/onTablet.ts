import { pick, type Rng } from '../common/index.ts';
import { CLOCK_PARTS, type Answer, type Item } from '../items/index.ts';
import { simulateAnswer, type SimulatedChild } from './child.ts';
import { pointAt } from '../face/index.ts';
import type { Stroke } from '../strokes/index.ts';
import { anyStyle, simulateHands } from './drawing.ts';

/** Face units a child draws both hands beside the middle who draws them there. */
const BESIDE = 22;

/** A drawing as a finger makes it: its hands where they are and as long as they are, about the middle or beside it. */
export const strokesOf = ({ hands, offCentre }: Extract<Answer, { kind: 'drawn' }>, rng: Rng): Stroke[] => {
  const strokes = simulateHands(hands, anyStyle(rng), rng);
  if (offCentre !== true) return strokes;
  const { x, y } = pointAt(rng() * 360, BESIDE);
  return strokes.map((stroke) => stroke.map((point) => ({ ...point, x: point.x + x, y: point.y + y })));
};

/** What a simulated child gives on a tablet: a drawing as a finger makes it, a part by a tap; anything else as it answers. */
export const answerOnTablet = (child: SimulatedChild, item: Item, rng: Rng): Answer => {
  const answer = simulateAnswer(child, item, rng);
  // What is said aloud to a teacher is tapped on a tablet.
  if (item.kind === 'name-part' && answer.kind === 'observed')
    return { kind: 'part', part: answer.got ? item.part : pick(rng, CLOCK_PARTS) };
  return answer.kind === 'drawn' ? { kind: 'strokes', strokes: strokesOf(answer, rng) } : answer;
};
